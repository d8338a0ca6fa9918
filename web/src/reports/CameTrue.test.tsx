import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { CameTrue } from './CameTrue'

const counted = {
  countedAt: '2026-11-29T03:20:00Z',
  looks: 640,
  own: true,
  sentence: '640 looks were foretold on the evening before. Where 6 in 10 was said, it was 8 in 10.',
  tenths: Array.from({ length: 10 }, (_, from) => ({
    from,
    looks: from === 6 ? 120 : 0,
    said: from === 6 ? 64 : 0,
    came: from === 6 ? 78 : 0,
    off: from === 6,
  })),
}

it('says what came of what was said, names the tenth that was off, and counts anew when asked', async () => {
  answering('GET').mockImplementation(() => ok(null))
  const post = answering('POST').mockImplementation(() => ok(counted))
  render(
    <QueryClientProvider client={new QueryClient()}>
      <CameTrue />
    </QueryClientProvider>,
  )
  expect(await screen.findByText(/It was not counted yet/)).toBeInTheDocument()
  expect(screen.queryByRole('table')).not.toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'Count now' }))
  expect(await screen.findByText(/Where 6 in 10 was said, it was 8 in 10/)).toBeInTheDocument()
  expect(post).toHaveBeenCalledTimes(1)
  const row = screen.getByRole('row', { name: /64 in 100/ })
  expect(row).toHaveTextContent('78 in 100')
  expect(row).toHaveTextContent('off')
  expect(screen.getAllByRole('row')).toHaveLength(2)
  expect(screen.getByText(/learnt from the records of this school/)).toBeInTheDocument()
})
