import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type KeyboardEvent, useRef, useState } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { reads } from '../api/reads'
import { ChangeLesson, type LessonToChange } from '../changes/ChangeLesson'
import { changeLesson } from '../changes/changed'
import { usePlans } from '../session/useSession'
import { daysBetween, dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { AT_ONCE, childOf, classesOn, linesFor, onlyOrientation } from './lines'
import type { Bead, Line } from './StripBead'
import { StripLine } from './StripLine'
import { StripName } from './StripName'
import { StripWeeks } from './StripWeeks'
import { stripDays } from './stripDays'
import styles from './TermStrip.module.css'

/**
 * Time as navigation: weeks as ground, a line a class, a bead a lesson. A bead is dragged to another day; with keys, arrows walk,
 * Alt and arrows lift it over the days, Enter lets it down, and m opens all that can happen to a lesson.
 */
export function TermStrip() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const { pathname } = useLocation()
  const term = useQuery(reads.term)
  const child = childOf(pathname)
  const file = useQuery({ ...reads.child(child ?? ''), enabled: child !== undefined })
  const ground = useRef<HTMLDivElement>(null)
  const [all, setAll] = useState(false)
  const [lifted, setLifted] = useState<{ lesson: string; onDate: string } | null>(null)
  const [changing, setChanging] = useState<LessonToChange | null>(null)
  const { error, setError, attempt } = useAttempt()
  const plans = usePlans()
  if (!term.data) return <div className={styles.strip} />
  const { from, weeks, today, classes } = term.data
  const days = weeks.length * 7
  const at = (day: string) => `${((daysBetween(from, day) + 0.5) / days) * 100}%`
  const many = classes.length > AT_ONCE
  const thin = many && !all && onlyOrientation(pathname)
  const lines = thin
    ? []
    : linesFor(
        classes,
        today,
        pathname,
        all,
        child && file.data ? classesOn(today, file.data.enrolments) : [],
      )
  const movable = (b: Bead) => plans && (b.bead === 'FITS' || b.bead === 'STRAINED')

  const letDown = (bead: Bead, day: string) => {
    setLifted(null)
    if (day !== bead.onDate)
      attempt(() =>
        changeLesson(queries, bead.lesson, { kind: 'MOVED', why: '', onDate: day, anyway: false }),
      )
  }
  const { dayUnder, beside } = stripDays(from, days, () => ground.current?.getBoundingClientRect())
  const open = (line: Line, b: Bead) =>
    setChanging({
      lesson: b.lesson,
      className: line.schoolClass.name,
      number: b.number,
      onDate: b.onDate,
      minutes: b.minutes,
    })
  const keys = (e: KeyboardEvent<HTMLAnchorElement>, line: Line, b: Bead) => {
    const step = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0
    const isLifted = lifted?.lesson === b.lesson
    if (e.altKey && step !== 0 && movable(b)) {
      const day = beside(line, b.lesson, isLifted ? lifted.onDate : b.onDate, step)
      if (day) setLifted({ lesson: b.lesson, onDate: day })
    } else if (e.key === 'Enter' && isLifted) letDown(b, lifted.onDate)
    else if (e.key === 'Escape' && lifted) setLifted(null)
    else if (e.key === 'm' && movable(b)) open(line, b)
    else if (step !== 0 || e.key === 'ArrowUp' || e.key === 'ArrowDown') walk(e.currentTarget, e.key)
    else return
    e.preventDefault()
    e.stopPropagation()
  }
  const first = lines.flatMap((c) => c.beads)[0]?.lesson
  const dragged = lines.flatMap((c) => c.beads).find((b) => b.lesson === lifted?.lesson)
  return (
    <>
      <section className={styles.strip} aria-label={term.data.term ?? 'Weeks'}>
        <StripNames lines={lines} classes={many ? classes.length : undefined} all={all} setAll={setAll} />
        <div className={styles.ground} ref={ground}>
          <StripWeeks strip={term.data} at={at} days={days} classes={thin ? classes : []} />
          {lines.map((c) => (
            <StripLine
              key={c.schoolClass.id}
              line={c}
              plans={plans}
              at={at}
              bead={(b) => ({
                line: c,
                bead: b,
                at,
                dayUnder,
                lifted: lifted?.lesson === b.lesson ? lifted.onDate : undefined,
                movable: movable(b),
                entry: b.lesson === first,
                lift: (day) => setLifted({ lesson: b.lesson, onDate: day }),
                letDown: (day) => letDown(b, day),
                keys: (e) => keys(e, c, b),
                open: () => open(c, b),
              })}
            />
          ))}
          {classes.length === 0 && (
            <button type="button" className={styles.none} onClick={() => navigate('/classes')}>
              Lessons stand here as beads, a line a class. Begin with a class.
            </button>
          )}
        </div>
      </section>
      <p className="visually-hidden" role="status">
        {lifted && dragged ? `${dayWords(lifted.onDate)}: Enter lets the lesson down, Escape leaves it.` : ''}
      </p>
      {error !== null && (
        <div className={styles.error}>
          <ProblemNote error={error} retry={() => setError(null)} retryWords="Dismiss" />
        </div>
      )}
      {changing && <ChangeLesson of={changing} close={() => setChanging(null)} />}
    </>
  )
}

interface StripNamesProps {
  lines: Line[]
  /** how many there are, where they are too many to be shown at once */
  classes?: number
  all: boolean
  setAll: (all: boolean) => void
}

function StripNames({ lines, classes, all, setAll }: StripNamesProps) {
  return (
    <div className={styles.names}>
      <div className={styles.head}>
        {classes !== undefined && (
          <button
            type="button"
            className={styles.more}
            aria-expanded={all}
            onClick={() => setAll(!all)}
            title={all ? 'Only those that are taught next' : 'Every class of the school'}
          >
            {all ? 'Fewer classes' : `All ${classes} classes`}
          </button>
        )}
      </div>
      {lines.map((c) => (
        <StripName key={c.schoolClass.id} line={c} />
      ))}
    </div>
  )
}

/** The next bead in the line, or the nearest one in the line above or below. */
function walk(from: HTMLElement, key: string) {
  const line = from.closest('[data-line]')
  const lines = [...(line?.parentElement?.querySelectorAll('[data-line]') ?? [])]
  const beadsOf = (l?: Element) => [...(l?.querySelectorAll<HTMLElement>('[data-bead]') ?? [])]
  const beads = beadsOf(line ?? undefined)
  if (key === 'ArrowLeft') beads[beads.indexOf(from) - 1]?.focus()
  else if (key === 'ArrowRight') beads[beads.indexOf(from) + 1]?.focus()
  else {
    const step = key === 'ArrowUp' ? -1 : 1
    const x = from.getBoundingClientRect().left
    for (let i = lines.indexOf(line as Element) + step; i >= 0 && i < lines.length; i += step) {
      const near = beadsOf(lines[i]).sort(
        (a, b) => Math.abs(a.getBoundingClientRect().left - x) - Math.abs(b.getBoundingClientRect().left - x),
      )[0]
      if (near) return near.focus()
    }
  }
}
