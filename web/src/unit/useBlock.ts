import { type RefObject, useEffect, useState } from 'react'
import { useKeys } from '../shared/useKeys'
import type { UnitEdits } from './useUnit'

interface BlockContext {
  /** what is said of the chosen block */
  why: RefObject<HTMLElement | null>
  /** whether keys act on it now */
  keys: boolean
  replan: () => void
  versions: () => void
}

/** The block that is chosen, and what is done to it by hand and by keys. */
export function useBlock({ unit, step, edit }: UnitEdits, on: BlockContext) {
  const [selected, setSelected] = useState<string>()
  const u = unit.data
  const segments = u?.lessons.flatMap((l) => l.segments) ?? []
  const segment = segments.find((s) => s.id === selected)
  const lesson = u?.lessons.find((l) => l.segments.some((s) => s.id === selected))
  const adjust = (by: number) =>
    segment && edit({ kind: 'ADJUST', segment: segment.id, setting: segment.step + by })
  const moveTo = (id: string, to: number, position?: number) => {
    const target = u?.lessons[to]
    if (!target || target.state !== 'PLANNED' || target.segments.length === 0) return
    // Before the close, which stays last.
    edit({ kind: 'MOVE_TO', segment: id, lesson: to, position: position ?? target.segments.length - 1 })
  }
  const remove = () => segment && edit({ kind: 'REMOVE', segment: segment.id })
  const lock = () => segment && edit({ kind: segment.locked ? 'UNLOCK' : 'LOCK', segment: segment.id })
  useKeys((key, event) => {
    if (!on.keys || event.altKey) return false
    // Presses in a row are taken one after the other; other edits build on what they see.
    if (key === 'z' && (u?.canUndo || step.isPending)) step.mutate({ kind: 'undo' })
    else if (step.isPending) return false
    else if (key === 'r') on.replan()
    else if (key === 'v') on.versions()
    else if (key === 'Z' && u?.canRedo) step.mutate({ kind: 'redo' })
    else if (!segment) return false
    else if (key === 'l') lock()
    else if (key === 'e' && segment.easier) adjust(-1)
    else if (key === 'h' && segment.harder) adjust(1)
    else if (key === '+') edit({ kind: 'MINUTES', segment: segment.id, minutes: segment.minutes + 1 })
    else if (key === '-') edit({ kind: 'MINUTES', segment: segment.id, minutes: segment.minutes - 1 })
    else if (key === 'Delete' && !segment.locked) remove()
    else if (key === 'w') on.why.current?.focus()
    else if (key === 'b') {
      const split = on.why.current?.querySelector<HTMLElement>('[data-stations]')
      split?.focus()
      split?.click()
    } else if (key === 's') on.why.current?.querySelector<HTMLElement>('[data-swap]')?.focus()
    else return false
    return true
  })
  // A block that is gone after a replan leaves nothing selected.
  useEffect(() => {
    if (selected && u && !u.lessons.some((l) => l.segments.some((s) => s.id === selected)))
      setSelected(undefined)
  }, [u, selected])
  return { selected, setSelected, segment, lesson, moveTo, adjust, remove, lock }
}
