import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Select } from 'antd'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { addDays, dayWords, todayHere } from '../shared/dates'
import { FileButton } from '../shared/FileButton'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { uuid7 } from '../shared/uuid7'
import styles from './Planning.module.css'

interface ArrivalProps {
  /** the unit to copy; without it a file is asked for */
  from?: Schemas['UnitView']
  close: () => void
}

/** A unit for another class or other dates, from a unit or from a file, fitted to who is taught there. */
export function Arrival({ from, close }: ArrivalProps) {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [id] = useState(() => uuid7())
  const [classId, setClassId] = useState(from?.schoolClass.id ?? null)
  const [first, setFirst] = useState(addDays(todayHere(), 1))
  const [file, setFile] = useState<{ name: string; text: string; lessons: number } | null>(null)
  const [changes, setChanges] = useState<string[] | null>(null)
  const { error, busy, attempt, setError } = useAttempt()
  const classes = useQuery(reads.classes)
  const count = from?.lessons.filter((l) => l.state !== 'LOST').length ?? file?.lessons ?? 0
  const lessons = useLessons(from, classId, first, count)
  const chosen = async (f: File) => {
    setError(null)
    const text = await f.text()
    let many = 1
    try {
      many = Math.min(16, Math.max(1, JSON.parse(text).lessons.length))
    } catch {
      // What is wrong with it is said by the server, row by row.
    }
    setFile({ name: f.name, text, lessons: many })
  }
  const make = () =>
    attempt(async () => {
      const body = { classId: classId as string, lessons }
      const arrived = from
        ? await take(
            api.POST('/api/units/{id}/copies', { params: { path: { id: from.id } }, body: { ...body, id } }),
          )
        : await take(
            api.PUT('/api/units/{id}/file', {
              params: { path: { id } },
              body: { ...body, file: file?.text ?? '' },
            }),
          )
      changed(queries, 'lessons')
      if (arrived.changes.length === 0) navigate(`/units/${id}`)
      else setChanges(arrived.changes)
    })
  if (changes) return <WhatWasChanged changes={changes} close={() => navigate(`/units/${id}`)} />
  const ready = classId !== null && lessons.length > 0 && (from !== undefined || file !== null)
  return (
    <Dialog
      open
      title={from ? `Copy “${from.title}”` : 'A unit from a file'}
      onCancel={close}
      onOk={make}
      okText={from ? 'Copy' : 'Import'}
      okButtonProps={{ disabled: !ready, loading: busy }}
    >
      {error !== null && <ProblemNote error={error} />}
      <div className={styles.wishes}>
        {!from && (
          <>
            <span>File</span>
            <span>
              <FileButton label="Unit as a file" accept=".json" chosen={chosen}>
                Choose a file
              </FileButton>{' '}
              {file?.name}
            </span>
          </>
        )}
        <label htmlFor="arrival-class">For</label>
        <Select
          id="arrival-class"
          aria-label="For"
          value={classId}
          onChange={setClassId}
          options={classes.data?.map((c) => ({
            value: c.id,
            label: `${c.name} · ${c.year} · ${c.children} children`,
          }))}
        />
        <label htmlFor="arrival-first">From</label>
        <DateInput
          id="arrival-first"
          value={first}
          onChange={(day) => day && setFirst(day)}
          style={{ width: 150 }}
        />
        <span>Lessons</span>
        <span className="mute">
          {lessons.length === 0
            ? 'chosen with the file'
            : lessons.map((l) => `${dayWords(l.onDate)}, ${l.minutes} min`).join(' · ')}
        </span>
      </div>
      <p className="mute">
        Age, numbers, kit and minutes of that class count. What fits stays as it is; what does not is planned
        anew, and you see what was changed.
      </p>
    </Dialog>
  )
}

/** The lessons that it will have: those of the timetable, or one a week where there is none. */
function useLessons(from: ArrivalProps['from'], classId: string | null, first: string, count: number) {
  const spaces = useQuery(reads.spaces)
  const dates = useQuery({
    queryKey: ['dates', classId, first, count],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/dates', {
          params: { path: { id: classId as string }, query: { from: first, most: count } },
        }),
      ),
    enabled: classId !== null && count > 0,
  })
  const spaceId = spaces.data?.find((s) => s.ceilingCm !== undefined)?.id ?? spaces.data?.[0]?.id ?? ''
  const timetabled = (dates.data?.length ?? 0) > 0
  return timetabled
    ? (dates.data ?? []).map((d) => ({
        onDate: d.day,
        starts: d.starts,
        minutes: d.minutes,
        spaceId: d.spaceId,
      }))
    : Array.from({ length: count }, (_, i) => ({
        onDate: addDays(first, 7 * i),
        minutes: from?.lessons[i]?.minutes ?? 30,
        spaceId,
      }))
}

function WhatWasChanged({ changes, close }: { changes: string[]; close: () => void }) {
  return (
    <Dialog
      open
      title="What was changed to fit"
      onOk={close}
      onCancel={close}
      okText="Open it"
      cancelButtonProps={{ style: { display: 'none' } }}
    >
      <ul>
        {changes.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
    </Dialog>
  )
}
