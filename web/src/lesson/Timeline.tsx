import { rungFill } from '../shared/tokens'
import styles from './Lesson.module.css'
import type { Sheet } from './useLesson'

interface TimelineProps {
  sheet: Sheet
  selected: string
  select: (id: string) => void
}

/** The minutes of a lesson from top to bottom, each stretch as tall as it is long. */
export function Timeline({ sheet, selected, select }: TimelineProps) {
  let minute = 0
  return (
    <nav aria-label="Minutes" className={styles.timeline}>
      {sheet.segments.map((s) => {
        const from = minute
        minute += s.plan.minutes
        const bad = s.whyNot.length > 0 || s.work?.cautions.some((c) => c.weight === 'FORBIDS')
        const tight = (s.floor?.drawing.findings.length ?? 0) > 0
        return (
          <button
            key={s.id}
            type="button"
            aria-current={s.id === selected}
            className={`${styles.block} ${s.id === selected ? styles.selected : ''}`}
            style={{
              minHeight: 36 + s.plan.minutes * 6,
              borderLeftColor: s.plan.level ? rungFill[s.plan.level - 1] : '#E4DCCB',
            }}
            onClick={() => select(s.id)}
          >
            <b>{s.plan.minutes}′</b>
            <small>
              {from}–{minute}
            </small>
            <span>
              {s.plan.name}
              <small>
                {s.plan.play ? 'play' : words(s.plan.phases)}
                {!!s.work?.tries && ` · ${s.work.tries} tries`}
              </small>
              {bad && <em className={styles.bad}>does not fit</em>}
              {!bad && tight && <em className={styles.tight}>tight</em>}
            </span>
          </button>
        )
      })}
    </nav>
  )
}

const PHASES: Record<string, string> = {
  GATHER: 'opening talk',
  WARM: 'warm-up',
  RECAP: 'recap',
  PRACTISE: 'practise',
  TIDY: 'tidy',
  COOL: 'cool down',
  CLOSE: 'closing talk',
}

const words = (phases: string[]) =>
  phases
    .map((p) => PHASES[p])
    .filter(Boolean)
    .join(', ')
