import { Fragment, type KeyboardEvent } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { dayWords, timeWords } from '../shared/dates'
import { useDrag } from '../shared/useDrag'
import styles from './TermStrip.module.css'

export type Bead = Schemas['BeadView']
export type Line = Schemas['ClassBeads']

const beadWords: Record<Bead['bead'], string> = {
  FITS: 'planned, fits',
  STRAINED: 'planned, does not fit',
  TAUGHT: 'taught',
  LOST: 'lost',
}

const DRAG_FROM_PX = 5

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

export interface StripBeadProps {
  line: Line
  bead: Bead
  /** where a day lies, in per cent of the ground */
  at: (day: string) => string
  /** the day that lies under a place of the screen, or the next one of the timetable */
  dayUnder: (x: number, line: Line, lesson: string) => string
  /** the day it is lifted to; undefined while it is not */
  lifted?: string
  movable: boolean
  /** true for the one bead that Tab comes to */
  entry: boolean
  lift: (day: string) => void
  letDown: (day: string) => void
  keys: (e: KeyboardEvent<HTMLAnchorElement>) => void
  open: () => void
}

/** A lesson on the strip: pressed it opens, dragged it moves. */
export function StripBead(p: StripBeadProps) {
  const { line, bead: b, lifted } = p
  const drag = useDrag<null>({
    move: (e) => p.lift(p.dayUnder(e.clientX, line, b.lesson)),
    drop: (e, { moved }) => moved && p.letDown(p.dayUnder(e.clientX, line, b.lesson)),
    slack: DRAG_FROM_PX,
  })
  return (
    <Fragment>
      <Link
        to={`/lessons/${b.lesson}`}
        data-bead
        tabIndex={p.entry ? 0 : -1}
        draggable={false}
        className={[
          styles.bead,
          styles[b.bead.toLowerCase()],
          b.clash ? styles.clash : '',
          lifted ? styles.left : '',
        ].join(' ')}
        style={{ left: p.at(b.onDate) }}
        aria-label={say(line, b) + (lifted ? `, moving to ${dayWords(lifted)}` : '')}
        title={`${say(line, b)} · ${b.title} · ${b.space}`}
        onPointerDown={(e) => p.movable && drag.begin(e, null)}
        {...drag.handlers}
        onClick={(e) => drag.wasDrag() && e.preventDefault()}
        onContextMenu={(e) => {
          if (!p.movable) return
          e.preventDefault()
          p.open()
        }}
        onKeyDown={p.keys}
      />
      {lifted && (
        <span className={styles.lifted} style={{ left: p.at(lifted) }} aria-hidden="true">
          {dayWords(lifted)}
        </span>
      )}
    </Fragment>
  )
}
