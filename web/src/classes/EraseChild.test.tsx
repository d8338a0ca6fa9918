import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { answering, ok } from '../api/testing'
import { EraseChild } from './EraseChild'

const mention = (key: string, text: string, fullName: boolean) => ({
  key,
  where: 'a note, the talk or a score of a lesson',
  text,
  at: '2026-11-02T10:00:00Z',
  fullName,
})

it('takes the name out of the texts that are confirmed, and then erases', async () => {
  const sent: unknown[] = []
  answering('GET').mockImplementation(() =>
    ok([mention('event:1', 'Ada helped', false), mention('event:2', 'Ada Moss fell', true)]),
  )
  answering('POST').mockImplementation(async (...asked: unknown[]) => {
    sent.push(['POST', ...asked])
    return ok({ texts: 1 })
  })
  answering('DELETE').mockImplementation(async (...asked: unknown[]) => {
    sent.push(['DELETE', ...asked])
    return ok(undefined)
  })
  const erased = vi.fn()
  render(
    <QueryClientProvider client={new QueryClient()}>
      <EraseChild
        child={{ id: 'c1', given: 'Ada', family: 'Moss' }}
        seenGoes
        close={() => {}}
        erased={erased}
      />
    </QueryClientProvider>,
  )
  fireEvent.click(await screen.findByRole('checkbox', { name: /Ada helped/ }))
  expect(screen.getByRole('checkbox', { name: /Ada helped/ })).not.toBeChecked()
  fireEvent.click(screen.getByRole('button', { name: 'Erase' }))
  await waitFor(() => expect(erased).toHaveBeenCalled())
  expect(sent).toEqual([
    ['POST', '/api/children/{id}/mentions', { params: { path: { id: 'c1' } }, body: { keys: ['event:2'] } }],
    ['DELETE', '/api/children/{id}', { params: { path: { id: 'c1' } } }],
  ])
})
