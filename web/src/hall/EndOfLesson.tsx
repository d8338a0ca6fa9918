import { useState } from 'react'
import type { Schemas } from '../api/client'
import { dayWords, todayHere } from '../shared/dates'
import { type ClockEvent, clockAt } from './clock'
import styles from './Hall.module.css'

interface EndOfLessonProps {
  hall: Schemas['HallView']
  events: readonly ClockEvent[]
  /** marks the lesson as taught; throws if that fails */
  finish: () => Promise<void>
  close: () => void
}

/** Asks once more before a lesson counts as taught, with what speaks against it: it cannot be taken back. */
export function EndOfLesson({ hall, events, finish, close }: EndOfLessonProps) {
  const [failed, setFailed] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const { lesson, stretches } = hall
  const clock = clockAt(stretches, events, Date.now())
  const open = clock.state === 'running' || clock.state === 'paused' ? stretches.slice(clock.index + 1) : []
  const taught = async () => {
    setBusy(true)
    try {
      await finish()
    } catch (e) {
      setFailed(e instanceof Error ? e.message : String(e))
      setBusy(false)
    }
  }
  return (
    <section
      className={styles.history}
      role="dialog"
      aria-label="The end of the lesson"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <h2>
        {hall.grid.className}, lesson {lesson.number} of {lesson.of}: taught?
      </h2>
      {lesson.onDate !== todayHere() && (
        <p className={styles.caution}>
          <span>
            It is planned for <b>{dayWords(lesson.onDate)}</b>, not for today.
          </span>
        </p>
      )}
      {open.length > 0 && (
        <p className={styles.caution}>
          <span>
            Not begun yet: {open.map((s) => s.name).join(', ')}. Their new cues count as taught too.
          </span>
        </p>
      )}
      <p className="mute">It counts from now on and cannot be taken back.</p>
      <p>
        <button type="button" disabled={busy} onClick={taught}>
          Yes, taught
        </button>
        <button type="button" onClick={close}>
          Not yet
        </button>
      </p>
      {failed && <p role="alert">{failed}</p>}
    </section>
  )
}
