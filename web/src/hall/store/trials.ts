import { uuid7 } from '../../shared/uuid7'
import { type Context, childOf, key, sideOf } from './context'
import type { HallVerbs, Pressed } from './state'

type Trials = Pick<HallVerbs, 'press' | 'pressOther' | 'blame' | 'undo' | 'hasSide' | 'settle'>

const REMEMBERED = 20

/** Looks: every press is a trial of its own, and only undo corrects. */
export function trials(context: Context, untried: HallVerbs['untried']): Trials {
  const { get, set, out, onTheWay, refresh } = context
  const told = new Set<string>()

  /** What is watched was taught: the fact is written down with the first look. */
  const teach = (cue: string) => {
    const { hall, cells } = get()
    const taught = hall.grid.rows.some((r) => cells[r.child.id]?.[cue]?.mark !== 'NOT_TAUGHT')
    if (told.has(cue) || taught) return
    told.add(cue)
    out.taught(cue)
  }

  /** The sitting of a child in the check that runs; a new one for its first look. */
  const sittingOf = (child: string) => {
    const { mode } = get()
    if (mode.kind !== 'check') return undefined
    const sitting = mode.sittings[child] ?? uuid7()
    if (!mode.sittings[child]) set({ mode: { ...mode, sittings: { ...mode.sittings, [child]: sitting } } })
    return sitting
  }

  const tell = (
    child: string,
    shown: boolean,
    {
      cue = get().cue,
      at = new Date().toISOString(),
      ...more
    }: Partial<Pressed & { side: 'LEFT' | 'RIGHT' }>,
  ) => {
    teach(cue)
    const { hall, segment, pressed } = get()
    const trial = out.trial({
      child,
      cue,
      shown,
      kind: 'TEACHER',
      setting: hall.lesson.segments.find((s) => s.id === segment)?.setting ?? 'DRILL',
      sitting: sittingOf(child),
      side: more.side,
      fault: more.fault,
      segment,
      at,
    })
    onTheWay.set(trial, { at: key(child, cue), shown })
    const name = childOf(get(), child)?.name ?? ''
    const now: Pressed = { trial, child, name, cue, shown, at, fault: more.fault }
    refresh({
      pressed: [...pressed.slice(1 - REMEMBERED), now],
      asks: shown || more.fault ? null : { kind: 'fault', pressed: now },
    })
  }

  const undo = (trial?: string) => {
    const { pressed, mode, tried, asks } = get()
    if (!trial && mode.kind === 'hits') {
      const last = tried[tried.length - 1]
      if (last) untried(last)
      return
    }
    const target = trial ?? pressed[pressed.length - 1]?.trial
    if (!target) return
    onTheWay.delete(target)
    refresh({
      pressed: pressed.filter((p) => p.trial !== target),
      asks: asks?.kind === 'fault' && asks.pressed.trial === target ? null : asks,
    })
    out.takeBack(target)
  }

  return {
    press: (child, shown, cue) => tell(child, shown, { cue }),
    pressOther: (child, shown) => tell(child, shown, { side: sideOf(get(), child, get().cue, 'other') }),
    hasSide: (child) => sideOf(get(), child, get().cue, 'own') !== undefined,
    blame: (fault) => {
      const { asks } = get()
      if (asks?.kind !== 'fault') return
      const of = asks.pressed
      undo(of.trial)
      tell(of.child, false, { cue: of.cue, at: of.at, fault })
    },
    undo,
    settle: (child, action, side) => void out.event('SIDE', { child, action, side }, get().segment),
  }
}
