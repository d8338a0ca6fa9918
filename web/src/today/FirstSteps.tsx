import { Link } from 'react-router'
import { useFirstSteps } from '../firstrun/useFirstSteps'
import styles from './FirstSteps.module.css'

/** What is still missing before there can be lessons; nothing once all of it is there. */
export function FirstSteps() {
  const { steps, next } = useFirstSteps()
  if (!next) return null
  return (
    <section className={styles.steps} aria-label="First steps">
      <h2>Six steps to the first lesson</h2>
      <ol>
        {steps.map((s) => (
          <li key={s.key} className={s.done ? styles.done : ''}>
            {s.title} {s.done && <span className="mute">done</span>}
          </li>
        ))}
      </ol>
      <Link to="/first-steps" className={styles.go}>
        Go on with: {next.title}
      </Link>
    </section>
  )
}
