import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { dayWords } from '../shared/dates'
import { many } from '../shared/many'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { uuid7 } from '../shared/uuid7'
import { record } from './record'
import styles from './TwoTrials.module.css'

type Child = Schemas['TestedChild']
type Line = Schemas['ScoreLine']

const words = (line: Line) =>
  line.skills === 0 ? '' : `${line.score ?? '–'} of ${line.of} (${line.skills} skills)`

/** Tests with two formal trials: each criterion shown or not on each trial; the score is the number shown. */
export function TwoTrials({ classId }: { classId: string }) {
  const plans = usePlans()
  const queries = useQueryClient()
  const [chosen, setChosen] = useState<string>()
  const [again, setAgain] = useState<Record<string, string>>({})
  const [latest, setLatest] = useState<{ trial: string; words: string }>()
  const { error, busy, attempt } = useAttempt()
  const key = ['two-trials', classId]
  const table = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/classes/{id}/two-trials', { params: { path: { id: classId } } })),
  })
  if (table.error) return <ProblemNote error={table.error} retry={() => table.refetch()} />
  if (!table.data) return <p>Reading the records …</p>
  const { skills, rows } = table.data
  const skill = skills.find((s) => s.skill === chosen) ?? skills[0]
  if (!skill) return <p className="mute">No skill that is known has a test with two trials.</p>
  // A test that was begun again has nothing in it until its first press.
  const testOf = (c: Child) => {
    const test = c.tests[skill.skill]
    const fresh = again[`${c.child} ${skill.skill}`]
    return fresh && test?.sitting !== fresh
      ? { sitting: fresh, test: undefined }
      : { sitting: test?.sitting, test }
  }
  const press = (c: Child, cue: string, shown: boolean) =>
    attempt(async () => {
      const sitting = testOf(c).sitting ?? uuid7()
      const [trial] = await record({
        trials: [{ child: c.child, cue, shown, kind: 'TEACHER', setting: 'DRILL', sitting, formal: true }],
      })
      setLatest({ trial, words: `${c.name}: ${shown ? 'shown' : 'not yet'}` })
      await queries.invalidateQueries({ queryKey: key })
    })
  const takeBack = (trial: string) =>
    attempt(async () => {
      await record({ voids: [trial] })
      setLatest(undefined)
      await queries.invalidateQueries({ queryKey: key })
    })
  return (
    <>
      <div className={styles.head}>
        <Select
          aria-label="Skill that is tested"
          value={skill.skill}
          onChange={setChosen}
          options={skills.map((s) => ({ value: s.skill, label: s.name }))}
          style={{ minWidth: 220 }}
        />
        <span className="mute">
          Two trials, each criterion shown or not: at most {skill.greatest}. Not taught to, no norms; compare
          a child with itself.
        </span>
        <span role="status">
          {latest && (
            <>
              {latest.words}{' '}
              <button
                type="button"
                className={page.textButton}
                disabled={busy}
                onClick={() => takeBack(latest.trial)}
              >
                Take back
              </button>
            </>
          )}
        </span>
      </div>
      {error !== null && <ProblemNote error={error} />}
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Child</th>
              {skill.criteria.map((c) => (
                <th key={c.key} scope="col" title={c.question.notSettled}>
                  {c.call.notSettled}
                </th>
              ))}
              <th scope="col">Score</th>
              <th scope="col">Locomotor</th>
              <th scope="col">Ball skills</th>
              <th scope="col">Together</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <TestRow
                key={row.child}
                row={row}
                skill={skill}
                test={testOf(row).test}
                plans={plans}
                busy={busy}
                press={press}
                begin={() => setAgain({ ...again, [`${row.child} ${skill.skill}`]: uuid7() })}
              />
            ))}
          </tbody>
        </table>
      </div>
    </>
  )
}

interface TestRowProps {
  row: Child
  skill: Schemas['TestedSkill']
  test?: Child['tests'][string]
  plans: boolean
  busy: boolean
  press: (child: Child, cue: string, shown: boolean) => void
  /** begins the test again */
  begin: () => void
}

function TestRow({ row, skill, test, plans, busy, press, begin }: TestRowProps) {
  return (
    <tr>
      <th scope="row">{row.name}</th>
      {skill.criteria.map((c) => (
        <td key={c.key}>
          <Trials
            of={`${row.name}, ${c.call.notSettled}`}
            trials={test?.trials[c.key] ?? []}
            fixed={!plans || busy}
            press={(shown) => press(row, c.key, shown)}
          />
        </td>
      ))}
      <td>
        {test && (
          <>
            <b>{test.score ?? '–'}</b> of {skill.greatest}
            <small>
              {test.missing > 0 ? `${many(test.missing, 'trial')} missing` : dayWords(test.on)}
              {test.before !== undefined && `; before ${test.before}`}
            </small>
            {plans && test.missing === 0 && (
              <button type="button" className={page.textButton} onClick={begin}>
                Test again
              </button>
            )}
          </>
        )}
      </td>
      <td>{words(row.locomotor)}</td>
      <td>{words(row.ball)}</td>
      <td>{words(row.together)}</td>
    </tr>
  )
}

interface TrialsProps {
  of: string
  trials: boolean[]
  fixed: boolean
  press: (shown: boolean) => void
}

/** What was seen on the two trials; the next one is pressed. */
function Trials({ of, trials, fixed, press }: TrialsProps) {
  const seen = trials.slice(0, 2)
  return (
    <span className={styles.trials}>
      {seen.map((shown, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a trial is its place
        <span key={i} className={shown ? styles.shown : styles.notYet} title={shown ? 'shown' : 'not yet'}>
          {shown ? '1' : '0'}
        </span>
      ))}
      {seen.length < 2 && !fixed && (
        <>
          <button
            type="button"
            aria-label={`${of}, trial ${seen.length + 1}: shown`}
            onClick={() => press(true)}
          >
            1
          </button>
          <button
            type="button"
            aria-label={`${of}, trial ${seen.length + 1}: not yet`}
            onClick={() => press(false)}
          >
            0
          </button>
        </>
      )}
    </span>
  )
}
