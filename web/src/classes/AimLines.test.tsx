import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { Workbench } from '../knowhow/Workbench'
import { AimLines } from './AimLines'

const page = (seed: [unknown[], unknown][], element: React.ReactNode) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  for (const [key, data] of seed) queries.setQueryData(key, data)
  render(<QueryClientProvider client={queries}>{element}</QueryClientProvider>)
}

describe('start lines', () => {
  it('names who stands where, who goes by age, and what to change after the last set', () => {
    page(
      [
        [
          ['aim', 'k', 'roll', 0.6, 1.5, 8],
          {
            skill: 'roll',
            name: 'Roll',
            width: 0.6,
            children: 3,
            tried: 1,
            inBand: 2,
            reason: 'From 2.0, 3.0 and 4.0 m 2 of 3 children hit between 60 and 80 % of their tries.',
            lines: [
              {
                metres: 2,
                children: [{ name: 'Ada', percent: 68, own: true, nextTime: '2 of 5: a step nearer' }],
              },
              {
                metres: 3,
                children: [
                  { name: 'Ben', percent: 70, own: false },
                  { name: 'Cleo', percent: 71, own: false },
                ],
              },
              { metres: 4, children: [] },
            ],
          },
        ],
      ],
      <AimLines classId="k" skills={[{ key: 'roll', name: 'Roll' }]} />,
    )
    expect(screen.getByText('68 in 100; last 2 of 5: a step nearer')).toBeInTheDocument()
    expect(screen.getByText('70 in 100 by age')).toBeInTheDocument()
    expect(screen.getByText(/1 of 3 by their own tries, the others by their age/)).toBeInTheDocument()
    expect(screen.getByRole('heading', { name: 'From 3 m: 2 children' })).toBeInTheDocument()
    expect(screen.queryByRole('heading', { name: /From 4 m/ })).not.toBeInTheDocument()
  })

  it('asks for a unit where nothing is sent at a target', () => {
    page([], <AimLines classId="k" skills={[]} />)
    expect(screen.getByText(/Plan a unit that sends something/)).toBeInTheDocument()
  })
})

describe('a workbench', () => {
  it('stands beside skills that have one, and says its sum for who does not see the drawing', () => {
    const sentence = 'To clap once the toss goes 0.6 m above the hand.'
    page(
      [
        [
          ['toss', 'CLAP', 7, 4.8, 0],
          {
            toss: { seconds: 0.7, rise: 0.6, top: 1.2, hand: 0.6, fits: true, sentence },
            tasks: [{ task: 'CLAP', label: 'clap once' }],
          },
        ],
      ],
      <Workbench skill="two-hand-catch" />,
    )
    expect(screen.getByRole('img', { name: sentence })).toBeInTheDocument()
    expect(screen.getByText('hand 0.6 m, 0.7 s in the air')).toBeInTheDocument()
  })

  it('is not there for others', () => {
    page([], <Workbench skill="hop" />)
    expect(screen.queryByRole('img')).not.toBeInTheDocument()
    expect(screen.queryByRole('heading')).not.toBeInTheDocument()
  })

  it('draws a throw of each hand in turn', () => {
    page(
      [
        [
          ['beat', 0.6, 0.4],
          { flight: 0.7, dwell: 0.4, empty: 0.33, between: 0.37, sentence: 'A throw every 0.37 s.' },
        ],
      ],
      <Workbench skill="three-object-juggling" />,
    )
    expect(screen.getByRole('img', { name: 'A throw every 0.37 s.' })).toBeInTheDocument()
    expect(screen.getAllByText('L')).toHaveLength(3)
  })
})
