import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { reloadWhenPartsAreGone } from './freshParts'

const gone = () => window.dispatchEvent(new Event('vite:preloadError', { cancelable: true }))

beforeEach(() => sessionStorage.clear())
afterEach(() => sessionStorage.clear())

it('loads anew once when a part is gone, and not again at once', () => {
  const reload = vi.fn()
  let now = 1_000_000
  reloadWhenPartsAreGone(reload, () => now)
  expect(gone()).toBe(false)
  expect(reload).toHaveBeenCalledTimes(1)
  now += 5_000
  expect(gone()).toBe(true)
  expect(reload).toHaveBeenCalledTimes(1)
  now += 120_000
  gone()
  expect(reload).toHaveBeenCalledTimes(2)
})
