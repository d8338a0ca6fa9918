import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, expect, it, vi } from 'vitest'
import { api } from '../api/client'
import CupboardPage from './CupboardPage'

const thing = (key: string, count = 0) => ({
  key,
  name: key,
  many: `${key}s`,
  grams: 100,
  widthMm: 100,
  pieces: 1,
  traits: [],
  like: [],
  homeMade: false,
  own: false,
  count,
  broken: 0,
  storage: '',
  handling: { indoors: true, atPeople: true, pack: 1 },
  motion: [],
})

afterEach(() => vi.restoreAllMocks())

/** An empty cupboard is counted from the top: each count is saved, the next row is ready, and no row goes away. */
it('goes down the list while it is counted', async () => {
  const counts: Record<string, number> = {}
  const answered = (data: unknown) => Promise.resolve({ data, response: new Response() })
  vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
    answered(
      path === '/api/cupboard' ? ['ball', 'hoop', 'rope'].map((k) => thing(k, counts[k])) : [],
    )) as never)
  vi.spyOn(api, 'PUT').mockImplementation(((
    _: string,
    asked: { params: { path: { item: string } }; body: { count: number } },
  ) => {
    counts[asked.params.path.item] = asked.body.count
    return answered({})
  }) as never)
  const queries = new QueryClient()
  queries.setQueryData(['session'], { role: 'LEAD', name: 'Robin', measures: 'METRIC' })
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <CupboardPage />
      </MemoryRouter>
    </QueryClientProvider>,
  )
  const first = await screen.findByLabelText('How many: ball')
  first.focus()
  fireEvent.change(first, { target: { value: '12' } })
  fireEvent.keyDown(first, { key: 'Enter', keyCode: 13 })
  expect(document.activeElement).toBe(screen.getByLabelText('How many: hoop'))
  await waitFor(() => expect(counts.ball).toBe(12))
  await waitFor(() => expect((screen.getByLabelText('How many: ball') as HTMLInputElement).value).toBe('12'))
  expect(within(screen.getByRole('table', { name: 'Kit' })).getAllByRole('row')).toHaveLength(4)
})
