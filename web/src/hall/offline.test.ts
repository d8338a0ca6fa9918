import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { forgetNames, install, NAMES, namesBelongTo } from './offline'

describe('names on the device', () => {
  const gone = vi.fn(async () => true)
  beforeEach(() => {
    gone.mockClear()
    localStorage.clear()
    vi.stubGlobal('caches', { delete: gone })
  })
  afterEach(() => vi.unstubAllGlobals())

  it('stay for the same person and go before those of another come', async () => {
    await namesBelongTo('me')
    await namesBelongTo('me')
    expect(gone).not.toHaveBeenCalled()
    await namesBelongTo('you')
    expect(gone).toHaveBeenCalledWith(NAMES)
  })

  it('go at sign-out', async () => {
    await namesBelongTo('me')
    await forgetNames()
    expect(gone).toHaveBeenCalledWith(NAMES)
    await namesBelongTo('you')
    expect(gone).toHaveBeenCalledTimes(1)
  })

  it('are not kept where the browser does not allow it', async () => {
    vi.stubGlobal('isSecureContext', false)
    expect(await install(true)).toBe(false)
  })

  it('lets a waiting version take over between lessons and never during one', async () => {
    vi.stubGlobal('isSecureContext', true)
    const waiting = { postMessage: vi.fn() }
    const registration = { waiting, addEventListener: vi.fn() }
    vi.stubGlobal('navigator', {
      serviceWorker: {
        register: async () => registration,
        ready: Promise.resolve(registration),
        controller: {},
        addEventListener: vi.fn(),
      },
    })
    expect(await install(false)).toBe(true)
    expect(waiting.postMessage).not.toHaveBeenCalled()
    expect(await install(true)).toBe(true)
    expect(waiting.postMessage).toHaveBeenCalledWith('take over')
  })
})
