import { useState } from 'react'

/** Runs one piece of work at a time and keeps what went wrong; true if it went well. */
export function useAttempt() {
  const [error, setError] = useState<unknown>(null)
  const [busy, setBusy] = useState(false)
  const attempt = async (work: () => Promise<unknown>) => {
    setBusy(true)
    setError(null)
    try {
      await work()
      return true
    } catch (e) {
      setError(e)
      return false
    } finally {
      setBusy(false)
    }
  }
  return { error, setError, busy, attempt }
}
