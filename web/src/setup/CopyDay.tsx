import { Dropdown } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { sayDone } from '../changes/changed'
import type { Weekday } from '../shared/dates'
import { many } from '../shared/many'
import { uuid7 } from '../shared/uuid7'
import styles from './setup.module.css'

type Slot = Schemas['SlotView']
type Calendar = Schemas['CalendarView']

interface CopyDayProps {
  day: Weekday
  days: { value: Weekday; label: string }[]
  /** of the whole week */
  slots: Slot[]
  attempt: (work: () => Promise<unknown>) => Promise<boolean>
  changed: (now: Calendar) => void
}

/** The lessons of a day on another day as well; what is there already is left out. */
export function CopyDay({ day, days, slots, attempt, changed }: CopyDayProps) {
  const copy = (to: Weekday, label: string) =>
    attempt(async () => {
      const there = slots.filter((s) => s.day === to)
      const wanted = slots.filter(
        (s) => s.day === day && !there.some((t) => t.classId === s.classId && t.starts === s.starts),
      )
      const made: string[] = []
      for (const { classId, weeks, starts, minutes, spaceId } of wanted) {
        const id = uuid7()
        const body = { classId, day: to, weeks, starts, minutes, spaceId }
        changed(await take(api.PUT('/api/calendar/slots/{id}', { params: { path: { id } }, body })))
        made.push(id)
      }
      sayDone({
        words: [
          made.length === 0
            ? `${label} has all of these lessons.`
            : `${many(made.length, 'lesson is', 'lessons are')} on ${label} as well.`,
        ],
        undo: async () => {
          for (const id of made)
            changed(await take(api.DELETE('/api/calendar/slots/{id}', { params: { path: { id } } })))
        },
      })
    })
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: days.filter((d) => d.value !== day).map((d) => ({ key: d.value, label: `to ${d.label}` })),
        onClick: ({ key }) => copy(key as Weekday, days.find((d) => d.value === key)?.label ?? key),
      }}
    >
      <button type="button" className={styles.copy}>
        copy
      </button>
    </Dropdown>
  )
}
