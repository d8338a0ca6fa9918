import { Button } from 'antd'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Dialog } from '../shared/Dialog'
import styles from './SideFinder.module.css'
import type { Action, Side } from './sides'

type Child = Schemas['ChildView']

const questions: { action: Action; ask: string }[] = [
  { action: 'THROW', ask: 'Which hand writes, or throws a ball over the shoulder?' },
  { action: 'KICK', ask: 'Which foot swings at a ball that lies there?' },
  { action: 'BAT', ask: 'Which hand is on top when holding a stick to hit?' },
]

interface SideFinderProps {
  /** those with a side that is not settled */
  of: Child[]
  find: (child: Child, action: Action, side: Side) => Promise<unknown>
  close: () => void
}

/** One child and one question at a time: a class is through in a few minutes. */
export function SideFinder({ of, find, close }: SideFinderProps) {
  // Fixed at the start: those who are found leave the list outside, not the round.
  const [round] = useState(() =>
    of.flatMap((child) =>
      questions
        .filter((q) => child.sides.some((s) => s.action === q.action && !s.side))
        .slice(0, 1)
        .map((q) => ({ child, ...q })),
    ),
  )
  const [at, setAt] = useState(0)
  const [busy, setBusy] = useState(false)
  const now = round[at]
  const answer = async (side?: Side) => {
    if (side && now) {
      setBusy(true)
      await find(now.child, now.action, side)
      setBusy(false)
    }
    setAt(at + 1)
  }
  return (
    <Dialog open title="Finding a side" onCancel={close} footer={null}>
      {now ? (
        <div className={styles.question}>
          <p className="mute">
            {at + 1} of {round.length}
          </p>
          <h2>{`${now.child.given} ${now.child.family}`.trim()}</h2>
          <p>{now.ask}</p>
          <div className={styles.answers}>
            <Button size="large" disabled={busy} onClick={() => answer('LEFT')}>
              Left
            </Button>
            <Button size="large" disabled={busy} onClick={() => answer()}>
              Not settled
            </Button>
            <Button size="large" disabled={busy} onClick={() => answer('RIGHT')}>
              Right
            </Button>
          </div>
        </div>
      ) : (
        <div className={styles.question}>
          <p>That is everyone.</p>
          <Button type="primary" onClick={close}>
            Done
          </Button>
        </div>
      )}
    </Dialog>
  )
}
