import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, type Schemas, take } from '../api/client'
import styles from './UnitPage.module.css'

interface MisfitsProps {
  unit: Schemas['UnitView']
  busy: boolean
  /** fits again what does not fit any more */
  refit: () => void
}

/** More would push the board off the screen: they open on a press. */
const FEW = 2

/** What does not fit any more, and what would become of it: things went, the class grew, or more is known of an activity. */
export function Misfits({ unit, busy, refit }: MisfitsProps) {
  const hard = unit.strains.filter((s) => s.level === 'HARD' && s.segment)
  const some = hard.length > 0
  const changes = useQuery({
    queryKey: ['misfits', unit.id, unit.head, hard.map((s) => s.sentence)],
    enabled: some,
    queryFn: () => take(api.GET('/api/units/{id}/refit', { params: { path: { id: unit.id } } })),
  })
  const told = changes.data ?? []
  if (!some || told.length === 0) return null
  return (
    <section aria-label="Does not fit any more" className={styles.misfits}>
      <details open={told.length <= FEW}>
        <summary>
          <h2>
            {told.length === 1
              ? 'One stretch does not fit any more'
              : `${told.length} stretches do not fit any more`}
          </h2>
        </summary>
        <ul>
          {told.map((t) => (
            <li key={t}>{t}</li>
          ))}
        </ul>
      </details>
      <Button disabled={busy} onClick={refit}>
        Fit them again, and leave all else
      </Button>
    </section>
  )
}
