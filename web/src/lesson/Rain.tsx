import { useQuery } from '@tanstack/react-query'
import { api, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Lesson.module.css'

/** What becomes of a lesson when it rains; one press brings it inside. */
export function Rain({ lesson, close, done }: { lesson: string; close: () => void; done: () => void }) {
  const wet = useQuery({
    queryKey: ['wet', lesson],
    queryFn: () => take(api.GET('/api/lessons/{id}/wet', { params: { path: { id: lesson } } })),
  })
  const { error, busy, attempt } = useAttempt()
  const inside = async () => {
    const came = await attempt(() =>
      take(
        api.POST('/api/lessons/{id}/changes', {
          params: { path: { id: lesson } },
          body: { kind: 'INDOORS', why: 'rain', anyway: false },
        }),
      ),
    )
    if (came) done()
  }
  return (
    <Dialog
      open
      title={wet.data ? `If it rains: into ${wet.data.to}` : 'If it rains'}
      onCancel={close}
      onOk={inside}
      okText="It rains: bring it inside"
      confirmLoading={busy}
      width={620}
    >
      {(error !== null || wet.error) && <ProblemNote error={error ?? wet.error} />}
      <ul className={styles.rain}>
        {wet.data?.stretches.map((s) => (
          <li key={s.id} className={s.same ? '' : styles.tight}>
            {s.sentence}
          </li>
        ))}
      </ul>
    </Dialog>
  )
}
