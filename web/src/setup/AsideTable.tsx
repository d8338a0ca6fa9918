import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './setup.module.css'

type ConflictSide = Schemas['ConflictSide']

const when = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** Looks that came twice with another content, and what to do with each. */
export function AsideTable() {
  const queries = useQueryClient()
  const aside = useQuery({ queryKey: ['kept-aside'], queryFn: () => take(api.GET('/api/kept-aside')) })
  const { error, busy, attempt } = useAttempt()
  if (aside.error) return <ProblemNote error={aside.error} retry={() => aside.refetch()} />
  const decide = (id: number, decision: Schemas['DecisionForm']['decision']) =>
    attempt(async () => {
      queries.setQueryData(
        ['kept-aside'],
        await take(api.POST('/api/kept-aside/{id}', { params: { path: { id } }, body: { decision } })),
      )
    })
  return (
    <>
      <h2>Kept aside</h2>
      <p className="mute">
        Looks that came twice under one number and said something else the second time, as after a tablet was
        set back or copied. The first one counts until you decide. Ask who was there.
      </p>
      {error !== null && <ProblemNote error={error} />}
      {aside.data?.length === 0 && <p>Nothing waits.</p>}
      {(aside.data?.length ?? 0) > 0 && (
        <table className={styles.table} aria-label="Kept aside">
          <thead>
            <tr>
              <th scope="col">Counts now</th>
              <th scope="col">Came again</th>
              <th scope="col">What to do</th>
            </tr>
          </thead>
          <tbody>
            {aside.data?.map((a) => (
              <tr key={a.id}>
                <td>
                  <Words said={a.counts} />
                </td>
                <td>
                  <Words said={a.waits} />
                </td>
                <td className={styles.row}>
                  <Button size="small" disabled={busy} onClick={() => decide(a.id, 'LEFT')}>
                    The first alone
                  </Button>
                  <Button size="small" disabled={busy} onClick={() => decide(a.id, 'REPLACED')}>
                    The second alone
                  </Button>
                  <Button size="small" disabled={busy} onClick={() => decide(a.id, 'COUNTED')}>
                    Both
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  )
}

function Words({ said }: { said: ConflictSide }) {
  return (
    <>
      {said.child}, {said.cue}: <b>{said.shown ? 'shown' : 'not yet'}</b>
      <br />
      <span className="mute">
        {when(said.at)}
        {said.by && `, ${said.by}`}
      </span>
    </>
  )
}
