import { useState } from 'react'
import { places, seconds } from './clip'
import styles from './Eye.module.css'
import { Figure } from './Figure'
import type { Child, Round, Stand } from './rounds'
import { useTicks } from './useTicks'

/** From where a child is seen. */
export const degreesOf = (round: Round, stand: Stand, child: Child) =>
  places[stand === 'BEST' ? round.from : stand] + child.beside

interface ComesProps {
  child: Child
  degrees: number
  /** seconds before it comes @default 0 */
  after?: number
}

/** A child comes, does it as often as it may, and goes. */
export function Comes({ child, degrees, after = 0 }: ComesProps) {
  const long = seconds(child.clip)
  const [at, setAt] = useState(-after)
  const end = child.times * (long + 0.6)
  useTicks(at < end, (past) => setAt((t) => Math.min(end, t + past)))
  if (at < 0) return <div className={styles.gone} />
  if (at >= end) return <div className={styles.gone}>The child has gone. What did you see?</div>
  return (
    <div className={styles.stage}>
      <Figure
        clip={child.clip}
        at={Math.min(long, at % (long + 0.6))}
        degrees={degrees}
        mirrored={child.left}
        words="A child does it"
      />
    </div>
  )
}

interface AgainProps {
  child: Child
  degrees: number
  looksAt: Round['looksAt']
}

/** Once more, slowly, and it stops at the picture that decides. */
export function Again({ child, degrees, looksAt }: AgainProps) {
  const from = Math.max(0, child.at - 0.5)
  const [at, setAt] = useState(from)
  useTicks(at < child.at, (past) => setAt((t) => Math.min(child.at, t + past / 4)))
  return (
    <div className={styles.stage}>
      <Figure
        clip={child.clip}
        at={at}
        degrees={degrees}
        mirrored={child.left}
        marks={looksAt}
        words={child.why}
      />
    </div>
  )
}
