import { useEffect, useState } from 'react'
import { Mark } from '../shared/Mark'
import type { HallStore } from './store'
import { childOf } from './store/context'
import styles from './Tile.module.css'
import { useHall } from './useHall'
import { inOrder, standing, useWatch } from './watching'

/** So many names at a time: as many as one can keep in sight. */
const AT_ONCE = 3
/** A press that comes sooner after a change of names was meant for the ones before. */
const DEAF = 500

/** Three names at a time from the plan of looks, with halves for a thumb; when all have one the next three come by themselves. */
export function TenSeconds({ store }: { store: HallStore }) {
  const cue = useHall(store, (s) => s.cue)
  const segment = useHall(store, (s) => s.segment)
  return <Rounds key={`${cue} ${segment}`} store={store} />
}

function Rounds({ store }: { store: HallStore }) {
  const [order] = useState(() => inOrder(store.get()))
  const [round, setRound] = useState({ at: 0, since: 0 })
  const pressed = useHall(store, (s) => s.pressed)
  const { cue, stretch } = useWatch(store)
  const stands = standing(stretch)
  const three = order.slice(round.at, round.at + AT_ONCE)
  const looked = new Map(
    pressed
      .filter((p) => p.cue === cue && Date.parse(p.at) >= round.since && three.includes(p.child))
      .map((p) => [p.child, p.shown]),
  )
  const done = three.length > 0 && looked.size === three.length
  useEffect(() => {
    if (done) setRound((r) => ({ at: r.at + AT_ONCE, since: Date.now() }))
  }, [done])
  const press = (child: string, shown: boolean) => {
    if (Date.now() - round.since > DEAF && !looked.has(child)) store.press(child, shown)
  }
  if (three.length === 0)
    return (
      <main className={styles.ten}>
        <p>That is everyone who is here.</p>
        <button
          type="button"
          className={styles.onward}
          onClick={() => setRound({ at: 0, since: Date.now() })}
        >
          Once more from the first
        </button>
      </main>
    )
  return (
    <main className={styles.ten}>
      {three.map((id) => {
        const child = childOf(store.get(), id)
        if (!child) return null
        return (
          <div key={id} className={`${styles.tile} ${styles.wide} ${looked.has(id) ? styles.away : ''}`}>
            <span className={styles.big}>
              <b>{child.name}</b>
              <small>
                <Seen store={store} child={id} cue={cue} />
                {stands[id] && `group ${stands[id]}`}
                {looked.has(id) && (looked.get(id) ? ' · shown' : ' · not yet')}
              </small>
            </span>
            <button type="button" aria-label={`${child.name}: shown`} onClick={() => press(id, true)}>
              shown
            </button>
            <button
              type="button"
              className={styles.notYet}
              aria-label={`${child.name}: not yet`}
              onClick={() => press(id, false)}
            >
              <i aria-hidden="true" /> not yet
            </button>
          </div>
        )
      })}
      <button
        type="button"
        className={styles.onward}
        onClick={() => setRound({ at: round.at + AT_ONCE, since: Date.now() })}
      >
        The next {Math.min(AT_ONCE, Math.max(0, order.length - round.at - AT_ONCE))} ·{' '}
        {order.length - round.at} to look at
      </button>
    </main>
  )
}

function Seen({ store, child, cue }: { store: HallStore; child: string; cue: string }) {
  const cell = useHall(store, (s) => s.cells[child]?.[cue])
  return <Mark mark={cell?.mark ?? 'NOT_TAUGHT'} fill={cell?.fill} size={20} />
}
