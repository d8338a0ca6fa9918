import { useState } from 'react'
import type { Schemas } from '../api/client'
import styles from './Panels.module.css'
import type { HallStore } from './store'

type Side = 'LEFT' | 'RIGHT'

const ASKS: { action: Schemas['SideView']['action']; name: string; ask: string }[] = [
  { action: 'THROW', name: 'hand', ask: 'Which hand takes a beanbag that lies in front of them?' },
  { action: 'KICK', name: 'foot', ask: 'Which foot swings at a ball that lies there?' },
  { action: 'BAT', name: 'bat', ask: 'Which hand is on top when they hold a stick to hit?' },
]

interface SidesProps {
  /** those who are here, in the order in which they stand */
  here: readonly Schemas['ChildView'][]
  store: HallStore
  close: () => void
}

/** Finds sides out while they move: two presses a child, the hand and the foot. Nothing here is a trial. */
export function Sides({ here, store, close }: SidesProps) {
  const [action, setAction] = useState(ASKS[0])
  const [found, setFound] = useState<Record<string, Side>>({})
  const sideOf = (child: Schemas['ChildView']) =>
    found[`${child.id} ${action.action}`] ??
    child.sides.find((s) => s.action === action.action && !s.assumed)?.side
  const open = here.filter((c) => !sideOf(c)).length
  return (
    <section
      className={styles.pad}
      role="dialog"
      aria-label="Sides"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <div className={styles.counting}>
        {ASKS.map((a) => (
          <button
            key={a.action}
            type="button"
            aria-pressed={a.action === action.action}
            onClick={() => setAction(a)}
          >
            {a.name}
          </button>
        ))}
        <button type="button" onClick={close}>
          Close
        </button>
      </div>
      <h2>
        <small>
          {action.ask} {open === 0 ? 'All are settled.' : `${open} not settled yet.`}
        </small>
      </h2>
      <ul className={styles.sides}>
        {here.map((child) => (
          <li key={child.id}>
            <span>{child.name}</span>
            {(['LEFT', 'RIGHT'] as const).map((side) => (
              <button
                key={side}
                type="button"
                aria-pressed={sideOf(child) === side}
                aria-label={`${child.name}: ${side.toLowerCase()} ${action.name}`}
                onClick={() => {
                  store.settle(child.id, action.action, side)
                  setFound({ ...found, [`${child.id} ${action.action}`]: side })
                }}
              >
                {side.toLowerCase()}
              </button>
            ))}
          </li>
        ))}
      </ul>
    </section>
  )
}
