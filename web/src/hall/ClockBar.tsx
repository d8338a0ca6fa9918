import { memo, useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { ahead, type Step } from './ahead'
import styles from './Clock.module.css'
import { ClockControls } from './ClockControls'
import { clockAt, clockWords } from './clock'
import { overSignal } from './sound'
import type { HallStore } from './store'
import { useHall } from './useHall'
import { useNow } from './useNow'

/** So far a finger goes before it is a swipe. */
const SWIPE = 70

/** What runs, what is left of it in numerals for three metres, what comes next, and the few things that are done all the time. */
export const ClockBar = memo(function ClockBar({ store }: { store: HallStore }) {
  const hall = useHall(store, (s) => s.hall)
  const events = useHall(store, (s) => s.clock)
  const steps = useHall(store, (s) => s.steps)
  const [asked, setAsked] = useState<Step | null>(null)
  const now = useNow(events.length > 0)
  const clock = clockAt(hall.stretches, events, now)
  const stretch = hall.stretches[clock.index]
  const next = hall.stretches[clock.index + 1]
  const over = clock.left <= 0 && clock.state === 'running'
  const rang = useRef('')
  const from = useRef<number | null>(null)
  useEffect(() => {
    if (!over || rang.current === stretch?.id) return
    rang.current = stretch?.id ?? ''
    overSignal()
  }, [over, stretch])
  if (!stretch) return null
  const step = steps[stretch.id] ?? stretch.task.step
  const runs = clock.state === 'running' || clock.state === 'paused'
  const swipe = {
    onPointerDown: (e: React.PointerEvent) => {
      from.current = e.clientX
    },
    onPointerUp: (e: React.PointerEvent) => {
      const far = from.current === null ? 0 : e.clientX - from.current
      from.current = null
      if (runs && Math.abs(far) > SWIPE) setAsked(far < 0 ? 'next' : 'longer')
    },
  }
  return (
    <section className={styles.clock} aria-label="The lesson's clock">
      <div className={styles.bar} aria-hidden="true">
        <i
          style={{
            width: `${clock.has > 0 ? Math.max(0, Math.min(100, (100 * clock.left) / clock.has)) : 0}%`,
          }}
        />
      </div>
      <div className={styles.run}>
        <p className={`${styles.time} ${over ? styles.late : ''}`} role="timer" aria-label="Left of it">
          {clockWords(clock.left)}
        </p>
        <div className={styles.what} {...swipe}>
          <h1>
            {stretch.plan.name}{' '}
            <small>
              {hall.grid.className} · lesson {hall.lesson.number} of {hall.lesson.of}
            </small>
          </h1>
          <p>
            {stretch.floor?.formation}
            {stretch.task.ladder.length > 0 && ` · ${stretch.task.ladder[step]?.words}`}
          </p>
          <p className={styles.then}>
            {next
              ? `next: ${next.plan.name}, ${Math.round(clock.minutes[clock.index + 1] / 60)} min`
              : `the last; ${clockWords(clock.lessonLeft)} left of the lesson`}
            {next && moves(hall, next)}
          </p>
        </div>
        <ClockControls store={store} clock={clock} stretch={stretch} last={!next} />
        {asked && (
          <div className={styles.ahead} role="alertdialog" aria-label="What it changes">
            <p>{ahead(hall, events, asked, now).join(' ')}</p>
            <button
              type="button"
              className={styles.main}
              onClick={() => {
                store.clock(asked)
                setAsked(null)
              }}
            >
              Do it
            </button>
            <button type="button" onClick={() => setAsked(null)}>
              No
            </button>
          </div>
        )}
      </div>
    </section>
  )
})

/** What changes hands before the next stretch, in words. */
function moves(hall: Schemas['HallView'], next: Schemas['StretchView']) {
  const at = hall.stretches.indexOf(next)
  const minute = hall.stretches.slice(0, at).reduce((sum, s) => sum + s.plan.minutes, 0)
  const told = hall.moves.filter((m) => m.minute === minute).map((m) => m.words)
  return told.length > 0 ? `; ${told.slice(0, 2).join('; ')}` : ''
}
