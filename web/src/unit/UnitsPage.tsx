import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { dayWords } from '../shared/dates'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { Arrival } from './Arrival'

/** The units, the newest first. */
export default function UnitsPage() {
  const plans = usePlans()
  const [taking, setTaking] = useState(false)
  const units = useQuery({ queryKey: ['units'], queryFn: () => take(api.GET('/api/units')) })
  return (
    <div className={page.page}>
      <div className={page.head}>
        <h1>Units</h1>
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
      <div className={page.cards}>
        {units.data?.map((u) => (
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
    </div>
  )
}
