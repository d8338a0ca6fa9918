import { Radio, Segmented } from 'antd'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import page from '../shared/Page.module.css'
import { rungFill, rungInk } from '../shared/tokens'
import styles from './KnowHow.module.css'

type View = keyof Schemas['Mirrored']

interface SkillsTabProps {
  skills: Schemas['SkillView'][]
  activities: Schemas['ActivityView'][]
  /** opens an activity */
  open: (activity: string) => void
}

/** Skills with their cues in each set, mirrored, and the activities on each rung. */
export function SkillsTab({ skills, activities, open }: SkillsTabProps) {
  const [view, setView] = useState<View>('right')
  const [chosen, setChosen] = useState<string | null>(null)
  const skill = skills.find((s) => s.key === chosen) ?? skills[0]
  return (
    <>
      <div className={page.head}>
        <Radio.Group
          aria-label="Skill"
          className={styles.skills}
          optionType="button"
          value={skill.key}
          onChange={(e) => setChosen(e.target.value)}
          options={skills.map((s) => ({ value: s.key, label: s.name }))}
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
          const on = activities.filter((a) => a.skill === skill.key && a.level === i + 1)
          return (
            <div key={rung} className={styles.rung}>
              <h3 style={{ background: rungFill[i], color: rungInk(i + 1) }}>
                {i + 1} {rung}
              </h3>
              {on.map((a) => (
                <p key={a.key} title={a.how}>
                  <button type="button" className={styles.link} onClick={() => open(a.key)}>
                    {a.name}
                  </button>
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
    </>
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
