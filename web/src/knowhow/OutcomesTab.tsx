import { useQuery, useQueryClient } from '@tanstack/react-query'
import { InputNumber, Segmented } from 'antd'
import { useState } from 'react'
import { api, Problem, type Schemas, take, upload } from '../api/client'
import { FileButton } from '../shared/FileButton'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './KnowHow.module.css'
import type { TabProps } from './tab'

/** Statements of what children should have learnt, with the skills that show it; a school's own come by CSV. */
export function OutcomesTab({ skills, openSkill, plans }: TabProps) {
  const sets = useQuery({ queryKey: ['outcomes'], queryFn: () => take(api.GET('/api/outcomes')) })
  const [chosen, setChosen] = useState<string>()
  const [age, setAge] = useState<number | null>(null)
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  if (sets.error) return <ProblemNote error={sets.error} retry={() => sets.refetch()} />
  const set = sets.data?.find((s) => s.key === chosen) ?? sets.data?.[0]
  if (!sets.data || !set) return <p>Opening …</p>
  const send = (file: File, takeIt: boolean) =>
    upload<Schemas['OutcomesTaken']>(`/api/outcomes/table?take=${takeIt}`, [file])
  return (
    <>
      <div className={page.head}>
        <Segmented
          aria-label="Set of outcomes"
          value={set.key}
          onChange={setChosen}
          options={sets.data.map((s) => ({ value: s.key, label: s.name }))}
        />
        <InputNumber aria-label="Age" placeholder="age" min={3} max={14} value={age} onChange={setAge} />
        {plans && (
          <div className={page.end}>
            <FileButton
              label="Table of outcomes"
              accept=".csv,.xlsx"
              busy={busy}
              chosen={(file) =>
                attempt(async () => {
                  const looked = await send(file, false)
                  if (looked.findings.length > 0)
                    throw new Problem(400, 'Please fix these first', '', looked.findings)
                  await send(file, true)
                  await queries.invalidateQueries()
                  setChosen(looked.set)
                })
              }
            >
              Put in our own from a table
            </FileButton>
          </div>
        )}
      </div>
      {error !== null && <ProblemNote error={error} />}
      <p className="mute">
        {set.about} {plans && 'A table has the columns Code, Statement, From age, To age and Skills.'}
      </p>
      <table className={styles.symptoms}>
        <thead>
          <tr>
            <th scope="col">Code</th>
            <th scope="col">Statement</th>
            <th scope="col">Age</th>
            <th scope="col">Seen in</th>
          </tr>
        </thead>
        <tbody>
          {set.outcomes
            .filter((o) => age === null || (o.ageFrom <= age && age <= o.ageTo))
            .map((o) => (
              <tr key={o.code}>
                <th scope="row">{o.code}</th>
                <td>{o.text}</td>
                <td style={{ whiteSpace: 'nowrap' }}>
                  {o.ageFrom} to {o.ageTo}
                </td>
                <td>
                  {o.skills.map((key, i) => (
                    <span key={key}>
                      {i > 0 && ', '}
                      <button type="button" className={styles.link} onClick={() => openSkill(key)}>
                        {skills.find((s) => s.key === key)?.name ?? key}
                      </button>
                    </span>
                  ))}
                </td>
              </tr>
            ))}
        </tbody>
      </table>
    </>
  )
}
