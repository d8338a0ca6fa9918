import type { Miss, Tries } from '../counted'
import { type Context, childOf, sideOf, skillOf } from './context'
import type { HallState, HallVerbs } from './state'

/** How far it is to the target at the step that is set here; undefined where nothing says. */
export function metresOf({ hall, steps }: Pick<HallState, 'hall' | 'steps'>, segment: string | undefined) {
  const s = hall.stretches.find((x) => x.id === segment)
  return s?.task.ladder[steps[s.id] ?? s.task.step]?.metres
}

/** Hits out of tries, child by child; a full set goes to the server. */
export function hits(context: Context): Pick<HallVerbs, 'tryOf' | 'missedTo' | 'untried'> & {
  /** what is counted changes its hand, distance or task: what was counted until now is a set of its own */
  closeSets: () => void
} {
  const { get, set, setAndKeep, out } = context
  /** The set that was full with the latest try: its last miss may still be said a way of. */
  let full: { child: string; id: string; tries: Tries } | null = null

  /** Writes down what a child was counted so far as a set. */
  const closeSet = (child: string, tries: Tries) => {
    const { mode, hall, cue, segment, sets } = get()
    if (mode.kind !== 'hits' || tries.length === 0) return
    const many = (of: 'hit' | Miss) => tries.filter((t) => t === of).length
    const metres = metresOf(get(), segment)
    const stretch = hall.stretches.find((s) => s.id === segment)
    const id = out.hits({
      child,
      segment,
      skill: skillOf(get(), cue)?.skill ?? '',
      hits: many('hit'),
      missedLeft: many('left'),
      missedRight: many('right'),
      missedShort: many('short'),
      missedLong: many('long'),
      missed: many('missed'),
      distanceMm: metres === undefined ? undefined : Math.round(metres * 1000),
      side: sideOf(get(), child, cue, mode.counting.side),
      item:
        mode.counting.item ?? (stretch?.things?.sent.length === 1 ? stretch.things?.sent[0].key : undefined),
      widthMm: stretch?.things?.targetMm,
    })
    full = { child, id, tries }
    setAndKeep({
      tries: { ...get().tries, [child]: [] },
      sets: { ...sets, [child]: [...(sets[child] ?? []), { id, hits: many('hit'), of: tries.length }] },
    })
  }

  const dropLastSet = (child: string, id: string) => {
    out.takeBack(id)
    const { sets } = get()
    setAndKeep({ sets: { ...sets, [child]: (sets[child] ?? []).filter((s) => s.id !== id) } })
  }

  const forget = (child: string) => {
    const { tried } = get()
    const at = tried.lastIndexOf(child)
    set({ tried: tried.filter((_, i) => i !== at), asks: null })
  }

  return {
    closeSets: () => {
      for (const [child, tries] of Object.entries(get().tries)) closeSet(child, tries)
      set({ tried: [], asks: null })
      full = null
    },
    tryOf: (child, what) => {
      const { mode, tried } = get()
      if (mode.kind !== 'hits') return
      const tries = [...(get().tries[child] ?? []), what]
      full = null
      if (tries.length < mode.counting.of) setAndKeep({ tries: { ...get().tries, [child]: tries } })
      else closeSet(child, tries)
      const name = childOf(get(), child)?.name ?? ''
      set({
        tried: [...tried.slice(-200), child],
        asks: what === 'missed' ? { kind: 'way', child, name } : null,
      })
    },
    missedTo: (way) => {
      const { asks } = get()
      if (asks?.kind !== 'way') return
      const said = (tries: Tries): Tries => [...tries.slice(0, -1), way]
      if (full?.child === asks.child) {
        const { id, tries } = full
        dropLastSet(asks.child, id)
        closeSet(asks.child, said(tries))
      } else setAndKeep({ tries: { ...get().tries, [asks.child]: said(get().tries[asks.child] ?? []) } })
      set({ asks: null })
    },
    untried: (child) => {
      const tries = get().tries[child] ?? []
      const last = get().sets[child]?.at(-1)
      full = null
      if (tries.length > 0) setAndKeep({ tries: { ...get().tries, [child]: tries.slice(0, -1) } })
      else if (last) dropLastSet(child, last.id)
      forget(child)
    },
  }
}
