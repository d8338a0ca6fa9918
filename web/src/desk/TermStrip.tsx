import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Fragment, type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { ChangeLesson, type LessonToChange } from '../changes/ChangeLesson'
import { changeLesson } from '../changes/changed'
import { usePlans } from '../session/useSession'
import { addDays, daysBetween, dayWords, isWeekend, timeWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './TermStrip.module.css'

type Bead = Schemas['BeadView']
type Line = Schemas['ClassBeads']

const beadWords: Record<Bead['bead'], string> = {
  FITS: 'planned, fits',
  STRAINED: 'planned, does not fit',
  TAUGHT: 'taught',
  LOST: 'lost',
}

const DRAG_FROM_PX = 5

/** A bead on its way to another day. */
interface Lifted {
  lesson: string
  onDate: string
}

const say = (line: Line, b: Bead) =>
  [
    line.schoolClass.name,
    `${dayWords(b.onDate)}${b.starts ? ` ${timeWords(b.starts)}` : ''}`,
    `lesson ${b.number}`,
    beadWords[b.bead],
    b.clash && `but ${b.clash}`,
  ]
    .filter(Boolean)
    .join(', ')

/**
 * Time as navigation: weeks as ground, a line a class, a bead a lesson. A bead is dragged to another day; with keys, arrows walk,
 * Alt and arrows lift it over the days, Enter lets it down, and m opens all that can happen to a lesson.
 */
export function TermStrip() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const term = useQuery({ queryKey: ['term'], queryFn: () => take(api.GET('/api/term')) })
  const ground = useRef<HTMLDivElement>(null)
  const pressed = useRef<{ bead: Bead; x: number; moved: boolean } | null>(null)
  const [lifted, setLifted] = useState<Lifted | null>(null)
  const [changing, setChanging] = useState<LessonToChange | null>(null)
  const { error, setError, attempt } = useAttempt()
  const plans = usePlans()
  const movable = (b: Bead) => plans && (b.bead === 'FITS' || b.bead === 'STRAINED')
  if (!term.data) return <div className={styles.strip} />
  const { from, weeks, today, classes, closed } = term.data
  const days = weeks.length * 7
  const at = (day: string) => `${((daysBetween(from, day) + 0.5) / days) * 100}%`
  const share = (day: string) => (daysBetween(from, day) / days) * 100
  const wide = weeks.length <= 14

  const letDown = (bead: Bead, day: string) => {
    setLifted(null)
    if (day !== bead.onDate)
      attempt(() =>
        changeLesson(queries, bead.lesson, { kind: 'MOVED', why: '', onDate: day, anyway: false }),
      )
  }
  const dayUnder = (x: number) => {
    const box = ground.current?.getBoundingClientRect()
    if (!box) return from
    const day = Math.floor(((x - box.left) / box.width) * days)
    return addDays(from, Math.max(0, Math.min(days - 1, day)))
  }
  const down = (e: PointerEvent<HTMLAnchorElement>, bead: Bead) => {
    if (!movable(bead) || e.button !== 0) return
    pressed.current = { bead, x: e.clientX, moved: false }
    e.currentTarget.setPointerCapture(e.pointerId)
  }
  const move = (e: PointerEvent<HTMLAnchorElement>) => {
    const p = pressed.current
    if (!p) return
    if (Math.abs(e.clientX - p.x) > DRAG_FROM_PX) p.moved = true
    if (p.moved) setLifted({ lesson: p.bead.lesson, onDate: dayUnder(e.clientX) })
  }
  const up = (e: PointerEvent<HTMLAnchorElement>) => {
    const p = pressed.current
    if (p?.moved) letDown(p.bead, dayUnder(e.clientX))
  }
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
    if (e.altKey && step !== 0 && movable(b)) {
      let day = addDays(lifted?.lesson === b.lesson ? lifted.onDate : b.onDate, step)
      while (isWeekend(day)) day = addDays(day, step)
      if (day >= from && day < addDays(from, days)) setLifted({ lesson: b.lesson, onDate: day })
    } else if (e.key === 'Enter' && lifted?.lesson === b.lesson) letDown(b, lifted.onDate)
    else if (e.key === 'Escape' && lifted) setLifted(null)
    else if (e.key === 'm' && movable(b)) open(line, b)
    else if (step !== 0 || e.key === 'ArrowUp' || e.key === 'ArrowDown') walk(e.currentTarget, e.key)
    else return
    e.preventDefault()
    e.stopPropagation()
  }
  const first = classes.flatMap((c) => c.beads)[0]?.lesson
  const dragged = classes.flatMap((c) => c.beads).find((b) => b.lesson === lifted?.lesson)
  return (
    <>
      <section className={styles.strip} aria-label={term.data.term ?? 'Weeks'}>
        <div className={styles.names}>
          {classes.map((c) => (
            <Link key={c.schoolClass.id} to={`/classes/${c.schoolClass.id}`} tabIndex={-1}>
              {c.step && (
                <span className={styles.step} title={`${c.schoolClass.name} is ${c.step.words}`}>
                  {c.step.ahead > 0 ? '+' : '−'}
                  {Math.abs(c.step.ahead)}
                </span>
              )}
              {c.schoolClass.name}
              {c.step && <span className="visually-hidden">, {c.step.words}</span>}
            </Link>
          ))}
        </div>
        <div className={styles.ground} ref={ground}>
          {weeks.map((w, i) => (
            <span
              key={w.from}
              className={styles.week}
              style={{ left: `${(i / weeks.length) * 100}%` }}
              title={w.label ? `${w.label} week` : undefined}
            >
              {(wide || i % 2 === 0) && dayWords(w.from).slice(4)}
              {w.label && <b> {w.label}</b>}
            </span>
          ))}
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
          {classes.map((c) => (
            <div key={c.schoolClass.id} className={styles.line} data-line>
              {plans &&
                c.open.map((o) => (
                  <Link
                    key={o.day + o.starts}
                    to={`/units/new?class=${c.schoolClass.id}&from=${o.day}`}
                    tabIndex={-1}
                    className={styles.open}
                    style={{ left: at(o.day) }}
                    title={`${c.schoolClass.name}, ${dayWords(o.day)} ${timeWords(o.starts)}: nothing planned yet`}
                    aria-hidden="true"
                  />
                ))}
              {c.beads.map((b) => {
                const up2 = lifted?.lesson === b.lesson
                return (
                  <Fragment key={b.lesson}>
                    <Link
                      to={`/lessons/${b.lesson}`}
                      data-bead
                      tabIndex={b.lesson === first ? 0 : -1}
                      draggable={false}
                      className={[
                        styles.bead,
                        styles[b.bead.toLowerCase()],
                        b.clash ? styles.clash : '',
                        up2 ? styles.left : '',
                      ].join(' ')}
                      style={{ left: at(b.onDate) }}
                      aria-label={say(c, b) + (up2 ? `, moving to ${dayWords(lifted.onDate)}` : '')}
                      title={`${say(c, b)} · ${b.title} · ${b.space}`}
                      onPointerDown={(e) => down(e, b)}
                      onPointerMove={move}
                      onPointerUp={up}
                      onClick={(e) => {
                        // The end of a drag is no click.
                        if (pressed.current?.moved) e.preventDefault()
                        pressed.current = null
                      }}
                      onContextMenu={(e) => {
                        if (!movable(b)) return
                        e.preventDefault()
                        open(c, b)
                      }}
                      onKeyDown={(e) => keys(e, c, b)}
                    />
                    {up2 && (
                      <span className={styles.lifted} style={{ left: at(lifted.onDate) }} aria-hidden="true">
                        {dayWords(lifted.onDate)}
                      </span>
                    )}
                  </Fragment>
                )
              })}
            </div>
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
