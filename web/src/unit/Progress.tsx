import { Button } from 'antd'
import styles from './Planning.module.css'
import type { ProgressLine } from './planning'

/** How planning goes, in words, and a way out. */
export function Progress({ line, cancel }: { line: ProgressLine; cancel: () => void }) {
  return (
    <div className={styles.progress}>
      <span className={styles.pulse} aria-hidden="true" />
      <span role="status">{words(line)}</span>
      <Button size="small" onClick={cancel}>
        Cancel
      </Button>
    </div>
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
