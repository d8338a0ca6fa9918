import type { Schemas } from '../api/client'
import styles from './UnitPage.module.css'

/** What was wished, and every rule that is strained; a sentence leads to its block. */
export function StrainList({ unit: u, select }: { unit: Schemas['UnitView']; select: (id: string) => void }) {
  return (
    <ul className={styles.strainList}>
      {u.wished.map((w) => (
        <li key={w.wish}>
          You wished {w.wish}: {w.why ?? 'it is so.'}
        </li>
      ))}
      {u.strains.map((s) => (
        <li key={s.rule + s.segment + s.sentence} className={s.level === 'SOFT' ? '' : styles.bad}>
          {s.segment ? (
            <button type="button" onClick={() => s.segment && select(s.segment)}>
              {s.sentence}
            </button>
          ) : (
            s.sentence
          )}
          <span className="mute"> {s.rule.toLowerCase()}</span>
        </li>
      ))}
      {u.strains.length === 0 && <li>Nothing was given up.</li>}
    </ul>
  )
}
