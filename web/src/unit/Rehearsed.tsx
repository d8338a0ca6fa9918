import type { Schemas } from '../api/client'
import styles from './UnitPage.module.css'

/** What may come of a unit, in sentences; the bands under its threads are told to who does not see them. */
export function Rehearsed({ rehearsal: r }: { rehearsal: Schemas['RehearsalView'] }) {
  return (
    <section className={styles.rehearsed} aria-label="Rehearsed">
      <p>
        <b>Rehearsed with {r.classes} classes like this one.</b> {r.sentences.join(' ')}{' '}
        {r.beside && <b>Beside the version before: {lower(r.beside)}</b>}{' '}
        {r.cues.length > 0 && (
          <span className="mute">
            The bar under a thread: how many children are likely to have it after the lesson, nobody at its
            left end, all at its right; eight times in ten it comes out within the dark part. Learning
            differs: nobody is promised.
          </span>
        )}
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
