import type { Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import type { Entry } from './outbox'

type Batch = Schemas['Batch']

/** What some entries are sent as. @param device whose running numbers they have */
export function batchOf(entries: Entry[], device: string): Batch {
  const of = <K extends Entry['kind']>(kind: K) =>
    entries.filter((e): e is Extract<Entry, { kind: K }> => e.kind === kind).map((e) => e.entry)
  return {
    id: uuid7(),
    device,
    clock: new Date().toISOString(),
    trials: of('trial') as Batch['trials'],
    voids: of('void') as Batch['voids'],
    register: of('register') as Batch['register'],
    taught: of('taught') as Batch['taught'],
    events: of('event') as Batch['events'],
    hits: of('hits') as Batch['hits'],
  }
}
