import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, take } from '../api/client'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Reports.module.css'

const KEY = ['came-true']

/** How often what was believed before a look came true, by tenths; for who leads the school. */
export function CameTrue() {
  const queries = useQueryClient()
  const told = useQuery({
    queryKey: KEY,
    queryFn: async () => (await take(api.GET('/api/school/came-true'))) ?? null,
  })
  const { error, busy, attempt } = useAttempt()
  const count = () =>
    attempt(async () => {
      queries.setQueryData(KEY, (await take(api.POST('/api/school/came-true'))) ?? null)
    })
  const t = told.data
  const some = t?.tenths.filter((x) => x.looks > 0) ?? []
  return (
    <section className={styles.cameTrue}>
      <h2>How often it was right</h2>
      {(told.error || error !== null) && <ProblemNote error={told.error ?? error} />}
      <p>
        {t
          ? t.sentence
          : 'What is believed of a child is held against the next look. It was not counted yet.'}{' '}
        <span className="mute">
          {t &&
            `${t.own ? 'How children differ is learnt from the records of this school.' : 'How children differ is common practice until there are 500 looks.'} Counted on ${dayWords(t.countedAt.slice(0, 10))}, and anew each night.`}
        </span>{' '}
        <Button size="small" loading={busy} onClick={count}>
          Count now
        </Button>
      </p>
      {some.length > 0 && (
        <table className={styles.tenths}>
          <caption className="visually-hidden">What was said of the next look, and what came</caption>
          <thead>
            <tr>
              <th scope="col">Said</th>
              <th scope="col">Shown</th>
              <th scope="col">Looks</th>
              <th scope="col" aria-label="Said and shown side by side" />
            </tr>
          </thead>
          <tbody>
            {some.map((x) => (
              <tr key={x.from} className={x.off ? styles.off : undefined}>
                <td>{x.said} in 100</td>
                <td>{x.came} in 100</td>
                <td>{x.looks}</td>
                <td>
                  <svg width="204" height="12" aria-hidden="true">
                    <path d="M2 6H202" className={styles.axis} />
                    <rect x={2} y={3} width={2 * x.came} height={6} className={styles.came} />
                    <path d={`M${2 + 2 * x.said} 0v12`} className={styles.said} />
                  </svg>
                  {x.off && ' off'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  )
}
