import { Input, InputNumber, Select } from 'antd'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { rungFill, rungInk } from '../shared/tokens'
import { findActivities, type Wanted } from './find'
import styles from './KnowHow.module.css'

type Activity = Schemas['ActivityView']

const phases: { value: Activity['phases'][number]; label: string }[] = [
  { value: 'GATHER', label: 'opening talk' },
  { value: 'WARM', label: 'warm-up' },
  { value: 'PRACTISE', label: 'practise' },
  { value: 'PLAY', label: 'play' },
  { value: 'COOL', label: 'cool down' },
  { value: 'CLOSE', label: 'closing talk' },
]

interface ActivitiesTabProps {
  skills: Schemas['SkillView'][]
  activities: Activity[]
  opened?: string
  open: (activity: string) => void
}

/** Every activity, found by what it is for, and one of them in full. */
export function ActivitiesTab({ skills, activities, opened, open }: ActivitiesTabProps) {
  const [wanted, setWanted] = useState<Wanted>({ text: '' })
  const found = findActivities(activities, wanted)
  const shown = activities.find((a) => a.key === opened)
  const set = (part: Partial<Wanted>) => setWanted({ ...wanted, ...part })
  return (
    <>
      <div className={page.head}>
        <Input
          aria-label="Words"
          placeholder="name, kit or what happens"
          value={wanted.text}
          onChange={(e) => set({ text: e.target.value })}
          style={{ width: 220 }}
        />
        <Select
          aria-label="Skill"
          allowClear
          placeholder="any skill"
          value={wanted.skill}
          onChange={(skill) => set({ skill })}
          options={skills.map((s) => ({ value: s.key, label: s.name }))}
          style={{ width: 210 }}
        />
        <Select
          aria-label="Phase"
          allowClear
          placeholder="any phase"
          value={wanted.phase}
          onChange={(phase) => set({ phase })}
          options={phases}
          style={{ width: 140 }}
        />
        <Select
          aria-label="Rung"
          allowClear
          placeholder="any rung"
          value={wanted.level}
          onChange={(level) => set({ level })}
          options={[1, 2, 3, 4, 5, 6].map((value) => ({ value, label: `rung ${value}` }))}
          style={{ width: 120 }}
        />
        <Select
          aria-label="Formation"
          allowClear
          placeholder="any formation"
          value={wanted.formation}
          onChange={(formation) => set({ formation })}
          options={[...new Set(activities.map((a) => a.formation))].map((value) => ({ value, label: value }))}
          style={{ width: 160 }}
        />
        <InputNumber
          aria-label="Age"
          placeholder="age"
          min={3}
          max={14}
          value={wanted.age}
          onChange={(age) => set({ age: age ?? undefined })}
          style={{ width: 76 }}
        />
        <span className="mute" role="status">
          {found.length} of {activities.length}
        </span>
      </div>
      <div className={styles.finder}>
        <ul className={styles.found}>
          {found.map((a) => (
            <li key={a.key}>
              <button
                type="button"
                aria-pressed={a.key === opened}
                className={a.key === opened ? styles.chosen : ''}
                onClick={() => open(a.key)}
              >
                <Rung level={a.level} />
                <b>{a.name}</b>
                <span className="mute">
                  {a.skill ? skills.find((s) => s.key === a.skill)?.name : phaseWords(a)}
                  {a.skill && a.phases.includes('PLAY') && ', play'} · {a.formation} · age {a.ageFrom} to{' '}
                  {a.ageTo} · {a.minutesLeast} to {a.minutesMost} min
                </span>
              </button>
            </li>
          ))}
          {found.length === 0 && <li className="mute">Nothing is like that. Take a wish away.</li>}
        </ul>
        {shown && <ActivityCard activity={shown} skills={skills} />}
      </div>
    </>
  )
}

const phaseWords = (a: Activity) =>
  a.phases
    .map((p) => phases.find((known) => known.value === p)?.label)
    .filter(Boolean)
    .join(', ')

function Rung({ level }: { level?: number }) {
  return (
    <span
      className={styles.level}
      style={level ? { background: rungFill[level - 1], color: rungInk(level) } : undefined}
    >
      {level ?? '·'}
    </span>
  )
}

/** One activity in full. */
function ActivityCard({ activity: a, skills }: { activity: Activity; skills: Schemas['SkillView'][] }) {
  const { inText, words } = useMeasures()
  const skill = skills.find((s) => s.key === a.skill)
  const call = (key: string) => skill?.cues.find((c) => c.key === key)?.call.notSettled ?? key
  const facts: [string, string | undefined][] = [
    [
      'Kit',
      a.needs.map((n) => `${n.what} (${n.count} a ${n.per}), such as a ${n.like}`).join('; ') || undefined,
    ],
    ['Room', `${words(a.metresLong * 100)} clear, ${words(a.each * 100)} wide for each group`],
    ['Counts', a.countsAsOne],
    ['Odd number', a.oddChild],
    ['Ask', a.question],
  ]
  return (
    <article className={styles.card} aria-label={a.name}>
      <h2>{a.name}</h2>
      <p className="mute">
        {skill ? `${skill.name}, rung ${a.level}: ${a.rung}` : phaseWords(a)} · {a.formation} · age{' '}
        {a.ageFrom} to {a.ageTo} · {a.minutesLeast} to {a.minutesMost} min
      </p>
      <p>{inText(a.how)}</p>
      {a.shows.length > 0 && (
        <p>
          Shows well: <b className={styles.calls}>{a.shows.map((c) => `“${call(c)}”`).join(' ')}</b>
        </p>
      )}
      {a.levers.map((l) => (
        <p key={l.name}>
          {l.name}, from easy to hard:{' '}
          {l.steps.map((step, i) => (
            <span key={step}>
              {i > 0 && ' · '}
              {i === l.usual ? <b>{inText(step)}</b> : inText(step)}
            </span>
          ))}
        </p>
      ))}
      <dl>
        {facts
          .filter(([, text]) => text)
          .map(([name, text]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{text}</dd>
            </div>
          ))}
      </dl>
      {a.cautions.length > 0 && (
        <ul className={styles.cautions}>
          {a.cautions.map((c) => (
            <li key={c}>{c}</li>
          ))}
        </ul>
      )}
    </article>
  )
}
