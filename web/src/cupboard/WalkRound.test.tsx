import { QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { beforeEach, expect, it, vi } from 'vitest'
import { answering, ok, signedIn } from '../api/testing'
import { WalkRound } from './WalkRound'

const usual = [
  { key: 'beanbag', name: 'beanbags', count: 28 },
  { key: 'ball', name: 'foam balls', count: 14 },
  { key: 'bench', name: 'benches', count: 4 },
]

let sent: unknown[]
const done = vi.fn()
const show = () =>
  render(
    <QueryClientProvider client={signedIn()}>
      <WalkRound pupils={28} done={done} />
    </QueryClientProvider>,
  )

beforeEach(() => {
  sessionStorage.clear()
  sent = []
  answering('GET').mockImplementation(() => ok(usual))
  answering('POST').mockImplementation((_: string, asked: { body: unknown }) => {
    sent.push(asked.body)
    return ok(undefined)
  })
})

it('asks thing after thing with one press each, goes back, and saves once', async () => {
  show()
  expect(await screen.findByRole('heading', { name: 'beanbags' })).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: /One each 28/ }))
  expect(screen.getByRole('heading', { name: 'foam balls' })).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: /One for two 14/ }))
  fireEvent.click(screen.getByRole('button', { name: /None 0/ }))
  fireEvent.click(screen.getByRole('button', { name: 'Back' }))
  expect(screen.getByRole('button', { name: /None 0/ })).toHaveAttribute('aria-pressed', 'true')
  fireEvent.click(screen.getByRole('button', { name: /Some 2/ }))
  expect(screen.getByText(/3 things are there, 0 are not/)).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Save all of it' }))
  await waitFor(() => expect(done).toHaveBeenCalled())
  expect(sent).toEqual([{ counts: { beanbag: 28, ball: 14, bench: 2 } }])
})

it('goes on where one was after a reload', async () => {
  const first = show()
  fireEvent.click(await screen.findByRole('button', { name: /One each 28/ }))
  first.unmount()
  show()
  expect(await screen.findByRole('heading', { name: 'foam balls' })).toBeInTheDocument()
})
