import { Button } from 'antd'
import { api } from '../api/client'
import styles from './Planning.module.css'
import type { ProgressLine, SoFar } from './planning'

interface ProgressProps {
  /** the unit that is planned */
  unit: string
  line: ProgressLine
  cancel: () => void
}

/** How planning goes, in words, with the best so far to take as it is. */
export function Progress({ unit, line, cancel }: ProgressProps) {
  const fits = line.score?.hard === 0
  // Where it is ready by itself meanwhile there is nothing to take, and nothing to tell.
  const enough = () =>
    api.POST('/api/units/{id}/planning/enough', { params: { path: { id: unit } } }).catch(() => undefined)
  return (
    <div className={styles.progress}>
      <span className={styles.pulse} aria-hidden="true" />
      <span role="status">{words(line)}</span>
      {fits && (
        <Button size="small" type="primary" onClick={enough}>
          Take this one
        </Button>
      )}
      <Button size="small" onClick={cancel}>
        Cancel
      </Button>
    </div>
  )
}

/** The best plan so far, a row a lesson; it changes as better ones are found. */
export function Best({ lessons }: { lessons: SoFar[][] }) {
  return (
    <ol className={styles.best} aria-label="The best plan so far">
      {lessons.map((lesson, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a lesson is its place
        <li key={i}>
          <b>{i + 1}</b>
          {lesson
            .filter((s) => s.skill !== undefined)
            .map((s, at) => (
              <span
                // biome-ignore lint/suspicious/noArrayIndexKey: the name makes it fade in anew
                key={`${at} ${s.name}`}
                className={s.play ? styles.game : styles.drill}
              >
                {s.name} <small>{s.minutes}</small>
              </span>
            ))}
        </li>
      ))}
    </ol>
  )
}

/** The best so far: what is broken first. */
export function words({ waitsFor, evaluations, score }: ProgressLine) {
  if (waitsFor) return `Waiting: ${waitsFor === 1 ? 'one unit is' : `${waitsFor} units are`} planned first.`
  if (!score) return 'Planning …'
  const looked = `${evaluations.toLocaleString('en-GB')} plans looked at`
  const best =
    score.hard > 0 || score.medium > 0
      ? 'the best so far still breaks a rule'
      : 'the best so far fits; it is made better'
  return `${looked}; ${best}.`
}
