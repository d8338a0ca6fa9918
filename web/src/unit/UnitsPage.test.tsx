import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, expect, it, vi } from 'vitest'
import { answering, ok } from '../api/testing'
import { ChangeNote } from '../changes/ChangeNote'
import { putAway } from '../changes/changed'
import { addDays, todayHere } from '../shared/dates'
import { removeUnit } from './removing'
import UnitsPage from './UnitsPage'

vi.mock('../session/useSession', () => ({ usePlans: () => true }))

const unit = (id: string, title: string, className: string, skill: string, to: number) => ({
  id,
  title,
  className,
  classId: className,
  skills: [skill],
  cueSets: [],
  lessons: 6,
  taught: 0,
  fits: true,
  from: addDays(todayHere(), to - 30),
  to: addDays(todayHere(), to),
})

const units = [
  unit('1', 'Roll', 'Terns', 'Underarm roll', 20),
  unit('2', 'Hop', 'Auks', 'Hop', 3),
  unit('3', 'Kick', 'Terns', 'Kick for distance', -5),
]

const queries = new QueryClient()
const show = () =>
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <ChangeNote />
        <UnitsPage />
      </MemoryRouter>
    </QueryClientProvider>,
  )

afterEach(() => {
  putAway()
  queries.clear()
})

it('shows what runs or comes, and finds the others', async () => {
  answering('GET').mockImplementation((path: string) => ok(path === '/api/units' ? units : []))
  show()
  expect(await screen.findByText('Roll')).toBeInTheDocument()
  expect(screen.queryByText('Kick')).toBeNull()
  fireEvent.change(screen.getByLabelText('Find a unit'), { target: { value: 'terns roll' } })
  expect(screen.queryByText('Auks · Hop')).toBeNull()
  fireEvent.change(screen.getByLabelText('Find a unit'), { target: { value: 'kick' } })
  fireEvent.click(screen.getByRole('button', { name: 'Show all 3' }))
  expect(screen.getByText('Kick')).toBeInTheDocument()
})

it('brings a removed unit back from the note and from the list', async () => {
  const sent: string[] = []
  answering('GET').mockImplementation((path: string) =>
    ok(path === '/api/units' ? units : [{ id: '9', title: 'Oops', className: 'Auks', until: '2026-12-30' }]),
  )
  answering('DELETE').mockImplementation((path: string) => {
    sent.push(`DELETE ${path}`)
    return ok(null)
  })
  answering('POST').mockImplementation((path: string, asked: { params: { path: { id: string } } }) => {
    sent.push(`${path} ${asked.params.path.id}`)
    return ok({})
  })
  show()
  fireEvent.click(await screen.findByRole('button', { name: 'Bring back Oops, Auks' }))
  await vi.waitFor(() => expect(sent).toEqual(['/api/removed-units/{id}/back 9']))
  await removeUnit(queries, { id: '1', title: 'Roll' })
  expect(await screen.findByText(/“Roll” is removed/)).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  expect(await screen.findByText('Taken back: everything is as it was.')).toBeInTheDocument()
  expect(sent.at(-1)).toBe('/api/removed-units/{id}/back 1')
})
