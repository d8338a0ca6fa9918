import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { answering, ok } from '../api/testing'
import { stretch } from '../hall/testing'
import { HowItWent } from './HowItWent'
import type { Sheet } from './useLesson'

const sheet = (state: Sheet['state']) =>
  ({
    lesson: 'l',
    className: 'Curlews',
    number: 3,
    state,
    segments: [stretch('drill', 8), stretch('game', 8)],
  }) as unknown as Sheet

const open = (state: Sheet['state']) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <HowItWent sheet={sheet(state)} close={vi.fn()} />
    </QueryClientProvider>,
  )
const press = (name: string) => act(async () => fireEvent.click(screen.getByRole('button', { name })))

describe('how a lesson went, at the desk', () => {
  it('is taught as a whole, or cut short by what ran', async () => {
    const put = answering('PUT').mockImplementation(() => ok(undefined))
    open('PLANNED')
    await press('Taught')
    expect(put.mock.lastCall?.[1].body).toEqual({ state: 'TAUGHT', ran: undefined })
    await act(async () => fireEvent.click(screen.getByRole('checkbox', { name: /^game/ })))
    await press('Cut short')
    expect(put.mock.lastCall?.[1].body).toEqual({ state: 'TAUGHT', ran: ['drill'] })
    await press('Not taught')
    expect(put.mock.lastCall?.[1].body).toEqual({ state: 'LOST', ran: undefined })
  })

  it('is taken back, and asks about the next lesson', async () => {
    const line = { about: 'FETCH', sentence: 'Fetch for it: 6 hoops.', why: 'The rest is as this time.' }
    answering('GET').mockImplementation(() => ok({ lines: [line] }))
    const put = answering('PUT').mockImplementation((path: string) =>
      ok(path.includes('evening') ? { lines: [{ ...line, answer: true }] } : undefined),
    )
    open('TAUGHT')
    expect(await screen.findByText('Fetch for it: 6 hoops.')).toBeInTheDocument()
    await press('Yes')
    expect(put.mock.lastCall?.[1].params.path).toEqual({ id: 'l', about: 'FETCH' })
    expect(screen.getByRole('button', { name: 'Yes' })).toHaveAttribute('aria-pressed', 'true')
    await press('Take it back')
    expect(put.mock.lastCall?.[1].body).toEqual({ state: 'PLANNED', ran: undefined })
  })
})
