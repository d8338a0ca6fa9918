import { rungFill, rungInk } from '../shared/tokens'
import styles from './KnowHow.module.css'

/** The rung of an activity as a small square. */
export function Rung({ level }: { level?: number }) {
  return (
    <span
      className={styles.level}
      style={level ? { background: rungFill[level - 1], color: rungInk(level) } : undefined}
    >
      {level ?? '·'}
    </span>
  )
}
