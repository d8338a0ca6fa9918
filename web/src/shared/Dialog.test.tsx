import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { useState } from 'react'
import { beforeEach, expect, it } from 'vitest'
import { Dialog } from './Dialog'
import { Heading } from './Heading'
import { singleKeys, useKeys } from './useKeys'

function Page() {
  const [open, setOpen] = useState(false)
  const [pressed, setPressed] = useState('')
  useKeys((key) => {
    setPressed(key)
    return true
  })
  return (
    <>
      <Heading>
        Terns {'  '}
        and <b>Auks</b>
      </Heading>
      <button type="button" onClick={() => setOpen(true)}>
        Ask
      </button>
      <output>{pressed}</output>
      {open && (
        <Dialog open title="Sure?" onCancel={() => setOpen(false)}>
          <input aria-label="Why" />
        </Dialog>
      )}
    </>
  )
}

beforeEach(() => localStorage.clear())

it('puts the focus back where it was when a dialog goes', async () => {
  render(<Page />)
  screen.getByText('Ask').focus()
  fireEvent.click(screen.getByText('Ask'))
  ;(await screen.findByLabelText('Why')).focus()
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }))
  await waitFor(() => expect(screen.getByText('Ask')).toHaveFocus())
})

it('calls the tab by the heading of the page', () => {
  render(<Page />)
  expect(document.title).toBe('Terns and Auks · Isokinet')
})

it('leaves single keys alone where they are switched off, and keeps the others', () => {
  render(<Page />)
  fireEvent.keyDown(document.body, { key: 'm' })
  expect(screen.getByRole('status')).toHaveTextContent('m')
  singleKeys.set(false)
  fireEvent.keyDown(document.body, { key: 'x' })
  expect(screen.getByRole('status')).toHaveTextContent('m')
  fireEvent.keyDown(document.body, { key: 'Escape' })
  expect(screen.getByRole('status')).toHaveTextContent('Escape')
  singleKeys.set(true)
  expect(singleKeys.on()).toBe(true)
})
