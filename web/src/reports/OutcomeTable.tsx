import { Select } from 'antd'
import { useState } from 'react'
import { many } from '../shared/many'
import styles from './Reports.module.css'

interface OutcomeLine {
  set: string
  code: string
  text: string
  skills: string[]
  cells: string[]
  /** no plan reaches it, or not for all */
  open: boolean
}

interface OutcomeTableProps {
  title: string
  heads: string[]
  lines: OutcomeLine[]
}

/** Outcomes of one set, with what is said of each. */
export function OutcomeTable({ title, heads, lines }: OutcomeTableProps) {
  const sets = [...new Set(lines.map((l) => l.set))]
  const [chosen, setChosen] = useState<string>()
  if (sets.length === 0) return null
  const set = chosen && sets.includes(chosen) ? chosen : sets[0]
  const shown = lines.filter((l) => l.set === set)
  const open = shown.filter((l) => l.open).length
  return (
    <section className={styles.outcomes}>
      <h2>
        {title}{' '}
        <Select
          aria-label="Set of outcomes"
          size="small"
          value={set}
          onChange={setChosen}
          options={sets.map((s) => ({ value: s, label: s }))}
          style={{ minWidth: 220 }}
        />
      </h2>
      <p className="mute">
        {shown.length - open} of {shown.length} are in the plans
        {open > 0 && `; ${many(open, 'is', 'are')} not, or not for every class`}.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">Code</th>
            <th scope="col">Outcome</th>
            {heads.map((h) => (
              <th key={h} scope="col">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {shown.map((l) => (
            <tr key={l.code} className={l.open ? styles.open : ''}>
              <td>{l.code}</td>
              <td>
                {l.text} <span className="mute">{l.skills.join(', ')}</span>
              </td>
              {l.cells.map((cell, i) => (
                <td key={heads[i]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
