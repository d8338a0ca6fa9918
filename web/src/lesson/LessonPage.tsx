import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { useParams } from 'react-router'
import { api, take } from '../api/client'
import { ChangeLesson } from '../changes/ChangeLesson'
import { usePlans, useSession } from '../session/useSession'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { Sheet } from './Sheet'

/** A lesson's sheet, and what can be done with the lesson. */
export default function LessonPage() {
  const { id = '' } = useParams()
  const [changing, setChanging] = useState(false)
  const plans = usePlans()
  const { role } = useSession()
  const sheet = useQuery({
    queryKey: ['sheet', id],
    queryFn: () => take(api.GET('/api/lessons/{id}/sheet', { params: { path: { id } } })),
    staleTime: 0,
  })
  if (sheet.error)
    return (
      <div className={page.page}>{<ProblemNote error={sheet.error} retry={() => sheet.refetch()} />}</div>
    )
  const s = sheet.data
  if (!s) return <p className={page.page}>Opening …</p>
  return (
    <>
      <Sheet
        sheet={s}
        actions={
          s.state === 'PLANNED' ? (
            <>
              {plans && <Button onClick={() => setChanging(true)}>Lost, moved …</Button>}
              <Button onClick={() => window.print()}>Print</Button>
              {role !== 'VIEWER' && (
                <Button type="primary" href={`/hall/${s.lesson}`}>
                  Start in the hall
                </Button>
              )}
            </>
          ) : (
            <>
              <Button onClick={() => window.print()}>Print</Button>
              <span className={page.chip}>{s.state === 'TAUGHT' ? 'taught' : 'lost'}</span>
            </>
          )
        }
      />
      {changing && <ChangeLesson of={s} close={() => setChanging(false)} />}
    </>
  )
}
