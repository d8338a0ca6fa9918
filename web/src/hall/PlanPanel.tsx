import { ahead, type Step } from './ahead'
import styles from './Clock.module.css'
import { clockAt } from './clock'
import type { HallStore } from './store'
import { useHall } from './useHall'
import { useNow } from './useNow'

const STEPS: [Step, string][] = [
  ['longer', 'One minute more'],
  ['shorter', 'One minute less'],
  ['next', 'On to what is next'],
]

/** What runs in full, the order of the lesson, and all that can be done to its clock, each with what it changes. */
export function PlanPanel({ store }: { store: HallStore }) {
  const hall = useHall(store, (s) => s.hall)
  const events = useHall(store, (s) => s.clock)
  const steps = useHall(store, (s) => s.steps)
  const now = useNow(true)
  const clock = clockAt(hall.stretches, events, now)
  const stretch = hall.stretches[clock.index]
  if (!stretch) return null
  const runs = clock.state === 'running' || clock.state === 'paused'
  const step = steps[stretch.id] ?? stretch.task.step
  const close = () => store.open(null)
  return (
    <section
      className={styles.card}
      role="dialog"
      aria-label="The plan"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <div>
        <div
          className={styles.floor}
          // biome-ignore lint/security/noDangerouslySetInnerHtml: our own server draws it and escapes every label
          dangerouslySetInnerHTML={{ __html: stretch.floor?.drawing.svg ?? '' }}
        />
        <p>{stretch.task.how}</p>
        {stretch.floor?.drawing.distance && <p>{stretch.floor.drawing.distance}</p>}
        <p>
          <b>At the signal</b> {stretch.task.gathering}. <b>Sits out</b> {stretch.task.sitsOut}
        </p>
        {stretch.task.question && (
          <p>
            <b>Ask</b> {stretch.task.question}
          </p>
        )}
        {stretch.work?.cautions.map((c) => (
          <p key={c.key} className={styles.caution}>
            {c.text}
          </p>
        ))}
      </div>
      <div>
        {runs && (
          <>
            {STEPS.map(([does, name]) => (
              <p key={does} className={styles.step}>
                <button type="button" onClick={() => store.clock(does)}>
                  {name}
                </button>
                <span>{ahead(hall, events, does, now).join(' ')}</span>
              </p>
            ))}
            <p className={styles.steps}>
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
              {stretch.plan.changeSeconds > 0 && (
                <button type="button" title="the change is done" onClick={store.play}>
                  They play now
                </button>
              )}
              {stretch.task.ladder.length > 1 && (
                <>
                  <button type="button" disabled={step === 0} onClick={() => store.ease(-1)}>
                    Make it easier
                  </button>
                  <button
                    type="button"
                    disabled={step === stretch.task.ladder.length - 1}
                    onClick={() => store.ease(1)}
                  >
                    Make it harder
                  </button>
                </>
              )}
            </p>
          </>
        )}
        <p className={styles.steps}>
          <button type="button" disabled={events.length === 0} onClick={store.unclock}>
            Back
          </button>
          <button type="button" onClick={close}>
            Close
          </button>
        </p>
        <ol className={styles.order}>
          {hall.stretches.map((s, i) => (
            <li key={s.id} aria-current={i === clock.index ? 'step' : undefined}>
              {s.plan.name} <span className={styles.then}>{Math.round(clock.minutes[i] / 60)} min</span>
            </li>
          ))}
        </ol>
        {stretch.floor?.groups.map((g, i) => (
          <p key={g.children.map((c) => c.id).join()}>
            <b>{i + 1}</b> {g.children.map((c) => c.name + (c.leftHanded ? ' (L)' : '')).join(', ')}
          </p>
        ))}
      </div>
    </section>
  )
}
