import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { KeepingSection } from './KeepingSection'

const notes = {
  kind: 'NOTES',
  what: 'Notes',
  where: 'here',
  howLong: 'so many months',
  hasRule: true,
  usual: 24,
}
const people = { kind: 'PEOPLE', what: 'People', where: 'here', howLong: 'until removed', hasRule: false }

it('says what would go tonight, sets and lifts a rule, and decides what was kept aside', async () => {
  const sent: unknown[] = []
  const said = (shown: boolean) => ({
    child: 'Ada Moss',
    cue: 'Low',
    shown,
    at: '2026-11-02T10:00:00Z',
    by: 'Robin',
  })
  answering('GET').mockImplementation((path: string) =>
    path === '/api/keeping'
      ? ok({ kinds: [notes, people], going: [] })
      : ok([{ id: 7, counts: said(true), waits: said(false) }]),
  )
  answering('PUT').mockImplementation((_path: string, asked: { body: { months?: number } }) => {
    sent.push(asked)
    const months = asked.body.months
    const going = months ? [{ kind: 'NOTES', before: '2024-11-30', count: 3, names: [] }] : []
    return ok({ kinds: [{ ...notes, months }, people], going })
  })
  answering('POST').mockImplementation((_path: string, asked: unknown) => {
    sent.push(asked)
    return ok([])
  })
  render(
    <QueryClientProvider client={new QueryClient()}>
      <KeepingSection />
    </QueryClientProvider>,
  )
  expect(await screen.findByText('Nothing goes.')).toBeInTheDocument()
  fireEvent.click(screen.getByRole('button', { name: 'after 24 months' }))
  expect(await screen.findByText('3')).toBeInTheDocument()
  expect(screen.getByRole('spinbutton', { name: 'Months: Notes' })).toHaveValue('24')
  fireEvent.click(screen.getByRole('button', { name: 'keep' }))
  expect(await screen.findByText('Nothing goes.')).toBeInTheDocument()
  fireEvent.click(await screen.findByRole('button', { name: 'The second alone' }))
  await waitFor(() => expect(screen.getByText('Nothing waits.')).toBeInTheDocument())
  expect(sent).toEqual([
    { params: { path: { kind: 'NOTES' } }, body: { months: 24 } },
    { params: { path: { kind: 'NOTES' } }, body: { months: undefined } },
    { params: { path: { id: 7 } }, body: { decision: 'REPLACED' } },
  ])
})
