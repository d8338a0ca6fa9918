import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answering, ok } from '../api/testing'
import { isBetter, Said } from './Said'
import { lesson, segment, unit } from './testing'

const show = (said: Schemas['SaidView'][]) => {
  const swap = vi.fn()
  const replan = vi.fn()
  const select = vi.fn()
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Said
        unit={{ ...unit([lesson(0, 'PLANNED', [segment('s')])]), said }}
        busy={false}
        select={select}
        swap={swap}
        replan={replan}
      />
    </QueryClientProvider>,
  )
  return { swap, replan, select }
}

const alternative = (name: string, soft: number) => ({
  activity: name,
  activities: [name],
  name,
  hard: 0,
  medium: 0,
  soft,
  minutes: 8,
  changes: [],
})

describe('what is said at the door', () => {
  it('mends a stretch with the first that does better', async () => {
    answering('GET').mockImplementation(() => ok([alternative('worse', 4), alternative('better', -6)]))
    const { swap, select } = show([{ words: 'Lane roll comes twice in a row.', segment: 's', broken: false }])
    fireEvent.click(screen.getByRole('button', { name: 'Put something better there' }))
    await waitFor(() => expect(swap).toHaveBeenCalledWith('s', ['better']))
    expect(select).toHaveBeenCalledWith('s')
  })

  it('says where nothing does better', async () => {
    answering('GET').mockImplementation(() => ok([alternative('worse', 4)]))
    const { swap } = show([{ words: 'Lane roll comes twice in a row.', segment: 's', broken: false }])
    fireEvent.click(screen.getByRole('button', { name: 'Put something better there' }))
    expect(await screen.findByText('Nothing that fits there does better.')).toBeInTheDocument()
    expect(swap).not.toHaveBeenCalled()
  })

  it('says what came of it where nobody answers, and asks again on a press', async () => {
    answering('GET').mockImplementation(() => Promise.reject(new Error('gone')))
    const { swap } = show([{ words: 'Lane roll comes twice in a row.', segment: 's', broken: false }])
    const mend = screen.getByRole('button', { name: 'Put something better there' })
    fireEvent.click(mend)
    expect(await screen.findByRole('alert')).toHaveTextContent('The server was not reached.')
    answering('GET').mockImplementation(() => ok([alternative('better', -6)]))
    fireEvent.click(mend)
    await waitFor(() => expect(swap).toHaveBeenCalledWith('s', ['better']))
    expect(screen.queryByRole('alert')).toBeNull()
  })

  it('plans again what concerns the whole unit, and is silent where there is nothing', () => {
    const { replan } = show([{ words: '“Sink” waits for the next unit.', broken: false }])
    fireEvent.click(screen.getByRole('button', { name: 'Plan the rest again' }))
    expect(replan).toHaveBeenCalledTimes(1)
  })

  it('weighs what breaks before what is given up', () => {
    expect(isBetter({ hard: -1, medium: 3, soft: 9 })).toBe(true)
    expect(isBetter({ hard: 0, medium: 1, soft: -9 })).toBe(false)
    expect(isBetter({ hard: 0, medium: 0, soft: 0 })).toBe(false)
  })
})
