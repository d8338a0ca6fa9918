import { QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { expect, it, vi } from 'vitest'
import { answering, ok, signedIn } from '../api/testing'
import { PasteTimetable } from './PasteTimetable'

const lesson = {
  line: 2,
  className: 'Terns',
  day: 'MONDAY',
  weeks: 'EVERY',
  starts: '09:10:00',
  minutes: 30,
  space: 'Hall',
}

/** While what it did last is on the way, a button takes no press. */
const press = async (name: RegExp) => {
  const button = await screen.findByRole('button', { name })
  await waitFor(() => expect(button).not.toHaveClass('ant-btn-loading'))
  fireEvent.click(button)
}

it('looks at a pasted timetable before it is taken', async () => {
  const sent: { text: string; take: boolean }[] = []
  const taken = vi.fn()
  answering('GET').mockImplementation(() => ok([{ id: 'h', name: 'Hall' }]))
  answering('POST').mockImplementation((_: string, asked: { body: { text: string; take: boolean } }) => {
    sent.push(asked.body)
    const wrong = asked.body.text.includes('Ternz')
    const findings = wrong
      ? [{ rule: 'known-class', where: 'line 2', message: 'there is no class “Ternz”' }]
      : []
    return ok({ lessons: wrong ? [] : [lesson], findings })
  })
  render(
    <QueryClientProvider client={signedIn()}>
      <PasteTimetable close={() => {}} taken={taken} />
    </QueryClientProvider>,
  )
  await waitFor(() => expect(screen.getByText('Hall')).toBeInTheDocument())
  const text = screen.getByLabelText('Timetable')
  fireEvent.change(text, { target: { value: 'Ternz, Mon, 9:10' } })
  await press(/Look at it/)
  expect(await screen.findByText(/there is no class/)).toBeInTheDocument()
  fireEvent.change(text, { target: { value: 'Terns, Mon, 9:10' } })
  await press(/Look at it/)
  await press(/Import 1 lesson/)
  await waitFor(() => expect(taken).toHaveBeenCalled())
  expect(sent.map((s) => s.take)).toEqual([false, false, true])
})
