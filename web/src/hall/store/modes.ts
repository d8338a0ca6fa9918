import { keep, keptOf } from '../kept'
import { type Context, runningOf, skillOf } from './context'
import type { HallVerbs, Mode } from './state'

type Modes = Pick<
  HallVerbs,
  | 'open'
  | 'say'
  | 'watch'
  | 'chooseCue'
  | 'chooseSegment'
  | 'watchTwo'
  | 'toggleRegister'
  | 'toggleGoes'
  | 'toggleCheck'
  | 'countHits'
  | 'chooseRole'
>

const ALL: Mode = { kind: 'watch', way: 'all', second: null }

/** What is on the screen: one mode, one panel, and what is watched. */
export function modes(
  { get, set }: Context,
  closeSets: () => void,
  openScore: () => void,
): Modes & { follow: (segment: string) => void } {
  /** where a mode goes back to when it is left */
  let base: Mode = keptOf(get().hall.lesson.lesson).base ?? { kind: 'say' }

  const become = (mode: Mode) => {
    if (get().mode.kind === 'hits') closeSets()
    if (mode.kind === 'say' || mode.kind === 'watch') base = mode
    keep(get().hall.lesson.lesson, { base, hits: mode.kind === 'hits' ? mode.counting : null })
    const { panel } = get()
    // A beat goes on whatever is counted to it.
    set({ mode, panel: panel?.kind === 'signals' ? panel : null, asks: null })
  }

  const toggle = (mode: Mode) => become(get().mode.kind === mode.kind ? base : mode)

  const chooseSegment = (segment: string) => {
    if (segment !== get().segment) closeSets()
    const { hall, mode, cue } = get()
    const focus = hall.lesson.segments.find((s) => s.id === segment)?.focus ?? []
    set({ segment, cue: focus.includes(cue) ? cue : (focus[0] ?? cue), mode: alone(mode) })
  }

  return {
    open: (panel) => {
      if (panel?.kind === 'score') openScore()
      set({ panel })
    },
    say: () => become({ kind: 'say' }),
    watch: (way) => become(way === 'all' ? ALL : { kind: 'watch', way }),
    chooseCue: (cue) => {
      const { mode, cue: before } = get()
      if (skillOf(get(), cue) !== skillOf(get(), before)) closeSets()
      const second = mode.kind === 'watch' && mode.way === 'all' ? mode.second : null
      // With two, the one that was there longer goes.
      if (second && cue !== before && cue !== second)
        set({ cue: second, mode: { kind: 'watch', way: 'all', second: cue } })
      else set({ cue, mode: second === cue ? ALL : mode.kind === 'check' ? base : mode })
      if (get().mode.kind === 'say') become(ALL)
      else if (get().panel?.kind === 'more') set({ panel: null })
    },
    chooseSegment,
    watchTwo: (second) => become({ kind: 'watch', way: 'all', second }),
    toggleRegister: () => toggle({ kind: 'register' }),
    toggleGoes: () => toggle({ kind: 'goes', role: runningOf(get())?.task.roles[0] ?? '' }),
    toggleCheck: () => toggle({ kind: 'check', sittings: {} }),
    countHits: (counting) => become(counting ? { kind: 'hits', counting } : base),
    chooseRole: (role) => set({ mode: { kind: 'goes', role } }),
    follow: (segment) => {
      const works = get().hall.lesson.segments.some((s) => s.id === segment && s.focus.length > 0)
      if (works) chooseSegment(segment)
      // It is told before it is done; what was opened by hand stays.
      if (get().mode.kind === 'watch' || get().mode.kind === 'check') become({ kind: 'say' })
    },
  }
}

/** The same for one cue. */
const alone = (mode: Mode): Mode =>
  (mode.kind === 'watch' && mode.way === 'all' && mode.second) || mode.kind === 'check' ? ALL : mode
