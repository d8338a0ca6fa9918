import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { beforeEach, describe, expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { sent, usualWishes, type Wishes, WishesForm } from './WishesForm'

function Held({ told }: { told: (now: Wishes) => void }) {
  const [wishes, setWishes] = useState<Wishes>(usualWishes)
  return (
    <WishesForm
      value={wishes}
      onChange={(w) => {
        told(w)
        setWishes(w)
      }}
    />
  )
}

describe('wishes of a unit', () => {
  let now: Wishes = usualWishes
  beforeEach(() => {
    now = usualWishes
    answering('GET').mockImplementation((path: string) =>
      ok(
        path === '/api/unit-rules'
          ? [
              { key: 'EnoughTries', name: 'Enough tries', level: 'SOFT', weight: 1 },
              { key: 'MinutesAddUp', name: 'Minutes add up', level: 'HARD', weight: 10 },
            ]
          : { found: [{ key: 'tide-line', name: 'Tide Line' }] },
      ),
    )
  })

  const open = () =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Held
          told={(w) => {
            now = w
          }}
        />
      </QueryClientProvider>,
    )

  it('takes plain wishes', () => {
    open()
    fireEvent.click(screen.getByLabelText('one a lesson'))
    fireEvent.click(screen.getByLabelText('calm'))
    fireEvent.click(screen.getByLabelText('few changes of what stands on the floor'))
    expect(now).toEqual({ ...usualWishes, order: 'BLOCKED', tempo: 'CALM', fewLayouts: true })
    expect(sent(now)).toMatchObject({ order: 'BLOCKED', more: { tempo: 'CALM', fewLayouts: true } })
  })

  it('lets soft rules be weighed, and forgets a weight that is the usual one', async () => {
    open()
    fireEvent.click(screen.getByText('Weigh the rules yourself'))
    const points = await screen.findByLabelText('Points for: Enough tries')
    expect(screen.queryByLabelText('Points for: Minutes add up')).not.toBeInTheDocument()
    fireEvent.change(points, { target: { value: '7' } })
    expect(now.weights).toEqual({ EnoughTries: 7 })
    fireEvent.change(points, { target: { value: '1' } })
    expect(now.weights).toEqual({})
  })
})
