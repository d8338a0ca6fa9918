import { createStore, type StoreApi } from 'zustand/vanilla'
import type { Sets } from '../counted'
import { countsOf } from '../counts'
import { keptOf } from '../kept'
import type { Entry, Outbox } from '../outbox'
import { writeRescue } from '../rescue'
import { createSender, type Send } from '../sender'
import { clock, clockOf } from './clock'
import { createContext, key, runningOf } from './context'
import { counts } from './counts'
import { end, endedOf } from './end'
import { hits } from './hits'
import { modes } from './modes'
import { createOut } from './out'
import { roll } from './roll'
import { score, scoreOf } from './score'
import type { HallState, HallVerbs, HallView } from './state'
import { trials } from './trials'

export { key } from './context'
export { metresOf } from './hits'
export { goKey, nextToGo } from './roll'
export { scoreOf } from './score'
export type { HallState, HallVerbs, HallView, Mode, Panel, Pressed } from './state'

/** The state of a lesson in the hall with all that can be done in it. */
export type HallStore = StoreApi<HallState> & HallVerbs

interface Options {
  hall: HallView
  person: string
  device: string
  outbox: Outbox
  send: Send
  pauses?: readonly number[]
  /** makes the plan of looks anew, with what came in; left out where it stays as it is */
  plan?: () => Promise<HallView['watch']>
}

/** How often the plan of looks is made anew at most, in milliseconds. */
const PLANS_ANEW = 15_000

/** The hall's state: plain data, changed at once on each press, brought to the server behind it. */
export function createHallStore({ hall, person, device, outbox, send, pauses, plan }: Options): HallStore {
  const store = createStore<HallState>(() => opened(hall))
  const { getState: get, setState: set } = store
  const { lesson } = hall.lesson
  const sender = createSender({
    outbox,
    person,
    lesson,
    device,
    send,
    pauses,
    changed: (sending) => set({ sending }),
    received: ({ receipt, cells }) => {
      for (const id of [...receipt.kept, ...receipt.conflicts]) context.onTheWay.delete(id)
      context.refresh({ cells: { ...get().cells, ...cells } })
      replan()
    },
  })
  // With the looks that came in another look may tell more; without a network what is done is struck off the plan there is.
  let asked = 0
  const replan = () => {
    const at = Date.now()
    if (!plan || at - asked < PLANS_ANEW) return
    asked = at
    plan().then(
      (watch) => set({ hall: { ...get().hall, watch }, plannedAt: at }),
      () => undefined,
    )
  }
  const context = createContext(get, set, createOut(hall, sender))
  const { closeSets, ...tries } = hits(context)
  const scores = score(context)
  const { follow, ...shown } = modes(context, closeSets, scores.openScore)
  const verbs: HallVerbs = {
    get,
    ...shown,
    ...tries,
    ...trials(context, tries.untried),
    ...roll(context),
    ...counts(context),
    ...clock(context, follow, closeSets),
    ...scores,
    ...end(context),
    flush: () => void sender.flush(),
    rescue: async () => writeRescue(await outbox.all(person, lesson)),
    refit: (now) => set({ hall: now }),
    stop: sender.stop,
  }
  // What an earlier page of this device could not send is shown and sent first.
  void outbox.all(person, lesson).then((kept: Entry[]) => {
    for (const e of kept)
      if (e.kind === 'trial')
        context.onTheWay.set(e.id, { at: key(e.entry.child, e.entry.cue), shown: e.entry.shown })
    context.refresh()
    void sender.flush()
  })
  return { ...store, ...verbs }
}

/** A lesson as it is opened: what the server knows, and what an earlier page of this device left. */
function opened(hall: HallView): HallState {
  const kept = keptOf(hall.lesson.lesson)
  const segments = hall.lesson.segments.filter((s) => s.focus.length > 0)
  const clock = clockOf(hall)
  // Opened in the middle of a lesson: what runs is what is watched.
  const running = clock.length > 0 ? runningOf({ hall, clock })?.id : undefined
  const watched = segments.find((s) => s.id === running) ?? segments[0]
  return {
    hall,
    mode: kept.hits ? { kind: 'hits', counting: kept.hits } : (kept.base ?? { kind: 'say' }),
    panel: null,
    segment: watched?.id,
    cue: watched?.focus[0] ?? hall.grid.skills.flatMap((s) => s.cues.map((c) => c.key))[0] ?? '',
    cells: Object.fromEntries(hall.grid.rows.map((r) => [r.child.id, r.cells])),
    fresh: {},
    away: new Set(hall.away),
    sitsOut: new Set(hall.sitsOut),
    goes: kept.goes ?? {},
    pressed: [],
    plannedAt: 0,
    tried: [],
    asks: null,
    clock,
    playing: kept.playing ?? null,
    steps: kept.steps ?? {},
    tries: kept.tries ?? {},
    sets: kept.sets ?? setsOf(hall),
    counts: kept.counts ?? countsOf(hall.events),
    score: kept.score === undefined ? scoreOf(hall.events) : kept.score,
    ended: endedOf(hall),
    sending: { status: 'opening' },
  }
}

/** Sets that were counted in this lesson, as the server knows them. */
function setsOf(hall: HallView): Sets {
  const sets: Record<string, Sets[string]> = {}
  for (const h of hall.hits) {
    if (h.voided) continue
    const of = h.hits + h.missedLeft + h.missedRight + h.missedShort + h.missedLong + h.missed
    sets[h.child] = [...(sets[h.child] ?? []), { id: h.id, hits: h.hits, of }]
  }
  return sets
}
