import { useQuery } from '@tanstack/react-query'
import { Link, useSearchParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import type { Asked } from './asked'
import { Legend, LevelBar } from './Bar'
import { InShort } from './InShort'
import { OutcomeTable } from './OutcomeTable'
import styles from './Reports.module.css'

/** Every class by the skills it works on, all of them together, and the outcomes that the year's plans reach. */
export function SchoolReport({ asked }: { asked: Asked }) {
  const [search] = useSearchParams()
  const report = useQuery({
    queryKey: ['report', 'school', asked],
    queryFn: () => take(api.GET('/api/school/report', { params: { query: asked } })),
  })
  if (report.error) return <ProblemNote error={report.error} retry={() => report.refetch()} />
  if (!report.data) return <p>Reading the records …</p>
  const { from, to, inShort, classes, skills, coverage } = report.data
  const idle = classes.filter((c) => c.skills.length === 0)
  const toClass = (id: string) => {
    const next = new URLSearchParams(search)
    next.set('class', id)
    return `/reports?${next}`
  }
  return (
    <>
      <p className="mute">
        {dayWords(from)} to {dayWords(to)}. Of each class, the skills that it works on this year.
      </p>
      <InShort sentences={inShort} />
      <Legend />
      {classes.length === 0 && <p className="mute">No class is given to you yet.</p>}
      <div className={styles.skills}>
        {skills.length > 0 && (
          <section className={styles.skill}>
            <h2>All together</h2>
            <Skills of="all classes" skills={skills} />
          </section>
        )}
        {classes
          .filter((c) => c.skills.length > 0)
          .map((c) => (
            <section key={c.classId} className={styles.skill}>
              <h2>
                <Link to={toClass(c.classId)}>{c.className}</Link>{' '}
                <span className="mute">
                  {c.year}, {c.children} children
                </span>
              </h2>
              <Skills of={c.className} skills={c.skills} />
            </section>
          ))}
      </div>
      {idle.length > 0 && (
        <p className="mute">
          No unit this year yet:{' '}
          {idle.map((c, i) => (
            <span key={c.classId}>
              {i > 0 && ', '}
              <Link to={toClass(c.classId)}>{c.className}</Link>
            </span>
          ))}
          .
        </p>
      )}
      <OutcomeTable
        title="Outcomes that this year’s plans reach"
        heads={['Classes of its age', 'Lessons', 'Not in a plan of']}
        lines={coverage.map((o) => ({
          ...o,
          cells: [
            `${o.planned} of ${o.of}`,
            o.lessons === 0 ? 'none' : `${o.lessons}, ${o.taught} taught`,
            o.missing.join(', '),
          ],
          open: o.planned < o.of,
        }))}
      />
    </>
  )
}

function Skills({ of, skills }: { of: string; skills: Schemas['SkillLevels'][] }) {
  const high = (l: Schemas['Levels']) => l.near + l.mastery
  return (
    <dl className={styles.bars}>
      {skills.map((s) => [
        <dt key={`${s.skill} name`}>{s.name}</dt>,
        <dd key={s.skill}>
          <LevelBar label={`${s.name}, ${of}`} levels={s.after} />
        </dd>,
        <dd key={`${s.skill} change`} className={styles.change}>
          {high(s.before) + high(s.after) === 0
            ? 'nobody nearly there yet'
            : `${high(s.before)} → ${high(s.after)} nearly there or better`}
        </dd>,
      ])}
    </dl>
  )
}
