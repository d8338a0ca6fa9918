import type { Schemas } from '../../api/client'
import { uuid7 } from '../../shared/uuid7'
import type { Hits, Trial } from '../outbox'
import type { createSender } from '../sender'
import type { EventBody, EventKind } from './state'

type Sender = ReturnType<typeof createSender>

/** Puts what was pressed into the outbox, each under an id of its own. */
export interface Out {
  trial: (entry: Omit<Trial, 'id' | 'seq' | 'lesson'>) => string
  hits: (entry: Omit<Hits, 'id' | 'seq' | 'lesson' | 'at'>) => string
  event: <K extends EventKind>(kind: K, body: EventBody<K>, segment?: string) => string
  takeBack: (what: string) => void
  present: (child: string, present: boolean, sitsOut: boolean) => void
  taught: (cue: string) => void
}

/** @param hall of the lesson that is recorded */
export function createOut(hall: Schemas['HallView'], sender: Sender): Out {
  const { lesson, classId } = hall.lesson
  const now = () => new Date().toISOString()
  return {
    trial: (entry) => {
      const id = uuid7()
      void sender.add((seq) => ({ id, kind: 'trial', entry: { ...entry, id, lesson, seq } }))
      return id
    },
    hits: (entry) => {
      const id = uuid7()
      void sender.add((seq) => ({ id, kind: 'hits', entry: { ...entry, id, lesson, seq, at: now() } }))
      return id
    },
    event: (kind, body, segment) => {
      const id = uuid7()
      const entry = { id, lesson, segment, body, at: now(), kind }
      // A kind and its own body: the compiler does not see that they belong together.
      void sender.add((seq) => ({ id, kind: 'event', entry: { ...entry, seq } as Schemas['EventEntry'] }))
      return id
    },
    takeBack: (trial) => {
      const id = uuid7()
      void sender.add(() => ({ id, kind: 'void', entry: { id, trial, at: now() } }))
    },
    present: (child, present, sitsOut) => {
      const id = uuid7()
      const entry = { id, lesson, child, present, sitsOut, at: now() }
      void sender.add(() => ({ id, kind: 'register', entry }))
    },
    taught: (cue) => {
      const id = uuid7()
      const entry = { id, schoolClass: classId, cue, lesson, at: now() }
      void sender.add(() => ({ id, kind: 'taught', entry }))
    },
  }
}
