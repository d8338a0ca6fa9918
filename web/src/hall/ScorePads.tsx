import { useState } from 'react'
import styles from './Score.module.css'
import type { Press, Standing } from './scores'
import { shirtOf } from './shirts'

interface SideCardProps {
  name: string
  index: number
  line?: Standing['lines'][number]
  leads: boolean
  /** whether the next press is this side's, where one row of presses is for all */
  picks?: { chosen: boolean; pick: () => void }
  /** presses of its own */
  presses: readonly Press[]
  add: (numbers: number[]) => void
}

/** A side in its colour and shape: its score, and what is pressed for it inside, so that nobody presses for another. */
export function SideCard({ name, index, line, leads, picks, presses, add }: SideCardProps) {
  const shirt = shirtOf(index)
  const label = `${name}: ${line?.points ?? 0}${leads ? ', in front' : ''}`
  const score = (
    <>
      <span>
        {shirt.mark} {name} {leads && '★'}
      </span>
      <b>{line?.points ?? 0}</b>
      <small>{line?.words}</small>
    </>
  )
  return (
    <div
      className={`${styles.side} ${picks?.chosen ? styles.chosen : ''}`}
      style={{ background: shirt.colour }}
    >
      {picks ? (
        <button
          type="button"
          className={styles.score}
          aria-pressed={picks.chosen}
          aria-label={label}
          onClick={picks.pick}
        >
          {score}
        </button>
      ) : (
        <div className={styles.score} role="status" aria-label={label}>
          {score}
        </div>
      )}
      {presses.length > 0 && (
        <div className={styles.inside}>
          {presses.map((p) => (
            <button
              key={p.label}
              type="button"
              aria-label={`${p.label} for ${name}`}
              onClick={() => add(p.numbers)}
            >
              {p.label}
            </button>
          ))}
        </div>
      )}
    </div>
  )
}

/** One row for whose turn it is. */
export function RowOfPresses({
  presses,
  side,
  add,
}: {
  presses: readonly Press[]
  side: string
  add: (numbers: number[]) => void
}) {
  return (
    <fieldset
      className={`${styles.pad} ${presses.length > 12 ? styles.small : ''}`}
      aria-label={`For ${side}`}
    >
      {presses.map((p) => (
        <button key={p.label} type="button" onClick={() => add(p.numbers)}>
          {p.label}
        </button>
      ))}
    </fieldset>
  )
}

/** Several numbers at once, typed. */
export function Fields({
  labels,
  side,
  add,
}: {
  labels: readonly string[]
  side: string
  add: (numbers: number[]) => void
}) {
  const [fields, setFields] = useState<string[]>([])
  return (
    <form
      className={styles.pad}
      onSubmit={(e) => {
        e.preventDefault()
        add(labels.map((_, i) => Number(fields[i] || 0)))
      }}
    >
      {labels.map((label, i) => (
        <label key={label}>
          {label}
          <input
            inputMode="numeric"
            pattern="[0-9]{1,5}"
            value={fields[i] ?? ''}
            onChange={(e) => {
              const now = [...fields]
              now[i] = e.target.value
              setFields(now)
            }}
          />
        </label>
      ))}
      <button type="submit" disabled={!fields[0]}>
        For {side}
      </button>
    </form>
  )
}
