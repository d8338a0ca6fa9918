import { describe, expect, it } from 'vitest'
import { ahead } from './ahead'
import type { ClockEvent } from './clock'
import { hall, stretch } from './testing'

/** A drill and a game of eight minutes each, and a talk of two. */
const lesson = () => {
  const base = hall(['Ada'])
  return {
    ...base,
    stretches: [...base.stretches, stretch('talk', 2)],
  }
}
const at = (minutes: number) => minutes * 60_000
const begun: ClockEvent[] = [{ id: 'a', does: 'begin', at: 0 }]

describe('what a step would do', () => {
  it('says who gets the minutes of what ends early, by hand: 4 of 8 are left, and the game gets them', () => {
    expect(ahead(lesson(), begun, 'next', at(4))).toEqual([
      'drill ends 4:00 early; then game.',
      'game gets 12 min in place of 8 min.',
    ])
  })

  it('says from whom a minute more is taken, and the closing talk keeps its own', () => {
    expect(ahead(lesson(), begun, 'longer', at(4))).toEqual([
      'drill has 5:00 left in place of 4:00.',
      'game gets 7 min in place of 8 min.',
    ])
    expect(ahead(lesson(), begun, 'shorter', at(4))[1]).toBe('game gets 9 min in place of 8 min.')
  })

  it('says where nothing else changes, and where nothing runs', () => {
    const last: ClockEvent[] = [
      ...begun,
      { id: 'b', does: 'next', at: at(8) },
      { id: 'c', does: 'next', at: at(16) },
    ]
    expect(ahead(lesson(), last, 'next', at(18))).toEqual([
      'talk ends, and with it the lesson.',
      'Nothing else changes.',
    ])
    expect(ahead(lesson(), [], 'next', 0)).toEqual(['The clock does not run.'])
  })
})
