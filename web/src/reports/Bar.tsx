import type { Schemas } from '../api/client'
import styles from './Reports.module.css'

interface Part {
  count: number
  words: string
  look: string
}

interface BarProps {
  /** what is counted, for who cannot see it */
  label: string
  parts: Part[]
}

/** Shares side by side, each with its number; the grounds differ in grey too. */
function Bar({ label, parts }: BarProps) {
  const there = parts.filter((p) => p.count > 0)
  return (
    <div
      role="img"
      className={styles.bar}
      aria-label={`${label}: ${there.map((p) => `${p.count} ${p.words}`).join(', ') || 'nobody'}`}
    >
      {there.map((p) => (
        <span key={p.words} className={p.look} style={{ flexGrow: p.count }} title={`${p.count} ${p.words}`}>
          {p.count}
        </span>
      ))}
    </div>
  )
}

/** Children by where they stand in a skill. */
export function LevelBar({ label, levels }: { label: string; levels: Schemas['Levels'] }) {
  return (
    <Bar
      label={label}
      parts={[
        { count: levels.notSeen, words: 'not seen', look: styles.none },
        { count: levels.developing, words: 'developing', look: styles.some },
        { count: levels.near, words: 'near mastery', look: styles.most },
        { count: levels.mastery, words: 'mastery', look: styles.all },
      ]}
    />
  )
}

/** Children by where they stand with a cue that was taught. */
export function CueBar({ label, tally }: { label: string; tally: Schemas['Tally'] }) {
  return (
    <Bar
      label={label}
      parts={[
        { count: tally.notSeen, words: 'not seen', look: styles.none },
        { count: tally.developing, words: 'developing', look: styles.some },
        { count: tally.owned, words: 'secure or mastered', look: styles.all },
      ]}
    />
  )
}

/** What the grounds mean. */
export function Legend() {
  return (
    <p className={styles.legend}>
      <span className={styles.none}>not seen</span> <span className={styles.some}>developing</span>{' '}
      <span className={styles.most}>near mastery</span>{' '}
      <span className={styles.all}>mastery; of a cue: secure or mastered</span>
    </p>
  )
}
