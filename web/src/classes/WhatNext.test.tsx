import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { describe, expect, it } from 'vitest'
import { cell } from '../hall/testing'
import { change } from './arrange'
import { WhatNext } from './WhatNext'

const answer = {
  skills: [
    {
      skill: 'roll',
      name: 'Roll',
      rung: 'level 3, to a target',
      step: 'STAY',
      words: 'stay',
      facts: ['40 % is secure'],
    },
  ],
  cues: [{ cue: 'roll/low', facts: ['8 of 20 children have not got it yet'] }],
  groupedBy: ['Roll'],
  groups: [
    {
      cue: 'roll/low',
      children: ['a'],
      steps: [
        {
          name: 'Roll',
          words: 'step back',
          facts: ['2 of the last 9 looks showed it'],
          doing: 'In “Gate” a step easier: 2 m.',
        },
      ],
    },
    { cue: '', children: ['b', 'c'], steps: [] },
  ],
  helpFirst: 'Ada (“low”, 0 of 3) needs help first.',
  lesson: {
    lesson: 'l5',
    unit: 'u1',
    title: 'Rolling',
    skills: ['roll'],
    onDate: '2026-11-30',
    number: 5,
    looks: 24,
    watches: [
      { child: 'a', cue: 'roll/low', looks: 2 },
      { child: 'b', cue: 'roll/low', looks: 1 },
    ],
    reason: '24 looks: for 11 of them this should decide it, 4 stay open.',
    ownLooks: '30 of 50 planned looks were made in the last lesson.',
    check: 'A check of 5 tries for “Low” is worth a minute each: Ben is likely to pass it, 8 times in 10.',
    enough: ['Eyes on it'],
  },
  signOff: {
    by: '2026-12-14',
    lessons: 3,
    looks: 150,
    used: 60,
    cues: [
      {
        cue: 'roll/low',
        children: 20,
        decided: 4,
        likely: 9,
        needed: 60,
        planned: [{ onDate: '2026-11-30', looks: 60 }],
      },
      { cue: 'roll/step', children: 20, decided: 3, likely: 0, needed: 12, planned: [] },
    ],
  },
  cameTrue: {
    lesson: 'l4',
    number: 4,
    foretold: 8,
    settled: 6,
    sentence: 'Lesson 4, 50 looks. Settled: 8 foretold, 6 came.',
  },
  catchUps: [
    { cue: 'roll/low', skill: 'roll', children: ['c'], forClass: false, steps: ['1 minute: watch.'] },
    { cue: 'hop/soft', skill: 'hop', children: ['b'], forClass: false, steps: ['1 minute: hop.'] },
  ],
  agreements: [
    { cue: 'roll/low', first: 'Robin', second: 'Kim', talk: true, sentence: 'They agree on 6 of 12 looks.' },
  ],
  calls: { 'roll/low': 'Low like a crab', 'roll/step': 'Step' },
  names: { a: 'Ada', b: 'Ben', c: 'Cleo' },
}

const show = (body: object) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  queries.setQueryData(['next', 'k', ['roll/components'], ''], body)
  queries.setQueryData(['rehearsal', 'u1', '', undefined], {
    children: 20,
    classes: 200,
    cues: [{ cue: 'roll/low', call: 'Low', before: { low: 3, middle: 5, high: 7 }, after: [] }],
    behind: [],
    sentences: ['After the last lesson “Low” is likely there in 9 to 14 of 20 children.'],
  })
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <WhatNext classId="k" sets={['roll/components']} />
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

describe('what next', () => {
  it('says each proposal with what decides it, and names children, not ids', async () => {
    show(answer)
    expect(await screen.findByText('Roll: stay')).toBeInTheDocument()
    expect(screen.getByText('Ada (“low”, 0 of 3) needs help first.')).toBeInTheDocument()
    expect(screen.getByText('With the class, 2 children')).toBeInTheDocument()
    expect(screen.getByText('In “Gate” a step easier: 2 m.', { exact: false })).toBeInTheDocument()
    expect(screen.getAllByText('Five minutes beside the others, with a card each')[0]).toBeInTheDocument()
    expect(screen.getByText('1 minute: watch.')).toBeInTheDocument()
    expect(screen.getByText('1 cue of other skills')).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'Print a card for each of them' })).toHaveAttribute(
      'href',
      '/api/classes/k/catch-up/paper?set=roll%2Fcomponents',
    )
    expect(screen.getByText('so far level 3, to a target')).toBeInTheDocument()
    expect(screen.getByText('30 of 50 planned looks were made in the last lesson.')).toBeInTheDocument()
    expect(screen.getByText('Ada (2 looks), Ben')).toBeInTheDocument()
    expect(screen.getByText(/Ben is likely to pass it, 8 times in 10/)).toBeInTheDocument()
    expect(screen.getByText('Enough was looked at: “Eyes on it”.')).toBeInTheDocument()
    expect(screen.getByText(/likely there in 9 to 14 of 20 children/)).toBeInTheDocument()
    expect(
      screen.getByText(/24 looks: for 11 of them this should decide it, 4 stay open/),
    ).toBeInTheDocument()
    expect(screen.getByText('4 of 20 decided, 9 more likely: 60 looks on Mon 30 Nov')).toBeInTheDocument()
    expect(screen.getByText('1 cue not looked for until then')).toBeInTheDocument()
    expect(screen.getByText('3 of 20 decided; 12 looks would be needed')).toBeInTheDocument()
    expect(screen.getByText('For lesson 5, Mon 30 Nov: Roll.')).toBeInTheDocument()
    expect(screen.getByText('Lesson 4, 50 looks. Settled: 8 foretold, 6 came.')).toBeInTheDocument()
    expect(screen.getByText('Talk about what you look for.')).toBeInTheDocument()
    expect(screen.getByRole('link', { name: /Lesson 5/ })).toHaveAttribute('href', '/lessons/l5')
    expect(screen.getByRole('radio', { name: 'stay' })).toBeChecked()
    expect(screen.getByRole('button', { name: 'Change the rest of the unit so' })).toBeEnabled()
  })

  it('says so where nothing is planned and nothing is needed', async () => {
    show({ ...answer, cues: [], lesson: undefined, signOff: undefined, catchUps: [], agreements: [] })
    expect(await screen.findByText(/No lesson is planned/)).toBeInTheDocument()
    expect(screen.queryByRole('button', { name: 'Change the rest of the unit so' })).not.toBeInTheDocument()
    expect(screen.getByText(/Nothing that was taught is needed any more/)).toBeInTheDocument()
    expect(screen.queryByText('Were away when it was taught')).not.toBeInTheDocument()
  })
})

describe('a mark beside what it was', () => {
  it('tells up, down and seen for the first time apart; teaching alone is no change', () => {
    expect(change(cell('EMERGING'), cell('SECURE'))).toEqual({ sign: '▲', words: 'was emerging' })
    expect(change(cell('MASTERED'), cell('DUE'))?.sign).toBe('▼')
    expect(change(cell('NOT_TAUGHT'), cell('EMERGING'))?.sign).toBe('+')
    expect(change(cell('NOT_TAUGHT'), cell('NOT_SEEN'))).toBeNull()
    expect(change(cell('NEAR'), cell('NEAR'))).toBeNull()
    expect(change(undefined, cell('NEAR'))).toBeNull()
  })
})
