import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, Segmented } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { usePlans } from '../session/useSession'
import { dayWords, todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { Arrival } from './Arrival'
import { bringBack } from './removing'

type Line = Schemas['UnitLine']
type When = 'now' | 'over' | 'all'

const whens: { value: When; label: string }[] = [
  { value: 'now', label: 'Now and next' },
  { value: 'over', label: 'Over' },
  { value: 'all', label: 'All' },
]

const says = (u: Line, words: string) => {
  const text = [u.title, u.className, ...u.skills].join(' ').toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((w) => text.includes(w))
}

/** The units: those that run or come, the others one press away, found by title, class and skill. */
export default function UnitsPage() {
  const plans = usePlans()
  const [taking, setTaking] = useState(false)
  const [words, setWords] = useState('')
  const [when, setWhen] = useState<When>()
  const units = useQuery(reads.units)
  const all = units.data ?? []
  const today = todayHere()
  const running = all.filter((u) => u.to >= today)
  const chosen = when ?? (running.length > 0 ? 'now' : 'all')
  const shown = all
    .filter((u) => chosen === 'all' || u.to >= today === (chosen === 'now'))
    .filter((u) => says(u, words))
    // What runs comes before what begins later; of what is over, the last first.
    .sort((a, b) => (chosen === 'now' ? a.from.localeCompare(b.from) : b.from.localeCompare(a.from)))
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Units</Heading>
        {all.length > 0 && (
          <>
            <Segmented aria-label="Which units" options={whens} value={chosen} onChange={setWhen} />
            <Input.Search
              aria-label="Find a unit"
              placeholder="title, class or skill"
              allowClear
              value={words}
              onChange={(e) => setWords(e.target.value)}
              style={{ width: 240 }}
            />
          </>
        )}
        {plans && (
          <div className={page.end}>
            <Button onClick={() => setTaking(true)}>Import a unit</Button>
            <Link to="/units/new">
              <Button type="primary" tabIndex={-1}>
                Plan a unit
              </Button>
            </Link>
          </div>
        )}
      </div>
      {taking && <Arrival close={() => setTaking(false)} />}
      {units.error && <ProblemNote error={units.error} retry={() => units.refetch()} />}
      {units.data?.length === 0 && (
        <div className={page.empty}>
          <h2>No unit yet</h2>
          <p className="mute">
            Choose a class, one or two skills and the lessons; the plan is made from your own cupboard.
          </p>
        </div>
      )}
      {all.length > 0 && shown.length === 0 && (
        <p className="mute">
          No unit {words ? `with “${words}”` : ''} here.{' '}
          <Button
            size="small"
            onClick={() => {
              setWords('')
              setWhen('all')
            }}
          >
            Show all {all.length}
          </Button>
        </p>
      )}
      <div className={page.cards}>
        {shown.map((u) => (
          <Link key={u.id} to={`/units/${u.id}`} className={page.card}>
            <h2>{u.title}</h2>
            <p>
              {u.className} · {u.skills.join(', ')}
            </p>
            <p>
              {u.lessons} lessons, {dayWords(u.from)} to {dayWords(u.to)}
            </p>
            <p>
              {u.taught > 0 && `${u.taught} taught · `}
              {u.fits ? 'fits' : <b style={{ color: 'var(--tape)' }}>does not fit</b>}
            </p>
          </Link>
        ))}
      </div>
      {plans && <Removed />}
    </div>
  )
}

/** What was removed lately, each with a way back. */
function Removed() {
  const queries = useQueryClient()
  const removed = useQuery({
    queryKey: ['removed-units'],
    queryFn: () => take(api.GET('/api/removed-units')),
  })
  const { error, busy, attempt } = useAttempt()
  if (!removed.data?.length) return null
  return (
    <section aria-label="Removed">
      <h2>Removed</h2>
      {error !== null && <ProblemNote error={error} />}
      <ul>
        {removed.data.map((u) => (
          <li key={u.id}>
            {u.title}, {u.className}{' '}
            <Button
              size="small"
              loading={busy}
              aria-label={`Bring back ${u.title}, ${u.className}`}
              onClick={() => attempt(() => bringBack(queries, u.id))}
            >
              Bring back
            </Button>{' '}
            <span className="mute">until {dayWords(u.until)}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
