import type { Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import { type ClockDoes, type ClockEvent, clockAt, DOES } from './clock'
import type { Counting, Miss, ScoreLog, Sets, Tries } from './counted'
import { type Count, countsOf, type What } from './counts'
import { type Kept, keep, keptOf } from './kept'
import type { Entry, Hits, LessonEvent, Outbox, Trial } from './outbox'
import { writeRescue } from './rescue'
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
  /** when it was seen */
  at: string
  fault?: string
}

export interface HallState {
  hall: Hall
  cue: string
  /** a second cue that is watched with it; null for one */
  second: string | null
  segment?: string
  /** marks by child and cue as the server last said */
  cells: Record<string, Record<string, Cell>>
  /** presses by "child cue" that the server's marks do not hold yet, oldest first */
  fresh: Record<string, boolean[]>
  away: ReadonlySet<string>
  /** here, and not taking part */
  sitsOut: ReadonlySet<string>
  registering: boolean
  /** true while goes are counted: who has had a turn at what only some can do */
  counting: boolean
  goes: Readonly<Record<string, number>>
  /** the role whose goes are counted; empty for a go of any kind */
  role: string
  /** the running five-trial check: a sitting a child; null while there is none */
  check: Record<string, string> | null
  pressed: readonly Pressed[]
  /** the latest press that is not yet, while its fault may still be picked */
  asks: Pressed | null
  clock: readonly ClockEvent[]
  /** the stretch whose change was said to be done; null before the first */
  playing: string | null
  /** step of each stretch's lever as it was eased or hardened here */
  steps: Readonly<Record<string, number>>
  /** hits out of tries; null while none are counted */
  hits: Counting | null
  /** running sets by child */
  tries: Readonly<Record<string, Tries>>
  /** finished sets of this lesson by child, newest last */
  sets: Sets
  /** what was counted by number in this lesson, newest last */
  counts: readonly Count[]
  /** the game that is scored; null while there is none */
  score: ScoreLog | null
  sending: SendState
}

export interface HallStore {
  get: () => HallState
  subscribe: (listener: () => void) => () => void
  chooseCue: (cue: string) => void
  chooseSegment: (segment: string) => void
  /** watches a second cue beside the first, or one again */
  watchTwo: (second: string | null) => void
  /** @param cue the one that is watched if it is left out */
  press: (child: string, shown: boolean, cue?: string) => void
  /** takes back the latest press, or a given one */
  undo: (trial?: string) => void
  toggleRegister: () => void
  setPresent: (child: string, present: boolean, sitsOut?: boolean) => void
  toggleGoes: () => void
  /** whose goes are counted now: one of the roles of what runs, or empty for any */
  chooseRole: (role: string) => void
  /** counts a go more, or takes one back */
  went: (child: string, by: 1 | -1) => void
  toggleCheck: () => void
  /** names the fault of the latest press that was not yet: it is taken back and pressed anew with it */
  blame: (fault: string) => void
  /** a press with the hand that is not the child's own */
  pressOther: (child: string, shown: boolean) => void
  /** whether it is settled which hand or foot a child uses for the cue that is watched */
  hasSide: (child: string) => boolean
  note: (text: string, child?: string) => void
  /** a child showed the cue that is watched to the others */
  showed: (child: string) => void
  /** what the class said in a talk, or how a closing question went */
  say: (body: Record<string, string>) => void
  /** a child's favourite or hardest, one press each */
  vote: (activity: string, what: 'favourite' | 'hardest') => void
  clock: (does: ClockDoes) => void
  /** what had to be changed is changed: they play */
  play: () => void
  /** takes the last thing that happened to the clock back */
  unclock: () => void
  /** eases (-1) or hardens (1) what runs now */
  ease: (by: -1 | 1) => void
  countHits: (now: Counting | null) => void
  /** a try of a child; a full set is written down */
  tried: (child: string, what: 'hit' | Miss) => void
  /** writes a count down. @param other with the hand that is not their own */
  count: (what: What, children: readonly string[], count: number, other?: boolean) => void
  uncount: (id: string) => void
  /** a child's side was found out */
  settle: (child: string, action: string, side: 'LEFT' | 'RIGHT') => void
  startScore: (game: string, sides: string[]) => void
  /** adds an event to the running game's log, as the core reads it */
  addScore: (event: string) => void
  /** puts the game away; its log stays */
  endScore: () => void
  /** takes the child's last try back, or its last set */
  untried: (child: string) => void
  flush: () => void
  /** what is not sent yet, as a file for another device */
  rescue: () => Promise<string>
  /** the lesson worked out anew, for who is here */
  refit: (now: Hall) => void
  stop: () => void
}

