import { afterEach, describe, expect, it, vi } from 'vitest'
import { isOutdoors, restoreLight, setOutdoors, stayAwake } from './screen'

describe('the screen', () => {
  afterEach(() => {
    vi.unstubAllGlobals()
    setOutdoors(false)
  })

  it('is lit as it was last time on this device', () => {
    setOutdoors(true)
    delete document.documentElement.dataset.light
    restoreLight()
    expect(isOutdoors()).toBe(true)
    setOutdoors(false)
    restoreLight()
    expect(isOutdoors()).toBe(false)
  })

  it('stays awake while it is seen, and is let go', async () => {
    const release = vi.fn()
    const request = vi.fn(async () => ({ release }))
    vi.stubGlobal('navigator', { wakeLock: { request } })
    const stop = stayAwake()
    await Promise.resolve()
    document.dispatchEvent(new Event('visibilitychange'))
    expect(request).toHaveBeenCalledTimes(2)
    await Promise.resolve()
    stop()
    expect(release).toHaveBeenCalled()
    document.dispatchEvent(new Event('visibilitychange'))
    expect(request).toHaveBeenCalledTimes(2)
  })
})
