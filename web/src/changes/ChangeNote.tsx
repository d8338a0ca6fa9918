import { Button } from 'antd'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './ChangeNote.module.css'
import { putAway, takeBack, useLatest } from './changed'

/** What was done last, in words, with an undo. */
export function ChangeNote() {
  const latest = useLatest()
  const { error, setError, busy, attempt } = useAttempt()
  if (!latest) return null
  const close = () => {
    setError(null)
    putAway()
  }
  return (
    <section className={styles.note} role="status" aria-label="What changed">
      <div>
        {latest.undone ? (
          <p>Taken back: everything is as it was.</p>
        ) : (
          latest.words.map((w) => <p key={w}>{w}</p>)
        )}
        {error !== null && <ProblemNote error={error} />}
      </div>
      <div className={styles.actions}>
        {!latest.undone && (
          <Button size="small" loading={busy} onClick={() => attempt(() => takeBack(latest))}>
            Undo
          </Button>
        )}
        <Button size="small" type="text" onClick={close}>
          Dismiss
        </Button>
      </div>
    </section>
  )
}
