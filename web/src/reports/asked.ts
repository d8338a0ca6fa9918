/** What a report is asked for. */
export interface Asked {
  /** left out for the sets that each class works with */
  kind?: 'COMPONENTS' | 'SHORT'
  from?: string
  to?: string
}
