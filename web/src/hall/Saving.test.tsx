import { act, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { createStore, type StoreApi } from 'zustand/vanilla'
import { Saving, Unsent } from './Saving'
import type { SendState } from './sender'
import type { HallStore } from './store'

let store: StoreApi<{ sending: SendState }>

const stands = (sending: SendState) => act(() => store.setState({ sending }))
const offered = () => screen.queryAllByRole('button').map((b) => b.textContent)

beforeEach(() => {
  vi.useFakeTimers()
  store = createStore(() => ({ sending: { status: 'saved' } as SendState }))
  render(
    <>
      <Saving store={store as unknown as HallStore} />
      <Unsent store={store as unknown as HallStore} />
    </>,
  )
})
afterEach(() => vi.useRealTimers())

it('offers what to do after ten seconds of waiting, and no sooner, however often the count goes up', () => {
  stands({ status: 'waiting', count: 1 })
  act(() => vi.advanceTimersByTime(6000))
  stands({ status: 'waiting', count: 2, why: 'no connection' })
  act(() => vi.advanceTimersByTime(3900))
  expect(offered()).toEqual([])
  act(() => vi.advanceTimersByTime(200))
  expect(offered()).toEqual(['Try now', 'To a file', 'Later'])
  expect(screen.getByRole('region', { name: 'Not sent yet' })).toHaveTextContent('no connection')
  stands({ status: 'saved' })
  expect(offered()).toEqual([])
  stands({ status: 'waiting', count: 1 })
  expect(offered()).toEqual([])
})

it('says at once what the server refused', () => {
  stands({ status: 'failed', count: 1, why: 'There is no such child.' })
  expect(screen.getByRole('status')).toHaveTextContent('▲ 1 failed')
  expect(offered()).toEqual(['To a file', 'Later'])
  expect(screen.getByRole('region', { name: 'Not sent yet' })).toHaveTextContent('There is no such child.')
})

it('can be put off for a lesson with no network, and comes again for another reason', () => {
  stands({ status: 'waiting', count: 1, why: 'no connection' })
  act(() => vi.advanceTimersByTime(10_100))
  act(() => screen.getByRole('button', { name: 'Later' }).click())
  stands({ status: 'waiting', count: 5, why: 'no connection' })
  expect(offered()).toEqual([])
  stands({ status: 'waiting', count: 5, why: 'signed out' })
  expect(offered()).toEqual(['Try now', 'To a file', 'Later'])
})
