const LIGHT = 'isokinet light'

/** Outdoors everything is black on white, seven to one or more. */
export function isOutdoors() {
  return document.documentElement.dataset.light === 'outdoors'
}

export function setOutdoors(on: boolean) {
  if (on) document.documentElement.dataset.light = 'outdoors'
  else delete document.documentElement.dataset.light
  try {
    localStorage.setItem(LIGHT, on ? 'outdoors' : '')
  } catch {
    // It is chosen again next time.
  }
}

/** As it was last time on this device. */
export function restoreLight() {
  try {
    setOutdoors(localStorage.getItem(LIGHT) === 'outdoors')
  } catch {
    // Without storage the hall is lit as usual.
  }
}

/** Keeps the screen on while the page is seen. @returns what lets it go */
export function stayAwake(): () => void {
  let lock: WakeLockSentinel | undefined
  const ask = async () => {
    if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return
    try {
      lock = await navigator.wakeLock.request('screen')
    } catch {
      // A low battery may refuse it; the screen then sleeps as the device says.
    }
  }
  void ask()
  document.addEventListener('visibilitychange', ask)
  return () => {
    document.removeEventListener('visibilitychange', ask)
    void lock?.release()
  }
}
