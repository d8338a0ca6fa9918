import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, type Mock, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answering, ok } from '../api/testing'
import { Compare } from './Compare'

const queries = () => {
  const client = new QueryClient()
  client.setQueryData(['session'], { role: 'LEAD' })
  return client
}

const part = (name: string, same: boolean): Schemas['ComparedPart'] => ({
  name,
  play: false,
  minutes: 7,
  cues: 'Step',
  locked: false,
  same,
})

const lesson = (position: number, open: boolean, differs: boolean): Schemas['ComparedLesson'] => ({
  lesson: `l${position}`,
  position,
  open,
  differs,
  before: [part('Tide Line', !differs)],
  after: [part(differs ? 'Dock the Ball' : 'Tide Line', !differs)],
})

const comparison: Schemas['Comparison'] = {
  head: 'h',
  other: 'v',
  proposal: true,
  cause: 'A proposal',
  why: '',
  before: { hard: 0, medium: 0, soft: 9 },
  after: { hard: 0, medium: 0, soft: 4 },
  changes: [{ rule: 'Each cue comes back', level: 'SOFT', before: 12, after: 6 }],
  cues: [{ cue: 'Step', before: 2, after: 4 }],
  lessons: [lesson(0, false, false), lesson(1, true, true), lesson(2, true, true)],
}

describe('two plans side by side', () => {
  let POST: Mock
  beforeEach(() => {
    answering('GET').mockReturnValue(ok(comparison))
    POST = answering('POST').mockReturnValue(ok({ head: 'h2' }))
  })

  const open = async () => {
    const taken = vi.fn()
    render(
      <QueryClientProvider client={queries()}>
        <Compare
          unit={{ id: 'u', head: 'h' } as Schemas['UnitView']}
          version="v"
          close={vi.fn()}
          taken={taken}
        />
      </QueryClientProvider>,
    )
    await screen.findByText('better: each cue comes back (12 to 6)')
    return taken
  }
  const sent = () => POST.mock.calls[0][1].body.lessons

  it('takes all that is open, with the wishes', async () => {
    const taken = await open()
    expect(screen.getByText('“Step” 2 → 4 times')).toBeTruthy()
    fireEvent.click(screen.getByRole('button', { name: 'Take it all' }))
    await waitFor(() => expect(taken).toHaveBeenCalledWith({ head: 'h2' }))
    expect(sent()).toEqual(['l1', 'l2'])
  })

  it('takes only what is left ticked, and nothing if nothing is', async () => {
    await open()
    fireEvent.click(screen.getByLabelText('take lesson 2'))
    fireEvent.click(screen.getByRole('button', { name: 'Take 1 lesson' }))
    await waitFor(() => expect(sent()).toEqual(['l2']))
  })

  it('takes nothing where nothing is ticked', async () => {
    await open()
    for (const n of [2, 3]) fireEvent.click(screen.getByLabelText(`take lesson ${n}`))
    expect((screen.getByRole('button', { name: 'Take 0 lessons' }) as HTMLButtonElement).disabled).toBe(true)
  })
})
