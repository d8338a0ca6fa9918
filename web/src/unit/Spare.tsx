import { useQuery } from '@tanstack/react-query'
import { Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'

/** What fills spare minutes with what stands there, and how a missed lesson is caught up. */
export function Spare({ unit }: { unit: Schemas['UnitView'] }) {
  const open = unit.lessons.filter((l) => l.segments.length > 0)
  const next = open.find((l) => l.state === 'PLANNED') ?? open[0]
  const [lesson, setLesson] = useState(next?.position ?? 0)
  const [what, setWhat] = useState('5 min')
  const wants = [
    ...[3, 5, 8].map((minutes) => ({
      value: `${minutes} min`,
      label: `${minutes} spare minutes`,
      minutes,
      missed: undefined,
    })),
    ...open
      .filter((l) => l.position < lesson)
      .map((l) => ({
        value: l.id,
        label: `missed lesson ${l.position + 1}`,
        minutes: 5,
        missed: l.position,
      })),
  ]
  const { minutes, missed } = wants.find((w) => w.value === what) ?? { minutes: 5, missed: undefined }
  const spare = useQuery({
    queryKey: ['spare', unit.id, unit.head, lesson, what],
    queryFn: () =>
      take(
        api.GET('/api/units/{id}/spare', {
          params: { path: { id: unit.id }, query: { lesson, minutes, missed } },
        }),
      ),
  })
  if (!next) return null
  return (
    <>
      <h3>To hand</h3>
      <p>
        <Select
          size="small"
          aria-label="What for"
          value={what}
          onChange={setWhat}
          style={{ width: 150 }}
          options={wants.map(({ value, label }) => ({ value, label }))}
        />{' '}
        in{' '}
        <Select
          size="small"
          aria-label="In which lesson"
          value={lesson}
          onChange={(l) => {
            setLesson(l)
            if (missed !== undefined && missed >= l) setWhat('5 min')
          }}
          style={{ width: 96 }}
          options={open.map((l) => ({ value: l.position, label: `lesson ${l.position + 1}` }))}
        />
      </p>
      <ul>
        {spare.data?.slice(0, 3).map((s) => (
          <li key={s.activity}>
            <b>{s.name}</b>, {s.minutes} min: {s.cues.map((c) => `“${c}”`).join(', ')}.{' '}
            <span className="mute">{s.how.split('. ').slice(0, 2).join('. ').replace(/\.$/, '')}.</span>
          </li>
        ))}
        {spare.data?.length === 0 && (
          <li>Nothing that needs no more kit; give the game the minutes, or let them say the cues.</li>
        )}
      </ul>
    </>
  )
}
