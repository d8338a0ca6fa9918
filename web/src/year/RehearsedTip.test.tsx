import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { RehearsedTip } from './RehearsedTip'

const show = (ahead: boolean) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <RehearsedTip unit="u1" skills="Hop" ahead={ahead}>
        <a href="/units/u1">Hop on</a>
      </RehearsedTip>
    </QueryClientProvider>,
  )

it('rehearses a unit once somebody points at it, and not before', async () => {
  const get = answering('GET').mockImplementation(() =>
    ok({ children: 20, classes: 200, cues: [], behind: [], sentences: ['“Low” in 9 to 14.'] }),
  )
  show(true)
  expect(get).not.toHaveBeenCalled()
  fireEvent.mouseEnter(screen.getByRole('link', { name: 'Hop on' }))
  expect(await screen.findByText('Hop. “Low” in 9 to 14.')).toBeInTheDocument()
  expect(get).toHaveBeenCalledTimes(1)
})

it('says the skills alone of a unit that is over', async () => {
  const get = answering('GET')
  show(false)
  fireEvent.mouseEnter(screen.getByRole('link', { name: 'Hop on' }))
  expect(await screen.findByText('Hop')).toBeInTheDocument()
  expect(get).not.toHaveBeenCalled()
})
