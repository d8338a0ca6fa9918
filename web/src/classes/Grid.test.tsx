import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { beforeEach, describe, expect, it, type Mock, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { cell, child, cue } from '../hall/testing'
import { arranged } from './arrange'
import { GridTable } from './GridTable'
import { OverTime } from './OverTime'
import * as recording from './record'
import { TwoTrials } from './TwoTrials'

let record: Mock
beforeEach(() => {
  record = vi.spyOn(recording, 'record').mockResolvedValue(['t1'])
})

const row = (name: string, cells: Record<string, Schemas['Cell']>): Schemas['Row'] => ({
  child: child(name),
  cells,
  levels: { roll: { level: 'DEVELOPING', owned: 0, label: 'developing', counted: '0 of 2' } },
})

const owned = (mark: Schemas['Cell']['mark']): Schemas['Cell'] => ({ ...cell(mark), standing: 'OWNED' })

const rows = [
  row('Ada', { 'roll/foot': owned('SECURE'), 'roll/low': owned('MASTERED') }),
  row('Ben', {
    'roll/foot': { ...cell('NOT_TAUGHT'), standing: 'NOT_TAUGHT', sure: undefined },
    'roll/low': owned('SECURE'),
  }),
  row('Cleo', {
    'roll/foot': cell('NEAR'),
    'roll/low': { ...cell(), standing: 'NOT_SEEN', sure: undefined },
  }),
]

const names = (some: Schemas['Row'][]) => some.map((r) => r.child.name)

describe('which children, and in what order', () => {
  it('keeps those that are asked for', () => {
    expect(names(arranged(rows, 'NEAR', { by: 'NAME' }))).toEqual(['Cleo'])
    expect(names(arranged(rows, 'NOT_SEEN', { by: 'NAME' }))).toEqual(['Cleo'])
    expect(names(arranged(rows, 'LEFT', { by: 'NAME' }))).toEqual(['Ada'])
    expect(names(arranged(rows, 'FADED', { by: 'NAME' }))).toEqual([])
  })

  it('puts those first who own fewest, or need a cue most; what was not taught comes last', () => {
    expect(names(arranged(rows, 'ALL', { by: 'FEWEST' }))).toEqual(['Cleo', 'Ben', 'Ada'])
    expect(names(arranged(rows, 'ALL', { by: 'CUE', cue: 'roll/foot' }))).toEqual(['Cleo', 'Ada', 'Ben'])
    expect(names(arranged(rows, 'ALL', { by: 'CUE', cue: 'roll/low' }))).toEqual(['Cleo', 'Ben', 'Ada'])
  })
})

const page = (seed: [unknown[], unknown][], element: React.ReactNode) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  // There is no server to read anew from.
  queries.invalidateQueries = async () => {}
  queries.setQueryData(['session'], { role: 'TEACHER', name: 'Robin' })
  for (const [key, data] of seed) queries.setQueryData(key, data)
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>{element}</MemoryRouter>
    </QueryClientProvider>,
  )
}

const grid = {
  classId: 'k',
  className: 'Curlews',
  year: 'Year 3',
  on: '2026-11-20',
  skills: [
    {
      skill: 'roll',
      name: 'Roll',
      action: 'THROW',
      set: 'roll/components',
      setName: 'Components',
      rule: 'secure: 3 of 3',
      cues: [cue('roll/foot'), cue('roll/low')],
    },
  ],
  rows,
}

describe('the grid by keyboard', () => {
  it('walks, marks shown and not yet, and takes the last one back', async () => {
    page(
      [[['grid', 'k', ['roll/components']], grid]],
      <GridTable classId="k" sets={['roll/components']} before="" />,
    )
    const first = screen.getByRole('button', { name: /^Ada, .*secure so far/ })
    first.focus()
    fireEvent.keyDown(first, { key: 'ArrowDown' })
    fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowDown' })
    expect(document.activeElement).toHaveAccessibleName(/^Cleo/)
    fireEvent.keyDown(document.activeElement as Element, { key: 'x' })
    expect(await screen.findByText(/^Cleo, .*: not yet/)).toBeInTheDocument()
    expect(record.mock.calls[0][0].trials?.[0]).toMatchObject({
      child: 'id-Cleo',
      cue: 'roll/foot',
      shown: false,
      kind: 'TEACHER',
    })
    fireEvent.keyDown(screen.getByRole('button', { name: /^Ada, .*secure so far/ }), { key: 'z' })
    await vi.waitFor(() => expect(record).toHaveBeenLastCalledWith({ voids: ['t1'] }))
  })
})

describe('how likely a mark is', () => {
  it('is said when asked for, dotted where nobody has looked', () => {
    const sure = (looks: number, tenths: number): Schemas['Sureness'] => ({
      word: looks ? 'NOT_SURE' : 'NO_LOOK',
      tenths,
      looks,
      sentence: `${tenths} in 10.`,
    })
    const some = [
      row('Ada', {
        'roll/foot': { ...cell('NEAR'), sure: sure(2, 7) },
        'roll/low': { ...cell(), sure: sure(0, 4) },
      }),
    ]
    page(
      [[['grid', 'k', ['roll/components']], { ...grid, rows: some }]],
      <GridTable classId="k" sets={['roll/components']} before="" />,
    )
    expect(screen.queryByText('7/10')).not.toBeInTheDocument()
    fireEvent.click(screen.getByRole('checkbox', { name: 'How likely' }))
    const own = screen.getByText('7/10')
    const elsewhere = screen.getByText('4/10')
    expect(own.className).not.toBe(elsewhere.className)
    expect(screen.getByRole('button', { name: /^Ada, .*not sure yet/ })).toBeInTheDocument()
  })
})

