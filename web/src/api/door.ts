import { create } from 'zustand'

interface Door {
  /** who was signed in when a request was refused, as long as the answer to it is awaited; null if nobody is asked */
  asked: string | null
  answer: (signedIn: boolean) => void
}

/** Who is asked to sign in again over the page. */
export const useDoor = create<Door>(() => ({ asked: null, answer: () => {} }))

/** Who is at the desk; null while nobody is, or where nobody can be asked. */
let here: string | null = null
let waiting: Promise<boolean> | null = null

export const atTheDesk = (person: string | null) => {
  here = person
}

/** Asks once for all requests that were refused meanwhile. False where nobody can be asked, or who is asked will not. */
export function signInAgain(): Promise<boolean> {
  if (here === null) return Promise.resolve(false)
  const person = here
  waiting ??= new Promise<boolean>((resolve) => {
    useDoor.setState({ asked: person, answer: resolve })
  }).finally(() => {
    waiting = null
    useDoor.setState({ asked: null, answer: () => {} })
  })
  return waiting
}
