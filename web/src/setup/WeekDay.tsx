import { type PointerEvent, useState } from 'react'
import type { Schemas } from '../api/client'
import { timeWords, type Weekday } from '../shared/dates'
import { useDrag } from '../shared/useDrag'
import styles from './setup.module.css'

type Slot = Schemas['SlotView']

export const PIXELS_A_MINUTE = 1.3
/** Above the first hour, so that its number has room. */
export const TOP_PX = 6
const STEP_MINUTES = 5
const SHORTEST = 10
const LONGEST = 120
const USUAL = 45

/** Minutes since midnight of "09:10:00". */
export const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5))

/** Where in the week something was drawn. */
export interface Drawn {
  day: Weekday
  starts: string
  minutes: number
}

const clock = (minutes: number) =>
  `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`

/** What lies between two moments of a day; a press without a drag is a usual lesson. */
export function spanOf(day: Weekday, from: number, to: number): Drawn {
  const [first, last] = from <= to ? [from, to] : [to, from]
  const minutes = last - first < SHORTEST ? USUAL : Math.min(LONGEST, last - first)
  return { day, starts: clock(first), minutes }
}

interface Laid {
  slot: Slot
  lane: number
  /** side by side with it and those beside it */
  lanes: number
}

/** Lessons at one time stand side by side: in two places, or in A and in B weeks. */
export function sideBySide(slots: Slot[]): Laid[] {
  const laid: Laid[] = []
  let together: Laid[] = []
  let until = 0
  for (const slot of [...slots].sort((a, b) => minutesOf(a.starts) - minutesOf(b.starts))) {
    const starts = minutesOf(slot.starts)
    if (starts >= until) together = []
    const busy = together.filter((t) => minutesOf(t.slot.starts) + t.slot.minutes > starts).map((t) => t.lane)
    let lane = 0
    while (busy.includes(lane)) lane++
    const one = { slot, lane, lanes: 1 }
    together.push(one)
    laid.push(one)
    const lanes = Math.max(...together.map((t) => t.lane)) + 1
    for (const t of together) t.lanes = lanes
    until = Math.max(starts >= until ? 0 : until, starts + slot.minutes)
  }
  return laid
}

interface WeekDayProps {
  day: Weekday
  slots: Slot[]
  /** minutes since midnight that the day begins with */
  first: number
  height: number
  edit: (slot: Slot) => void
  drawn: (where: Drawn) => void
}

/** A day of the week: its lessons by the clock; pressed or drawn into for a new one. */
export function WeekDay({ day, slots, first, height, edit, drawn }: WeekDayProps) {
  const [span, setSpan] = useState<{ from: number; to: number } | null>(null)
  const moment = (e: PointerEvent) => {
    const y = e.clientY - e.currentTarget.getBoundingClientRect().top - TOP_PX
    return first + Math.max(0, Math.round(y / PIXELS_A_MINUTE / STEP_MINUTES) * STEP_MINUTES)
  }
  const now = span && spanOf(day, span.from, span.to)
  const drag = useDrag<number>({
    move: (e, { what: from }) => setSpan({ from, to: moment(e) }),
    drop: (e, { what: from }) => {
      drawn(spanOf(day, from, moment(e)))
      setSpan(null)
    },
    cancel: () => setSpan(null),
  })
  return (
    <div
      className={styles.day}
      style={{ height }}
      onPointerDown={(e) => e.target === e.currentTarget && drag.begin(e, moment(e))}
      {...drag.handlers}
    >
      {now && (
        <span
          className={styles.drawn}
          style={{
            top: (minutesOf(now.starts) - first) * PIXELS_A_MINUTE + TOP_PX,
            height: now.minutes * PIXELS_A_MINUTE - 1,
          }}
        >
          {now.starts}, {now.minutes} min
        </span>
      )}
      {sideBySide(slots).map(({ slot: s, lane, lanes }) => (
        <button
          key={s.id}
          type="button"
          className={styles.slot}
          title={s.reason}
          onClick={() => edit(s)}
          style={{
            top: (minutesOf(s.starts) - first) * PIXELS_A_MINUTE + TOP_PX,
            height: s.minutes * PIXELS_A_MINUTE - 1,
            left: `calc(${(lane / lanes) * 100}% + 3px)`,
            width: `calc(${100 / lanes}% - 6px)`,
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
  )
}
