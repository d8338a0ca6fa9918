import type { Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import type { Entry, Outbox } from './outbox'

type Batch = Schemas['Batch']
type HallReceipt = Schemas['HallReceipt']

/** What the screen says about what was pressed. */
export type SendState =
  /** what an earlier page left is not looked up yet */
  | { status: 'opening' }
  | { status: 'saved' }
  | { status: 'waiting'; count: number; why?: string }
  | { status: 'failed'; count: number; why: string }

/** Sends a batch; throws with a status: 0 when not reached, 401 when signed out. */
export type Send = (batch: Batch) => Promise<HallReceipt>

export class SendError extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message)
  }
}

interface SenderOptions {
  outbox: Outbox
  person: string
  lesson: string
  device: string
  send: Send
  changed: (state: SendState) => void
  received: (receipt: HallReceipt) => void
  /** waits before trying again, in milliseconds @default [500, 1000, 2000, 5000] */
  pauses?: readonly number[]
}

const MOST = 100
const reasons: Record<number, string> = {
  0: 'no connection',
  401: 'signed out: sign in again in another tab',
  403: 'the page is out of date: reload it',
  413: 'too much at once',
}

/**
 * Brings every entry of the outbox to the server, in order, once each. An entry leaves the outbox only when the server
 * has said that it keeps it; what the server refuses stays, with the reason.
 */
export function createSender(options: SenderOptions) {
  const {
    outbox,
    person,
    lesson,
    device,
    send,
    changed,
    received,
    pauses = [500, 1000, 2000, 5000],
  } = options
  let running = false
  let again = false
  let failures = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let most = MOST
  // Pressed, but not in the outbox yet.
  let coming = 0
  let known = 0

  const tell = async (why?: string) => {
    const all = await outbox.all(person, lesson)
    const refused = all.filter((e) => e.refused)
    known = all.length - refused.length
    const waiting = known + coming
    if (refused.length > 0)
      changed({ status: 'failed', count: refused.length, why: refused[0].refused ?? 'refused' })
    else if (waiting > 0) changed({ status: 'waiting', count: waiting, why })
    else changed({ status: 'saved' })
  }

  const flush = async (): Promise<void> => {
    if (running) {
      again = true
      return
    }
    running = true
    clearTimeout(timer)
    let why: string | undefined
    try {
      do {
        again = false
        await sendSome()
      } while (again)
      failures = 0
    } catch (e) {
      const status = e instanceof SendError ? e.status : 0
      why = reasons[status] ?? 'the server has trouble'
      const smaller = status === 413 && most > 1
      if (smaller) most = Math.ceil(most / 2)
      // A smaller batch need not wait: nothing is wrong but its size.
      timer = setTimeout(flush, smaller ? 0 : pauses[Math.min(failures++, pauses.length - 1)])
    }
    // Not running any more before the state is told: whoever adds meanwhile starts anew.
    running = false
    await tell(why)
  }

  const sendSome = async () => {
    const entries = (await outbox.all(person, lesson)).filter((e) => !e.refused).slice(0, most)
    if (entries.length === 0) return
    const receipt = await send(batchOf(entries, device))
    const { kept, conflicts, refused } = receipt.receipt
    await outbox.remove([...kept, ...conflicts])
    for (const r of refused) {
      const entry = entries.find((e) => e.id === r.id)
      if (entry) await outbox.put({ ...entry, refused: r.why })
    }
    received(receipt)
    again ||= entries.length === most
  }

  return {
    /** Keeps an entry and starts to send it; resolves when it is kept. */
    add: async (make: (order: number) => Omit<Entry, 'person' | 'lesson' | 'order'>) => {
      coming++
      changed({ status: 'waiting', count: known + coming })
      const order = await outbox.nextOrder()
      await outbox.put({ ...make(order), person, lesson, order } as Entry)
      coming--
      void tell()
      void flush()
    },
    /** Tries now: after coming back online, or because somebody pressed the button. */
    flush,
    stop: () => clearTimeout(timer),
  }
}

function batchOf(entries: Entry[], device: string): Batch {
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
