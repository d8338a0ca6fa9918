import { useQuery } from '@tanstack/react-query'
import { Segmented } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { rungFill, rungInk } from '../shared/tokens'
import styles from './SkillsPage.module.css'

type View = keyof Schemas['Mirrored']

/** Skills with their cues in each set, mirrored, and the activities on each rung. */
export default function SkillsPage() {
  const [view, setView] = useState<View>('right')
  const [chosen, setChosen] = useState<string | null>(null)
  const skills = useQuery({ queryKey: ['skills'], queryFn: () => take(api.GET('/api/skills')) })
  const activities = useQuery({ queryKey: ['activities'], queryFn: () => take(api.GET('/api/activities')) })
  if (skills.error) return <ProblemNote error={skills.error} retry={() => skills.refetch()} />
  const skill = skills.data?.find((s) => s.key === chosen) ?? skills.data?.[0]
  if (!skill) return <p className={page.page}>Opening …</p>
  return (
    <div className={page.page}>
      <div className={page.head}>
        <h1>Know-how</h1>
        <Segmented
          value={skill.key}
          onChange={setChosen}
          options={skills.data?.map((s) => ({ value: s.key, label: s.name })) ?? []}
        />
        <div className={page.end}>
          <span className="mute">worded for</span>
          <Segmented
            value={view}
            onChange={setView}
            options={[
              { value: 'right', label: 'right-handers' },
              { value: 'left', label: 'left-handers' },
              { value: 'notSettled', label: 'not settled' },
            ]}
          />
        </div>
      </div>
      <section className={styles.ladder} aria-label="Progression">
        {skill.rungs.map((rung, i) => {
          const on = activities.data?.filter((a) => a.skill === skill.key && a.level === i + 1) ?? []
          return (
            <div key={rung} className={styles.rung}>
              <h3 style={{ background: rungFill[i], color: rungInk(i + 1) }}>
                {i + 1} {rung}
              </h3>
              {on.map((a) => (
                <p key={a.key} title={a.how}>
                  {a.name}
                  <span className="mute">
                    {a.phases.includes('PLAY') ? ' play,' : ''} {a.formation}
                  </span>
                </p>
              ))}
              {on.length === 0 && <p className="mute">nothing yet</p>}
            </div>
          )
        })}
      </section>
      {[...skill.sets].reverse().map((set) => (
        <section key={set.key}>
          <h2 className={styles.set}>
            {set.name} <span className="mute">{set.kind === 'SHORT' ? 'short set' : 'component set'}</span>
          </h2>
          <div className={styles.cues}>
            {set.cues.map((key) => {
              const cue = skill.cues.find((c) => c.key === key)
              return cue && <CueCard key={key} cue={cue} view={view} skill={skill} />
            })}
          </div>
        </section>
      ))}
    </div>
  )
}

const relation = (link: Schemas['Link'], cue: string, call: (key: string) => string) => {
  const other = link.from === cue ? link.to : link.from
  if (link.relation === 'SAME') return `same as “${call(other)}”`
  return link.from === cue ? `implies “${call(other)}”` : `implied by “${call(other)}”`
}

function CueCard({ cue, view, skill }: { cue: Schemas['CueView']; view: View; skill: Schemas['SkillView'] }) {
  const call = (key: string) => skill.cues.find((c) => c.key === key)?.call[view] ?? key
  const links = skill.crosswalk.filter((l) => l.from === cue.key || l.to === cue.key)
  return (
    <article className={styles.cue}>
      <header>
        <b>“{cue.call[view]}”</b>
        <span className="mute">
          {cue.phase} · {cue.body}
        </span>
      </header>
      <p>{cue.question[view]}</p>
      <p className="mute">
        Stand {cue.view[view]}. From age {cue.fromAge}
        {cue.condition !== 'NONE' &&
          `, where there is ${cue.condition === 'OBJECT' ? 'something to catch' : `a ${cue.condition.toLowerCase().replace('_', ' ')}`}`}
        .{cue.prerequisites.length > 0 && ` After “${cue.prerequisites.map(call).join('”, “')}”.`}
      </p>
      <dl>
        {cue.faults.map((f) => (
          <div key={f.seen.right}>
            <dt>{f.seen[view]}</dt>
            <dd>{f.fix[view]}</dd>
          </div>
        ))}
      </dl>
      <p className="mute">
        Tell me: {cue.tellMe}
        {links.length > 0 && <> · Other set: {links.map((l) => relation(l, cue.key, call)).join('; ')}</>}
      </p>
    </article>
  )
}
