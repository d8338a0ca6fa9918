import styles from './Bars.module.css'
import type { HallStore } from './store'
import { useHall } from './useHall'

const WAYS = [
  ['all', 'All'],
  ['ten', 'Three'],
  ['place', 'By place'],
] as const

/** What is on the screen, one press apart: what to say, every child, three at a time, or those beside the teacher. */
export function Ways({ store }: { store: HallStore }) {
  const mode = useHall(store, (s) => s.mode)
  return (
    <fieldset className={styles.ways} aria-label="What you see">
      <button type="button" aria-pressed={mode.kind === 'say'} onClick={store.say}>
        Say
      </button>
      {WAYS.map(([way, name]) => (
        <button
          key={way}
          type="button"
          aria-pressed={mode.kind === 'watch' && mode.way === way}
          onClick={() => store.watch(way)}
        >
          {name}
        </button>
      ))}
    </fieldset>
  )
}