/** The clock as the server and this device know it; what was taken back is left out. */
function clockOf(hall: Hall): ClockEvent[] {
  const ahead = Date.now() - Date.parse(hall.now)
  const kept = keptOf(hall.lesson.lesson)
  const gone = new Set([...hall.events.filter((e) => e.voided).map((e) => e.id), ...(kept.gone ?? [])])
  const events = new Map<string, ClockEvent>()
  for (const e of hall.events)
    if (e.kind === 'CLOCK' && !gone.has(e.id)) {
      const { does } = JSON.parse(e.body)
      if (DOES.includes(does)) events.set(e.id, { id: e.id, does, at: Date.parse(e.at) + ahead })
    }
  for (const e of kept.clock ?? []) if (!gone.has(e.id)) events.set(e.id, e)
  return [...events.values()].sort((a, b) => a.at - b.at)
}

/** Sets that were counted in this lesson, as the server knows them. */
function setsOf(hall: Hall): Sets {
  const sets: Record<string, Sets[string]> = {}
  for (const h of hall.hits) {
    if (h.voided) continue
    const of = h.hits + h.missedLeft + h.missedRight + h.missedShort + h.missedLong + h.missed
    sets[h.child] = [...(sets[h.child] ?? []), { id: h.id, hits: h.hits, of }]
  }
  return sets
}

/** The latest game of the lesson as the server knows it; null if there was none. */
export function scoreOf(events: Hall['events']): ScoreLog | null {
  let score = null as ScoreLog | null
  for (const e of events) {
    if (e.kind !== 'SCORE' || e.voided) continue
    const body = JSON.parse(e.body)
    if (body.game) score = { id: body.score, game: body.game, sides: body.sides, events: [] }
    else if (score && body.score === score.id) score = { ...score, events: [...score.events, body.event] }
  }
  return score
}

/** Under what a child's goes in a role are kept. */
export const goKey = (child: string, role: string) => (role ? `${child} ${role}` : child)

/** Those who are here and have had the fewest goes. */
export const nextToGo = (children: readonly string[], goes: Readonly<Record<string, number>>, role = '') => {
  const had = (child: string) => goes[goKey(child, role)] ?? 0
  const least = Math.min(...children.map(had))
  return new Set(children.filter((c) => had(c) === least))
}

