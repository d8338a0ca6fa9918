import { memo, useRef } from 'react'
import type { Schemas } from '../api/client'
import { Mark, markWords, Pips } from '../shared/Mark'
import { type HallStore, key } from './store'
import styles from './Tile.module.css'
import { useHall } from './useHall'

/** No presses that wait: one list, so that nothing is drawn anew for another empty one. */
export const NOTHING: readonly boolean[] = []

interface TileProps {
  child: Schemas['ChildView']
  cue: string
  /** looks that would tell most about this child now; 0 for none */
  wanted: number
  /** its group now; undefined where there are none */
  stands?: string
  store: HallStore
}

/** A child's tile: the upper half is shown, the lower not yet; every press is a new trial. */
export const Tile = memo(function Tile({ child, cue, wanted, stands, store }: TileProps) {
  const cell = useHall(store, (s) => s.cells[child.id]?.[cue])
  const fresh = useHall(store, (s) => s.fresh[key(child.id, cue)] ?? NOTHING)
  const inCheck = useHall(store, (s) => looksInCheck(s, child.id))
  const { rest, unlessHeld } = useHold(() => store.open({ kind: 'held', child: child.id }))
  const press = (shown: boolean) => unlessHeld(() => store.press(child.id, shown))
  const pips = [...(cell?.pips ?? []), ...fresh].slice(-5)
  const mark = cell?.mark ?? 'NOT_TAUGHT'
  const full = inCheck !== null && inCheck >= 5
  const left = child.sides.find((s) => s.action === 'THROW')?.side === 'LEFT'
  return (
    <div className={`${styles.tile} ${wanted > 0 ? styles.wanted : ''}`}>
      <button
        type="button"
        className={styles.shown}
        disabled={full}
        aria-label={`${child.name}: shown`}
        onClick={() => press(true)}
        {...rest}
      >
        <span className={styles.name}>
          <b>{child.name}</b>
          <small>
            {wanted > 0 && '◉ '}
            {stands}
            {left && <abbr title="left-handed">L</abbr>}
          </small>
        </span>
        <span className={styles.seen} title={markWords(mark)}>
          <span className={fresh.length > 0 ? styles.old : ''}>
            <Mark mark={mark} fill={cell?.fill} size={24} />
          </span>
          <Pips pips={pips} height={18} />
          {(inCheck !== null || pips.length < 3) && (
            <small className={styles.word}>{inCheck === null ? 'shown' : `${inCheck} of 5`}</small>
          )}
        </span>
      </button>
      <button
        type="button"
        className={styles.notYet}
        disabled={full}
        aria-label={`${child.name}: not yet`}
        onClick={() => press(false)}
        {...rest}
      >
        <i aria-hidden="true" /> not yet
      </button>
    </div>
  )
})

/** Looks of the check that runs; null without one. */
function looksInCheck({ mode, pressed, cue }: ReturnType<HallStore['get']>, child: string) {
  if (mode.kind !== 'check') return null
  return mode.sittings[child] ? pressed.filter((p) => p.child === child && p.cue === cue).length : 0
}

/** A finger that rests so long holds. */
const HOLDS = 550
/** A clock that comes so much later was kept by other work. */
const LATE = 60

/** Holding a tile opens what else can be said of the child; holding is not pressing. */
function useHold(hold: () => void) {
  const resting = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const held = useRef(false)
  const lift = () => clearTimeout(resting.current)
  const holds = () => {
    held.current = true
    hold()
  }
  return {
    rest: {
      onPointerDown: () => {
        held.current = false
        lift()
        const began = performance.now()
        resting.current = setTimeout(() => {
          // A busy device comes late to this; the finger may have gone long ago, which is heard before anything else.
          if (performance.now() - began > HOLDS + LATE) resting.current = setTimeout(holds, LATE)
          else holds()
        }, HOLDS)
      },
      onPointerUp: lift,
      onPointerLeave: lift,
      onPointerCancel: lift,
      onContextMenu: (e: React.MouseEvent) => {
        e.preventDefault()
        lift()
        holds()
      },
    },
    unlessHeld: (press: () => void) => {
      if (held.current) held.current = false
      else press()
    },
  }
}
