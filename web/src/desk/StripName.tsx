import { Link } from 'react-router'
import type { Line } from './StripBead'
import styles from './TermStrip.module.css'

/** The class of a line, and whether it is out of step with another one. */
export function StripName({ line: { schoolClass: c, step } }: { line: Line }) {
  return (
    <Link to={`/classes/${c.id}`} tabIndex={-1}>
      {step && (
        <span className={styles.step} title={`${c.name} is ${step.words}`}>
          {step.ahead > 0 ? '+' : '−'}
          {Math.abs(step.ahead)}
        </span>
      )}
      {c.name}
      {step && <span className="visually-hidden">, {step.words}</span>}
    </Link>
  )
}
