import { Input, Select } from 'antd'
import { useMemo, useState } from 'react'
import type { Schemas } from '../api/client'
import page from '../shared/Page.module.css'
import { findSymptoms, symptoms } from './find'
import styles from './KnowHow.module.css'

const DRILLS = 3

interface SymptomsTabProps {
  skills: Schemas['SkillView'][]
  activities: Schemas['ActivityView'][]
  open: (activity: string) => void
}

/** From what goes wrong to the cue to give and where to work on it. */
export function SymptomsTab({ skills, activities, open }: SymptomsTabProps) {
  const [words, setWords] = useState('')
  const [skill, setSkill] = useState<string>()
  const all = useMemo(() => symptoms(skills, activities), [skills, activities])
  const found = findSymptoms(all, words, skill)
  return (
    <>
      <div className={page.head}>
        <Input
          aria-label="What goes wrong"
          placeholder="what goes wrong: toe, foot, too late, looks …"
          value={words}
          onChange={(e) => setWords(e.target.value)}
          style={{ width: 320 }}
        />
        <Select
          aria-label="In which skill"
          allowClear
          placeholder="in any skill"
          value={skill}
          onChange={setSkill}
          options={skills.map((s) => ({ value: s.key, label: s.name }))}
          style={{ width: 220 }}
        />
        <span className="mute" role="status">
          {found.length} of {all.length}
        </span>
      </div>
      <table className={styles.symptoms}>
        <thead>
          <tr>
            <th scope="col">You see</th>
            <th scope="col">Try</th>
            <th scope="col">Cue to give</th>
            <th scope="col">Work on it in</th>
          </tr>
        </thead>
        <tbody>
          {found.map((s) => (
            <tr key={s.cue.key + s.fault.seen.notSettled}>
              <th scope="row">
                {s.fault.seen.notSettled}
                <span className="mute"> {s.skill.name}</span>
              </th>
              <td>{s.fault.fix.notSettled}</td>
              <td>
                <b className={styles.calls}>“{s.cue.call.notSettled}”</b>
                <span className="mute"> stand {s.cue.view.notSettled}</span>
              </td>
              <td>
                {s.use.slice(0, DRILLS).map((a, i) => (
                  <span key={a.key}>
                    {i > 0 && ', '}
                    <button type="button" className={styles.link} onClick={() => open(a.key)}>
                      {a.name}
                    </button>
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.length === 0 && (
        <p className="mute">Nothing known is like that. Try fewer words, or another one.</p>
      )}
    </>
  )
}
