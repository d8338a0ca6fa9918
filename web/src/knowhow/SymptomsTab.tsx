import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Input, Select } from 'antd'
import { useDeferredValue, useState } from 'react'
import { api, take } from '../api/client'
import { Shown } from '../figure/Shown'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './KnowHow.module.css'
import type { TabProps } from './tab'

/** From what goes wrong to the likely cause, the cue to give and where to work on it. */
export function SymptomsTab({ skills, openActivity, openSkill }: TabProps) {
  const [words, setWords] = useState('')
  const [skill, setSkill] = useState<string>()
  const [looks, setLooks] = useState<string>()
  const typed = useDeferredValue(words.trim() || undefined)
  const asked = { words: typed, skill }
  const found = useQuery({
    queryKey: ['symptoms', asked],
    queryFn: () => take(api.GET('/api/symptoms', { params: { query: asked } })),
    placeholderData: keepPreviousData,
  })
  return (
    <>
      <div className={page.head}>
        <Input
          aria-label="What goes wrong"
          placeholder="what goes wrong: wobbles, too late, hops …"
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
          {found.data && `${found.data.total} of ${found.data.of}`}
          {found.data?.guessed && found.data.total > 0 && ': nothing is spelled like that; these are alike'}
        </span>
      </div>
      {found.error && <ProblemNote error={found.error} retry={() => found.refetch()} />}
      <table className={styles.symptoms}>
        <thead>
          <tr>
            <th scope="col">You see</th>
            <th scope="col">Likely cause, or what to try</th>
            <th scope="col">Cue to give</th>
            <th scope="col">Work on it in</th>
          </tr>
        </thead>
        <tbody>
          {found.data?.found.map((s) => (
            <tr key={s.key}>
              <th scope="row">
                {s.seen.notSettled}{' '}
                <button type="button" className={styles.quiet} onClick={() => openSkill(s.skill)}>
                  {s.skillName}
                </button>
              </th>
              <td>{s.cause ?? s.fix?.notSettled}</td>
              <td>
                <b className={styles.calls}>“{s.call.notSettled}”</b>
                <span className="mute"> stand {s.view.notSettled}</span>
                <br />
                <button
                  type="button"
                  className={styles.link}
                  aria-expanded={looks === s.key}
                  onClick={() => setLooks(looks === s.key ? undefined : s.key)}
                >
                  Does it look like this?
                </button>
                {looks === s.key && (
                  <Shown
                    cue={s.cue}
                    call={`“${s.call.notSettled}”`}
                    faults={typeof s.fault === 'number' ? [{ fault: s.fault, seen: s.seen.notSettled }] : []}
                  />
                )}
              </td>
              <td>
                {s.use.map((a, i) => (
                  <span key={a.key}>
                    {i > 0 && ', '}
                    <button type="button" className={styles.link} onClick={() => openActivity(a.key)}>
                      {a.name}
                    </button>
                  </span>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {found.data?.total === 0 && (
        <p className="mute">Nothing known is like that. Try fewer words, or another one.</p>
      )}
      {found.data && found.data.total > found.data.found.length && (
        <p className="mute">The first {found.data.found.length} are shown; say more of what you see.</p>
      )}
    </>
  )
}
