import { useState } from 'react'
import { useSession } from '../session/useSession'

const key = (person: string, form: string) => `kept:${person}:${form}`

function read(at: string): Record<string, unknown> {
  try {
    return JSON.parse(sessionStorage.getItem(at) ?? '{}')
  } catch {
    return {}
  }
}

/**
 * What is typed into a form, kept in this tab for who is signed in: a reload, the way back, or a look at another page does not lose it.
 * It is forgotten when the form has done its work.
 */
export function useKeptForm(form: string) {
  const at = key(useSession().person, form)
  return {
    /** Like useState, by a name of its own in the form; a value that is given goes before what was kept. */
    useKept<T>(name: string, usual: T, given?: T | null): [T, (now: T) => void] {
      const [value, setValue] = useState<T>(() => given ?? (read(at)[name] as T | undefined) ?? usual)
      const set = (now: T) => {
        setValue(now)
        try {
          sessionStorage.setItem(at, JSON.stringify({ ...read(at), [name]: now }))
        } catch {
          // A tab without storage keeps it while the page is open.
        }
      }
      return [value, set]
    },
    forget: () => sessionStorage.removeItem(at),
  }
}
