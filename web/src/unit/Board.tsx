import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { arrow } from '../shared/arrows'
import { dayWords } from '../shared/dates'
import { many } from '../shared/many'
import { rungFill, rungInk, tokens } from '../shared/tokens'
import { type Dragged, under, useDrag } from '../shared/useDrag'
import styles from './Board.module.css'
import { CueThreads, TOTALS } from './CueThreads'
import { LABELS } from './layout'
import { Rehearsed } from './Rehearsed'
import { useWidth } from './useWidth'

type Lesson = Schemas['LessonView']
type Segment = Schemas['SegmentView']

const NARROWEST = 103
const MINUTE = 9.5

interface BoardProps {
  unit: Schemas['UnitView']
  selected?: string
  select: (segment: string) => void
  /** puts a segment to another place in its lesson */
  move: (segment: Segment, position: number) => void
  /** puts a segment into another lesson, by its place on the board; before the close if no position is said */
  moveTo: (segment: string, lesson: number, position?: number) => void
  minutes: (segment: Segment, minutes: number) => void
  /** decides which cues are taught; left out where nothing may be changed */
  cues?: () => void
  /** what may come of it; left out until it was rehearsed, and where nobody plans */
  rehearsal?: Schemas['RehearsalView']
  /** true while a change is being rehearsed, so that `rehearsal` is of before it */
  stale?: boolean
}

/** Cue threads over lesson columns, and under each column its segments as blocks as tall as their minutes. */
export function Board({ unit, selected, select, move, moveTo, minutes, cues, rehearsal, stale }: BoardProps) {
  const [ref, width] = useWidth<HTMLDivElement>()
  const board = useRef<HTMLDivElement>(null)
  const column = Math.max(NARROWEST, (width - LABELS - TOTALS) / unit.lessons.length)
  const minute = Math.max(5, Math.min(MINUTE, 300 / Math.max(...unit.lessons.map((l) => l.minutes))))
  const focus = (id: string | undefined) => {
    if (!id) return
    select(id)
    board.current?.querySelector<HTMLElement>(`[data-segment="${id}"]`)?.focus()
  }
  const walk = (event: KeyboardEvent, lesson: Lesson, index: number) => {
    const step = arrow(event.key)
    if (!step) return
    event.preventDefault()
    const { across, down } = step
    if (event.altKey && down) {
      const to = index + down
      if (to >= 0 && to < lesson.segments.length) move(lesson.segments[index], to)
    } else if (event.altKey) {
      let next = lesson.position + across
      while (unit.lessons[next] && unit.lessons[next].state !== 'PLANNED') next += across
      moveTo(lesson.segments[index].id, next)
    } else if (down) focus(lesson.segments[index + down]?.id)
    else {
      let next = lesson.position + across
      while (unit.lessons[next]?.segments.length === 0) next += across
      const segments = unit.lessons[next]?.segments
      focus(segments?.[Math.min(index, segments.length - 1)]?.id)
    }
  }
  return (
    <div ref={ref} className={styles.outer}>
      <div
        ref={board}
        className={styles.board}
        style={{ width: LABELS + column * unit.lessons.length + TOTALS }}
      >
        <div className={styles.heads}>
          {unit.lessons.map((l) => (
            <div key={l.id} className={styles.headCell} style={{ width: column }}>
              <Link to={`/lessons/${l.id}`} title={dayWords(l.onDate)}>
                Lesson {l.position + 1}
              </Link>
              <span>
                {l.state === 'PLANNED'
                  ? dayWords(l.onDate).slice(4)
                  : l.state === 'TAUGHT'
                    ? 'taught'
                    : 'lost'}
              </span>
            </div>
          ))}
        </div>
        <SaidByLesson unit={unit} />
        <CueThreads
          unit={unit}
          column={column}
          selected={selected}
          select={select}
          cues={cues}
          rehearsal={rehearsal}
        />
        <div className={styles.lessons}>
          <Legend />
          {unit.lessons.map((l) => (
            <div key={l.id} data-column={l.position} className={styles.column} style={{ width: column }}>
              {l.state === 'LOST' && (
                <p className={styles.lost} style={{ height: l.minutes * minute }}>
                  lost
                  <br />
                  {dayWords(l.onDate)}
                </p>
              )}
              {l.segments.map((s, i) => (
                <Block
                  key={s.id}
                  segment={s}
                  index={i}
                  lesson={l}
                  minute={minute}
                  selected={s.id === selected}
                  first={l.position === firstWith(unit) && i === 0 && !selected}
                  strained={unit.strains.some((x) => x.segment === s.id && x.level !== 'SOFT')}
                  select={() => select(s.id)}
                  walk={(e) => walk(e, l, i)}
                  drop={(to) => move(s, to)}
                  dropInto={(to) => moveTo(s.id, to)}
                  stretch={(to) => minutes(s, to)}
                />
              ))}
              {l.segments.length > 0 && (
                <p className={styles.totals}>
                  {l.tries} tries
                  <br />
                  {l.motionPercent} % moving
                  <br />
                  {l.looks} looks
                  <br />
                  {l.changes === 0
                    ? 'no change-over'
                    : `${many(l.changes, 'change-over')}, ${l.changeSeconds} s`}
                </p>
              )}
            </div>
          ))}
        </div>
        {rehearsal && <Rehearsed rehearsal={rehearsal} stale={stale} />}
      </div>
    </div>
  )
}

