// First: Dexie looks for it as it is loaded.
import 'fake-indexeddb/auto'
import '@testing-library/jest-dom/vitest'
import { cleanup, configure } from '@testing-library/react'
import { afterEach, vi } from 'vitest'

// What comes in its own time may come late on a machine that does other work beside; what does not come still fails.
configure({ asyncUtilTimeout: 8_000 })

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
