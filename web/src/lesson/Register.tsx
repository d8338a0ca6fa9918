import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Lesson.module.css'

type TakesPart = Schemas['ChildToday']['takesPart']

interface RegisterProps {
  lesson: string
  title: string
  roll: { id: string; name: string; takesPart: TakesPart }[]
  close: () => void
}

const NEXT: Record<TakesPart, TakesPart> = { PLAYS: 'AWAY', AWAY: 'SITS_OUT', SITS_OUT: 'PLAYS' }
const WORD: Record<TakesPart, string> = { PLAYS: 'here', AWAY: 'away', SITS_OUT: 'sits out' }

/** Who is here, away, or sits out: a press goes from one to the next. */
export function Register({ lesson, title, roll, close }: RegisterProps) {
  const queries = useQueryClient()
  const [takes, setTakes] = useState(() => new Map(roll.map((c) => [c.id, c.takesPart])))
  const { error, busy, attempt } = useAttempt()
  const of = (id: string) => takes.get(id) ?? 'PLAYS'
  const those = (what: TakesPart) => roll.filter((c) => of(c.id) === what).map((c) => c.id)
  const save = async () => {
    const done = await attempt(() =>
      take(
        api.PUT('/api/lessons/{id}/away', {
          params: { path: { id: lesson } },
          body: { away: those('AWAY'), sitsOut: those('SITS_OUT') },
        }),
      ),
    )
    queries.invalidateQueries({ queryKey: ['today'] })
    queries.invalidateQueries({ queryKey: ['sheet', lesson] })
    if (done) close()
  }
  const away = those('AWAY').length
  const out = those('SITS_OUT').length
  return (
    <Dialog
      open
      width={680}
      title={title}
      onCancel={close}
      onOk={save}
      okText={
        away + out === 0
          ? 'All are here'
          : [away > 0 && `${away} away`, out > 0 && `${out} sit out`].filter(Boolean).join(', ')
      }
      confirmLoading={busy}
    >
      <p className="mute">Press a name once for away, twice for here but sitting out.</p>
      <div className={styles.register}>
        {roll.map((c) => (
          <button
            key={c.id}
            type="button"
            data-takes={of(c.id)}
            aria-label={`${c.name}: ${WORD[of(c.id)]}`}
            // Of what stands by then: two names pressed quickly both count.
            onClick={() => setTakes((now) => new Map(now).set(c.id, NEXT[now.get(c.id) ?? 'PLAYS']))}
          >
            {c.name}
            <small>{of(c.id) === 'PLAYS' ? '' : WORD[of(c.id)]}</small>
          </button>
        ))}
      </div>
      {error !== null && <ProblemNote error={error} />}
    </Dialog>
  )
}
