import type { Schemas } from '../api/client'

export type Round = Schemas['RoundView']
export type Child = Schemas['ChildOfRound']
export type Level = Round['level']
export type Stand = Schemas['EyeStandLine']['stand']
export type Answer = Schemas['EyeAnswerForm']

export const levels: { value: Level; label: string }[] = [
  { value: 'FIRST', label: 'slowly' },
  { value: 'SECOND', label: 'as in the hall' },
  { value: 'THIRD', label: 'once' },
  { value: 'FOURTH', label: 'nearly right' },
  { value: 'FIFTH', label: 'quick' },
]

export const stands: Record<Stand, string> = {
  BEST: 'the best place',
  FRONT: 'in front',
  SIDE: 'at the side',
  BEHIND: 'behind',
}

/** For whom a round is: one pair of eyes, two who judge the same children, or a class before a wall. */
export type ForWhom = 'ALONE' | 'TWO' | 'WALL'

/** "9 of 12 (47 to 91 in a hundred)". */
export const percent = (s: Schemas['Share']) =>
  s.all === 0
    ? 'none to tell'
    : `${s.of} of ${s.all} (${Math.round(100 * s.low)} to ${Math.round(100 * s.high)} in a hundred)`

/** "it was there", "not yet there: no step at all". */
export function was(child: Child) {
  if (child.shown) return 'it was there.'
  const fault = child.fault ? `: ${child.fault.charAt(0).toLowerCase()}${child.fault.slice(1)}` : ''
  return `not yet there${fault}.`
}
