import { describe, expect, it } from 'vitest'
import type { Entry } from './outbox'
import { readRescue, writeRescue } from './rescue'

const entry = (id: string, person = 'me'): Entry => ({
  id,
  person,
  lesson: 'l',
  order: 1,
  refused: 'no such child',
  kind: 'void',
  entry: { id, trial: 't', at: '2026-10-06T09:00:00Z' },
})

describe('unsent presses as a file', () => {
  it('come back whole, to be tried again', () => {
    const back = readRescue(writeRescue([entry('a'), entry('b')]), 'me')
    expect(back.map((e) => [e.id, e.refused])).toEqual([
      ['a', undefined],
      ['b', undefined],
    ])
    expect(back[0]).toMatchObject({ lesson: 'l', kind: 'void', entry: { trial: 't' } })
  })

  it('hold no name', () => {
    expect(JSON.stringify(writeRescue([entry('a')]))).not.toMatch(/name/i)
  })

  it.each([
    ['not json', 'not a file of unsent presses'],
    ['null', 'not a file of unsent presses'],
    ['{"format":"isokinet-unit","entries":[]}', 'not a file of unsent presses'],
    ['{"format":"isokinet-unsent","schema":2,"entries":[]}', 'schema number 2'],
  ])('refuse %s in plain words', (text, why) => {
    expect(() => readRescue(text, 'me')).toThrow(why)
  })

  it('are taken in by whoever made them alone', () => {
    expect(() => readRescue(writeRescue([entry('a', 'you')]), 'me')).toThrow('another person')
  })
})
