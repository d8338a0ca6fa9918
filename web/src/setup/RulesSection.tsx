import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './setup.module.css'

type Rule = Schemas['MasteryRule']

/** When a cue counts as secure and as mastered, for all cue sets or for one. */
export function RulesSection() {
  const queries = useQueryClient()
  const rules = useQuery({ queryKey: ['rules'], queryFn: () => take(api.GET('/api/mastery-rules')) })
  const [chosen, setChosen] = useState('')
  const [rule, setRule] = useState<Rule | null>(null)
  const { error, setError, busy, attempt } = useAttempt()
  if (!rules.data) return null
  const here = rules.data.find((r) => (r.cueSet ?? '') === chosen) ?? rules.data[0]
  const now = rule ?? here.rule
  const save = () =>
    attempt(async () => {
      queries.setQueryData(
        ['rules'],
        await take(api.PUT('/api/mastery-rules', { body: { cueSet: here.cueSet, ...now } })),
      )
      queries.invalidateQueries({ queryKey: ['grid'] })
      setRule(null)
    })
  const number = (key: keyof Rule, label: string, most: number) => (
    <InputNumber
      aria-label={label}
      min={1}
      max={most}
      value={now[key]}
      onChange={(v) => setRule({ ...now, [key]: v ?? undefined })}
      style={{ width: 64 }}
    />
  )
  return (
    <div style={{ maxWidth: 720, display: 'grid', gap: 12 }}>
      <Select
        aria-label="Cue set"
        value={chosen}
        onChange={(c) => {
          setChosen(c)
          setRule(null)
          setError(null)
        }}
        options={rules.data.map((r) => ({
          value: r.cueSet ?? '',
          label: r.name + (r.own ? ' (its own rule)' : ''),
        }))}
      />
      <div className={styles.row}>
        <b>Secure:</b> all of the last {number('allOfLast', 'All of the last', 5)}, or{' '}
        {number('enough', 'So many', 5)} of the last {number('ofLast', 'Of the last', 5)}, from at least{' '}
        {number('lessons', 'Lessons', 5)} lessons
      </div>
      <div className={styles.row}>
        <b>Mastered:</b> secure and seen in a game, or {number('checkEnough', 'Enough in a check', 10)} of{' '}
        {number('checkOf', 'Of a check', 10)} in a check
      </div>
      <div className={styles.row}>
        <b>Due for a look</b> after {number('dueAfterWeeks', 'Weeks until due', 104)} weeks without one
      </div>
      <p className="mute">
        In force: {here.sentence}. A new rule holds from today on; what was before stays judged by the rule of
        its day.
      </p>
      {error !== null && <ProblemNote error={error} />}
      <div>
        <Button type="primary" disabled={rule === null} loading={busy} onClick={save}>
          Put it in force from today
        </Button>
      </div>
    </div>
  )
}
