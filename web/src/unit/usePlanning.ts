import { useEffect, useRef, useState } from 'react'
import { type ProgressLine, planned } from './planning'

/** One planning at a time, looked on and cancelled; leaving the page cancels too. */
export function usePlanning() {
  const [progress, setProgress] = useState<ProgressLine | null>(null)
  const [error, setError] = useState<unknown>(null)
  const running = useRef<AbortController | null>(null)
  useEffect(() => () => running.current?.abort(), [])
  const cancel = () => {
    running.current?.abort()
    running.current = null
    setProgress(null)
  }
  /** The id of what was made; null if it was cancelled or failed. */
  const plan = async (method: 'POST' | 'PUT', path: string, body: unknown): Promise<string | null> => {
    cancel()
    const mine = new AbortController()
    running.current = mine
    setError(null)
    setProgress({ evaluations: 0 })
    try {
      return await planned(
        method,
        path,
        body,
        (line) =>
          !mine.signal.aborted && setProgress((was) => ({ ...line, lessons: line.lessons ?? was?.lessons })),
        mine.signal,
      )
    } catch (e) {
      if (!mine.signal.aborted) setError(e)
      return null
    } finally {
      if (running.current === mine) {
        running.current = null
        setProgress(null)
      }
    }
  }
  return { progress, error, setError, plan, cancel }
}
