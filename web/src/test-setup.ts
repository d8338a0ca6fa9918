import '@testing-library/jest-dom/vitest'
import { cleanup } from '@testing-library/react'
import { afterEach, vi } from 'vitest'

afterEach(cleanup)

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
