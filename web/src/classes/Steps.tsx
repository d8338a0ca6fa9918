import { useQueryClient } from '@tanstack/react-query'
import { Button, Segmented } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { Compare } from '../unit/Compare'
import { usePlanning } from '../unit/usePlanning'
import styles from './WhatNext.module.css'

type Step = Schemas['SkillStep']['step']

interface StepsProps {
  classId: string
  skills: Schemas['SkillStep'][]
  lesson?: Schemas['NextLesson']
}

/** What to do with each skill; the teacher's choice becomes a proposal for the rest of the unit, to take whole or in part. */
export function Steps({ classId, skills, lesson }: StepsProps) {
  const queries = useQueryClient()
  const planning = usePlanning()
  const [chosen, setChosen] = useState<Record<string, Step>>({})
  const [beside, setBeside] = useState<{ unit: Schemas['UnitView']; version: string }>()
  const [taken, setTaken] = useState(false)
  const inUnit = (skill: string) => lesson?.skills.includes(skill) ?? false
  const stepOf = (s: Schemas['SkillStep']) => chosen[s.skill] ?? s.step
  const steered = skills.filter((s) => inUnit(s.skill) && stepOf(s) !== 'LOOK')
  const propose = async (unitId: string) => {
    setTaken(false)
    const steps = Object.fromEntries(steered.map((s) => [s.skill, stepOf(s)]))
    const version = await planning.plan('POST', `/api/units/${unitId}/proposals`, { steps })
    if (!version) return
    try {
      const unit = await take(api.GET('/api/units/{id}', { params: { path: { id: unitId } } }))
      setBeside({ unit, version })
    } catch (error) {
      planning.setError(error)
    }
  }
  return (
    <>
      <h2>Go on, stay or step back</h2>
      {skills.map((s) => (
        <div key={s.skill} className={styles.step}>
          <b>
            {s.name}: {s.words}
          </b>
          {s.rung && <span className="mute">so far {s.rung}</span>}
          <span className="mute">{s.facts.join('; ')}.</span>
          {inUnit(s.skill) && (
            <Segmented<Step>
              size="small"
              aria-label={`What to do with ${s.name}`}
              value={stepOf(s)}
              onChange={(step) => setChosen({ ...chosen, [s.skill]: step })}
              options={[
                { value: 'ON', label: 'go on' },
                { value: 'STAY', label: 'stay' },
                { value: 'BACK', label: 'step back' },
                { value: 'LOOK', label: 'leave as planned' },
              ]}
            />
          )}
        </div>
      ))}
      {lesson && skills.some((s) => inUnit(s.skill)) && (
        <p>
          <Button
            type="primary"
            loading={planning.progress !== null}
            disabled={steered.length === 0}
            onClick={() => propose(lesson.unit)}
          >
            Change the rest of the unit so
          </Button>{' '}
          {planning.progress && <Button onClick={planning.cancel}>Stop</Button>}
        </p>
      )}
      {planning.error !== null && <ProblemNote error={planning.error} />}
      <p role="status">
        {taken && lesson && (
          <>
            Taken. <Link to={`/units/${lesson.unit}`}>Open “{lesson.title}”</Link>
          </>
        )}
      </p>
      {beside && (
        <Compare
          unit={beside.unit}
          version={beside.version}
          close={() => setBeside(undefined)}
          taken={(now) => {
            setBeside(undefined)
            setTaken(true)
            queries.setQueryData(['unit', now.id], now)
            queries.invalidateQueries({ queryKey: ['term'] })
            queries.invalidateQueries({ queryKey: ['next', classId] })
            queries.invalidateQueries({ queryKey: ['rehearsal'] })
          }}
        />
      )}
    </>
  )
}
