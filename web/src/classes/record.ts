import { api, type Schemas, take } from '../api/client'
import { uuid7 } from '../shared/uuid7'

type Trial = Schemas['TrialEntry']
type Hits = Schemas['HitEntry']

const DEVICE = 'isokinet-desk'
let last = 0

/** This browser as a device of its own, so that its presses are told from those in the hall. */
function device(): string {
  const known = localStorage.getItem(DEVICE)
  if (known) return known
  const made = uuid7()
  localStorage.setItem(DEVICE, made)
  return made
}

/** Numbers of a device rise, over pages too. */
function seq(): number {
  last = Math.max(last + 1, Date.now() * 1000)
  return last
}

interface Recorded {
  trials?: Omit<Trial, 'id' | 'seq' | 'at'>[]
  hits?: (Omit<Hits, 'id' | 'seq' | 'at'> & { at?: string })[]
  /** ids of trials or sets of hits that are taken back */
  voids?: string[]
}

/**
 * Writes down what was seen, from the desk.
 *
 * @returns the ids of what was written
 * @throws with the server's reason if something was not taken
 */
export async function record({ trials = [], hits = [], voids = [] }: Recorded): Promise<string[]> {
  const at = new Date().toISOString()
  const made = trials.map((t) => ({ ...t, id: uuid7(), seq: seq(), at }))
  const counted = hits.map((h) => ({ at, ...h, id: uuid7(), seq: seq() }))
  const receipt = await take(
    api.POST('/api/batches', {
      body: {
        id: uuid7(),
        device: device(),
        clock: new Date().toISOString(),
        trials: made,
        hits: counted,
        voids: voids.map((trial) => ({ id: uuid7(), trial, at })),
        register: [],
        taught: [],
      },
    }),
  )
  if (receipt.refused.length > 0) throw new Error(receipt.refused[0].why)
  return [...made, ...counted].map((e) => e.id)
}
