import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, take } from '../api/client'
import { sayChanges } from '../changes/changed'
import { Dialog } from '../shared/Dialog'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

interface ClosedLessonsProps {
  closure: { id: string; name: string }
  close: () => void
  /** true to ask only if there is something to ask @default false */
  quiet?: boolean
}

/** What becomes of the planned lessons that a closure falls on; all of them are answered at once. */
export function ClosedLessons({ closure, close, quiet = false }: ClosedLessonsProps) {
  const queries = useQueryClient()
  const params = { path: { id: closure.id } }
  const lessons = useQuery({
    queryKey: ['closed-lessons', closure.id],
    queryFn: () => take(api.GET('/api/calendar/closures/{id}/lessons', { params })),
    staleTime: 0,
  })
  const { error, busy, attempt } = useAttempt()
  const lose = async (rest: 'ALONG' | 'SQUEEZE') => {
    const done = await attempt(async () => {
      const answer = await take(api.POST('/api/calendar/closures/{id}/lessons', { params, body: { rest } }))
      sayChanges(queries, answer.done, answer.left)
    })
    if (done) close()
  }
  const found = lessons.data
  if (quiet && !found?.length) return null
  const many = found?.length !== 1
  return (
    <Dialog
      open
      title={`Planned lessons on ${closure.name}`}
      onCancel={close}
      footer={
        found?.length ? (
          <>
            <Button onClick={close}>Leave {many ? 'them' : 'it'}</Button>
            <Button loading={busy} onClick={() => lose('SQUEEZE')}>
              Squeeze into the lessons left
            </Button>
            <Button type="primary" loading={busy} onClick={() => lose('ALONG')}>
              Move along
            </Button>
          </>
        ) : null
      }
    >
      {lessons.error && <ProblemNote error={lessons.error} retry={() => lessons.refetch()} />}
      {found?.length === 0 && <p>No planned lesson falls on it.</p>}
      {!!found?.length && (
        <>
          <ul>
            {found.map((l) => (
              <li key={l.lesson}>
                {dayWords(l.onDate)}: {l.className}, lesson {l.number} of {l.title}
              </li>
            ))}
          </ul>
          <p className="mute">
            Moved along, each plan goes to the next open date and the unit ends later. Squeezed, the unit ends
            when it did and what is left is planned again.
          </p>
        </>
      )}
      {error !== null && <ProblemNote error={error} />}
    </Dialog>
  )
}
