import { useEffect, useRef, useState } from 'react'
import styles from './Bars.module.css'
import { beatSignal, goSignal, readySignal, stopSignal } from './sound'

interface StopProps {
  /** where to gather, in words */
  gathering: string
}

/** The stop signal: a broad bar in every hall view, a sound and a full screen that says it. */
export function StopBar({ gathering }: StopProps) {
  const [stopped, setStopped] = useState(false)
  const go = useRef<HTMLButtonElement>(null)
  useEffect(() => {
    if (stopped) go.current?.focus()
  }, [stopped])
  return (
    <>
      <button
        type="button"
        className={styles.stop}
        onClick={() => {
          stopSignal()
          document.dispatchEvent(new Event(STOPPED))
          setStopped(true)
        }}
      >
        STOP
      </button>
      {stopped && (
        <div className={styles.stopped} role="alertdialog" aria-label="Stop">
          <p>STOP</p>
          <p>{gathering}</p>
          <button ref={go} type="button" onClick={() => setStopped(false)}>
            Go on
          </button>
        </div>
      )}
    </>
  )
}

/** What runs stands still at the stop signal: a beat, a start, a hold. */
const STOPPED = 'isokinet stopped'

/** A beat that runs and stops (stop means freeze), a start in three parts, and a hold with a change of side. */
export function Signals({ close }: { close: () => void }) {
  const [beat, setBeat] = useState(0)
  const [start, setStart] = useState<'ready' | 'set' | 'go' | null>(null)
  const [hold, setHold] = useState<{ left: number; side: 1 | 2 } | null>(null)
  useEffect(() => {
    const stop = () => {
      setBeat(0)
      setStart(null)
      setHold(null)
    }
    document.addEventListener(STOPPED, stop)
    return () => document.removeEventListener(STOPPED, stop)
  }, [])
  useEffect(() => {
    if (beat === 0) return
    beatSignal()
    const every = setInterval(beatSignal, 60_000 / beat)
    return () => clearInterval(every)
  }, [beat])
  useEffect(() => {
    if (start === null) return
    // Nobody can guess the last wait: who starts early listened to the clock, not to the signal.
    const wait = start === 'ready' ? 1500 : start === 'set' ? 1000 + Math.random() * 3000 : 1500
    const next = start === 'ready' ? 'set' : start === 'set' ? 'go' : null
    const later = setTimeout(() => {
      if (next === 'go') goSignal()
      else if (next) readySignal()
      setStart(next)
    }, wait)
    return () => clearTimeout(later)
  }, [start])
  useEffect(() => {
    if (!hold) return
    const later = setTimeout(() => {
      if (hold.left > 1) setHold({ ...hold, left: hold.left - 1 })
      else {
        readySignal()
        setHold(hold.side === 1 ? { left: HOLD, side: 2 } : null)
      }
    }, SLOW)
    return () => clearTimeout(later)
  }, [hold])
  return (
    <div className={styles.signals}>
      <button type="button" aria-pressed={beat > 0} onClick={() => setBeat(beat > 0 ? 0 : 100)}>
        {beat > 0 ? `Beat ${beat}: stop, freeze` : 'Beat'}
      </button>
      {beat > 0 && (
        <>
          <button type="button" aria-label="Slower beat" onClick={() => setBeat(Math.max(40, beat - 10))}>
            −
          </button>
          <button type="button" aria-label="Faster beat" onClick={() => setBeat(Math.min(180, beat + 10))}>
            +
          </button>
        </>
      )}
      <button
        type="button"
        disabled={start !== null}
        onClick={() => {
          readySignal()
          setStart('ready')
        }}
      >
        {start === null ? 'Ready, set, go' : start === 'ready' ? 'Ready …' : start === 'set' ? 'Set …' : 'GO'}
      </button>
      <button
        type="button"
        aria-pressed={hold !== null}
        onClick={() => setHold(hold ? null : { left: HOLD, side: 1 })}
      >
        {hold ? `${hold.side === 1 ? 'First' : 'Other'} side: ${hold.left}` : 'Hold and change sides'}
      </button>
      <button type="button" onClick={close}>
        Close
      </button>
    </div>
  )
}

/** A stretch is held for six to ten counts without bouncing; a slow count is a little more than a second. Common practice. */
const HOLD = 8
const SLOW = 1200
