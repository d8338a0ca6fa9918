import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { answering, ok } from '../api/testing'
import { Misfits } from './Misfits'
import { lesson, segment, unit } from './testing'

const broken: Schemas['StrainView'] = {
  rule: 'Activities fit',
  level: 'HARD',
  sentence: 'Lane roll does not fit.',
  segment: 's',
  cost: 10,
}

const show = (strains: Schemas['StrainView'][], refit = vi.fn()) => {
  const of = { ...unit([lesson(0, 'PLANNED', [segment('s')])]), strains }
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Misfits unit={of} busy={false} refit={refit} />
    </QueryClientProvider>,
  )
  return refit
}

describe('what does not fit any more', () => {
  it('says what would become of it, and fits it on a press', async () => {
    answering('GET').mockImplementation(() => ok(['Lesson 1: lane roll at “3 m” instead of “6 m”.']))
    const refit = show([broken])
    expect(await screen.findByText(/at “3 m” instead of “6 m”/)).toBeInTheDocument()
    expect(screen.getByRole('heading', { name: 'One stretch does not fit any more' })).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Fit them again, and leave all else' }))
    expect(refit).toHaveBeenCalledTimes(1)
  })

  it('asks nothing where all fits', () => {
    const GET = answering('GET')
    show([{ ...broken, level: 'SOFT' }])
    expect(GET).not.toHaveBeenCalled()
    expect(screen.queryByRole('button')).toBeNull()
  })
})
