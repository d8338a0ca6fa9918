/** Where names are kept on the device: they belong to who is signed in, and go when that person signs out. */
export const NAMES = 'isokinet-names'

/** Tells a waiting version of the hall to take over. */
export const TAKE_OVER = 'take over'

/** Whose names are on the device. */
const WHOSE = 'isokinet.names of'

/** Forgets every name on this device. What is not sent yet holds only ids, and stays. */
export async function forgetNames() {
  localStorage.removeItem(WHOSE)
  if ('caches' in window) await caches.delete(NAMES)
}

/** Names of another person go before those of this one come. */
export async function namesBelongTo(person: string) {
  const before = localStorage.getItem(WHOSE)
  if (before && before !== person) await forgetNames()
  localStorage.setItem(WHOSE, person)
}

/**
 * Installs the hall on the device. @param between true where nobody is in a lesson: then a new version takes over
 * @returns true if it can be opened with no network from now on
 */
export async function install(between: boolean): Promise<boolean> {
  if (!window.isSecureContext || !('serviceWorker' in navigator)) return false
  try {
    const registration = await navigator.serviceWorker.register('/sw.js', { scope: '/' })
    if (between) {
      registration.waiting?.postMessage(TAKE_OVER)
      registration.addEventListener('updatefound', () => {
        const coming = registration.installing
        coming?.addEventListener('statechange', () => {
          if (coming.state === 'installed' && navigator.serviceWorker.controller)
            coming.postMessage(TAKE_OVER)
        })
      })
    }
    await navigator.serviceWorker.ready
    if (!navigator.serviceWorker.controller)
      await new Promise<void>((resolve) => {
        navigator.serviceWorker.addEventListener('controllerchange', () => resolve(), { once: true })
      })
    return true
  } catch {
    // Refused by the browser: the hall works as long as there is a network.
    return false
  }
}

/** Asks the browser not to clear what waits; false if it may. */
export async function keepStorage(): Promise<boolean> {
  if (!navigator.storage?.persist) return false
  return (await navigator.storage.persisted()) || (await navigator.storage.persist())
}
