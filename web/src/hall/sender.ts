import type { Schemas } from '../api/client'
import { batchOf } from './batch'
import type { Entry, Outbox } from './outbox'

type Batch = Schemas['Batch']
type HallReceipt = Schemas['HallReceipt']

/** What the screen says about what was pressed. */
export type SendState =
  /** what an earlier page left is not looked up yet */
  | { status: 'opening' }
  | { status: 'saved' }
  /** signedOut: it goes out once somebody signed in again */
  | { status: 'waiting'; count: number; why?: string; signedOut?: boolean }
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

/** The same in smaller parts, at once. */
class Smaller extends SendError {}

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

const PAUSES = [500, 1000, 2000, 5000]
const MOST = 100
/** Tries of one entry alone, before the next ones get their turn. */
const PATIENCE = 5
const reasons: Record<number, string> = {
  0: 'no connection',
  401: 'signed out',
  403: 'the page is out of date: reload it',
  413: 'too much at once',
}

/** What is wrong with the entries, not with the server or the way to it. */
const ITS_OWN = [400, 409, 413, 422]

const statusOf = (failure: unknown) => (failure instanceof SendError ? failure.status : 0)

function stateOf(all: Entry[], waiting: number, why: string | undefined, signedOut: boolean): SendState {
  const refused = all.filter((e) => e.refused)
  if (refused.length > 0)
    return { status: 'failed', count: refused.length, why: refused[0].refused ?? 'refused' }
  return waiting > 0 ? { status: 'waiting', count: waiting, why, signedOut } : { status: 'saved' }
}

/**
 * Brings every entry of the outbox to the server, in order, once each. An entry leaves the outbox only when the server
 * has said that it keeps it; what the server refuses stays, with the reason.
 */
export function createSender(options: SenderOptions) {
  const { outbox, person, lesson, device, send, changed, received, pauses = PAUSES } = options
  let running = false
  let again = false
  let failures = 0
  let timer: ReturnType<typeof setTimeout> | undefined
  let most = MOST
  // What passes on the way at most.
  let ceiling = MOST
  // What the server stumbled over alone, and how often the next one has been tried.
  const later = new Set<string>()
  let tries = 0
  // Pressed, but not in the outbox yet.
  let coming = 0
  // Why it waits; nothing while all goes well.
  let why: string | undefined
  let signedOut = false
  let telling = false
  // Goes up with everything that enters or leaves the outbox.
  let moves = 0
  let known = 0

  /** Says how things stand. Asked for many times while it looks, it looks once more: a device is busy enough with what is pressed. */
  const tell = async () => {
    if (telling) return
    telling = true
    let all: Entry[]
    let seen: number
    // What was read while something was pressed or went out is not so any more.
    do {
      seen = moves
      all = await outbox.all(person, lesson)
    } while (seen !== moves)
    telling = false
    known = all.filter((e) => !e.refused).length
    changed(stateOf(all, known + coming, why, signedOut))
  }

  const flush = async (): Promise<void> => {
    if (running) {
      again = true
      return
    }
    running = true
    clearTimeout(timer)
    try {
      do {
        again = false
        await sendSome()
      } while (again)
      failures = 0
      why = undefined
      signedOut = false
    } catch (e) {
      const status = statusOf(e)
      why = reasons[status] ?? 'the server has trouble'
      signedOut = status === 401
      // A smaller batch need not wait: nothing is wrong but what is in it.
      timer = setTimeout(flush, e instanceof Smaller ? 0 : pauses[Math.min(failures++, pauses.length - 1)])
    }
    // Not running any more before the state is told: whoever adds meanwhile starts anew.
    running = false
    await tell()
  }

  const sendSome = async () => {
    const due = (await outbox.all(person, lesson)).filter((e) => !e.refused)
    let entries = due.filter((e) => !later.has(e.id)).slice(0, most)
    // The others are through: those that were put off have another turn.
    if (entries.length === 0) entries = due.slice(0, 1)
    if (entries.length === 0) return
    let receipt: HallReceipt
    try {
      receipt = await send(batchOf(entries, device))
    } catch (e) {
      await part(entries, e)
      return
    }
    const { kept, conflicts, refused } = receipt.receipt
    await outbox.remove([...kept, ...conflicts])
    known = Math.max(0, known - kept.length - conflicts.length)
    moves++
    for (const r of refused) {
      const entry = entries.find((e) => e.id === r.id)
      if (entry) await refuse(entry, r.why)
    }
    for (const e of entries) later.delete(e.id)
    tries = 0
    most = Math.min(ceiling, most * 2)
    received(receipt)
    again ||= due.length > entries.length
  }

  const refuse = (entry: Entry, why: string) => outbox.put({ ...entry, refused: why })

  /**
   * What the server could not take is parted until the one is found that it stumbles over: that one is kept apart with the reason, or
   * put off until the others are through, and never holds them. A server that is away or signs out is waited for.
   */
  const part = async (entries: Entry[], failure: unknown) => {
    const status = statusOf(failure)
    const itsOwn = ITS_OWN.includes(status)
    if (!itsOwn && status !== 500) throw failure
    if (entries.length > 1) {
      most = Math.ceil(entries.length / 2)
      if (status === 413) ceiling = most
      if (itsOwn) throw new Smaller(status, '')
      throw failure
    }
    if (itsOwn) {
      await refuse(entries[0], failure instanceof SendError && failure.message ? failure.message : 'refused')
      again = true
      return
    }
    if (++tries >= PATIENCE) {
      later.add(entries[0].id)
      tries = 0
    }
    throw failure
  }

  return {
    /** Keeps an entry and starts to send it; resolves when it is kept. */
    add: async (make: (order: number) => Omit<Entry, 'person' | 'lesson' | 'order'>) => {
      coming++
      moves++
      changed({ status: 'waiting', count: known + coming, why, signedOut })
      await outbox.add((order) => ({ ...make(order), person, lesson, order }) as Entry)
      coming--
      known++
      moves++
      void tell()
      void flush()
    },
    /** Tries now: after coming back online, or because somebody pressed the button. */
    flush,
    stop: () => clearTimeout(timer),
  }
}
