import { render, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { Days } from './Days'

const lesson = (
  id: string,
  onDate: string,
  more: Partial<Schemas['HallLesson']> = {},
): Schemas['HallLesson'] => ({
  lesson: id,
  classId: 'c',
  className: 'Terns',
  title: 'Roll it',
  number: 1,
  of: 4,
  onDate,
  minutes: 30,
  state: 'PLANNED',
  ...more,
})

const answers = (lessons: Schemas['HallLesson'][]) => {
  const asked: string[] = []
  vi.stubGlobal(
    'fetch',
    vi.fn(async (path: string) => {
      asked.push(path)
      const body = path === '/api/hall' ? lessons : { person: 'me' }
      return new Response(JSON.stringify(body), { status: 200 })
    }),
  )
  return asked
}

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-11-29T19:00:00') })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

it('lists the next days on a Sunday evening and fetches each lesson', async () => {
  const asked = answers([lesson('m', '2026-11-30'), lesson('w', '2026-12-02')])
  render(<Days />)
  const monday = await screen.findByRole('region', { name: 'Monday 30 November' })
  expect(within(monday).getByRole('link')).toHaveAttribute('href', '/hall/m')
  expect(screen.getByRole('region', { name: 'Wednesday 2 December' })).toBeVisible()
  expect(screen.getByText(/^No lesson today/)).toBeVisible()
  await vi.waitFor(() => expect(asked).toContain('/api/hall/w'))
  expect(asked).toContain('/api/hall/m')
})

it('calls today today, and says what was taught', async () => {
  answers([lesson('a', '2026-11-29', { state: 'TAUGHT' }), lesson('m', '2026-11-30')])
  render(<Days />)
  const today = await screen.findByRole('region', { name: 'Sunday 29 November' })
  expect(within(today).getByRole('heading', { name: 'Today' })).toBeVisible()
  expect(within(today).getByText('taught')).toBeVisible()
  expect(screen.queryByText(/^No lesson today/)).toBeNull()
})
