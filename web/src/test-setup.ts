// First: Dexie looks for it as it is loaded.
import 'fake-indexeddb/auto'
import '@testing-library/jest-dom/vitest'
import { cleanup } from '@testing-library/react'
import { afterEach, vi } from 'vitest'

afterEach(() => {
  cleanup()
  // A question that was asked outside the page closes in its own time.
  document.body.replaceChildren()
})

// jsdom has neither; antd asks for both.
window.matchMedia = vi.fn().mockReturnValue({
  matches: false,
  addListener: () => {},
  removeListener: () => {},
  addEventListener: () => {},
  removeEventListener: () => {},
})
window.ResizeObserver = class {
  observe() {}
  unobserve() {}
  disconnect() {}
}
