import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './WhatNext.module.css'

const trends: Record<string, string> = {
  STALLED: 'No better over six looks or more',
  FADING: 'Was there, and fades',
  RISING: 'Getting there',
}

/** What the records of a class say over weeks: trends, minutes, and how attention was shared. */
export function OverTime({ classId, sets }: { classId: string; sets: string[] }) {
  const over = useQuery({
    queryKey: ['over-time', classId, sets],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/over-time', { params: { path: { id: classId }, query: { set: sets } } }),
      ),
  })
  if (over.error) return <ProblemNote error={over.error} retry={() => over.refetch()} />
  if (!over.data) return <p>Reading the records …</p>
  const { doses, opinions, demonstrators, unanswered } = over.data
  return (
    <div className={styles.columns}>
      <section>
        <Trends lines={over.data.trends} />
        {opinions.length > 0 && (
          <>
            <h2>Said and counted differ</h2>
            {opinions.map((o) => (
              <p key={`${o.child} ${o.call} ${o.sentence}`}>
                <b>{o.child}</b>, “{o.call}”: <span className="mute">{o.sentence}</span>
              </p>
            ))}
          </>
        )}
      </section>
      <section>
        <h2>Minutes on a skill this year</h2>
        {doses.length === 0 && <p className="mute">No lesson of this year works on these skills.</p>}
        {doses.map((d) => (
          <Dose key={d.skill} dose={d} />
        ))}
        {demonstrators.length > 0 && (
          <>
            <h2>Could show it next</h2>
            {demonstrators.map((d) => (
              <p key={d.call}>
                <b>“{d.call}”</b> {d.children.map((c, i) => `${c} (${d.why[i]})`).join(', ')}
              </p>
            ))}
          </>
        )}
        {unanswered.length > 0 && (
          <>
            <h2>They wanted to find out</h2>
            {unanswered.map((u) => (
              <p key={`${u.lesson} ${u.text}`}>
                “{u.text}” <Link to={`/lessons/${u.lesson}`}>lesson {u.number}</Link>
              </p>
            ))}
          </>
        )}
      </section>
      <section>
        <Shared over={over.data} />
      </section>
    </div>
  )
}

function Trends({ lines }: { lines: Schemas['TrendLine'][] }) {
  return (
    <>
      <h2>Where it leads</h2>
      {lines.length === 0 && (
        <p className="mute">Nothing stands out yet; it takes six looks at a child and cue.</p>
      )}
      {lines.map((t) => (
        <p key={`${t.trend} ${t.cue}`}>
          <b>
            “{t.call}”: {trends[t.trend]?.toLowerCase()}
          </b>
          <br />
          {t.children.join(', ')}
        </p>
      ))}
    </>
  )
}

const LEAST = 240
const MOST = 600

/** Minutes against the published band, to scale. */
function Dose({ dose: d }: { dose: Schemas['DoseLine'] }) {
  const scale = Math.max(MOST * 1.1, d.atThisPace)
  const at = (minutes: number) => `${(100 * minutes) / scale}%`
  return (
    <div className={styles.dose}>
      <b>{d.name}</b>
      <div className={styles.band} aria-hidden="true">
        <span className={styles.range} style={{ left: at(LEAST), width: at(MOST - LEAST) }} />
        <span className={styles.pace} style={{ width: at(d.atThisPace) }} />
        <span className={styles.planned} style={{ width: at(d.soFar + d.planned) }} />
        <span className={styles.soFar} style={{ width: at(d.soFar) }} />
      </div>
      <small className="mute">{d.sentence}</small>
    </div>
  )
}

/** Looks of four weeks by child, fewest first. */
function Shared({ over }: { over: Schemas['OverTime'] }) {
  const most = Math.max(1, ...over.attention.map((a) => a.looks))
  return (
    <>
      <h2>Whom you looked at, over four weeks</h2>
      <p className="mute">
        For you alone. The child in the middle had {many(over.middle, 'look')}.
        {over.overlooked.length > 0 && ` ${over.overlooked.length} had half of that or less.`}
      </p>
      <table className={styles.shared}>
        <thead>
          <tr>
            <th scope="col">Child</th>
            <th scope="col">Looks</th>
            <th scope="col">Corrected</th>
            <th scope="col">Showed</th>
          </tr>
        </thead>
        <tbody>
          {over.attention.map((a) => (
            <tr key={a.child} className={over.overlooked.includes(a.child) ? styles.few : ''}>
              <th scope="row">{a.name}</th>
              <td>
                <span className={styles.looks} style={{ width: `${(70 * a.looks) / most}%` }} /> {a.looks}
              </td>
              <td>{a.corrections || ''}</td>
              <td>{a.shown || ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
