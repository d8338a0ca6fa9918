import { act, fireEvent, screen } from '@testing-library/react'
import type { Schemas } from '../api/client'
import type { HallStore } from './store'

type Hall = Schemas['HallView']
type Cell = Schemas['Cell']

const both = (text: string) => ({ right: text, left: text, notSettled: text })

export const cue = (key: string): Schemas['CueView'] => ({
  key,
  skill: key.split('/')[0],
  phase: 'action',
  body: 'feet',
  question: both(`Is ${key} shown?`),
  call: both(`Call ${key}`),
  view: both('from the side'),
  fromAge: 4,
  prerequisites: [],
  condition: 'NONE',
  faults: [],
  tellMe: 'Tell me.',
})

export const cell = (mark: Cell['mark'] = 'NOT_SEEN', pips: boolean[] = []): Cell => ({
  mark,
  fill: 0,
  pips,
  shown: pips.filter(Boolean).length,
  trials: pips.length,
  reason: '',
  fit: 'APPLIES',
  standing: 'DEVELOPING',
  called: false,
  calledAgainst: false,
})

export const child = (name: string): Schemas['ChildView'] => ({
  id: `id-${name}`,
  given: name,
  family: '',
  name,
  yearAge: 7,
  year: 'Year 3',
  sides: [{ action: 'THROW', side: name === 'Ada' ? 'LEFT' : 'RIGHT', assumed: false }],
  cues: {},
  version: 0,
})

/** A stretch without groups and floor. */
export const stretch = (id: string, minutes: number): Schemas['StretchView'] => ({
  id,
  plan: {
    activity: id,
    name: id,
    phases: ['PRACTISE'],
    play: id === 'game',
    locked: false,
    minutes,
    changeSeconds: 0,
    introduces: [],
    focus: [],
    looks: 10,
    reasons: [],
  },
  task: {
    how: `How ${id} goes.`,
    lever: 'distance',
    step: 1,
    ladder: [2, 3, 4].map((metres) => ({ words: `${metres} m`, metres, measured: true })),
    scoring: 'nothing is counted',
    gathering: 'stand still where they are',
    sitsOut: 'Watches.',
    roles: [],
    setUp: [],
    adapted: [],
  },
  byHand: { without: [], places: [] },
  whyNot: [],
  things: { kit: [], sent: [] },
  floor: {
    formation: '2 lanes of 2',
    groupCount: 2,
    groups: [],
    drawing: { svg: '', viewBox: '0 0 100 100', areas: [], findings: [], reasons: [], moved: [] },
  },
  work: {
    tries: 10,
    motionPercent: 40,
    vigorousPercent: 30,
    waitingPercent: 50,
    explainSeconds: 35,
    options: [],
    pinTurns: [],
    cautions: [],
  },
})

/** What is there for sure in a test. */
export function must<T>(value: T | undefined): T {
  if (value === undefined) throw new Error('It is not there.')
  return value
}

/** A lesson with two cues, a drill and a game. */
export function hall(names: string[], cells: Record<string, Cell> = {}): Hall {
  const cues = [cue('roll/foot'), cue('roll/low')]
  const segment = (id: string, setting: 'DRILL' | 'GAME', focus: string[]): Schemas['PlannedSegment'] => ({
    id,
    name: id,
    part: setting === 'GAME' ? 'play' : 'practice',
    minutes: 8,
    changeSeconds: 60,
    setting,
    introduces: id === 'drill' ? ['roll/low'] : [],
    focus,
    looks: 10,
    level: 2,
  })
  return {
    away: [],
    sitsOut: [],
    pack: 'p',
    age: 8,
    stretches: [stretch('drill', 8), stretch('game', 8)],
    moves: [],
    now: new Date().toISOString(),
    events: [],
    hits: [],
    watch: [],
    firstLooks: [],
    reminders: [],
    lesson: {
      lesson: 'lesson-1',
      unit: 'unit-1',
      classId: 'class-1',
      title: 'Unit',
      number: 1,
      of: 4,
      onDate: '2026-10-06',
      state: 'PLANNED',
      cueSets: ['roll/components'],
      segments: [segment('drill', 'DRILL', ['roll/foot', 'roll/low']), segment('game', 'GAME', ['roll/low'])],
    },
    grid: {
      classId: 'class-1',
      className: 'Curlews',
      year: 'Year 3',
      on: '2026-10-06',
      skills: [
        {
          skill: 'roll',
          name: 'Roll',
          action: 'THROW',
          set: 'roll/components',
          setName: 'All',
          rule: 'rule',
          cues,
        },
      ],
      rows: names.map((name) => ({
        child: child(name),
        cells: { 'roll/foot': cells[name] ?? cell(), 'roll/low': cell('NOT_TAUGHT') },
        levels: {},
      })),
    },
  }
}

type Batch = Schemas['Batch']

/** A server that keeps everything, remembers it, and answers with the pips as they are now. */
export function keepingServer() {
  const batches: Batch[] = []
  const trials = () => batches.flatMap((b) => b.trials)
  const send = async (batch: Batch): Promise<Schemas['HallReceipt']> => {
    batches.push(batch)
    const taken = new Set(batches.flatMap((b) => b.voids.map((v) => v.trial)))
    const cells: Record<string, Record<string, Cell>> = {}
    for (const t of trials()) {
      cells[t.child] ??= {}
      if (taken.has(t.id)) cells[t.child][t.cue] ??= cell()
    }
    for (const t of trials().filter((t) => !taken.has(t.id))) {
      const before = cells[t.child][t.cue]?.pips ?? []
      cells[t.child][t.cue] = cell('EMERGING', [...before, t.shown])
    }
    const entries = [
      ...batch.trials,
      ...batch.voids,
      ...batch.register,
      ...batch.taught,
      ...(batch.events ?? []),
      ...(batch.hits ?? []),
    ]
    return { receipt: { kept: entries.map((e) => e.id), conflicts: [], refused: [] }, cells }
  }
  return { batches, send, trials }
}

/** Lets everything that waits for storage or the server come to its end. */
export const settle = async (until: () => boolean, patience = 800) => {
  for (let i = 0; i < patience && !until(); i++) await new Promise((done) => setTimeout(done, 10))
}

/** Presses a button by its name; what is behind "More" or in the plan is opened for it. */
export const pressing = (store: () => HallStore) => async (name: string | RegExp) => {
  const there = () => screen.queryAllByRole('button', { name })[0]
  for (const kind of ['more', 'plan'] as const) if (!there()) act(() => store().open({ kind }))
  await act(async () => fireEvent.click(there() ?? screen.getByRole('button', { name })))
}
