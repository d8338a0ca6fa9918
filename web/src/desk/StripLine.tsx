import { Link } from 'react-router'
import { dayWords, timeWords } from '../shared/dates'
import { type Bead, type Line, StripBead, type StripBeadProps } from './StripBead'
import styles from './TermStrip.module.css'

interface StripLineProps {
  line: Line
  /** whether whoever looks may plan */
  plans: boolean
  at: (day: string) => string
  bead: (b: Bead) => StripBeadProps
}

/** The lessons of a class, and the times that nothing is planned for yet. */
export function StripLine({ line: c, plans, at, bead }: StripLineProps) {
  return (
    <div className={styles.line} data-line>
      {plans &&
        c.open.map((o) => (
          <Link
            key={o.day + o.starts}
            to={`/units/new?class=${c.schoolClass.id}&from=${o.day}`}
            tabIndex={-1}
            className={styles.open}
            style={{ left: at(o.day) }}
            title={`${c.schoolClass.name}, ${dayWords(o.day)} ${timeWords(o.starts)}: nothing planned yet`}
            aria-hidden="true"
          />
        ))}
      {c.beads.map((b) => (
        <StripBead key={b.lesson} {...bead(b)} />
      ))}
    </div>
  )
}
