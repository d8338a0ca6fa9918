import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { beforeEach, describe, expect, it, type Mock, vi } from 'vitest'
import { answering, ok } from '../api/testing'
import { Arrival } from './Arrival'
import { lesson, segment, unit } from './testing'

const dates = [
  { day: '2026-11-02', starts: '10:00', minutes: 30, spaceId: 'hall' },
  { day: '2026-11-09', starts: '10:00', minutes: 25, spaceId: 'yard' },
]

describe('a unit for another class', () => {
  let POST: Mock
  let PUT: Mock
  beforeEach(() => {
    answering('GET').mockImplementation((path: string) =>
      ok(
        path === '/api/classes'
          ? [{ id: 'c', name: 'Curlews', year: 'Year 3', children: 27 }]
          : path === '/api/spaces'
            ? [{ id: 'hall', name: 'Hall', ceilingCm: 480 }]
            : dates,
      ),
    )
    POST = answering('POST')
    PUT = answering('PUT')
  })

  const open = (from?: ReturnType<typeof unit>) =>
    render(
      <MemoryRouter>
        <QueryClientProvider client={new QueryClient()}>
          <Arrival from={from} close={vi.fn()} />
        </QueryClientProvider>
      </MemoryRouter>,
    )

  it('is copied into the timetabled lessons of the class, without the lost ones, and says what was changed', async () => {
    POST.mockReturnValue(ok({ id: 'n', changes: ['Lesson 2: Tide Line instead of Gate Roll.'] }))
    open(
      unit([
        lesson(0, 'TAUGHT', [segment('a')]),
        lesson(1, 'LOST', []),
        lesson(2, 'PLANNED', [segment('b')]),
      ]),
    )
    await screen.findByText(/30 min · .*25 min/)
    fireEvent.click(screen.getByRole('button', { name: 'Copy' }))
    await screen.findByText('Lesson 2: Tide Line instead of Gate Roll.')
    const body = POST.mock.calls[0][1].body
    expect(body.classId).toBe('c')
    expect(body.lessons).toEqual([
      { onDate: '2026-11-02', starts: '10:00', minutes: 30, spaceId: 'hall' },
      { onDate: '2026-11-09', starts: '10:00', minutes: 25, spaceId: 'yard' },
    ])
  })

  it('is taken in from a file only once there is one, and keeps it when it is refused', async () => {
    PUT.mockReturnValue(
      Promise.resolve({
        error: { title: 'Not taken in', status: 422, detail: 'This is not a unit of ours.' },
        response: new Response(null, { status: 422 }),
      }),
    )
    open()
    expect(screen.getByRole('button', { name: 'Import' })).toBeDisabled()
    const file = new File([JSON.stringify({ lessons: [{}, {}] })], 'tide.unit.json')
    fireEvent.change(screen.getByLabelText('Unit as a file'), { target: { files: [file] } })
    await screen.findByText('tide.unit.json')
    fireEvent.mouseDown(screen.getByRole('combobox', { name: 'For' }))
    fireEvent.click(await screen.findByText('Curlews · Year 3 · 27 children'))
    await waitFor(() => expect(screen.getByRole('button', { name: 'Import' })).toBeEnabled())
    fireEvent.click(screen.getByRole('button', { name: 'Import' }))
    await screen.findByText(/This is not a unit of ours/)
    expect(screen.getByText('tide.unit.json')).toBeInTheDocument()
  })
})
