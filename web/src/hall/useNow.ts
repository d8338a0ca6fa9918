import { useEffect, useState } from 'react'

/** The time, four times a second while something runs. */
export function useNow(runs: boolean) {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!runs) return
    const every = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(every)
  }, [runs])
  return now
}
