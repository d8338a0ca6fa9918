import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import type { Asked } from './asked'
import { CueBar, Legend, LevelBar } from './Bar'
import { InShort } from './InShort'
import { OutcomeTable } from './OutcomeTable'
import styles from './Reports.module.css'

/** One class: its skills, each with its cues, on two days; and the outcomes of its age. */
export function ClassReport({ classId, asked }: { classId: string; asked: Asked }) {
  const report = useQuery({
    queryKey: ['report', classId, asked],
    queryFn: () =>
      take(api.GET('/api/classes/{id}/report', { params: { path: { id: classId }, query: asked } })),
  })
  if (report.error) return <ProblemNote error={report.error} retry={() => report.refetch()} />
  if (!report.data) return <p>Reading the records …</p>
  const { children, from, to, inShort, skills, outcomes } = report.data
  if (children === 0)
    return (
      <p className="mute">
        Nobody is in this class. <Link to={`/classes/${classId}?tab=children`}>Add children</Link> first.
      </p>
    )
  return (
    <>
      <p className="mute">
        {children} children; {dayWords(from)} to {dayWords(to)}. Those who are in the class now.
      </p>
      <InShort sentences={inShort} />
      <Legend />
      {skills.length === 0 && (
        <p className="mute">The class has no unit this year yet, so there is nothing to show.</p>
      )}
      <div className={styles.skills}>
        {skills.map((s) => (
          <SkillPart key={s.skill} skill={s} from={from} to={to} />
        ))}
      </div>
      <OutcomeTable
        title="Outcomes of this age"
        heads={['Lessons this year', 'Near mastery or more']}
        lines={outcomes.map((o) => ({
          ...o,
          cells: [
            o.lessons === 0 ? 'none' : `${o.lessons}, ${o.taught} taught`,
            o.lessons === 0 ? '' : `${o.advanced} of ${children}`,
          ],
          open: o.lessons === 0,
        }))}
      />
    </>
  )
}

function SkillPart({ skill: s, from, to }: { skill: Schemas['SkillReport']; from: string; to: string }) {
  return (
    <section className={styles.skill}>
      <h2>
        {s.name} <span className="mute">{s.setName.toLowerCase()}</span>
      </h2>
      <dl className={styles.bars}>
        <dt>{dayWords(from)}</dt>
        <dd>
          <LevelBar label={`${s.name}, ${dayWords(from)}`} levels={s.before} />
        </dd>
        <dd />
        <dt>
          <b>{dayWords(to)}</b>
        </dt>
        <dd>
          <LevelBar label={`${s.name}, ${dayWords(to)}`} levels={s.after} />
        </dd>
        <dd />
      </dl>
      <dl className={styles.bars}>
        {s.cues.map((c) => {
          const taught = c.after.notSeen + c.after.developing + c.after.owned > 0
          return [
            <dt key={`${c.cue} call`} title={c.question}>
              {c.call}
            </dt>,
            <dd key={c.cue}>
              {taught ? (
                <CueBar label={c.call} tally={c.after} />
              ) : (
                <span className="mute">not taught yet</span>
              )}
            </dd>,
            <dd key={`${c.cue} change`} className={styles.change}>
              {taught && change(c)}
            </dd>,
          ]
        })}
      </dl>
      <p className="mute">
        How a mark is made: {s.rule}.{s.ruleThen && ` On ${dayWords(from)} it was: ${s.ruleThen}.`}
      </p>
    </section>
  )
}

/** What became of the class since the earlier day, in a few words. */
export function change({ before, after, gained, lost }: Schemas['CueReport']) {
  const seen = after.developing + after.owned - before.developing - before.owned
  const words = [
    gained > 0 && `+${gained} own it`,
    lost > 0 && `−${lost} lost it`,
    gained === 0 && seen > 0 && `${seen} more seen`,
  ].filter(Boolean)
  return words.length > 0 ? words.join(', ') : 'no change'
}