describe('the grid sorted', () => {
  it('draws no more rows again than the two whose mark can be reached by tab', () => {
    const drawn: string[] = []
    const many = Array.from({ length: 12 }, (_, i) => {
      const line = row(`Child${String(i).padStart(2, '0')}`, {
        'roll/foot': i % 2 ? owned('SECURE') : cell('NEAR'),
        'roll/low': cell('EMERGING'),
      })
      const { sides } = line.child
      return {
        ...line,
        child: Object.defineProperty({ ...line.child }, 'sides', {
          get: () => {
            drawn.push(line.child.name)
            return sides
          },
        }),
      }
    })
    page(
      [[['grid', 'k', ['roll/components']], { ...grid, rows: many }]],
      <GridTable classId="k" sets={['roll/components']} before="" />,
    )
    expect(new Set(drawn).size).toBe(12)
    drawn.length = 0
    fireEvent.click(screen.getByRole('button', { name: 'Call roll/foot' }))
    expect(screen.getAllByRole('rowheader')[0]).toHaveTextContent('Child00')
    expect(screen.getAllByRole('rowheader')[1]).toHaveTextContent('Child02')
    expect(new Set(drawn).size).toBeLessThanOrEqual(2)
  })
})

describe('a test with two trials', () => {
  it('has the next trial to press, the score once all are in, and the one before', async () => {
    const test = (trials: boolean[], score?: number, before?: number) => ({
      sitting: 's1',
      on: '2026-11-20',
      trials: { 'roll/foot': trials },
      missing: 2 - trials.length,
      score,
      before,
    })
    const line = { score: 2, of: 2, skills: 1 }
    page(
      [
        [
          ['two-trials', 'k'],
          {
            classId: 'k',
            skills: [
              { skill: 'roll', name: 'Roll', locomotor: false, greatest: 2, criteria: [cue('roll/foot')] },
            ],
            rows: [
              {
                child: 'a',
                name: 'Ada',
                tests: { roll: test([true, true], 2, 1) },
                locomotor: { of: 0, skills: 0 },
                ball: line,
                together: line,
              },
              {
                child: 'b',
                name: 'Ben',
                tests: { roll: test([true]) },
                locomotor: { of: 0, skills: 0 },
                ball: { of: 2, skills: 1 },
                together: { of: 2, skills: 1 },
              },
            ],
          },
        ],
      ],
      <TwoTrials classId="k" />,
    )
    expect(screen.getByText('Fri 20 Nov; before 1')).toBeInTheDocument()
    expect(screen.getByText('1 trial missing')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: /^Ben, .*trial 2: shown$/ }))
    await vi.waitFor(() =>
      expect(record.mock.calls[0][0].trials?.[0]).toMatchObject({
        child: 'b',
        sitting: 's1',
        formal: true,
        shown: true,
      }),
    )
    fireEvent.click(await screen.findByRole('button', { name: 'Take back' }))
    await vi.waitFor(() => expect(record).toHaveBeenLastCalledWith({ voids: ['t1'] }))
  })
})

describe('over time', () => {
  it('names who stalls, the minutes against the manuals, and who was looked at least', () => {
    page(
      [
        [
          ['over-time', 'k', ['roll/components']],
          {
            trends: [{ trend: 'STALLED', cue: 'roll/low', call: 'Low', children: ['Ada', 'Ben'] }],
            opinions: [{ child: 'Cleo', call: 'Low', sentence: 'Can tell it, but does not show it yet.' }],
            doses: [
              {
                skill: 'roll',
                name: 'Roll',
                soFar: 60,
                planned: 40,
                atThisPace: 300,
                sentence: '60 minutes so far',
              },
            ],
            middle: 4,
            attention: [
              { child: 'a', name: 'Ada', looks: 1, corrections: 0, shown: 0 },
              { child: 'b', name: 'Ben', looks: 6, corrections: 2, shown: 1 },
            ],
            overlooked: ['a'],
            demonstrators: [{ call: 'Low', children: ['Ben'], why: ['left, has not shown anything yet'] }],
            unanswered: [{ text: 'Why low?', lesson: 'l1', number: 2 }],
          },
        ],
      ],
      <OverTime classId="k" sets={['roll/components']} />,
    )
    expect(screen.getByText('“Low”: no better over six looks or more')).toBeInTheDocument()
    expect(
      screen.getByText(/The child in the middle had 4 looks. 1 had half of that or less/),
    ).toBeInTheDocument()
    expect(screen.getByText(/Ben \(left, has not shown anything yet\)/)).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'lesson 2' })).toHaveAttribute('href', '/lessons/l1')
    expect(screen.getByText('60 minutes so far')).toBeInTheDocument()
  })
})