/** How far it is to the target at the step that is set here; undefined where the lever says no metres. */
export function metresOf(hall: Hall, segment: string | undefined, steps: Readonly<Record<string, number>>) {
  const s = hall.stretches.find((x) => x.id === segment)
  if (!s?.lever?.startsWith('distance')) return undefined
  const told = /^(\d+(?:\.\d+)?) m\b/.exec(s.ladder[steps[s.id] ?? s.step] ?? '')
  return told ? Number(told[1]) : undefined
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
export function createHallStore({ hall: opened, person, device, outbox, send, pauses }: Options): HallStore {
  let hall = opened
  const kept = keptOf(hall.lesson.lesson)
  const segments = hall.lesson.segments.filter((s) => s.focus.length > 0)
  const cues = hall.grid.skills.flatMap((s) => s.cues.map((c) => c.key))
  let state: HallState = {
    hall,
    segment: segments[0]?.id,
    cue: segments[0]?.focus[0] ?? cues[0] ?? '',
    second: null,
    cells: Object.fromEntries(hall.grid.rows.map((r) => [r.child.id, r.cells])),
    fresh: {},
    away: new Set(hall.away),
    sitsOut: new Set(hall.sitsOut),
    registering: false,
    counting: false,
    goes: kept.goes ?? {},
    role: '',
    check: null,
    pressed: [],
    asks: null,
    clock: clockOf(hall),
    playing: kept.playing ?? null,
    steps: kept.steps ?? {},
    hits: kept.hits ?? null,
    tries: kept.tries ?? {},
    sets: kept.sets ?? setsOf(hall),
    counts: kept.counts ?? countsOf(hall.events),
    score: kept.score === undefined ? scoreOf(hall.events) : kept.score,
    sending: { status: 'opening' },
  }
  const listeners = new Set<() => void>()
  /** The stretch that the clock is at; the first one before it begins. */
  const running = () => hall.stretches[clockAt(hall.stretches, state.clock, Date.now()).index]
  // Opened in the middle of a lesson: what runs is what is watched.
  const watched = state.clock.length > 0 ? segments.find((s) => s.id === running()?.id) : undefined
  if (watched) state = { ...state, segment: watched.id, cue: watched.focus[0] ?? state.cue }
  const set = (change: Partial<HallState>) => {
    state = { ...state, ...change }
    for (const listener of listeners) listener()
  }
  /** Sets what the next page of this lesson on this device has to know too. */
  const setAndKeep = (change: Partial<Kept> & Partial<HallState>) => {
    set(change)
    keep(hall.lesson.lesson, change)
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
  /** goes of this page, for the record of how long a turn takes */
  const turns: { at: string; id: string }[] = []

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

  const event = (kind: LessonEvent['kind'], body: LessonEvent['body'], segment = state.segment) => {
    const id = uuid7()
    void sender.add((seq) => ({
      id,
      kind: 'event',
      entry: {
        id,
        lesson: hall.lesson.lesson,
        segment,
        kind,
        body,
        seq,
        at: new Date().toISOString(),
      },
    }))
    return id
  }

  const takeBack = (what: string) => {
    const id = uuid7()
    void sender.add(() => ({ id, kind: 'void', entry: { id, trial: what, at: new Date().toISOString() } }))
  }

  const childOf = (id: string) => hall.grid.rows.find((r) => r.child.id === id)?.child
  const skillOf = (cue: string) => hall.grid.skills.find((s) => s.cues.some((c) => c.key === cue))

  /** The hand or foot that a child uses for a cue, or the other one; undefined where it is not settled. */
  const sideOf = (child: string, cue: string, which: 'own' | 'other'): Trial['side'] => {
    const action = skillOf(cue)?.action
    const own = childOf(child)?.sides.find((s) => s.action === action)?.side
    if (which === 'own' || own === undefined) return own
    return own === 'LEFT' ? 'RIGHT' : 'LEFT'
  }

  /** A press as a trial of its own. */
  const tell = (
    child: string,
    shown: boolean,
    more: { cue?: string; side?: Trial['side']; fault?: string; at?: string } = {},
  ) => {
    const { check } = state
    const { cue = state.cue, at = new Date().toISOString() } = more
    teach(cue)
    const id = uuid7()
    const name = childOf(child)?.name ?? ''
    if (check && !check[child]) set({ check: { ...check, [child]: uuid7() } })
    const sitting = state.check?.[child]
    onTheWay.set(id, { at: key(child, cue), shown })
    const pressed: Pressed = { trial: id, child, name, cue, shown, at, fault: more.fault }
    set({
      pressed: [...state.pressed.slice(-19), pressed],
      asks: shown || more.fault ? null : pressed,
    })
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
        side: more.side,
        fault: more.fault,
        lesson: hall.lesson.lesson,
        segment: state.segment,
        seq,
        at,
      } satisfies Trial,
    }))
  }

  /** Writes down what a child was counted so far as a set. */
  const closeSet = (child: string, tries: Tries) => {
    const now = state.hits
    if (!now || tries.length === 0) return
    const id = uuid7()
    const many = (of: 'hit' | Miss) => tries.filter((t) => t === of).length
    const metres = metresOf(hall, state.segment, state.steps)
    const { cue, segment } = state
    const thrown = hall.stretches.find((s) => s.id === segment)
    setAndKeep({
      tries: { ...state.tries, [child]: [] },
      sets: {
        ...state.sets,
        [child]: [...(state.sets[child] ?? []), { id, hits: many('hit'), of: tries.length }],
      },
    })
    void sender.add((seq) => ({
      id,
      kind: 'hits',
      entry: {
        id,
        child,
        lesson: hall.lesson.lesson,
        segment,
        skill: skillOf(cue)?.skill ?? '',
        hits: many('hit'),
        missedLeft: many('left'),
        missedRight: many('right'),
        missedShort: many('short'),
        missedLong: many('long'),
        missed: many('missed'),
        distanceMm: metres === undefined ? undefined : Math.round(metres * 1000),
        side: sideOf(child, cue, now.side),
        item: now.item ?? (thrown?.sent.length === 1 ? thrown.sent[0].key : undefined),
        widthMm: thrown?.targetMm,
        seq,
        at: new Date().toISOString(),
      } satisfies Hits,
    }))
  }

  /** What is counted changes its hand, distance or task: what was counted until now is a set of its own. */
  const closeSets = () => {
    for (const [child, tries] of Object.entries(state.tries)) closeSet(child, tries)
  }

  const store: HallStore = {
    get: () => state,
    subscribe: (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    chooseCue: (cue) => {
      if (skillOf(cue) !== skillOf(state.cue)) closeSets()
      // With two, the one that was there longer goes.
      if (state.second && cue !== state.cue && cue !== state.second)
        set({ cue: state.second, second: cue, check: null })
      else set({ cue, second: state.second === cue ? null : state.second, check: null })
    },
    chooseSegment: (segment) => {
      if (segment !== state.segment) closeSets()
      const focus = hall.lesson.segments.find((s) => s.id === segment)?.focus ?? []
      set({
        segment,
        cue: focus.includes(state.cue) ? state.cue : (focus[0] ?? state.cue),
        second: null,
        check: null,
      })
    },
    watchTwo: (second) => set({ second, check: null }),
    press: (child, shown, cue) => tell(child, shown, { cue }),
    pressOther: (child, shown) => tell(child, shown, { side: sideOf(child, state.cue, 'other') }),
    hasSide: (child) => sideOf(child, state.cue, 'own') !== undefined,
    blame: (fault) => {
      const of = state.asks
      if (!of) return
      store.undo(of.trial)
      tell(of.child, false, { cue: of.cue, at: of.at, fault })
    },
    note: (text, child) => {
      if (text.trim()) event('NOTE', child ? { text: text.trim(), child } : { text: text.trim() })
    },
    showed: (child) => state.cue && void event('SHOWED', { child, cue: state.cue }),
    say: (body) => void event('TALK', body),
    vote: (activity, what) => void event('VOTE', { activity, what }),
    clock: (does) => {
      const id = event('CLOCK', { does }, running()?.id)
      setAndKeep({ clock: [...state.clock, { id, does, at: Date.now() }] })
      if (does !== 'begin' && does !== 'next') return
      const now = hall.lesson.segments.find((s) => s.id === running()?.id)
      if (now && now.focus.length > 0) store.chooseSegment(now.id)
    },
    play: () => {
      const now = running()
      if (!now) return
      event('CLOCK', { does: 'set' }, now.id)
      setAndKeep({ playing: now.id })
    },
    unclock: () => {
      const last = state.clock[state.clock.length - 1]
      if (!last) return
      takeBack(last.id)
      setAndKeep({
        clock: state.clock.slice(0, -1),
        gone: [...(keptOf(hall.lesson.lesson).gone ?? []), last.id],
      })
    },
    ease: (by) => {
      const s = running()
      if (!s) return
      if (s.id === state.segment) closeSets()
      const step = Math.max(0, Math.min(s.ladder.length - 1, (state.steps[s.id] ?? s.step) + by))
      setAndKeep({ steps: { ...state.steps, [s.id]: step } })
      event('CLOCK', { does: 'setting', step }, s.id)
    },
    countHits: (hits) => {
      closeSets()
      setAndKeep({ hits })
      set({ counting: false, registering: false })
    },
    tried: (child, what) => {
      if (!state.hits) return
      const tries = [...(state.tries[child] ?? []), what]
      if (tries.length < state.hits.of) setAndKeep({ tries: { ...state.tries, [child]: tries } })
      else closeSet(child, tries)
    },
    count: (what, children, count, other = false) => {
      const id = event('COUNT', { what, children: [...children], count, side: other ? 'other' : 'own' })
      setAndKeep({ counts: [...state.counts, { id, what, children, count }] })
    },
    uncount: (id) => {
      takeBack(id)
      setAndKeep({ counts: state.counts.filter((c) => c.id !== id) })
    },
    settle: (child, action, side) => void event('SIDE', { child, action, side }),
    startScore: (game, sides) => {
      const score = { id: uuid7(), game, sides, events: [] }
      setAndKeep({ score })
      event('SCORE', { score: score.id, game, sides })
    },
    addScore: (told) => {
      if (!state.score) return
      setAndKeep({ score: { ...state.score, events: [...state.score.events, told] } })
      event('SCORE', { score: state.score.id, event: told })
    },
    endScore: () => setAndKeep({ score: null }),
    untried: (child) => {
      const tries = state.tries[child] ?? []
      if (tries.length > 0) {
        setAndKeep({ tries: { ...state.tries, [child]: tries.slice(0, -1) } })
        return
      }
      const sets = state.sets[child] ?? []
      const last = sets[sets.length - 1]
      if (!last) return
      takeBack(last.id)
      setAndKeep({ sets: { ...state.sets, [child]: sets.slice(0, -1) } })
    },
    undo: (trial) => {
      const target = trial ?? state.pressed[state.pressed.length - 1]?.trial
      if (!target) return
      set({
        pressed: state.pressed.filter((p) => p.trial !== target),
        asks: state.asks?.trial === target ? null : state.asks,
      })
      onTheWay.delete(target)
      refresh()
      takeBack(target)
    },
    toggleRegister: () => {
      const registering = !state.registering
      store.countHits(null)
      set({ registering })
    },
    toggleGoes: () => {
      const counting = !state.counting
      store.countHits(null)
      set({ counting, role: counting ? (running()?.roles[0] ?? '') : '' })
    },
    chooseRole: (role) => set({ role }),
    went: (child, by) => {
      const { role } = state
      const at = goKey(child, role)
      const goes = { ...state.goes, [at]: Math.max(0, (state.goes[at] ?? 0) + by) }
      setAndKeep({ goes })
      if (by > 0)
        turns.push({ at, id: event('CLOCK', { does: 'turn', child, ...(role && { role }) }, running()?.id) })
      else {
        const last = turns.map((t) => t.at).lastIndexOf(at)
        if (last >= 0) takeBack(turns.splice(last, 1)[0].id)
      }
    },
    setPresent: (child, present, sits = false) => {
      const away = new Set(state.away)
      const sitsOut = new Set(state.sitsOut)
      if (present) away.delete(child)
      else away.add(child)
      if (present && sits) sitsOut.add(child)
      else sitsOut.delete(child)
      set({ away, sitsOut })
      const id = uuid7()
      void sender.add(() => ({
        id,
        kind: 'register',
        entry: {
          id,
          lesson: hall.lesson.lesson,
          child,
          present,
          sitsOut: sits,
          at: new Date().toISOString(),
        },
      }))
    },
    toggleCheck: () => set({ check: state.check ? null : {} }),
    flush: () => void sender.flush(),
    refit: (now) => {
      hall = now
      set({ hall: now })
    },
    rescue: async () => writeRescue(await outbox.all(person, hall.lesson.lesson)),
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
