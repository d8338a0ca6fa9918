import { useEffect } from 'react'

/** Calls back at each picture of the screen, with the seconds since the last. */
export function useTicks(on: boolean, tick: (past: number) => void) {
  useEffect(() => {
    if (!on) return
    let before = performance.now()
    let next = requestAnimationFrame(function each(now) {
      tick(Math.max(0, Math.min(0.1, (now - before) / 1000)))
      before = now
      next = requestAnimationFrame(each)
    })
    return () => cancelAnimationFrame(next)
  })
}

/** Whether somebody prefers less motion, who gets the picture that decides, and steps. */
export const still = () => window.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false
