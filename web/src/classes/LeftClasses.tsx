import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, take } from '../api/client'
import { dayWords } from '../shared/dates'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { bringBackClass } from './leaving'

/** Classes that left, behind a press: their records are kept, and each has a way back. */
export function LeftClasses() {
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  const left = useQuery({ queryKey: ['left-classes'], queryFn: () => take(api.GET('/api/classes/left')) })
  if (!left.data?.length) return null
  return (
    <details style={{ marginTop: 24 }}>
      <summary>{many(left.data.length, 'class', 'classes')} that left</summary>
      {error !== null && <ProblemNote error={error} />}
      <ul>
        {left.data.map((c) => (
          <li key={c.id}>
            {c.name}, {c.year}, on {dayWords(c.leftOn)}{' '}
            <Button
              size="small"
              disabled={busy}
              aria-label={`Bring back ${c.name}`}
              onClick={() => attempt(() => bringBackClass(queries, c.id))}
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </details>
  )
}
