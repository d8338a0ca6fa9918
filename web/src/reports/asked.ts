/** What a report is asked for. */
export interface Asked {
  kind: 'COMPONENTS' | 'SHORT'
  from?: string
  to?: string
}
