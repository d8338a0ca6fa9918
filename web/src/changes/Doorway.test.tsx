import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { answering, ok } from '../api/testing'
import { ChangeNote } from './ChangeNote'
import { putAway } from './changed'
import { Doorway } from './Doorway'

const yard = { id: 'y', name: 'Yard', wetSpaceId: 'h' }
const hall = { id: 'h', name: 'Hall', ceilingCm: 480 }
const lesson = { lesson: 'l', className: 'Terns', number: 3, onDate: '2026-11-30', minutes: 45 }

const bead = (id: string) => ({ lesson: id, onDate: '2026-11-30', bead: 'FITS' })
const term = {
  classes: [
    { schoolClass: { id: 'terns', name: 'Terns', children: 27 }, beads: [bead('l')] },
    { schoolClass: { id: 'auks', name: 'Auks', children: 29 }, beads: [bead('theirs')] },
  ],
}

let sent: unknown[]
const other = vi.fn()

const open = (space: string) => {
  answering('GET').mockImplementation((path: string) => ok(path === '/api/term' ? term : [yard, hall]))
  answering('POST').mockImplementation((path: string, asked: { body?: unknown }) => {
    sent.push([path, asked.body])
    return ok({ id: 'c', words: ['Lesson 3 is in the hall.', 'Left out: Tide Line.'], undone: false })
  })
  render(
    <QueryClientProvider client={new QueryClient()}>
      <ChangeNote />
      <Doorway of={{ ...lesson, space }} other={other} close={() => {}} />
    </QueryClientProvider>,
  )
}

beforeEach(() => {
  sent = []
})
afterEach(() => putAway())

it('brings a lesson in from the rain in one press, says what changed, and takes it back in one', async () => {
  open('Yard')
  fireEvent.click(await screen.findByRole('button', { name: /Rain into Hall/ }))
  expect(await screen.findByText('Left out: Tide Line.')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent).toHaveLength(2))
  expect(sent[0]).toEqual([
    '/api/lessons/{id}/changes',
    { kind: 'DOORWAY', spaceId: 'h', why: 'rain', anyway: false },
  ])
  expect(sent[1]).toEqual(['/api/changes/{id}/undo', undefined])
})

it('halves the time, and finds another place or none where the hall is gone', async () => {
  open('Hall')
  expect(await screen.findByRole('button', { name: /Rain Hall is indoors/ })).toBeDisabled()
  fireEvent.click(screen.getByRole('button', { name: /Half the time 22 minutes instead of 45/ }))
  await waitFor(() => expect(sent).toHaveLength(1))
  expect(sent[0]).toMatchObject(['/api/lessons/{id}/changes', { minutes: 22 }])
  await waitFor(() => expect(screen.getByRole('button', { name: /Hall is gone/ })).toBeEnabled())
  fireEvent.click(screen.getByRole('button', { name: /Hall is gone/ }))
  fireEvent.click(screen.getByRole('button', { name: /A corridor/ }))
  await waitFor(() => expect(sent).toHaveLength(2))
  expect(sent[1]).toMatchObject(['/api/lessons/{id}/changes', { refuge: 'CORRIDOR' }])
  await waitFor(() => expect(screen.getByRole('button', { name: /Nowhere/ })).toBeEnabled())
  fireEvent.click(screen.getByRole('button', { name: /Nowhere/ }))
  expect(other).toHaveBeenCalled()
})

it("takes another class along, with that class's own lesson of the day, and takes both back in one press", async () => {
  open('Hall')
  fireEvent.click(await screen.findByRole('button', { name: /Two classes/ }))
  expect(await screen.findByText('29 children; its own lesson of that day goes along')).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: /^Terns/ })).toBeNull()
  fireEvent.click(screen.getByRole('button', { name: /^Auks/ }))
  await waitFor(() => expect(sent).toHaveLength(2))
  expect(sent[0]).toMatchObject(['/api/lessons/{id}/changes', { kind: 'DOORWAY', withClass: 'auks' }])
  expect(sent[1]).toMatchObject([
    '/api/lessons/{id}/changes',
    { kind: 'LOST', why: 'together with Terns', rest: 'ALONG' },
  ])
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent).toHaveLength(4))
})
