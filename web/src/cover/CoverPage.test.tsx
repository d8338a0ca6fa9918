import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { expect, it } from 'vitest'
import { Problem } from '../api/client'
import { answering, ok } from '../api/testing'
import CoverPage from './CoverPage'

const cover = {
  className: 'Terns',
  year: 'Year 3',
  number: 2,
  title: 'Roll',
  onDate: '2026-11-30',
  starts: '09:10:00',
  minutes: 30,
  space: 'Hall',
  ends: '2026-11-30T10:10:00Z',
  fetch: ['shed: 12 balls'],
  cautions: ['Running ends 3 m before a wall.'],
  stopSignal: 'One loud clap: everybody stands still.',
  sitOut: ['Ada'],
  leftHanded: ['Dov'],
  helpers: ['Bo'],
  children: ['Ada', 'Bo', 'Dov'].map((name) => ({ id: name.toLowerCase(), name, away: name === 'Dov' })),
  steps: [
    {
      name: 'Gull Waves',
      minutes: 3,
      say: [],
      what: 'Wave like gulls.',
      groups: 'all',
      stop: 'After 3 minutes, at the stop signal. Sit down.',
    },
  ],
}

const open = () =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter initialEntries={['/cover/abc']}>
        <Routes>
          <Route path="/cover/:code" element={<CoverPage />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  )

it('leads an adult through a lesson, with who is here and a clock', async () => {
  const sent: unknown[] = []
  answering('GET').mockImplementation(() => ok(cover))
  answering('POST').mockImplementation((_: string, asked: { body: unknown }) => {
    sent.push(asked.body)
    return sent.length > 1 ? Promise.reject(new TypeError('no network')) : ok(cover)
  })
  open()
  expect(await screen.findByText('Who is here: 2')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Bo' }))
  expect(screen.getByText('Who is here: 1')).toBeInTheDocument()
  expect(sent).toEqual([{ away: ['dov', 'bo'] }])
  fireEvent.click(screen.getByRole('button', { name: 'Ada' }))
  expect(await screen.findByText(/Not stored, there is no network/)).toBeInTheDocument()
  expect(screen.getByText('Who is here: 0')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Begin' }))
  expect(screen.getByText('Wave like gulls.')).toBeInTheDocument()
  expect(screen.getByRole('timer')).toHaveTextContent('3:00')
  expect(screen.getByRole('button', { name: /That was all/ })).toBeDisabled()
})

it('says that a code has ended', async () => {
  answering('GET').mockImplementation(() => {
    throw new Problem(404, 'Not found', 'This code has ended, or was mistyped.', [])
  })
  open()
  expect(await screen.findByText(/This code has ended/)).toBeInTheDocument()
})
