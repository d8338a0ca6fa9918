import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { describe, expect, it } from 'vitest'
import { ClassReport, change } from './ClassReport'
import { SchoolReport } from './SchoolReport'

const tally = (notSeen: number, developing: number, owned: number) => ({
  leftOut: 0,
  notTaught: 0,
  notSeen,
  developing,
  owned,
})

const cue = (
  call: string,
  before: ReturnType<typeof tally>,
  after: ReturnType<typeof tally>,
  gained = 0,
) => ({
  cue: `roll/${call}`,
  call,
  question: `${call}?`,
  before,
  after,
  gained,
  lost: 0,
})

const levels = (notSeen: number, developing: number, near: number, mastery: number) => ({
  notSeen,
  developing,
  near,
  mastery,
})

const outcome = {
  set: 'By stage',
  code: 'ST-1',
  text: 'Rolls at a target.',
  skills: ['Roll'],
  lessons: 4,
  taught: 2,
}

const show = (key: unknown[], body: object, page: React.ReactNode) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  queries.setQueryData(key, body)
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>{page}</MemoryRouter>
    </QueryClientProvider>,
  )
}

const asked = { kind: 'COMPONENTS' as const }

const report = {
  classId: 'k',
  inShort: ['Roll came furthest.', 'What most still lack is “low”.'],
  className: 'Curlews',
  year: 'Year 3',
  children: 20,
  from: '2026-09-01',
  to: '2026-11-20',
  skills: [
    {
      skill: 'roll',
      name: 'Roll',
      setName: 'Five components',
      rule: 'secure: 3 of the last 3',
      ruleThen: 'secure: 4 of the last 4',
      before: levels(20, 0, 0, 0),
      after: levels(2, 12, 4, 2),
      cues: [
        cue('Low', tally(20, 0, 0), tally(2, 10, 8), 8),
        cue('Step', { ...tally(0, 0, 0), notTaught: 20 }, { ...tally(0, 0, 0), notTaught: 20 }),
      ],
    },
  ],
  outcomes: [
    { ...outcome, advanced: 6 },
    { ...outcome, code: 'ST-2', lessons: 0, taught: 0, advanced: 0 },
  ],
}

describe('the report of a class', () => {
  it('has each bar in numbers, the rule of both days, and what is not taught yet', async () => {
    show(['report', 'k', asked], report, <ClassReport classId="k" asked={asked} />)
    expect(
      await screen.findByRole('img', {
        name: 'Roll, Fri 20 Nov: 2 not seen, 12 developing, 4 near mastery, 2 mastery',
      }),
    ).toBeInTheDocument()
    expect(screen.getByText('+8 own it')).toBeInTheDocument()
    expect(screen.getByText('not taught yet')).toBeInTheDocument()
    expect(screen.getByText(/On Tue 1 Sep it was: secure: 4 of the last 4/)).toBeInTheDocument()
    expect(screen.getByText('1 of 2 are in the plans; 1 is not, or not for every class.')).toBeInTheDocument()
    expect(screen.getByText('6 of 20')).toBeInTheDocument()
  })

  it('says what to do where nobody is in the class', async () => {
    show(
      ['report', 'k', asked],
      { ...report, children: 0, skills: [] },
      <ClassReport classId="k" asked={asked} />,
    )
    expect(await screen.findByRole('link', { name: 'Add children' })).toHaveAttribute(
      'href',
      '/classes/k?tab=children',
    )
  })
})

describe('the report of the school', () => {
  it('leads from each class to its own report and names the classes whose plans miss an outcome', async () => {
    const line = { skill: 'roll', name: 'Roll', before: levels(20, 0, 0, 0), after: levels(0, 14, 4, 2) }
    show(
      ['report', 'school', asked],
      {
        school: 'Saltfern',
        from: '2026-09-01',
        to: '2026-11-20',
        classes: [
          { classId: 'k', className: 'Curlews', year: 'Year 3', children: 20, skills: [line] },
          { classId: 'd', className: 'Dunlins', year: 'Year 3', children: 18, skills: [] },
        ],
        inShort: ['Roll came furthest.'],
        skills: [line],
        coverage: [{ ...outcome, of: 2, planned: 1, missing: ['Dunlins'] }],
      },
      <SchoolReport asked={asked} />,
    )
    expect(await screen.findByRole('link', { name: 'Curlews' })).toHaveAttribute('href', '/reports?class=k')
    expect(screen.getByText('Roll came furthest.')).toBeInTheDocument()
    // A class with nothing to show is a name in a line, not a card.
    expect(screen.getByText(/No unit this year yet:/)).toHaveTextContent('No unit this year yet: Dunlins.')
    expect(screen.getByText('1 of 2')).toBeInTheDocument()
    expect(screen.getAllByText('Dunlins')).toHaveLength(2)
    expect(screen.getAllByText('0 → 6 nearly there or better')).toHaveLength(2)
  })
})

describe('what became of a cue', () => {
  it('tells who owns it now, who lost it, and who was seen for the first time', () => {
    expect(change({ ...cue('a', tally(9, 0, 0), tally(4, 5, 0)) })).toBe('5 more seen')
    expect(change({ ...cue('a', tally(0, 5, 4), tally(0, 6, 3)), lost: 1 })).toBe('−1 lost it')
    expect(change(cue('a', tally(1, 2, 3), tally(1, 2, 3)))).toBe('no change')
  })
})
