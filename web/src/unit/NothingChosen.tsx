import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { OtherClasses } from './OtherClasses'
import { Spare } from './Spare'
import styles from './UnitPage.module.css'

/** Beside a unit of which no block is chosen: how to choose one, and what concerns all of it. */
export function NothingChosen({ unit: u }: { unit: Schemas['UnitView'] }) {
  return (
    <>
      <h2>Why</h2>
      <p className="mute">
        Choose a block or a mark to see why it is there, what it needs and what could stand instead. Drag a
        block to another place in its lesson; lock what you want to keep, then replan the rest.
      </p>
      <p className="mute">
        Last change: {u.cause}. <Link to={`/classes/${u.schoolClass.id}`}>What was seen of the class</Link>
      </p>
      {u.leftOver.length > 0 && (
        <>
          <h3>For the next unit</h3>
          <ul className={`mute ${styles.waiting}`}>
            {u.threads
              .flatMap((t) => t.cues)
              .filter((c) => c.waits)
              .map((c) => (
                <li key={c.key}>{c.why}</li>
              ))}
          </ul>
        </>
      )}
      <OtherClasses unit={u} />
      <Spare unit={u} />
    </>
  )
}
