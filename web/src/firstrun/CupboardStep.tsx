import { useQuery } from '@tanstack/react-query'
import { Button, InputNumber } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { WalkRound } from '../cupboard/WalkRound'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import styles from './FirstStepsPage.module.css'

type Usual = Schemas['UsualLine']

const NOT_COUNTED = 'not counted yet'

/** Twenty usual things as boxes, preset for the class; who has no time plans with what is assumed, and is told so. */
export function CupboardStep({ pupils, done }: { pupils: number; done: () => void }) {
  const usual = useQuery({
    queryKey: ['usual-things', pupils],
    queryFn: () => take(api.GET('/api/cupboard/usual', { params: { query: { children: pupils } } })),
  })
  const { useKept, forget } = useKeptForm('first-cupboard')
  const [counts, setCounts] = useKept<Record<string, number>>('counts', {})
  const [walking, setWalking] = useState(false)
  const { error, busy, attempt } = useAttempt()
  const of = (u: Usual) => counts[u.key] ?? u.has ?? u.count
  const save = (assumed: boolean) =>
    attempt(async () => {
      const all = Object.fromEntries((usual.data ?? []).map((u) => [u.key, assumed ? u.count : of(u)]))
      await take(
        api.POST('/api/cupboard/counts', {
          body: { counts: all, storage: assumed ? NOT_COUNTED : undefined },
        }),
      )
      forget()
      done()
    })
  if (walking) return <WalkRound pupils={pupils} done={done} />
  return (
    <>
      <p className="mute">
        How many can be used? Look, do not count: 0 is as good an answer as 30. All else that you have comes
        later, in the cupboard.
      </p>
      {usual.error && <ProblemNote error={usual.error} retry={() => usual.refetch()} />}
      <div className={styles.things}>
        {usual.data?.map((u) => (
          <label key={u.key} className={styles.thing}>
            <span>{u.name}</span>
            <InputNumber
              size="large"
              min={0}
              max={1000}
              value={of(u)}
              aria-label={`How many ${u.name}`}
              onChange={(n) => setCounts({ ...counts, [u.key]: n ?? 0 })}
            />
          </label>
        ))}
      </div>
      {error !== null && <ProblemNote error={error} />}
      <Button type="primary" loading={busy} disabled={!usual.data} onClick={() => save(false)}>
        Save and go on
      </Button>{' '}
      <Button onClick={() => setWalking(true)}>Walk round with a tablet</Button>{' '}
      <Button
        loading={busy}
        disabled={!usual.data}
        title="plans with these numbers; the cupboard and the lessons say that they were not counted"
        onClick={() => save(true)}
      >
        I count later
      </Button>
    </>
  )
}
