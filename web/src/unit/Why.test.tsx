import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { beforeEach, describe, expect, it, type Mock, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answering, ok } from '../api/testing'
import { lesson, segment, unit } from './testing'
import { Why } from './Why'

const queries = () => {
  const client = new QueryClient()
  client.setQueryData(['session'], { role: 'LEAD' })
  return client
}
const alternative = (activity: string, name: string, activities = [activity]): Schemas['Alternative'] => ({
  activity,
  activities,
  name,
  minutes: 8,
  tries: 20,
  hard: 0,
  medium: 0,
  soft: 2,
  changes: [{ rule: 'Enough tries', level: 'SOFT', before: 0, after: 2 }],
})

describe('why a segment is there', () => {
  const swap = vi.fn()
  let GET: Mock
  beforeEach(() => {
    swap.mockReset()
    GET = answering('GET').mockImplementation((_path, { params }) =>
      ok(
        params.query.beside
          ? [alternative('wall', 'Wall Walk', ['gate', 'wall'])]
          : [alternative('lane', 'Lane Roll')],
      ),
    )
  })

  const open = (s: Schemas['SegmentView']) => {
    const here = lesson(0, 'PLANNED', [s])
    render(
      <QueryClientProvider client={queries()}>
        <Why
          unit={unit([here])}
          lesson={here}
          segment={s}
          busy={false}
          lock={vi.fn()}
          adjust={vi.fn()}
          move={vi.fn()}
          moveTo={vi.fn()}
          minutes={vi.fn()}
          remove={vi.fn()}
          swap={swap}
          add={vi.fn()}
        />
      </QueryClientProvider>,
    )
  }

  it('offers what could stand instead, with its cost', async () => {
    open(segment('gate', { skill: 'roll' }))
    fireEvent.click(await screen.findByRole('button', { name: 'Lane Roll' }))
    expect(swap).toHaveBeenCalledWith(['lane'])
    expect(screen.getByText(/enough tries/)).toBeInTheDocument()
  })

  it('splits into stations only when asked, and closes once one is chosen', async () => {
    open(segment('gate', { skill: 'roll' }))
    await screen.findByRole('button', { name: 'Lane Roll' })
    expect(GET).toHaveBeenCalledTimes(1)
    fireEvent.click(screen.getByRole('button', { name: 'Split into stations' }))
    fireEvent.click(await screen.findByRole('button', { name: 'Wall Walk' }))
    expect(swap).toHaveBeenCalledWith(['gate', 'wall'])
    expect(screen.queryByRole('button', { name: 'Wall Walk' })).not.toBeInTheDocument()
  })

  it('takes one of three stations away', () => {
    const station = (activity: string) => ({ activity, name: `${activity} drill`, setting: '3 m' })
    open(segment('s', { skill: 'roll', stations: [station('gate'), station('wall'), station('ring')] }))
    fireEvent.click(screen.getByRole('button', { name: 'wall drill away' }))
    expect(swap).toHaveBeenCalledWith(['gate', 'ring'])
  })

  it('splits neither a talk nor what is locked', () => {
    open(segment('talk'))
    expect(screen.queryByRole('button', { name: 'Split into stations' })).not.toBeInTheDocument()
    expect(screen.getByRole('button', { name: 'Lock' })).toBeEnabled()
  })
})
