import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { addDays, daysBetween, dayWords } from '../shared/dates'
import styles from './TermStrip.module.css'

const beadWords: Record<Schemas['BeadView']['bead'], string> = {
  FITS: 'planned, fits',
  STRAINED: 'planned, has strains',
  TAUGHT: 'taught',
  LOST: 'lost',
}

/** Time as navigation: weeks as ground, a line a class, a bead a lesson. */
export function TermStrip() {
  const term = useQuery({ queryKey: ['term'], queryFn: () => take(api.GET('/api/term')) })
  if (!term.data) return <div className={styles.strip} />
  const { from, weeks, today, classes } = term.data
  const at = (day: string) => `${((daysBetween(from, day) + 0.5) / (weeks * 7)) * 100}%`
  return (
    <section className={styles.strip} aria-label="Term">
      <div className={styles.names} aria-hidden="true">
        {classes.map((c) => (
          <span key={c.schoolClass.id}>{c.schoolClass.name}</span>
        ))}
      </div>
      <div className={styles.ground}>
        {Array.from({ length: weeks }, (_, w) => addDays(from, w * 7)).map((monday) => (
          <span
            key={monday}
            className={styles.week}
            style={{ left: `${(daysBetween(from, monday) / 7 / weeks) * 100}%` }}
          >
            {dayWords(monday).slice(4)}
          </span>
        ))}
        <span className={styles.today} style={{ left: at(today) }} title={`Today, ${dayWords(today)}`} />
        {classes.map((c) => (
          <div key={c.schoolClass.id} className={styles.line}>
            {c.beads.map((b) => (
              <Link
                key={b.lesson}
                to={`/lessons/${b.lesson}`}
                className={`${styles.bead} ${styles[b.bead.toLowerCase()]}`}
                style={{ left: at(b.onDate) }}
                aria-label={`${c.schoolClass.name}, ${dayWords(b.onDate)}: ${beadWords[b.bead]}`}
                title={`${c.schoolClass.name} · ${dayWords(b.onDate)} · ${b.title} · ${beadWords[b.bead]}`}
              />
            ))}
          </div>
        ))}
      </div>
    </section>
  )
}
