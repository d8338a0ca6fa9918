import { useQueries, useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { Link, useParams } from 'react-router'
import { api, take } from '../api/client'
import { Sheet } from '../lesson/Sheet'
import { longDayWords } from '../shared/dates'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './PrintDay.module.css'

/** Every lesson sheet of a day, one after the other, a page each. */
export default function PrintDay() {
  const { day = '' } = useParams()
  const today = useQuery({
    queryKey: ['today', day],
    queryFn: () => take(api.GET('/api/today', { params: { query: { day } } })),
  })
  const lessons = today.data?.lessons.filter((l) => l.state !== 'LOST') ?? []
  const sheets = useQueries({
    queries: lessons.map((l) => ({
      queryKey: ['sheet', l.lesson],
      queryFn: () => take(api.GET('/api/lessons/{id}/sheet', { params: { path: { id: l.lesson } } })),
    })),
  })
  const failed = today.error ?? sheets.find((s) => s.error)?.error
  if (failed)
    return (
      <div className={page.page}>
        <ProblemNote error={failed} />
      </div>
    )
  const ready = today.data && sheets.every((s) => s.data)
  return (
    <div className={styles.all}>
      <div className={`${page.head} ${styles.bar}`}>
        <h1>{longDayWords(day)}</h1>
        <span className="mute">
          {lessons.length} sheet{lessons.length === 1 ? '' : 's'}
        </span>
        <div className={page.end}>
          <Link to={`/today?day=${day}`}>Back to the day</Link>
          <Button type="primary" disabled={!ready} onClick={() => window.print()}>
            Print
          </Button>
        </div>
      </div>
      {sheets.map(
        (s) =>
          s.data && (
            <div key={s.data.lesson} className={styles.sheet}>
              <Sheet sheet={s.data} />
            </div>
          ),
      )}
    </div>
  )
}
