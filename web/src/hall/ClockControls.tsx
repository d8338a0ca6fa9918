import type { Schemas } from '../api/client'
import styles from './Clock.module.css'
import type { Clock } from './clock'
import type { HallStore } from './store'
import { useHall } from './useHall'

interface ClockControlsProps {
  store: HallStore
  clock: Clock
  /** what runs */
  stretch: Schemas['StretchView']
  /** whether nothing comes after it */
  last: boolean
}

/** The few things that are done to the clock all the time; the others stand in the plan. */
export function ClockControls({ store, clock, stretch, last }: ClockControlsProps) {
  const playing = useHall(store, (s) => s.playing)
  const planned = useHall(store, (s) => s.panel?.kind === 'plan')
  const step = useHall(store, (s) => s.steps[stretch.id] ?? stretch.task.step)
  const runs = clock.state === 'running' || clock.state === 'paused'
  return (
    <div className={styles.controls}>
      {clock.state === 'before' && (
        <button type="button" className={styles.main} onClick={() => store.clock('begin')}>
          Start the clock
        </button>
      )}
      {runs && (
        <>
          {stretch.task.ladder.length > 1 && (
            <>
              <button
                type="button"
                className={styles.wide}
                disabled={step === 0}
                onClick={() => store.ease(-1)}
              >
                Easier
              </button>
              <button
                type="button"
                className={styles.wide}
                disabled={step === stretch.task.ladder.length - 1}
                onClick={() => store.ease(1)}
              >
                Harder
              </button>
            </>
          )}
          <button
            type="button"
            className={styles.wide}
            aria-label="A minute more"
            onClick={() => store.clock('longer')}
          >
            +1
          </button>
          {stretch.plan.changeSeconds > 0 && playing !== stretch.id && (
            <button type="button" className={styles.wide} title="the change is done" onClick={store.play}>
              They play
            </button>
          )}
          <button type="button" className={styles.main} onClick={() => store.clock('next')}>
            {last ? 'Done' : 'Next'}
          </button>
        </>
      )}
      {clock.state === 'over' && (
        <button type="button" className={styles.main} onClick={() => store.open({ kind: 'end' })}>
          End of the lesson
        </button>
      )}
      <button
        type="button"
        aria-expanded={planned}
        onClick={() => store.open(planned ? null : { kind: 'plan' })}
      >
        Plan
      </button>
    </div>
  )
}
