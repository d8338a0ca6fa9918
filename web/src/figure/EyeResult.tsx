import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { useEffect, useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { uuid7 } from '../shared/uuid7'
import styles from './Eye.module.css'
import { type Answer, type Level, levels, percent, type Round, type Stand } from './rounds'

interface ResultProps {
  round: Round
  age: number
  stand: Stand
  answers: readonly Answer[]
  again: (level: Level) => void
  done: () => void
}

/** What a round came to; it is kept as one's own. */
export function EyeResult({ round, age, stand, answers, again, done }: ResultProps) {
  const { cue, level, seed } = round
  const [id] = useState(() => uuid7())
  const queries = useQueryClient()
  const { mutate, data, error } = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/eye/rounds/{id}', {
          params: { path: { id } },
          body: { cue, level, stand, age, seed, answers: [...answers] },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['own-eye'] }),
  })
  useEffect(() => mutate(), [mutate])
  const at = levels.findIndex((l) => l.value === level)
  return (
    <div className={page.page}>
      <Heading>How it was</Heading>
      {error && <ProblemNote error={error} retry={() => mutate()} />}
      {data && (
        <>
          <p className={styles.lead}>{data.verdict.sentence}</p>
          <VerdictTable verdict={data.verdict} />
        </>
      )}
      <p className={styles.form}>
        {[...levels]
          .map((l, i) => ({ ...l, by: i - at }))
          .filter((l) => Math.abs(l.by) <= 1)
          // What to go on with stands first.
          .sort((a, b) => Number(b.value === data?.next) - Number(a.value === data?.next) || b.by - a.by)
          .map((l) => (
            <Button
              key={l.value}
              type={l.value === data?.next ? 'primary' : 'default'}
              onClick={() => again(l.value)}
            >
              {l.by === 0 ? 'Another round' : `${l.by > 0 ? 'Harder' : 'Easier'}: ${l.label}`}
            </Button>
          ))}
        <Button onClick={done}>Your eye so far, another cue</Button>
      </p>
    </div>
  )
}

/** Rights and wrongs, with how far they may be trusted. */
export function VerdictTable({ verdict: v }: { verdict: Schemas['VerdictView'] }) {
  return (
    <table className={styles.counts}>
      <tbody>
        <tr>
          <th scope="row">Right</th>
          <td>{percent(v.right)}</td>
        </tr>
        <tr>
          <th scope="row">Missed, of those that were there</th>
          <td>{percent(v.misses)}</td>
        </tr>
        <tr>
          <th scope="row">Seen where it was not</th>
          <td>{percent(v.alarms)}</td>
        </tr>
        <tr>
          <th scope="row">With the truth, beyond chance</th>
          <td>{kappa(v.truth)}</td>
        </tr>
        {v.colleague && (
          <tr>
            <th scope="row">With your colleague</th>
            <td>
              {v.colleague.agreed} of {v.colleague.pairs} alike; beyond chance {kappa(v.colleague)}
            </td>
          </tr>
        )}
      </tbody>
    </table>
  )
}

const kappa = (a: Schemas['EyeAgreement']) =>
  a.kappa === null || a.kappa === undefined
    ? 'cannot be told from chance'
    : `${a.kappa.toFixed(2)} (${a.within?.low.toFixed(2)} to ${a.within?.high.toFixed(2)}), ${a.band}`
