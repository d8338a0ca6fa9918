import { describe, expect, it } from 'vitest'
import type { Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import { type Entry, lastingOutbox, type Outbox, passingOutbox } from './outbox'
import { createSender, SendError, type SendState } from './sender'
import { keepingServer, settle } from './testing'

type Batch = Schemas['Batch']

const trial = (seq: number): Omit<Entry, 'person' | 'lesson' | 'order'> => {
  const id = uuid7()
  return {
    id,
    kind: 'trial',
    entry: {
      id,
      child: 'c',
      cue: 'a/b',
      shown: true,
      kind: 'TEACHER',
      setting: 'DRILL',
      seq,
      at: '2026-10-06T10:00:00Z',
    },
  } as Omit<Entry, 'person' | 'lesson' | 'order'>
}

let databases = 0

describe.each([
  ['in IndexedDB', () => lastingOutbox(`test-${databases++}`)],
  ['in memory', passingOutbox],
])('an outbox %s', (_, make) => {
  it('gives back what was put in, in order, and only to its owner', async () => {
    const outbox = make()
    for (const order of [2, 1, 3])
      await outbox.put({ ...trial(order), person: 'me', lesson: 'l', order } as Entry)
    await outbox.put({ ...trial(9), person: 'you', lesson: 'l', order: 9 } as Entry)
    expect((await outbox.all('me', 'l')).map((e) => e.order)).toEqual([1, 2, 3])
    expect(await outbox.all('me', 'another lesson')).toEqual([])
    await outbox.remove((await outbox.all('me', 'l')).map((e) => e.id))
    expect(await outbox.all('me', 'l')).toEqual([])
    expect(await outbox.all('you', 'l')).toHaveLength(1)
  })
  it('never gives a running number twice', async () => {
    const outbox = make()
    const made = (order: number) => ({ ...trial(order), person: 'me', lesson: 'l', order }) as Entry
    await Promise.all(Array.from({ length: 50 }, () => outbox.add(made)))
    expect(new Set((await outbox.all('me', 'l')).map((e) => e.order)).size).toBe(50)
  })
})

describe('a lasting outbox', () => {
  it('outlives the page', async () => {
    const name = `test-${databases++}`
    await lastingOutbox(name).put({ ...trial(1), person: 'me', lesson: 'l', order: 1 } as Entry)
    expect(await lastingOutbox(name).all('me', 'l')).toHaveLength(1)
    for (let i = 0; i < 2; i++)
      await lastingOutbox(name).add(
        (order) => ({ ...trial(order), person: 'you', lesson: 'l', order }) as Entry,
      )
    expect((await lastingOutbox(name).all('you', 'l')).map((e) => e.order)).toEqual([1, 2])
  })
})

function sender(send: (batch: Batch) => Promise<Schemas['HallReceipt']>, outbox: Outbox = passingOutbox()) {
  const states: SendState[] = []
  const made = createSender({
    outbox,
    person: 'me',
    lesson: 'l',
    device: 'd',
    send,
    changed: (s) => states.push(s),
    received: () => {},
    pauses: [5],
  })
  return { ...made, outbox, states, last: () => states[states.length - 1] }
}

describe('the sender', () => {
  it('says saved only when the server keeps it', async () => {
    const server = keepingServer()
    const s = sender(server.send)
    await s.add(trial)
    await settle(() => s.last()?.status === 'saved')
    expect(s.states[0]).toMatchObject({ status: 'waiting', count: 1 })
    expect(s.last()).toEqual({ status: 'saved' })
    expect(await s.outbox.all('me', 'l')).toEqual([])
  })

  it('loses nothing when the connection blinks, and sends nothing twice that was kept', async () => {
    const server = keepingServer()
    let calls = 0
    const s = sender(async (batch) => {
      if (++calls % 3 !== 0) throw new SendError(0, 'gone')
      return server.send(batch)
    })
    for (let i = 0; i < 25; i++) await s.add(trial)
    await settle(() => s.last()?.status === 'saved')
    const ids = server.trials().map((t) => t.id)
    expect(ids).toHaveLength(25)
    expect(new Set(ids).size).toBe(25)
    expect(server.trials().map((t) => t.seq)).toEqual(
      [...server.trials().map((t) => t.seq)].sort((a, b) => a - b),
    )
  })

  it('sends again what the server may have kept without saying so', async () => {
    const server = keepingServer()
    let first = true
    const s = sender(async (batch) => {
      const receipt = await server.send(batch)
      if (first) {
        first = false
        throw new SendError(0, 'the answer was lost')
      }
      return receipt
    })
    await s.add(trial)
    await settle(() => s.last()?.status === 'saved')
    expect(server.batches).toHaveLength(2)
    expect(new Set(server.trials().map((t) => t.id)).size).toBe(1)
  })

  it.each([
    [0, 'no connection'],
    [401, 'signed out'],
    [500, 'the server has trouble'],
  ])('says why it waits after a %i', async (status, words) => {
    const s = sender(async () => {
      throw new SendError(status, '')
    })
    await s.add(trial)
    await settle(() => s.states.some((x) => x.status === 'waiting' && x.why !== undefined))
    s.stop()
    const told = s.states.find((x) => x.status === 'waiting' && x.why)
    expect(told).toMatchObject({ status: 'waiting', count: 1 })
    expect(told && 'why' in told && told.why).toContain(words)
    expect(await s.outbox.all('me', 'l')).toHaveLength(1)
  })

  it('reads what waits no more often than it has to, however fast is pressed', async () => {
    const server = keepingServer()
    const inner = passingOutbox()
    let reads = 0
    const s = sender(server.send, {
      ...inner,
      all: async (person, lesson) => {
        reads++
        await new Promise((done) => setTimeout(done, 5))
        return inner.all(person, lesson)
      },
    })
    for (let i = 0; i < 100; i++) void s.add(trial)
    await settle(() => s.last()?.status === 'saved')
    expect(server.trials()).toHaveLength(100)
    expect(reads).toBeLessThan(20)
  })

  it('never says saved of what was pressed while it looked', async () => {
    const server = keepingServer()
    const inner = passingOutbox()
    let pressed = 0
    const early: number[] = []
    const made = createSender({
      // A device that takes its time to answer what it was asked before.
      outbox: {
        ...inner,
        all: async (person, lesson) => {
          const then = await inner.all(person, lesson)
          await new Promise((done) => setTimeout(done, 12))
          return then
        },
      },
      person: 'me',
      lesson: 'l',
      device: 'd',
      send: server.send,
      changed: (state) => {
        if (state.status === 'saved' && server.trials().length < pressed) early.push(pressed)
      },
      received: () => {},
      pauses: [5],
    })
    for (let i = 0; i < 40; i++) {
      pressed++
      void made.add(trial)
      await new Promise((done) => setTimeout(done, 14 + 5 * (i % 3)))
    }
    await settle(() => server.trials().length === 40)
    expect(server.trials()).toHaveLength(40)
    expect(early).toEqual([])
  })

  it('sends less at once when it was too much', async () => {
    const server = keepingServer()
    const s = sender(async (batch) => {
      if (batch.trials.length > 7) throw new SendError(413, '')
      return server.send(batch)
    })
    for (let i = 0; i < 30; i++)
      await s.outbox.put({ ...trial(i), person: 'me', lesson: 'l', order: i } as Entry)
    await s.flush()
    await settle(() => s.last()?.status === 'saved')
    expect(server.trials()).toHaveLength(30)
  })

  it.each([400, 500])('never lets one entry that is answered %i hold the others', async (status) => {
    const server = keepingServer()
    let poison = ''
    const s = sender(async (batch) => {
      poison ||= batch.trials[3].id
      if (batch.trials.some((t) => t.id === poison)) throw new SendError(status, 'It holds a character.')
      return server.send(batch)
    })
    for (let i = 0; i < 40; i++)
      await s.outbox.put({ ...trial(i), person: 'me', lesson: 'l', order: i } as Entry)
    await s.flush()
    await settle(() => server.trials().length === 39)
    expect(server.trials().map((t) => t.seq)).toEqual(expect.arrayContaining([0, 2, 4, 39]))
    // What cannot be taken is kept apart with its reason; what stumbles is tried again.
    const left = await s.outbox.all('me', 'l')
    expect(left.map((e) => e.id)).toEqual([poison])
    if (status === 400) {
      await settle(() => s.last()?.status === 'failed')
      expect(s.last()).toEqual({ status: 'failed', count: 1, why: 'It holds a character.' })
    } else expect(left[0].refused).toBeUndefined()
    s.stop()
  })

  it('keeps what the server refuses, says why, and sends the others', async () => {
    const server = keepingServer()
    let refused = ''
    const s = sender(async (batch) => {
      const receipt = await server.send(batch)
      refused ||= batch.trials[0].id
      return {
        ...receipt,
        receipt: {
          kept: receipt.receipt.kept.filter((id) => id !== refused),
          conflicts: [],
          refused: batch.trials.some((t) => t.id === refused)
            ? [{ id: refused, why: 'There is no such child.' }]
            : [],
        },
      }
    })
    await s.add(trial)
    await s.add(trial)
    await settle(() => s.last()?.status === 'failed')
    await settle(() => server.batches.length > 1)
    expect(s.last()).toEqual({ status: 'failed', count: 1, why: 'There is no such child.' })
    expect((await s.outbox.all('me', 'l')).map((e) => e.id)).toEqual([refused])
  })
})
