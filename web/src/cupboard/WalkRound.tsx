import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import styles from './WalkRound.module.css'

type Usual = Schemas['UsualLine']

interface WalkRoundProps {
  /** children of the largest class */
  pupils: number
  done: () => void
}

/** What most is called: one each, one for two, or as many as is usual. */
const mostWords = (usual: number, pupils: number) =>
  usual === pupils ? 'One each' : usual === Math.ceil(pupils / 2) ? 'One for two' : 'As usual'

/** Past the shelves with a tablet: thing after thing, one press each; what is pressed is kept until all of it is saved. */
export function WalkRound({ pupils, done }: WalkRoundProps) {
  const usual = useQuery({
    queryKey: ['usual-things', pupils],
    queryFn: () => take(api.GET('/api/cupboard/usual', { params: { query: { children: pupils } } })),
  })
  const { useKept, forget } = useKeptForm('walk-round')
  const [counts, setCounts] = useKept<Record<string, number>>('counts', {})
  const [back, setBack] = useState<number | null>(null)
  const { error, busy, attempt } = useAttempt()
  if (usual.error) return <ProblemNote error={usual.error} retry={() => usual.refetch()} />
  if (!usual.data) return <p>Opening …</p>
  const things = usual.data
  const open = things.findIndex((u) => counts[u.key] === undefined)
  const at = back ?? (open < 0 ? things.length : open)
  const save = () =>
    attempt(async () => {
      await take(api.POST('/api/cupboard/counts', { body: { counts } }))
      forget()
      done()
    })
  const press = (thing: Usual, count: number) => {
    setCounts({ ...counts, [thing.key]: count })
    setBack(null)
  }
  const thing = things[at]
  return (
    <section className={styles.walk} aria-label="Walk round">
      <p className="mute">
        {thing ? `${at + 1} of ${things.length}` : 'That was all of it.'}{' '}
        {at > 0 && (
          <Button size="small" onClick={() => setBack(at - 1)}>
            Back
          </Button>
        )}
      </p>
      {thing ? (
        <>
          <h2>{thing.name}</h2>
          <div className={styles.buttons}>
            {[
              ['None', 0],
              ['Some', Math.max(1, Math.round(thing.count / 2))],
              [mostWords(thing.count, pupils), thing.count],
            ].map(([words, count]) => (
              <button
                key={words}
                type="button"
                aria-pressed={counts[thing.key] === count}
                onClick={() => press(thing, Number(count))}
              >
                <b>{words}</b> <span>{count}</span>
              </button>
            ))}
          </div>
        </>
      ) : (
        <>
          <p>
            {things.filter((u) => counts[u.key] > 0).length} things are there,{' '}
            {things.filter((u) => counts[u.key] === 0).length} are not. Exact numbers come later, in the
            cupboard.
          </p>
          {error !== null && <ProblemNote error={error} />}
          <Button type="primary" size="large" loading={busy} onClick={save}>
            Save all of it
          </Button>
        </>
      )}
    </section>
  )
}
