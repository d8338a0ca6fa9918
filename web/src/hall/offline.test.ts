import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { NAMES, OPEN } from './names'
import { afterSignOut, finishSignOut, forgetNames, install, namesBelongTo, signOut } from './offline'

describe('names on the device', () => {
  const gone = vi.fn(async (_cache: string) => true)
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
    expect(gone.mock.calls).toEqual([[NAMES], [OPEN]])
    await namesBelongTo('you')
    expect(gone).toHaveBeenCalledTimes(2)
  })

  it('go first where the server is not reached, which is told later', async () => {
    await namesBelongTo('me')
    const fetched = vi.fn(async (_path: string, _init: RequestInit): Promise<Response> => {
      throw new TypeError('no network')
    })
    vi.stubGlobal('fetch', fetched)
    await signOut()
    expect(gone).toHaveBeenCalledWith(NAMES)
    await expect(afterSignOut()).rejects.toThrow('Somebody signed out on this device')
    fetched.mockResolvedValue(new Response(null, { status: 204 }))
    expect(await finishSignOut()).toBe(true)
    expect(fetched.mock.lastCall?.[1]).toMatchObject({ method: 'DELETE' })
    const calls = fetched.mock.calls.length
    await afterSignOut()
    expect(fetched).toHaveBeenCalledTimes(calls)
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
