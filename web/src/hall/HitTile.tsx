import { memo, useState } from 'react'
import type { Miss, Tries } from './counted'
import styles from './Hall.module.css'
import type { HallStore } from './store'

interface HitTileProps {
  child: string
  name: string
  /** tries in a set */
  of: number
  /** the running set */
  tries?: Tries
  /** finished sets of this lesson */
  sets?: readonly { id: string; hits: number; of: number }[]
  store: HallStore
}

const WAYS: [Miss, string, string][] = [
  ['left', '←', 'missed to the left'],
  ['right', '→', 'missed to the right'],
  ['short', '↓', 'missed short'],
  ['long', '↑', 'missed long'],
]

/** A child's tile while hits are counted: the upper half is a hit, below it the way a miss went. */
export const HitTile = memo(function HitTile({
  child,
  name,
  of,
  tries = [],
  sets = [],
  store,
}: HitTileProps) {
  const [ways, setWays] = useState(false)
  const hits = tries.filter((t) => t === 'hit').length
  const last = sets[sets.length - 1]
  const told =
    tries.length > 0
      ? `${hits} of ${tries.length}, ${of - tries.length} to go`
      : last
        ? `${last.hits} of ${last.of}`
        : ''
  const missed = (way: Miss) => {
    setWays(false)
    store.tried(child, way)
  }
  return (
    <div className={styles.tile}>
      <button
        type="button"
        className={styles.shown}
        aria-label={`${name}: hit${told && `, ${told}`}`}
        onClick={() => store.tried(child, 'hit')}
      >
        <span className={styles.name}>
          <b>{name}</b>
        </span>
        <span className={styles.seen}>
          <b>{told || 'hit'}</b>
        </span>
      </button>
      {ways ? (
        <div className={styles.ways}>
          {WAYS.map(([way, arrow, said]) => (
            <button key={way} type="button" aria-label={`${name}: ${said}`} onClick={() => missed(way)}>
              {arrow}
            </button>
          ))}
        </div>
      ) : (
        <div className={styles.ways}>
          <button type="button" aria-label={`${name}: miss`} onClick={() => missed('missed')}>
            miss
          </button>
          <button type="button" aria-label={`${name}: which way it missed`} onClick={() => setWays(true)}>
            ← →
          </button>
          {(tries.length > 0 || sets.length > 0) && (
            <button
              type="button"
              aria-label={`${name}: take the last back`}
              onClick={() => store.untried(child)}
            >
              ↶
            </button>
          )}
        </div>
      )}
    </div>
  )
})
