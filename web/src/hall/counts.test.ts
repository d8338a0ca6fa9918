import { describe, expect, it } from 'vitest'
import { countsOf, countWords, numbersFor, partiesOf } from './counts'

const here = ['Ada', 'Ben', 'Cleo', 'Dan', 'Eve'].map((name) => ({ id: name.toLowerCase(), name }))
const group = (...ids: string[]) => ({
  label: ids.join(),
  children: ids.map((id) => ({ id, name: id })),
})

describe('counting by number', () => {
  it('asks the pairs in which they stand, the odd one with a pair', () => {
    const groups = [group('ada', 'ben'), group('cleo', 'dan', 'eve')] as never
    expect(partiesOf('together', here, groups).map((p) => p.name)).toEqual(['Ada & Ben', 'Cleo & Dan & Eve'])
  })

  it('leaves out who went home', () => {
    const groups = [group('ada', 'ben'), group('cleo', 'dan'), group('gone', 'eve')] as never
    expect(partiesOf('together', here, groups).map((p) => p.name)).toEqual(['Ada & Ben', 'Cleo & Dan', 'Eve'])
  })

  it('makes pairs of those beside each other where lanes or teams stand', () => {
    const groups = [group('ada', 'ben', 'cleo', 'dan', 'eve')] as never
    expect(partiesOf('together', here, groups).map((p) => p.children.length)).toEqual([2, 3])
    expect(partiesOf('together', here.slice(0, 1), []).map((p) => p.name)).toEqual(['Ada'])
  })

  it('asks each child for what is each child’s own', () => {
    expect(partiesOf('throw', here, [group('ada', 'ben')] as never)).toHaveLength(5)
  })

  it('reads throws by lines half a metre apart', () => {
    const throws = numbersFor('throw')
    expect(throws.slice(0, 3).map((n) => [n.count, n.label])).toEqual([
      [500, '0.5'],
      [1000, '1'],
      [1500, '1.5'],
    ])
    expect(countWords('throw', 2500)).toBe('past 2.5 m')
    expect(numbersFor('down').at(-1)?.count).toBe(10)
  })

  it('knows what the server kept, without what was taken back', () => {
    const event = (id: string, voided: boolean) => ({
      what: {
        id,
        kind: 'COUNT' as const,
        lesson: '',
        body: { what: 'streak' as const, children: ['ada'], count: 7 },
        seq: 1,
        at: '',
      },
      by: '',
      voided,
    })
    expect(countsOf([event('1', false), event('2', true)]).map((c) => c.id)).toEqual(['1'])
  })
})
