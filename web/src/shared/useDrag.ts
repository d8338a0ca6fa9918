import { type PointerEvent, useRef } from 'react'

/** A drag on its way. */
export interface Dragged<T> {
  what: T
  /** pixels from where it began */
  dx: number
  dy: number
  /** false while it may still be a press */
  moved: boolean
}

interface DragOptions<T> {
  move: (e: PointerEvent, drag: Dragged<T>) => void
  /** let go, moved or not */
  drop: (e: PointerEvent, drag: Dragged<T>) => void
  /** given up, as when the screen is turned */
  cancel?: () => void
  /** pixels before it is a drag and no press @default 0 */
  slack?: number
}

/**
 * A drag by mouse, finger or pen. `begin` goes onto what is dragged, the handlers onto it or what stands around it. One that
 * moved is no press: a click that follows asks `wasDrag`.
 */
export function useDrag<T>({ move, drop, cancel, slack = 0 }: DragOptions<T>) {
  const now = useRef<{ what: T; x: number; y: number; moved: boolean } | null>(null)
  const was = useRef(false)
  const dragged = (e: PointerEvent, n: NonNullable<typeof now.current>): Dragged<T> => ({
    what: n.what,
    dx: e.clientX - n.x,
    dy: e.clientY - n.y,
    moved: n.moved,
  })
  return {
    /** Takes it up; any but the first button is left alone. */
    begin: (e: PointerEvent, what: T) => {
      was.current = false
      if (e.button !== 0) return
      now.current = { what, x: e.clientX, y: e.clientY, moved: false }
      e.currentTarget.setPointerCapture?.(e.pointerId)
    },
    /** Whether the last one moved; asked once. */
    wasDrag: () => {
      const drag = was.current
      was.current = false
      return drag
    },
    handlers: {
      onPointerMove: (e: PointerEvent) => {
        const n = now.current
        if (!n) return
        n.moved ||= Math.hypot(e.clientX - n.x, e.clientY - n.y) > slack
        if (n.moved) move(e, dragged(e, n))
      },
      onPointerUp: (e: PointerEvent) => {
        const n = now.current
        if (!n) return
        now.current = null
        was.current = n.moved
        drop(e, dragged(e, n))
      },
      onPointerCancel: () => {
        now.current = null
        cancel?.()
      },
    },
  }
}

/** What carries the data attribute and lies under a place of the screen. */
export function under(e: PointerEvent, attribute: string): HTMLElement | undefined {
  return document
    .elementsFromPoint?.(e.clientX, e.clientY)
    .map((x) => x.closest<HTMLElement>(`[data-${attribute}]`))
    .find((x) => x !== null)
}
