import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, InputNumber } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { AsideTable } from './AsideTable'
import styles from './setup.module.css'

type Kept = Schemas['RecordKindView']

/** What is kept of whom, where and how long, for the school's own register; and what would go tonight. */
export function KeepingSection() {
  const queries = useQueryClient()
  const keeping = useQuery({ queryKey: ['keeping'], queryFn: () => take(api.GET('/api/keeping')) })
  const { error, busy, attempt } = useAttempt()
  if (keeping.error) return <ProblemNote error={keeping.error} retry={() => keeping.refetch()} />
  if (!keeping.data) return null
  const set = (kind: Kept['kind'], months: number | null) =>
    attempt(async () => {
      queries.setQueryData(
        ['keeping'],
        await take(
          api.PUT('/api/keeping/{kind}', {
            params: { path: { kind } },
            body: { months: months ?? undefined },
          }),
        ),
      )
    })
  const { kinds, going } = keeping.data
  return (
    <>
      <p className="mute">
        What goes, goes in the night, for good, and the log says how much it was. Your school's own rules
        count: the months offered are only common practice.
      </p>
      {error !== null && <ProblemNote error={error} />}
      <table className={styles.table} aria-label="What is kept">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Where</th>
            <th scope="col">How long</th>
            <th scope="col">Goes after</th>
          </tr>
        </thead>
        <tbody>
          {kinds.map((k) => (
            <tr key={k.kind}>
              <td>{k.what}</td>
              <td>{k.where}</td>
              <td>{k.howLong}</td>
              <td style={{ whiteSpace: 'nowrap' }}>
                {k.hasRule && <Months kept={k} busy={busy} set={set} />}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>Tonight</h2>
      {going.every((g) => g.count === 0) ? (
        <p>Nothing goes.</p>
      ) : (
        <ul>
          {going
            .filter((g) => g.count > 0)
            .map((g) => (
              <li key={g.kind}>
                <b>{g.count}</b> from before {dayWords(g.before)}:{' '}
                {g.names.length > 0 ? g.names.join(', ') : kinds.find((k) => k.kind === g.kind)?.what}
              </li>
            ))}
        </ul>
      )}
      <AsideTable />
    </>
  )
}

/** After how many months a kind goes; empty is kept. */
function Months({
  kept,
  busy,
  set,
}: {
  kept: Kept
  busy: boolean
  set: (kind: Kept['kind'], months: number | null) => void
}) {
  if (kept.months === null || kept.months === undefined)
    return (
      <span className={styles.months}>
        kept
        <Button size="small" disabled={busy} onClick={() => set(kept.kind, kept.usual ?? null)}>
          after {kept.usual} months
        </Button>
      </span>
    )
  return (
    <span className={styles.months}>
      <InputNumber
        aria-label={`Months: ${kept.what}`}
        size="small"
        min={1}
        max={240}
        precision={0}
        key={kept.months}
        defaultValue={kept.months}
        disabled={busy}
        onBlur={(e) => {
          const months = Number(e.target.value)
          if (months >= 1 && months <= 240 && months !== kept.months) set(kept.kind, months)
        }}
        style={{ width: 70 }}
      />
      months
      <Button size="small" type="link" disabled={busy} onClick={() => set(kept.kind, null)}>
        keep
      </Button>
    </span>
  )
}
