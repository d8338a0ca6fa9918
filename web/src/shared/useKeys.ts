import { useEffect, useRef } from 'react'

const OFF = 'isokinet.single keys off'

/** Whether a single key does something: who speaks to the machine, or brushes keys, can do without. */
export const singleKeys = {
  on: () => localStorage.getItem(OFF) === null,
  set: (on: boolean) => (on ? localStorage.removeItem(OFF) : localStorage.setItem(OFF, 'yes')),
}

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName))

/** Calls a handler for keys pressed outside of fields, without Ctrl or Meta; return true to have it consumed. */
export function useKeys(handler: (key: string, event: KeyboardEvent) => boolean | undefined) {
  const latest = useRef(handler)
  latest.current = handler
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || typing(event.target)) return
      if (event.key.length === 1 && !event.altKey && !singleKeys.on()) return
      if (latest.current(event.key, event)) event.preventDefault()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [])
}
