import { useQueryClient } from '@tanstack/react-query'
import { Checkbox, Modal } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

/** Who is away from a lesson; everybody else is there. */
export function Away({ lesson, close }: { lesson: Schemas['DayLesson']; close: () => void }) {
  const queries = useQueryClient()
  const [away, setAway] = useState<string[]>(lesson.away)
  const { error, busy, attempt } = useAttempt()
  const save = async () => {
    const done = await attempt(() =>
      take(api.PUT('/api/lessons/{id}/away', { params: { path: { id: lesson.lesson } }, body: { away } })),
    )
    queries.invalidateQueries({ queryKey: ['today'] })
    if (done) close()
  }
  return (
    <Modal
      open
      title={`Away from ${lesson.className}, lesson ${lesson.number}`}
      onCancel={close}
      onOk={save}
      okText={away.length === 0 ? 'All are here' : `${away.length} away`}
      confirmLoading={busy}
    >
      <Checkbox.Group value={away} onChange={(v) => setAway(v as string[])} style={{ width: '100%' }}>
        <div style={{ display: 'grid', gridTemplateColumns: '1fr 1fr 1fr', gap: '6px 12px', width: '100%' }}>
          {lesson.children.map((c) => (
            <Checkbox key={c.id} value={c.id}>
              {c.name}
            </Checkbox>
          ))}
        </div>
      </Checkbox.Group>
      {error !== null && <ProblemNote error={error} />}
    </Modal>
  )
}
