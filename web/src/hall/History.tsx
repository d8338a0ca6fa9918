import styles from './Panels.module.css'
import type { HallStore } from './store'
import { useHall } from './useHall'

/** The last presses, each of which can be taken back. */
export function History({ store }: { store: HallStore }) {
  const pressed = useHall(store, (s) => s.pressed)
  const skills = useHall(store, (s) => s.hall.grid.skills)
  const call = (key: string) => skills.flatMap((s) => s.cues).find((c) => c.key === key)?.call.notSettled
  return (
    <section className={styles.panel} aria-label="History">
      <h2>The last presses</h2>
      {pressed.length === 0 && <p>Nothing pressed yet.</p>}
      {[...pressed].reverse().map((p) => (
        <p key={p.trial} className={styles.press}>
          {p.name}, {p.shown ? 'shown' : 'not yet'}, “{call(p.cue)}”
          <button type="button" onClick={() => store.undo(p.trial)}>
            Take back
          </button>
        </p>
      ))}
      <p className={styles.buttons}>
        <button type="button" onClick={() => store.open(null)}>
          Close
        </button>
      </p>
    </section>
  )
}