/** What the threads draw, lesson by lesson in words, for who does not see them. */
function SaidByLesson({ unit }: { unit: Schemas['UnitView'] }) {
  return (
    <ol className="visually-hidden" aria-label="Cues by lesson">
      {unit.lessons.map((l) => (
        <li key={l.id}>
          Lesson {l.position + 1}, {dayWords(l.onDate)}: {saidOf(unit, l) || 'no cue'}.
        </li>
      ))}
    </ol>
  )
}

const doing = { INTRODUCED: 'new', PRACTISED: 'practised', WATCHED: 'watched', GAME: 'in a game' } as const

/** "Step, new, practised, watched; Look, in a game". */
function saidOf(unit: Schemas['UnitView'], lesson: Lesson) {
  return unit.threads
    .flatMap((t) => t.cues)
    .map((cue) => {
      const here = new Set(cue.marks.filter((m) => m.lesson === lesson.position).map((m) => m.kind))
      const done = (Object.keys(doing) as (keyof typeof doing)[]).filter((k) => here.has(k))
      return done.length > 0 ? [cue.call, ...done.map((k) => doing[k])].join(', ') : ''
    })
    .filter(Boolean)
    .join('; ')
}

/** A drag from where it began; longer if it draws the foot, which changes the minutes. */
interface Drag {
  x: number
  y: number
  longer: boolean
}

const firstWith = (unit: Schemas['UnitView']) => unit.lessons.findIndex((l) => l.segments.length > 0)

interface BlockProps {
  segment: Segment
  index: number
  lesson: Lesson
  /** px a minute */
  minute: number
  selected: boolean
  first: boolean
  strained: boolean
  select: () => void
  walk: (event: KeyboardEvent) => void
  drop: (position: number) => void
  /** puts it into another lesson, by its place on the board */
  dropInto: (lesson: number) => void
  /** gives it so many minutes */
  stretch: (minutes: number) => void
}

/** px at the foot of a block by which its minutes are drawn longer or shorter */
const FOOT = 7

