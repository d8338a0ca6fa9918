import { memo, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import type { Schemas } from '../api/client'
import { clockAt, clockWords } from './clock'
import styles from './Hall.module.css'
import { overSignal } from './sound'
import type { HallStore } from './store'

/** What runs, what is left of it in numerals for three metres, what comes next, and what can be done about it. */
export const ClockBar = memo(function ClockBar({ store }: { store: HallStore }) {
  const state = useSyncExternalStore(store.subscribe, store.get)
  const now = useNow(state.clock.length > 0)
  const [plan, setPlan] = useState(false)
  const { hall } = state
  const clock = clockAt(hall.stretches, state.clock, now)
  const stretch = hall.stretches[clock.index]
  const next = hall.stretches[clock.index + 1]
  const over = clock.left <= 0 && clock.state === 'running'
  const rang = useRef('')
  useEffect(() => {
    if (!over || rang.current === stretch?.id) return
    rang.current = stretch?.id ?? ''
    overSignal()
  }, [over, stretch])
  if (!stretch) return null
  const step = state.steps[stretch.id] ?? stretch.step
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
        <div className={styles.what}>
          <h1>
            {stretch.name}{' '}
            <small>
              {hall.grid.className} · lesson {hall.lesson.number} of {hall.lesson.of}
            </small>
          </h1>
          <p>
            {stretch.formation}
            {stretch.ladder.length > 0 && ` · ${stretch.ladder[step]}`}
          </p>
          <p className="mute">
            {next
              ? `next: ${next.name}, ${Math.round(clock.minutes[clock.index + 1] / 60)} min`
              : `the last; ${clockWords(clock.lessonLeft)} left of the lesson`}
            {next && moves(hall, next)}
          </p>
        </div>
        <div className={styles.controls}>
          {clock.state === 'before' && (
            <button type="button" className={styles.main} onClick={() => store.clock('begin')}>
              Start the clock
            </button>
          )}
          {(clock.state === 'running' || clock.state === 'paused') && (
            <>
              <button type="button" className={styles.main} onClick={() => store.clock('next')}>
                {next ? 'Next' : 'Done'}
              </button>
              {stretch.changeSeconds > 0 && state.playing !== stretch.id && (
                <button type="button" title="the change is done" onClick={store.play}>
                  They play
                </button>
              )}
              <button type="button" aria-label="A minute more" onClick={() => store.clock('longer')}>
                +1
              </button>
              <button type="button" aria-label="A minute less" onClick={() => store.clock('shorter')}>
                −1
              </button>
              <button
                type="button"
                aria-pressed={clock.state === 'paused'}
                onClick={() => store.clock(clock.state === 'paused' ? 'resume' : 'pause')}
              >
                {clock.state === 'paused' ? 'Go on' : 'Pause'}
              </button>
              <button type="button" onClick={() => store.clock('repeat')}>
                Again
              </button>
              <button type="button" onClick={store.unclock}>
                Back
              </button>
              {stretch.ladder.length > 1 && (
                <>
                  <button type="button" disabled={step === 0} onClick={() => store.ease(-1)}>
                    Easier
                  </button>
                  <button
                    type="button"
                    disabled={step === stretch.ladder.length - 1}
                    onClick={() => store.ease(1)}
                  >
                    Harder
                  </button>
                </>
              )}
            </>
          )}
          {clock.state === 'over' && (
            <button type="button" onClick={store.unclock}>
              Back
            </button>
          )}
          <button type="button" aria-expanded={plan} onClick={() => setPlan(!plan)}>
            Floor and plan
          </button>
        </div>
      </div>
      {plan && (
        <div className={styles.card}>
          <div
            className={styles.floor}
            // biome-ignore lint/security/noDangerouslySetInnerHtml: our own server draws it and escapes every label
            dangerouslySetInnerHTML={{ __html: stretch.floor?.svg ?? '' }}
          />
          <div>
            <p>{stretch.how}</p>
            {stretch.floor?.distance && <p>{stretch.floor.distance}</p>}
            <p>
              <b>At the signal</b> {stretch.gathering}. <b>Sits out</b> {stretch.sitsOut}
            </p>
            {stretch.question && (
              <p>
                <b>Ask</b> {stretch.question}
              </p>
            )}
            {stretch.cautions.map((c) => (
              <p key={c.key} className={styles.caution}>
                {c.text}
              </p>
            ))}
            {stretch.groups.map((g, i) => (
              <p key={g.children.map((c) => c.id).join()}>
                <b>{i + 1}</b> {g.children.map((c) => c.name + (c.leftHanded ? ' (L)' : '')).join(', ')}
              </p>
            ))}
            <ol className={styles.order}>
              {hall.stretches.map((s, i) => (
                <li key={s.id} aria-current={i === clock.index ? 'step' : undefined}>
                  {s.name} <span className="mute">{Math.round(clock.minutes[i] / 60)} min</span>
                </li>
              ))}
            </ol>
          </div>
        </div>
      )}
    </section>
  )
})

/** What changes hands before the next stretch, in words. */
function moves(hall: Schemas['HallView'], next: Schemas['StretchView']) {
  const at = hall.stretches.indexOf(next)
  const minute = hall.stretches.slice(0, at).reduce((sum, s) => sum + s.minutes, 0)
  const told = hall.moves.filter((m) => m.minute === minute).map((m) => m.words)
  return told.length > 0 ? `; ${told.slice(0, 2).join('; ')}` : ''
}

/** The time, four times a second while something runs. */
function useNow(runs: boolean) {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!runs) return
    const every = setInterval(() => setNow(Date.now()), 250)
    return () => clearInterval(every)
  }, [runs])
  return now
}
