import { Button } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import styles from './UnitPage.module.css'

type Alternative = Schemas['Alternative']

interface SaidProps {
  unit: Schemas['UnitView']
  busy: boolean
  /** opens the stretch that is meant */
  select: (segment: string) => void
  /** puts others in its place; left out where nothing may be changed */
  swap?: (segment: string, activities: string[]) => void
  /** plans what is free again */
  replan?: () => void
}

/** What a colleague would say at the door: at most three things, each with one press that mends it. */
export function Said({ unit, busy, select, swap, replan }: SaidProps) {
  const [none, setNone] = useState<string>()
  const [refused, setRefused] = useState<string>()
  const unkept = unit.wished.filter((w) => w.why !== undefined)
  if (unit.said.length === 0 && unkept.length === 0) return null
  const mend = async (segment: string) => {
    select(segment)
    setRefused(undefined)
    try {
      const others = await take(
        api.GET('/api/units/{id}/segments/{segment}/alternatives', {
          params: { path: { id: unit.id, segment }, query: { beside: false } },
        }),
      )
      const best = others.find(isBetter)
      if (best) swap?.(segment, best.activities)
      else setNone(segment)
    } catch (e) {
      setRefused((e as Error).message)
    }
  }
  return (
    <ul className={styles.said} aria-label="At the door">
      {unit.said.map((s) => (
        <li key={s.words} className={s.broken ? styles.bad : ''}>
          {s.words}{' '}
          {s.segment ? (
            none === s.segment ? (
              <span className="mute">Nothing that fits there does better.</span>
            ) : (
              <Button
                size="small"
                disabled={busy}
                onClick={() => (swap ? mend(s.segment as string) : select(s.segment as string))}
              >
                {swap ? 'Put something better there' : 'Show it'}
              </Button>
            )
          ) : (
            replan && (
              <Button size="small" disabled={busy} onClick={replan}>
                Plan the rest again
              </Button>
            )
          )}
        </li>
      ))}
      {unkept.map((w) => (
        <li key={w.wish} className="mute">
          You wished {w.wish}: {w.why}
        </li>
      ))}
      {refused && <li role="alert">{refused}</li>}
    </ul>
  )
}

/** What breaks less, or as much and compromises less. */
export function isBetter(a: Pick<Alternative, 'hard' | 'medium' | 'soft'>) {
  return ([a.hard, a.medium, a.soft].find((n) => n !== 0) ?? 0) < 0
}
