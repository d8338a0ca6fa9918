import type { Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import type { Entry, Outbox, Trial } from './outbox'
import { createSender, type Send, type SendState } from './sender'

type Hall = Schemas['HallView']
type Cell = Schemas['Cell']

/** A press that can still be taken back. */
export interface Pressed {
  trial: string
  child: string
  name: string
  cue: string
  shown: boolean
}

export interface HallState {
  hall: Hall
  cue: string
  segment?: string
  /** marks by child and cue as the server last said */
  cells: Record<string, Record<string, Cell>>
  /** presses by "child cue" that the server's marks do not hold yet, oldest first */
  fresh: Record<string, boolean[]>
  away: ReadonlySet<string>
  registering: boolean
  /** true while goes are counted: who has had a turn at what only some can do */
  counting: boolean
  goes: Readonly<Record<string, number>>
  /** the running five-trial check: a sitting a child; null while there is none */
  check: Record<string, string> | null
  pressed: readonly Pressed[]
  sending: SendState
}

export interface HallStore {
  get: () => HallState
  subscribe: (listener: () => void) => () => void
  chooseCue: (cue: string) => void
  chooseSegment: (segment: string) => void
  press: (child: string, shown: boolean) => void
  /** takes back the latest press, or a given one */
  undo: (trial?: string) => void
  toggleRegister: () => void
  setPresent: (child: string, present: boolean) => void
  toggleGoes: () => void
  /** counts a go more, or takes one back */
  went: (child: string, by: 1 | -1) => void
  toggleCheck: () => void
  flush: () => void
  stop: () => void
}

const GOES = 'isokinet goes'

/** Goes of this lesson, kept on the device by id: they are for today, not for the record. */
function keptGoes(lesson: string): Record<string, number> {
  try {
    const kept = JSON.parse(localStorage.getItem(GOES) ?? '{}')
    return kept.lesson === lesson ? kept.goes : {}
  } catch {
    return {}
  }
}

function keepGoes(lesson: string, goes: Record<string, number>) {
  try {
    localStorage.setItem(GOES, JSON.stringify({ lesson, goes }))
  } catch {
    // A full or forbidden storage loses them with the page, nothing else.
  }
}

/** Those who are here and have had the fewest goes. */
export const nextToGo = (children: readonly string[], goes: Readonly<Record<string, number>>) => {
  const least = Math.min(...children.map((c) => goes[c] ?? 0))
  return new Set(children.filter((c) => (goes[c] ?? 0) === least))
}

export const key = (child: string, cue: string) => `${child} ${cue}`

interface Options {
  hall: Hall
  person: string
  device: string
  outbox: Outbox
  send: Send
  pauses?: readonly number[]
}

/** The hall's state: plain data, changed at once on each press, brought to the server behind it. */
export function createHallStore({ hall, person, device, outbox, send, pauses }: Options): HallStore {
  const segments = hall.lesson.segments.filter((s) => s.focus.length > 0)
  const cues = hall.grid.skills.flatMap((s) => s.cues.map((c) => c.key))
  let state: HallState = {
    hall,
    segment: segments[0]?.id,
    cue: segments[0]?.focus[0] ?? cues[0] ?? '',
    cells: Object.fromEntries(hall.grid.rows.map((r) => [r.child.id, r.cells])),
    fresh: {},
    away: new Set(hall.away),
    registering: false,
    counting: false,
    goes: keptGoes(hall.lesson.lesson),
    check: null,
    pressed: [],
    sending: { status: 'saved' },
  }
  const listeners = new Set<() => void>()
  const set = (change: Partial<HallState>) => {
    state = { ...state, ...change }
    for (const listener of listeners) listener()
  }
  const onTheWay = new Map<string, { at: string; shown: boolean }>()
  const refresh = () => {
    const fresh: Record<string, boolean[]> = {}
    for (const { at, shown } of onTheWay.values()) fresh[at] = [...(fresh[at] ?? []), shown]
    set({ fresh })
  }

  const sender = createSender({
    outbox,
    person,
    lesson: hall.lesson.lesson,
    device,
    send,
    pauses,
    changed: (sending) => set({ sending }),
    received: ({ receipt, cells }) => {
      for (const id of [...receipt.kept, ...receipt.conflicts]) onTheWay.delete(id)
      set({ cells: { ...state.cells, ...cells } })
      refresh()
    },
  })

  const setting = () => hall.lesson.segments.find((s) => s.id === state.segment)?.setting ?? 'DRILL'
  const taught = (cue: string) =>
    hall.grid.rows.some((r) => state.cells[r.child.id]?.[cue]?.mark !== 'NOT_TAUGHT')
  const told = new Set<string>()

  /** What is watched was taught: the fact is written down with the first look. */
  const teach = (cue: string) => {
    if (told.has(cue) || taught(cue)) return
    told.add(cue)
    const id = uuid7()
    void sender.add(() => ({
      id,
      kind: 'taught',
      entry: {
        id,
        schoolClass: hall.lesson.classId,
        cue,
        lesson: hall.lesson.lesson,
        at: new Date().toISOString(),
      },
    }))
  }

  const store: HallStore = {
    get: () => state,
    subscribe: (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    chooseCue: (cue) => set({ cue, check: null }),
    chooseSegment: (segment) => {
      const focus = hall.lesson.segments.find((s) => s.id === segment)?.focus ?? []
      set({ segment, cue: focus.includes(state.cue) ? state.cue : (focus[0] ?? state.cue), check: null })
    },
    press: (child, shown) => {
      const { cue, check } = state
      teach(cue)
      const id = uuid7()
      const at = new Date().toISOString()
      const name = hall.grid.rows.find((r) => r.child.id === child)?.child.name ?? ''
      if (check && !check[child]) set({ check: { ...check, [child]: uuid7() } })
      const sitting = state.check?.[child]
      onTheWay.set(id, { at: key(child, cue), shown })
      set({ pressed: [...state.pressed.slice(-19), { trial: id, child, name, cue, shown }] })
      refresh()
      void sender.add((seq) => ({
        id,
        kind: 'trial',
        entry: {
          id,
          child,
          cue,
          shown,
          kind: 'TEACHER',
          setting: setting(),
          sitting,
          lesson: hall.lesson.lesson,
          segment: state.segment,
          seq,
          at,
        } satisfies Trial,
      }))
    },
    undo: (trial) => {
      const target = trial ?? state.pressed[state.pressed.length - 1]?.trial
      if (!target) return
      set({ pressed: state.pressed.filter((p) => p.trial !== target) })
      onTheWay.delete(target)
      refresh()
      const id = uuid7()
      void sender.add(() => ({
        id,
        kind: 'void',
        entry: { id, trial: target, at: new Date().toISOString() },
      }))
    },
    toggleRegister: () => set({ registering: !state.registering, counting: false }),
    toggleGoes: () => set({ counting: !state.counting, registering: false }),
    went: (child, by) => {
      const goes = { ...state.goes, [child]: Math.max(0, (state.goes[child] ?? 0) + by) }
      set({ goes })
      keepGoes(hall.lesson.lesson, goes)
    },
    setPresent: (child, present) => {
      const away = new Set(state.away)
      if (present) away.delete(child)
      else away.add(child)
      set({ away })
      const id = uuid7()
      void sender.add(() => ({
        id,
        kind: 'register',
        entry: { id, lesson: hall.lesson.lesson, child, present, at: new Date().toISOString() },
      }))
    },
    toggleCheck: () => set({ check: state.check ? null : {} }),
    flush: () => void sender.flush(),
    stop: sender.stop,
  }

  // What an earlier page of this device could not send is shown and sent first.
  void outbox.all(person, hall.lesson.lesson).then((kept: Entry[]) => {
    for (const e of kept)
      if (e.kind === 'trial')
        onTheWay.set(e.id, { at: key(e.entry.child, e.entry.cue), shown: e.entry.shown })
    refresh()
    void sender.flush()
  })
  return store
}
