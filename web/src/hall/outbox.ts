import Dexie, { type Table } from 'dexie'
import type { Schemas } from '../api/client'

export type Trial = Schemas['TrialEntry']
export type Void = Schemas['VoidEntry']
export type Register = Schemas['RegisterEntry']
export type Taught = Schemas['TaughtEntry']
export type LessonEvent = Schemas['EventEntry']
export type Hits = Schemas['HitEntry']

/** One thing that was pressed and has to reach the server. */
export type Entry = { id: string; person: string; lesson: string; order: number; refused?: string } & (
  | { kind: 'trial'; entry: Trial }
  | { kind: 'void'; entry: Void }
  | { kind: 'register'; entry: Register }
  | { kind: 'taught'; entry: Taught }
  | { kind: 'event'; entry: LessonEvent }
  | { kind: 'hits'; entry: Hits }
)

/** Where entries wait until the server has them. */
export interface Outbox {
  /** true if entries outlive the page */
  readonly lasting: boolean
  /** puts in a new entry, made with the device's next running number: both or neither */
  add(make: (order: number) => Entry): Promise<void>
  put(entry: Entry): Promise<void>
  remove(ids: readonly string[]): Promise<void>
  /** a person's entries for a lesson, in the order they were pressed */
  all(person: string, lesson: string): Promise<Entry[]>
}

class HallDatabase extends Dexie {
  entries!: Table<Entry, string>
  counters!: Table<{ name: string; value: number }, string>

  constructor(name: string) {
    super(name)
    this.version(1).stores({ entries: 'id, [person+lesson], order', counters: 'name' })
  }
}

/** In IndexedDB: survives a closed tab and a killed browser. */
export function lastingOutbox(name = 'isokinet-hall'): Outbox {
  const db = new HallDatabase(name)
  return {
    lasting: true,
    // In one go: a page that is closed after a press has it, or never gave its number away.
    add: (make) =>
      db.transaction('rw', db.entries, db.counters, async () => {
        const order = ((await db.counters.get('order'))?.value ?? 0) + 1
        await db.counters.put({ name: 'order', value: order })
        await db.entries.put(make(order))
      }),
    put: async (entry) => void (await db.entries.put(entry)),
    remove: (ids) => db.entries.bulkDelete([...ids]),
    all: async (person, lesson) => {
      const mine = await db.entries.where('[person+lesson]').equals([person, lesson]).toArray()
      return mine.sort((a, b) => a.order - b.order)
    },
  }
}

/** In memory only: for a page that the browser does not trust with storage. */
export function passingOutbox(): Outbox {
  const entries = new Map<string, Entry>()
  // Numbers of an earlier page of this device must not come again.
  let order = Date.now() * 1000
  return {
    lasting: false,
    add: async (make) => {
      const entry = make(++order)
      entries.set(entry.id, entry)
    },
    put: async (entry) => void entries.set(entry.id, entry),
    remove: async (ids) => {
      for (const id of ids) entries.delete(id)
    },
    all: async (person, lesson) =>
      [...entries.values()]
        .filter((e) => e.person === person && e.lesson === lesson)
        .sort((a, b) => a.order - b.order),
  }
}
