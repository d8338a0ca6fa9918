import { useState } from 'react'
import type { HallStore } from './store'
import { Tile } from './Tile'
import styles from './Tile.module.css'
import { useHall } from './useHall'
import { useWatch } from './watching'

/** Whoever stands where the teacher stands: a spot at a time, by the plan of where to stand, or group by group. */
export function ByPlace({ store }: { store: HallStore }) {
  const { cue, wanted, stretch, watch } = useWatch(store)
  const away = useHall(store, (s) => s.away)
  const rows = useHall(store, (s) => s.hall.grid.rows)
  const [at, setAt] = useState(0)
  const groups = stretch?.floor?.groups ?? []
  const planned = watch?.from?.stands ?? []
  const spots = planned.length > 0 ? planned.map((s) => s.groups) : groups.map((_, i) => [i])
  const spot = spots[Math.min(at, spots.length - 1)] ?? []
  const near = new Set(spot.flatMap((g) => groups[g]?.children.map((c) => c.id) ?? []))
  const here = rows.map((r) => r.child).filter((c) => near.has(c.id) && !away.has(c.id))
  if (spots.length === 0)
    return (
      <main className={styles.ten}>
        <p>Nobody has a place in this part of the lesson. Watch all, or three at a time.</p>
      </main>
    )
  return (
    <main className={styles.places}>
      <fieldset className={styles.spots} aria-label="Where you stand">
        {spots.map((of, i) => (
          <button
            key={of.join()}
            type="button"
            aria-pressed={i === Math.min(at, spots.length - 1)}
            onClick={() => setAt(i)}
          >
            {planned.length > 0 && <b>spot {i + 1} </b>}
            {of.length === 1 ? 'group' : 'groups'} {of.map((g) => g + 1).join(', ')}
          </button>
        ))}
      </fieldset>
      <div className={styles.near}>
        {here.map((c) => (
          <Tile key={c.id} child={c} cue={cue} wanted={wanted.get(c.id) ?? 0} store={store} />
        ))}
      </div>
    </main>
  )
}
