import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { describe, expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { cell, child } from '../hall/testing'
import ChildPage from './ChildPage'

const picture = {
  child: child('Ada'),
  on: '2026-11-26',
  skills: [
    {
      skill: 'roll',
      name: 'Roll',
      level: 'developing',
      counted: '0 of 1 taught so far',
      cues: [
        {
          cue: 'roll/foot',
          call: 'Other foot steps',
          question: 'Does the other foot step?',
          cell: cell('EMERGING', [true, false]),
          beside: ['could tell it: 1 of 1'],
          looks: [
            { on: '2026-11-12', shown: true },
            { on: '2026-11-16', shown: false },
          ],
          otherHand: '0 of 1 with the other hand',
        },
      ],
      aims: [
        {
          side: 'LEFT',
          hits: 6,
          tries: 10,
          sets: [{ on: '2026-11-16', hits: 6, tries: 10, metres: 3 }],
          spread: '6 hits in 10 tries: a spread of 0.077 rad.',
          suggestion: '70 in 100 tries hit a target like the last one from about 2.5 m.',
        },
      ],
    },
  ],
  bests: ['9 in a row'],
  atHome: ['2026-11-15: Roll, 7 of 10'],
  notes: ['2026-11-16: left the mat'],
}

const show = (at: string) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  queries.setQueryData(['picture', 'a', ['roll/components']], picture)
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <Routes>
          <Route path="/children/:id" element={<ChildPage />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )
}

describe('a child', () => {
  it('keeps what was said and done at home beside the looks', async () => {
    show('/children/a?set=roll/components')
    expect(await screen.findByText(/could tell it: 1 of 1/)).toBeInTheDocument()
    expect(screen.getByText('2026-11-15: Roll, 7 of 10')).toBeInTheDocument()
  })

  it('shows every look on its day, the other hand beside, and a line to try next', () => {
    show('/children/a?set=roll%2Fcomponents')
    expect(screen.getByRole('heading', { name: 'Ada · Year 3' })).toBeInTheDocument()
    expect(screen.getByText('throws left')).toBeInTheDocument()
    expect(screen.getByRole('img', { name: 'Other foot steps: 1 of 2 looks shown' })).toBeInTheDocument()
    expect(screen.getByText(/0 of 1 with the other hand/)).toBeInTheDocument()
    expect(screen.getByText(/from about 2.5 m/)).toBeInTheDocument()
    expect(screen.getByText(/6 of 10 from 3 m/)).toBeInTheDocument()
    expect(screen.getByText('9 in a row')).toBeInTheDocument()
    expect(screen.getByRole('link', { name: 'A page for home' })).toHaveAttribute(
      'href',
      '/api/children/a/paper?set=roll%2Fcomponents',
    )
  })

  it('names what was not taught yet in one line, after what was', async () => {
    const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
    const [roll] = picture.skills
    const leap = {
      ...roll,
      skill: 'leap',
      name: 'Leap',
      aims: [],
      cues: roll.cues.map((c) => ({ ...c, cell: cell('NOT_TAUGHT'), looks: [], beside: [] })),
    }
    queries.setQueryData(['picture', 'a', ['leap/components']], { ...picture, skills: [leap, roll] })
    render(
      <QueryClientProvider client={queries}>
        <MemoryRouter initialEntries={['/children/a?set=leap/components']}>
          <Routes>
            <Route path="/children/:id" element={<ChildPage />} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>,
    )
    expect(await screen.findByText('Not taught yet: Leap.')).toBeInTheDocument()
    expect(screen.queryByRole('heading', { name: /Leap/ })).not.toBeInTheDocument()
    expect(screen.getByRole('heading', { name: /Roll: developing/ })).toBeInTheDocument()
  })

  const ofClass = (units: object[]) => {
    answering('GET').mockImplementation((path: string) =>
      ok(
        path === '/api/units'
          ? units
          : path === '/api/children/{id}'
            ? { child: child('Ada'), enrolments: [{ schoolClass: 'terns', name: 'Terns' }], pairs: [] }
            : picture,
      ),
    )
    show('/children/a')
  }

  it('shows the cues of what its class has units of where none are asked for', async () => {
    ofClass([
      { classId: 'auks', cueSets: ['hop/components'] },
      { classId: 'terns', cueSets: ['roll/components'] },
    ])
    expect(await screen.findByRole('heading', { name: 'Ada · Year 3' })).toBeInTheDocument()
  })

  it('says so where its class has no unit yet', async () => {
    ofClass([{ classId: 'auks', cueSets: ['hop/components'] }])
    expect(await screen.findByText(/Its class has no unit yet/)).toBeInTheDocument()
  })
})
