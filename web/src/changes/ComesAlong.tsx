import { useQuery, useQueryClient } from '@tanstack/react-query'
import { reads } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import type { LessonToChange } from './ChangeLesson'
import { changeTogether } from './changed'
import styles from './Doorway.module.css'

/** Which class comes along to a lesson; a lesson that it has on that day of its own goes along in its unit. */
export function ComesAlong({ of, close }: { of: LessonToChange; close: () => void }) {
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  const term = useQuery(reads.term)
  const lines = term.data?.classes ?? []
  const own = lines.find((l) => l.beads.some((b) => b.lesson === of.lesson))
  const others = lines.filter((l) => l !== own)
  const press = async (other: (typeof lines)[number]) => {
    const lesson = other.beads.find(
      (b) => b.onDate === of.onDate && (b.bead === 'FITS' || b.bead === 'STRAINED'),
    )
    const done = await attempt(() =>
      changeTogether(queries, of.lesson, other.schoolClass, lesson?.lesson, of.className),
    )
    if (done) close()
  }
  return (
    <Dialog open title={`Who comes along to ${of.className}?`} onCancel={close} footer={null} width={720}>
      {error !== null && <ProblemNote error={error} />}
      {term.data && others.length === 0 && (
        <p>There is no other class given to you. The lead of the school can take one along.</p>
      )}
      <div className={styles.grid}>
        {others.map((l) => (
          <button
            key={l.schoolClass.id}
            type="button"
            className={styles.big}
            disabled={busy}
            onClick={() => press(l)}
          >
            <b>{l.schoolClass.name}</b>{' '}
            <span>
              {l.schoolClass.children} children
              {l.beads.some((b) => b.onDate === of.onDate) && '; its own lesson of that day goes along'}
            </span>
          </button>
        ))}
      </div>
      <p className="mute">
        Kit, floor, groups and turns are worked out for all of them. Each look goes to the child's own record.
      </p>
    </Dialog>
  )
}
