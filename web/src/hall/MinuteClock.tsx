import { useEffect, useState } from 'react'
import { clockWords } from './clock'
import styles from './Score.module.css'
import { goSignal, overSignal } from './sound'

/** The clock of a game that is played against time: it starts with a tone and ends with one. */
export function MinuteClock({ seconds }: { seconds: number }) {
  const [end, setEnd] = useState<number | null>(null)
  const [now, setNow] = useState(0)
  const left = end === null ? seconds : Math.max(0, (end - now) / 1000)
  const runs = end !== null && left > 0
  useEffect(() => {
    if (!runs) return
    const every = setInterval(() => setNow(Date.now()), 100)
    return () => clearInterval(every)
  }, [runs])
  useEffect(() => {
    if (end !== null && left === 0) overSignal()
  }, [end, left])
  const start = () => {
    goSignal()
    setNow(Date.now())
    setEnd(Date.now() + seconds * 1000)
  }
  return (
    <div className={styles.minute}>
      <b role="timer" aria-label="Left of the turn">
        {clockWords(left)}
      </b>
      {runs ? (
        <button type="button" onClick={() => setEnd(null)}>
          Stop it
        </button>
      ) : (
        <button type="button" onClick={start}>
          {end === null ? 'Start the minute' : 'Once more'}
        </button>
      )}
      {end !== null && left === 0 && <span>Time: count what fell.</span>}
    </div>
  )
}
