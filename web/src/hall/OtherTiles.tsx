import { memo } from 'react'
import type { Schemas } from '../api/client'
import { Pips } from '../shared/Mark'
import { many } from '../shared/many'
import { goKey, type HallStore, key } from './store'
import { NOTHING } from './Tile'
import styles from './Tile.module.css'
import { useHall } from './useHall'

interface Of {
  child: Schemas['ChildView']
  store: HallStore
}

/** A child while two cues are watched: a row for each, its left part is shown, its right one not yet. */
export const TwoTile = memo(function TwoTile({
  child,
  stands,
  cues,
  store,
}: Of & { stands?: string; cues: readonly Schemas['CueView'][] }) {
  return (
    <div className={`${styles.tile} ${styles.two}`}>
      <span className={styles.name}>
        <b>{child.name}</b>
        <small>{stands}</small>
      </span>
      {cues.map((cue) => (
        <Row key={cue.key} child={child} cue={cue} store={store} />
      ))}
    </div>
  )
})

function Row({ child, cue, store }: Of & { cue: Schemas['CueView'] }) {
  const pips = useHall(store, (s) => s.cells[child.id]?.[cue.key]?.pips ?? NOTHING)
  const fresh = useHall(store, (s) => s.fresh[key(child.id, cue.key)] ?? NOTHING)
  const call = cue.call.notSettled
  return (
    <div className={styles.row}>
      <button
        type="button"
        aria-label={`${child.name}, ${call}: shown`}
        onClick={() => store.press(child.id, true, cue.key)}
      >
        <small>{call}</small>
        <Pips pips={[...pips, ...fresh].slice(-5)} height={14} />
      </button>
      <button
        type="button"
        className={styles.notYet}
        aria-label={`${child.name}, ${call}: not yet`}
        onClick={() => store.press(child.id, false, cue.key)}
      >
        <i aria-hidden="true" />
      </button>
    </div>
  )
}

/** A child in the register: here or away, and whether it takes part. */
export const RegisterTile = memo(function RegisterTile({ child, store }: Of) {
  const away = useHall(store, (s) => s.away.has(child.id))
  const sitsOut = useHall(store, (s) => s.sitsOut.has(child.id))
  return (
    <div className={`${styles.tile} ${away ? styles.away : ''}`}>
      <button
        type="button"
        className={styles.whole}
        aria-pressed={!away}
        onClick={() => store.setPresent(child.id, away)}
      >
        <b>{child.name}</b> <span>{away ? 'away' : sitsOut ? 'sits out' : 'here'}</span>
      </button>
      {!away && (
        <button
          type="button"
          className={styles.notYet}
          aria-pressed={sitsOut}
          aria-label={`${child.name} sits out`}
          onClick={() => store.setPresent(child.id, true, !sitsOut)}
        >
          sits out
        </button>
      )}
    </div>
  )
})

/** A child in the turn ledger: a press counts a go. @param next true if nobody has had fewer */
export const GoesTile = memo(function GoesTile({
  child,
  role,
  next,
  store,
}: Of & { role: string; next: boolean }) {
  const goes = useHall(store, (s) => s.goes[goKey(child.id, role)] ?? 0)
  const words = many(goes, 'go', 'goes')
  return (
    <div className={`${styles.tile} ${next ? styles.next : styles.away}`}>
      <button
        type="button"
        className={styles.whole}
        aria-label={`${child.name}: ${words}${next ? ', next' : ''}`}
        onClick={() => store.went(child.id, 1)}
      >
        <b>{child.name}</b> <span>{words}</span>
      </button>
      {goes > 0 && (
        <button
          type="button"
          className={styles.notYet}
          aria-label={`${child.name}: one go less`}
          onClick={() => store.went(child.id, -1)}
        >
          one less
        </button>
      )}
    </div>
  )
})

/** A child while hits are counted: the upper half is a hit, the lower a miss; which way it went is asked above the tiles. */
export const HitTile = memo(function HitTile({ child, of, store }: Of & { of: number }) {
  const tries = useHall(store, (s) => s.tries[child.id])
  const last = useHall(store, (s) => s.sets[child.id]?.at(-1))
  const hits = tries?.filter((t) => t === 'hit').length ?? 0
  const running = tries && tries.length > 0
  const told = running
    ? `${hits} of ${tries.length}, ${of - tries.length} left`
    : last
      ? `${last.hits} of ${last.of}`
      : ''
  return (
    <div className={styles.tile}>
      <button
        type="button"
        className={styles.shown}
        aria-label={`${child.name}: hit${told && `, ${told}`}`}
        onClick={() => store.tryOf(child.id, 'hit')}
      >
        <span className={styles.name}>
          <b>{child.name}</b>
        </span>
        <span className={styles.seen}>
          <b>{told || 'hit'}</b>
        </span>
      </button>
      <button
        type="button"
        className={styles.notYet}
        aria-label={`${child.name}: miss`}
        onClick={() => store.tryOf(child.id, 'missed')}
      >
        <i aria-hidden="true" /> miss
      </button>
    </div>
  )
})
