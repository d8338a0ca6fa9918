import type { ClockEvent } from './clock'
import type { Counting, ScoreLog, Sets, Tries } from './counted'
import type { Count } from './counts'
import type { Ended, Mode } from './store/state'

/** What a page of a lesson leaves to the next one on the same device, beside the outbox: by ids, no names. */
export interface Kept {
  clock: readonly ClockEvent[]
  /** clock events that were taken back here, whether the server knows it or not */
  gone: readonly string[]
  /** goes by child: they are for today, not for the record */
  goes: Readonly<Record<string, number>>
  playing: string | null
  steps: Readonly<Record<string, number>>
  /** what a mode goes back to */
  base: Mode
  hits: Counting | null
  tries: Readonly<Record<string, Tries>>
  sets: Sets
  counts: readonly Count[]
  score: ScoreLog | null
  ended: Ended | null
}

const NAME = 'isokinet lesson'

/** What an earlier page of this lesson left; nothing if it was another lesson. */
export function keptOf(lesson: string): Partial<Kept> {
  try {
    const kept = JSON.parse(localStorage.getItem(NAME) ?? '{}')
    return kept.lesson === lesson ? kept : {}
  } catch {
    return {}
  }
}

export function keep(lesson: string, change: Partial<Kept>) {
  try {
    localStorage.setItem(NAME, JSON.stringify({ ...keptOf(lesson), ...change, lesson }))
  } catch {
    // Without storage the server's record is what a new page has.
  }
}
