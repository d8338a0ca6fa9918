import { Button, Modal } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { sayDone } from '../changes/changed'
import { timeWords, weekdayOptions } from '../shared/dates'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { PasteTimetable } from './PasteTimetable'
import { SlotForm } from './SlotForm'
import styles from './setup.module.css'
import { useCalendar } from './useCalendar'

type Slot = Schemas['SlotView']

const PIXELS_A_MINUTE = 1.3
const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))

/** The week as it is taught. */
export function TimetableSection() {
  const { calendar, changed } = useCalendar()
  const { school } = useMeasures()
  const [editing, setEditing] = useState<Slot | 'new' | null>(null)
  const [pasting, setPasting] = useState(false)
  const { error, setError, attempt } = useAttempt()
  if (!calendar || !school) return null
  const slots = calendar.slots
  const weekend = slots.some((s) => s.day === 'SATURDAY' || s.day === 'SUNDAY')
  const start = weekdayOptions.findIndex((d) => d.value === school.weekStarts)
  const days = [...weekdayOptions.slice(start), ...weekdayOptions.slice(0, start)].filter(
    (d) => weekend || (d.value !== 'SATURDAY' && d.value !== 'SUNDAY'),
  )
  const first = Math.min(8 * 60, ...slots.map((s) => Math.floor(minutesOf(s.starts) / 60) * 60))
  const last = Math.max(15 * 60, ...slots.map((s) => Math.ceil(minutesOf(s.ends) / 60) * 60))
  const hours = Array.from({ length: (last - first) / 60 + 1 }, (_, i) => first + i * 60)
  const height = (last - first) * PIXELS_A_MINUTE + 14
  const close = () => {
    setEditing(null)
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
          the class).
        </span>
        <div className={page.end}>
          <Button onClick={() => setPasting(true)}>Paste a timetable</Button>
          <Button type="primary" onClick={() => setEditing('new')}>
            New lesson in the week
          </Button>
        </div>
      </div>
      {calendar.findings.length > 0 && (
        <ul className={styles.findings}>
          {calendar.findings.map((f) => {
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
      )}
      <div className={`${styles.week} ${weekend ? styles.seven : ''}`}>
        <b />
        {days.map((d) => (
          <b key={d.value}>{d.label}</b>
        ))}
        <div className={styles.hours} style={{ height }}>
          {hours.map((h) => (
            <span key={h} style={{ top: (h - first) * PIXELS_A_MINUTE + 6 }}>
              {h / 60}
            </span>
          ))}
        </div>
        {days.map((d) => (
          <div key={d.value} className={styles.day} style={{ height }}>
            {slots
              .filter((s) => s.day === d.value)
              .map((s) => (
                <button
                  key={s.id}
                  type="button"
                  className={styles.slot}
                  title={s.reason}
                  onClick={() => setEditing(s)}
                  style={{
                    top: (minutesOf(s.starts) - first) * PIXELS_A_MINUTE + 6,
                    height: s.minutes * PIXELS_A_MINUTE - 1,
                    // A and B weeks stand side by side.
                    right: s.weeks === 'A' ? '50%' : undefined,
                    left: s.weeks === 'B' ? '50%' : undefined,
                  }}
                >
                  <b>{s.className}</b> {timeWords(s.starts)}
                  {s.weeks !== 'EVERY' && ` ${s.weeks}`}
                  <br />
                  <small>
                    {s.space} · {s.usable} of {s.minutes} min
                  </small>
                </button>
              ))}
          </div>
        ))}
      </div>
      {pasting && (
        <PasteTimetable
          close={() => setPasting(false)}
          taken={async () => {
            setPasting(false)
            changed(await take(api.GET('/api/calendar')))
          }}
        />
      )}
      {editing && (
        <Modal
          open
          title={editing === 'new' ? 'New lesson in the week' : `${editing.className} in the week`}
          onCancel={close}
          footer={
            editing === 'new' ? null : (
              <Button danger onClick={() => remove(editing)}>
                Take it out of the timetable
              </Button>
            )
          }
        >
          {editing !== 'new' && <p className="mute">{editing.reason}</p>}
          <SlotForm
            slot={editing === 'new' ? undefined : editing}
            saved={(now) => {
              changed(now)
              close()
            }}
          />
          {error !== null && <ProblemNote error={error} />}
        </Modal>
      )}
    </>
  )
}