function Block({
  segment: s,
  index,
  lesson,
  minute,
  selected,
  first,
  strained,
  select,
  walk,
  drop,
  dropInto,
  stretch,
}: BlockProps) {
  const [drag, setDrag] = useState<Drag | null>(null)
  const fixed = lesson.state !== 'PLANNED' || s.locked
  const level = s.level ?? 0
  const target = (by: number) => {
    let to = index
    let left = by / minute
    while (left > 0 && to < lesson.segments.length - 1 && left > lesson.segments[to + 1].minutes / 2) {
      to++
      left -= lesson.segments[to].minutes
    }
    while (left < 0 && to > 0 && -left > lesson.segments[to - 1].minutes / 2) {
      to--
      left += lesson.segments[to].minutes
    }
    return to
  }
  const longerBy = (y: number) => Math.max(1, Math.min(60, s.minutes + Math.round(y / minute)))
  const longer = drag?.longer ? longerBy(drag.y) : s.minutes
  const end = (event: PointerEvent, { what: foot, dy }: Dragged<boolean>) => {
    setDrag(null)
    if (foot) {
      if (longerBy(dy) !== s.minutes) stretch(longerBy(dy))
      return
    }
    const column = under(event, 'column')
    const to = target(dy)
    if (column && Number(column.dataset.column) !== lesson.position) dropInto(Number(column.dataset.column))
    else if (to !== index) drop(to)
  }
  const dragging = useDrag<boolean>({
    move: (_, { what: longer, dx: x, dy: y }) => setDrag({ x, y, longer }),
    drop: end,
    cancel: () => setDrag(null),
  })
  return (
    <button
      type="button"
      data-segment={s.id}
      tabIndex={selected || first ? 0 : -1}
      aria-pressed={selected}
      aria-label={`${s.name}, ${s.minutes} minutes, ${s.play ? 'play, ' : ''}${s.rung ? `level ${level}, ${s.rung}` : s.phases.join(' and ').toLowerCase()}${s.locked ? ', locked' : ''}${strained ? ', strained' : ''}`}
      className={`${styles.block} ${s.play ? styles.play : ''} ${selected ? styles.selected : ''} ${strained ? styles.strained : ''} ${fixed ? '' : styles.movable} ${lesson.state === 'TAUGHT' ? styles.taught : ''}`}
      style={{
        height: longer * minute - 2,
        background: level > 0 ? rungFill[level - 1] : '#F1ECDF',
        color: rungInk(level),
        transform: drag && !drag.longer ? `translate(${drag.x}px, ${drag.y}px)` : undefined,
        zIndex: drag ? 5 : undefined,
      }}
      onClick={select}
      onFocus={select}
      onKeyDown={walk}
      onPointerDown={(e) => {
        if (fixed) return
        const { bottom, height } = e.currentTarget.getBoundingClientRect()
        dragging.begin(e, height > 3 * FOOT && bottom - e.clientY < FOOT)
      }}
      {...dragging.handlers}
    >
      <span className={`${styles.name} ${s.minutes * minute < 38 ? styles.short : ''}`}>
        {s.locked && <Lock />}
        {s.name}
      </span>
      <Ticks level={level} ink={rungInk(level)} />
      <span className={styles.minutes}>{longer}′</span>
    </button>
  )
}

/** As many ticks as the rung's number, so that rungs can be told apart without colour. */
function Ticks({ level, ink }: { level: number; ink: string }) {
  if (level === 0) return null
  return (
    <svg width={level * 3 + 1} height="9" aria-hidden="true" className={styles.ticks}>
      {Array.from({ length: level }, (_, i) => i).map((i) => (
        <path key={i} d={`M${i * 3 + 1} 1v7`} stroke={ink} strokeWidth="1.3" />
      ))}
    </svg>
  )
}

const Lock = () => (
  <svg width="10" height="12" viewBox="0 0 10 12" aria-hidden="true" style={{ marginRight: 4 }}>
    <rect x="0.500" y="5" width="9" height="6.500" rx="1.500" fill="currentColor" />
    <path d="M2.500 5V3.500a2.500 2.500 0 0 1 5 0V5" fill="none" stroke="currentColor" strokeWidth="1.400" />
  </svg>
)

function Legend() {
  const { evidence, evidenceSoft, panel, play } = tokens
  return (
    <div className={styles.legend} style={{ width: LABELS }}>
      <svg width="176" height="146" role="img" aria-label="What the marks on the threads say">
        <path d="M8 3l6 6l-6 6l-6-6z" fill={panel} stroke={evidence} strokeWidth="2" />
        <rect x="1" y="26" width="15" height="7" rx="2" fill={evidenceSoft} />
        <circle cx="8" cy="50" r="5.5" fill={panel} stroke={evidence} strokeWidth="1.6" />
        <circle cx="8" cy="50" r="2.3" fill={evidence} />
        <path d="M2 76v-12l13 6z" fill={play} />
        <text x="0" y="96" fontSize="12" fill={tokens.mute}>
          4 × in 3 ↔1: times, lessons, gap
        </text>
        <path d="M0 114h20" stroke={tokens.line} strokeWidth="3" />
        <path d="M8 114h6" stroke={tokens.mute} strokeWidth="3" />
        <text x="24" y="118" fontSize="12" fill={tokens.mute}>
          likely to have it after it: none
        </text>
        <text x="24" y="134" fontSize="12" fill={tokens.mute}>
          left, all right; dark, 8 in 10
        </text>
        {['introduced', 'practised, thick: often', 'watched', 'in a game'].map((t, i) => (
          <text key={t} x="24" y={14 + i * 20.5} fontSize="12" fill={tokens.mute}>
            {t}
          </text>
        ))}
      </svg>
      <div className={styles.rungs}>
        {rungFill.map((fill, i) => (
          <span key={fill}>
            <i style={{ background: fill }} /> level {i + 1}
          </span>
        ))}
        <span>
          <i style={{ borderLeft: `5px solid ${play}`, background: '#F1ECDF' }} /> play
        </span>
      </div>
    </div>
  )
}
