import { csrf, Problem } from '../api/client'
import { NAMES, OPEN, TAKE_OVER } from './names'

/** Whose names are on the device. */
const WHOSE = 'isokinet.names of'

/** Forgets every name on this device. What is not sent yet holds only ids, and stays. */
export async function forgetNames() {
  localStorage.removeItem(WHOSE)
  if ('caches' in window) await Promise.all([caches.delete(NAMES), caches.delete(OPEN)])
}

/** Names of another person go before those of this one come. */
export async function namesBelongTo(person: string) {
  const before = localStorage.getItem(WHOSE)
  if (before && before !== person) await forgetNames()
  localStorage.setItem(WHOSE, person)
}

/** Set while the server has not been told of a sign-out yet. */
const OWED = 'isokinet.sign-out owed'

/** Forgets first and tells the server then: a shared tablet without a network shows nobody's names to who takes it next. */
export async function signOut(): Promise<void> {
  await forgetNames()
  localStorage.setItem(OWED, '1')
  await finishSignOut()
}

/**
 * Tells the server of a sign-out that it could not be told of before.
 *
 * @returns false if it still could not: then nobody is signed in here, whatever the server thinks
 */
export async function finishSignOut(): Promise<boolean> {
  if (!localStorage.getItem(OWED)) return true
  try {
    const answer = await fetch('/api/session', { method: 'DELETE', headers: csrf() })
    if (!answer.ok && answer.status !== 401) return false
    signedIn()
    return true
  } catch {
    return false
  }
}

/** Somebody is signed in anew: nothing is owed. */
export const signedIn = () => localStorage.removeItem(OWED)

/** @throws Problem if somebody signed out here and the server was not reached since */
export async function afterSignOut(): Promise<void> {
  if (!(await finishSignOut()))
    throw new Problem(
      401,
      'Signed out',
      'Somebody signed out on this device. Connect it, then sign in again.',
    )
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
