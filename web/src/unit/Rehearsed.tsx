import type { Schemas } from '../api/client'
import styles from './UnitPage.module.css'

/**
 * What may come of a unit, in sentences; the bands under its threads are told to who does not see them. It stands under the lessons,
 * since it comes after them and is as long as it is: what is dragged must not move away.
 */
export function Rehearsed({
  rehearsal: r,
  stale = false,
}: {
  rehearsal: Schemas['RehearsalView']
  stale?: boolean
}) {
  return (
    <section
      className={stale ? `${styles.rehearsed} ${styles.stale}` : styles.rehearsed}
      aria-label="Rehearsed"
      aria-busy={stale}
    >
      <p>
        <b>Rehearsed with {r.classes} classes like this one.</b> {r.sentences.join(' ')}{' '}
        {r.beside && <b>Beside the version before: {lower(r.beside)}</b>}{' '}
        <span className="mute">Learning differs: nobody is promised.</span>
      </p>
      <ul className="visually-hidden">
        {r.cues.map((c) => (
          <li key={c.cue}>
            {c.call}: now {words(c.before)} of {r.children}
            {c.after.map((a) => `, after lesson ${a.number} ${words(a.owned)}`).join('')}
          </li>
        ))}
      </ul>
    </section>
  )
}

const lower = (sentence: string) => sentence.charAt(0).toLowerCase() + sentence.slice(1)

/** "17 to 22". */
export const words = (h: Schemas['HowMany']) => (h.low === h.high ? `${h.low}` : `${h.low} to ${h.high}`)
