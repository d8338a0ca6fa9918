import type { Schemas } from '../api/client'

/** A fault that can be shown beside a cue. */
export interface Beside {
  /** which of the cue's faults, from 0 */
  fault: number
  seen: string
}

/** All faults of a cue, worded for a side. */
export const faultsOf = (cue: Schemas['CueView'], side: keyof Schemas['Mirrored'] = 'notSettled'): Beside[] =>
  cue.faults.map((f, fault) => ({ fault, seen: f.seen[side] }))
