import type { Schemas } from '../api/client'
import { addDays, daysBetween, dayWords } from '../shared/dates'
import type { Line } from './StripBead'
import styles from './TermStrip.module.css'

interface StripWeeksProps {
  strip: Schemas['StripView']
  at: (day: string) => string
  days: number
  /** classes whose lessons are only ticks here, since they have no line */
  classes: Line[]
}

const EVERY_WEEK_UP_TO = 14

/** The weeks on top, which stay while the lines are scrolled; closed days and today behind the lines. */
export function StripWeeks({ strip, at, days, classes }: StripWeeksProps) {
  const { from, weeks, today, closed } = strip
  const share = (day: string) => (daysBetween(from, day) / days) * 100
  const taught = new Set(classes.flatMap((c) => c.beads.map((b) => b.onDate)))
  return (
    <>
      <div className={styles.weeks}>
        {weeks.map((w, i) => (
          <span
            key={w.from}
            className={styles.week}
            style={{ left: `${(i / weeks.length) * 100}%` }}
            title={w.label ? `${w.label} week` : undefined}
          >
            {(weeks.length <= EVERY_WEEK_UP_TO || i % 2 === 0) && dayWords(w.from).slice(4)}
            {w.label && <b> {w.label}</b>}
          </span>
        ))}
        {[...taught].map((day) => (
          <span key={day} className={styles.tick} style={{ left: at(day) }} />
        ))}
      </div>
      {closed.map((c) => (
        <span
          key={c.name + c.first}
          className={styles.closed}
          title={`${c.name}, ${dayWords(c.first)} to ${dayWords(c.last)}`}
          style={{
            left: `${share(c.first)}%`,
            width: `${((daysBetween(c.first, c.last) + 1) / days) * 100}%`,
          }}
        />
      ))}
      {today >= from && today < addDays(from, days) && (
        <span className={styles.today} style={{ left: at(today) }} title={`Today, ${dayWords(today)}`} />
      )}
    </>
  )
}
