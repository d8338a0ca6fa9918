import { QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import { answering, ok, signedIn } from '../api/testing'
import { ChangeNote } from '../changes/ChangeNote'
import { TermsSection } from './TermsSection'

const autumn = { id: 't1', name: 'Autumn', first: '2026-09-07', last: '2026-12-18', version: 3 }
const regatta = {
  id: 'c1',
  name: 'Regatta',
  first: '2026-12-07',
  last: '2026-12-07',
  lessons: 2,
  version: 0,
}
const calendar = { terms: [autumn], closures: [regatta], slots: [], bookings: [], findings: [] }

it('brings back what was removed, and asks about all lessons that a closure falls on', async () => {
  const sent: unknown[] = []
  const lessons = [
    { lesson: 'l1', unit: 'u1', className: 'Terns', title: 'Roll', number: 3, onDate: '2026-12-07' },
    { lesson: 'l2', unit: 'u2', className: 'Auks', title: 'Hop', number: 2, onDate: '2026-12-07' },
  ]
  answering('GET').mockImplementation((path: string) =>
    ok(path === '/api/calendar' ? calendar : path.startsWith('/api/calendar/closures') ? lessons : []),
  )
  answering('DELETE').mockImplementation((path: string) => {
    sent.push(path)
    return ok({ ...calendar, terms: [] })
  })
  answering('PUT').mockImplementation((path: string, asked: { body: object }) => {
    sent.push([path, asked.body])
    return ok(calendar)
  })
  answering('POST').mockImplementation((path: string, asked: { body?: { rest: string } }) => {
    sent.push([path, asked.body])
    const done = ['x1', 'x2'].map((id) => ({ id, words: [`Moved ${id}.`], undone: false }))
    return ok(path.startsWith('/api/changes') ? done[0] : { done, left: ['Auks, Hop: no term left.'] })
  })
  render(
    <QueryClientProvider client={signedIn()}>
      <ChangeNote />
      <TermsSection />
    </QueryClientProvider>,
  )
  fireEvent.click(await screen.findByRole('button', { name: 'Remove Autumn' }))
  expect(await screen.findByText('Autumn is removed.')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  expect(await screen.findByText(/Taken back/)).toBeInTheDocument()
  expect(sent).toEqual([
    '/api/calendar/terms/{id}',
    ['/api/calendar/terms/{id}', { name: 'Autumn', first: '2026-09-07', last: '2026-12-18' }],
  ])
  fireEvent.click(screen.getByRole('button', { name: '2 lessons of the timetable' }))
  expect(await screen.findByText(/Terns, lesson 3 of Roll/)).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Move along' }))
  expect(await screen.findByText('Auks, Hop: no term left.')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent.filter((s) => JSON.stringify(s).includes('/api/changes'))).toHaveLength(2))
})
