import { Button } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { sayDone } from '../changes/changed'
import { Dialog } from '../shared/Dialog'
import { timeWords, weekdayOptions } from '../shared/dates'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { CopyDay } from './CopyDay'
import { PasteTimetable } from './PasteTimetable'
import { SlotForm } from './SlotForm'
import styles from './setup.module.css'
import { useCalendar } from './useCalendar'
import { type Drawn, minutesOf, PIXELS_A_MINUTE, TOP_PX, WeekDay } from './WeekDay'

type Slot = Schemas['SlotView']

/** The week as it is taught. */
export function TimetableSection() {
  const { calendar, changed } = useCalendar()
  const { school } = useMeasures()
  const [editing, setEditing] = useState<Slot | 'new' | null>(null)
  const [drawn, setDrawn] = useState<Drawn | null>(null)
  const [pasting, setPasting] = useState(false)
  const { error, setError, attempt } = useAttempt()
  if (!calendar || !school) return null
  const old = editing && editing !== 'new' ? editing : undefined
  const close = () => {
    setEditing(null)
    setDrawn(null)
    setError(null)
  }
  const remove = (slot: Slot) =>
    attempt(async () => {
      const params = { path: { id: slot.id } }
      const { classId, day, weeks, starts, minutes, spaceId } = slot
      const body = { classId, day, weeks, starts, minutes, spaceId }
      changed(await take(api.DELETE('/api/calendar/slots/{id}', { params })))
      sayDone({
        words: [`${slot.className}, ${timeWords(starts)}, is out of the timetable.`],
        undo: async () => changed(await take(api.PUT('/api/calendar/slots/{id}', { params, body }))),
      })
      close()
    })
  return (
    <>
      <div className={page.head}>
        <span className="mute">
          A lesson's usable minutes are the timetable's less walking (of the place), changing and shoes (of
          the class). Press or draw in a day for a new lesson.
        </span>
        <div className={page.end}>
          <Button onClick={() => setPasting(true)}>Paste a timetable</Button>
          <Button type="primary" onClick={() => setEditing('new')}>
            New lesson in the week
          </Button>
        </div>
      </div>
      <Findings findings={calendar.findings} slots={calendar.slots} />
      <Week
        slots={calendar.slots}
        weekStarts={school.weekStarts}
        edit={setEditing}
        draw={setDrawn}
        attempt={attempt}
        changed={changed}
      />
      {pasting && (
        <PasteTimetable
          close={() => setPasting(false)}
          taken={async () => {
            setPasting(false)
            changed(await take(api.GET('/api/calendar')))
          }}
        />
      )}
      {(editing ?? drawn) && (
        <Dialog
          open
          title={old ? `${old.className} in the week` : 'New lesson in the week'}
          onCancel={close}
          footer={
            old && (
              <Button danger onClick={() => remove(old)}>
                Take it out of the timetable
              </Button>
            )
          }
        >
          {old && <p className="mute">{old.reason}</p>}
          <SlotForm
            slot={old}
            drawn={drawn ?? undefined}
            saved={(now) => {
              changed(now)
              close()
            }}
          />
          {error !== null && <ProblemNote error={error} />}
        </Dialog>
      )}
    </>
  )
}

interface FindingsProps {
  findings: Schemas['CalendarView']['findings']
  slots: Slot[]
}

function Findings({ findings, slots }: FindingsProps) {
  if (findings.length === 0) return null
  return (
    <ul className={styles.findings}>
      {findings.map((f) => {
        const slot = slots.find((s) => s.id === f.where)
        return (
          <li key={f.rule + f.where}>
            {slot && (
              <b>
                {slot.className}, {timeWords(slot.starts)}:{' '}
              </b>
            )}
            {f.message}
          </li>
        )
      })}
    </ul>
  )
}

interface WeekProps extends Pick<Parameters<typeof CopyDay>[0], 'attempt' | 'changed'> {
  slots: Slot[]
  weekStarts: string
  edit: (slot: Slot) => void
  draw: (drawn: Drawn) => void
}

function Week({ slots, weekStarts, edit, draw, attempt, changed }: WeekProps) {
  const weekend = slots.some((s) => s.day === 'SATURDAY' || s.day === 'SUNDAY')
  const start = weekdayOptions.findIndex((d) => d.value === weekStarts)
  const days = [...weekdayOptions.slice(start), ...weekdayOptions.slice(0, start)].filter(
    (d) => weekend || (d.value !== 'SATURDAY' && d.value !== 'SUNDAY'),
  )
  const first = Math.min(8 * 60, ...slots.map((s) => Math.floor(minutesOf(s.starts) / 60) * 60))
  const last = Math.max(15 * 60, ...slots.map((s) => Math.ceil(minutesOf(s.ends) / 60) * 60))
  const hours = Array.from({ length: (last - first) / 60 + 1 }, (_, i) => first + i * 60)
  const height = (last - first) * PIXELS_A_MINUTE + 14
  return (
    <div className={`${styles.week} ${weekend ? styles.seven : ''}`}>
      <b />
      {days.map((d) => (
        <b key={d.value}>
          {d.label}
          {slots.some((s) => s.day === d.value) && (
            <CopyDay day={d.value} days={days} slots={slots} attempt={attempt} changed={changed} />
          )}
        </b>
      ))}
      <div className={styles.hours} style={{ height }}>
        {hours.map((h) => (
          <span key={h} style={{ top: (h - first) * PIXELS_A_MINUTE + TOP_PX }}>
            {h / 60}
          </span>
        ))}
      </div>
      {days.map((d) => (
        <WeekDay
          key={d.value}
          day={d.value}
          slots={slots.filter((s) => s.day === d.value)}
          first={first}
          height={height}
          edit={edit}
          drawn={draw}
        />
      ))}
    </div>
  )
}
