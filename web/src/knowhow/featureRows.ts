import type { Schemas } from '../api/client'

export type Kind = Schemas['SetView']['kind']
export const kinds: Kind[] = ['SHORT', 'COMPONENTS', 'TWO_TRIAL']

/** One feature of the movement: the cue that stands for it in each set, and how the cues of a row stand to each other. */
export interface FeatureRow {
  cues: Partial<Record<Kind, string>>
  /** of the short set's cue to the others; undefined where there is only one */
  relation?: 'SAME' | 'NARROWER'
}

/**
 * The sets of a skill side by side: a row for each component with what the other sets have of the same feature, then what
 * only the short set asks for.
 */
export function featureRows(sets: Schemas['SetView'][], links: Schemas['Link'][]): FeatureRow[] {
  const cuesOf = (kind: Kind) => sets.find((s) => s.kind === kind)?.cues ?? []
  const short = cuesOf('SHORT')
  const trial = cuesOf('TWO_TRIAL')
  const placed = new Set<string>()
  const rows = cuesOf('COMPONENTS').map((cue): FeatureRow => {
    const row: FeatureRow = { cues: { COMPONENTS: cue } }
    if (trial.includes(cue)) row.cues.TWO_TRIAL = cue
    const link = links.find(
      (l) => (l.from === cue && short.includes(l.to)) || (l.to === cue && short.includes(l.from)),
    )
    if (short.includes(cue)) row.cues.SHORT = cue
    else if (link) {
      row.cues.SHORT = link.from === cue ? link.to : link.from
      row.relation = link.relation
    }
    for (const c of Object.values(row.cues)) placed.add(c)
    return row
  })
  for (const cue of trial) if (!placed.has(cue)) rows.push({ cues: { TWO_TRIAL: cue } })
  for (const cue of short) if (!placed.has(cue)) rows.push({ cues: { SHORT: cue } })
  return rows
}
