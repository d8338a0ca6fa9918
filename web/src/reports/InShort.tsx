import styles from './Reports.module.css'

/** What a report says, before its bars. */
export function InShort({ sentences }: { sentences: string[] }) {
  return (
    <ul className={styles.short}>
      {sentences.map((s) => (
        <li key={s}>{s}</li>
      ))}
    </ul>
  )
}
