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

function write(at: string, name: string, value: unknown) {
  try {
    sessionStorage.setItem(at, JSON.stringify({ ...read(at), [name]: value }))
  } catch {
    // A tab without storage keeps it while the page is open.
  }
}

/** Forgets what anybody typed in this tab. */
export function forgetKept() {
  for (const at of Object.keys(sessionStorage)) if (at.startsWith('kept:')) sessionStorage.removeItem(at)
}

/**
 * What is typed into a form, kept in this tab for who is signed in: a reload, the way back, or a look at another page does not lose it.
 * It is forgotten when the form has done its work.
 */
export const useKeptForm = (form: string) => useKeptOf(useSession().person, form)

/** The same for who is not signed in yet. */
export function useKeptOf(person: string, form: string) {
  const at = key(person, form)
  return {
    /** Like useState, by a name of its own in the form; a value that is given goes before what was kept. */
    useKept<T>(name: string, usual: T, given?: T | null): [T, (now: T) => void] {
      const [value, setValue] = useState<T>(() => given ?? (read(at)[name] as T | undefined) ?? usual)
      const set = (now: T) => {
        setValue(now)
        write(at, name, now)
      }
      return [value, set]
    },
    /** What a whole form of fields is given to keep them, but for those that are secret. */
    useFields<T extends object>(usual: Partial<T>, secret: (keyof T)[] = []) {
      const [initialValues] = useState<Partial<T>>(() => ({ ...usual, ...(read(at).fields as Partial<T>) }))
      const onValuesChange = (_: unknown, all: T) =>
        write(
          at,
          'fields',
          Object.fromEntries(Object.entries(all).filter(([k]) => !secret.includes(k as keyof T))),
        )
      return { initialValues, onValuesChange }
    },
    /** True where something was kept when the page came. */
    isKept: () => sessionStorage.getItem(at) !== null,
    forget: () => sessionStorage.removeItem(at),
  }
}
