import { clockAt } from '../clock'
import { type Kept, keep } from '../kept'
import type { Trial } from '../outbox'
import type { Out } from './out'
import type { HallState } from './state'

/** What the slices of the store have in common. */
export interface Context {
  get: () => HallState
  set: (change: Partial<HallState>) => void
  /** sets what the next page of this lesson on this device has to know too */
  setAndKeep: (change: Partial<Kept> & Partial<HallState>) => void
  out: Out
  /** presses that the server's marks do not hold yet */
  onTheWay: Map<string, { at: string; shown: boolean }>
  /** shows what is on the way, and what else changed, at once */
  refresh: (also?: Partial<HallState>) => void
}

export function createContext(
  get: () => HallState,
  set: (change: Partial<HallState>) => void,
  out: Out,
): Context {
  const onTheWay: Context['onTheWay'] = new Map()
  return {
    get,
    set,
    out,
    onTheWay,
    setAndKeep: (change) => {
      const shown = { ...change } as Partial<HallState> & { gone?: unknown; hits?: unknown }
      delete shown.gone
      delete shown.hits
      set(shown)
      keep(get().hall.lesson.lesson, change)
    },
    refresh: (also) => {
      const fresh: Record<string, boolean[]> = {}
      for (const { at, shown } of onTheWay.values()) fresh[at] = [...(fresh[at] ?? []), shown]
      set({ ...also, fresh })
    },
  }
}

/** Under what a child's presses at a cue are kept. */
export const key = (child: string, cue: string) => `${child} ${cue}`

/** The stretch that the clock is at; the first one before it begins. */
export const runningOf = ({ hall, clock }: Pick<HallState, 'hall' | 'clock'>) =>
  hall.stretches[clockAt(hall.stretches, clock, Date.now()).index]

/** The part of the lesson that the score desk is for: what runs, or else the game before it, or the first of the lesson. */
export function scoredOf({ hall, clock }: Pick<HallState, 'hall' | 'clock'>) {
  const { index } = clockAt(hall.stretches, clock, Date.now())
  return (
    [...hall.stretches.slice(0, index + 1)].reverse().find((s) => s.work?.game) ??
    hall.stretches.find((s) => s.work?.game)
  )
}

export const childOf = ({ hall }: Pick<HallState, 'hall'>, id: string) =>
  hall.grid.rows.find((r) => r.child.id === id)?.child

export const skillOf = ({ hall }: Pick<HallState, 'hall'>, cue: string) =>
  hall.grid.skills.find((s) => s.cues.some((c) => c.key === cue))

/** The hand or foot that a child uses for a cue, or the other one; undefined where it is not settled. */
export function sideOf(
  state: Pick<HallState, 'hall'>,
  child: string,
  cue: string,
  which: 'own' | 'other',
): Trial['side'] {
  const action = skillOf(state, cue)?.action
  const own = childOf(state, child)?.sides.find((s) => s.action === action)?.side
  if (which === 'own' || own === undefined) return own
  return own === 'LEFT' ? 'RIGHT' : 'LEFT'
}
