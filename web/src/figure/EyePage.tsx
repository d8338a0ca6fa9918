import { useMutation, useQuery } from '@tanstack/react-query'
import { Button, Segmented, Select } from 'antd'
import { useEffect, useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { places, seconds } from './clip'
import styles from './Eye.module.css'
import { Figure } from './Figure'
import { useTicks } from './useTicks'

type Round = Schemas['RoundView']
type Child = Schemas['ChildOfRound']
type Level = Round['level']
export type Answer = Schemas['AnswerForm']

const levels: { value: Level; label: string }[] = [
  { value: 'FIRST', label: 'slowly' },
  { value: 'SECOND', label: 'as in the hall' },
  { value: 'THIRD', label: 'once' },
  { value: 'FOURTH', label: 'nearly right' },
  { value: 'FIFTH', label: 'quick' },
]
const stands = {
  BEST: 'the best place',
  FRONT: 'in front',
  SIDE: 'at the side',
  BEHIND: 'behind',
}
type Stand = keyof typeof stands

const anew = () => Math.floor(Math.random() * 1e9)

/** A quarter of an hour makes an eye: one cue, many children. For a class on the projector it counts nothing and names nobody. */
export default function EyePage() {
  const [asked, setAsked] = useSearchParams()
  const skills = useQuery(reads.skills).data
  const skill = skills?.find((s) => s.key === asked.get('skill')) ?? skills?.find((s) => !s.aside)
  const cue = skill?.cues.find((c) => c.key === asked.get('cue')) ?? skill?.cues[0]
  const [level, setLevel] = useState<Level>('FIRST')
  const [stand, setStand] = useState<Stand>('BEST')
  const [together, setTogether] = useState(false)
  const [seed, setSeed] = useState<number>()
  const age = Math.max(5, cue?.fromAge ?? 8)
  const query = { cue: cue?.key ?? '', level, age, seed: seed ?? 0 }
  const round = useQuery({
    queryKey: ['eye', query],
    queryFn: () => take(api.GET('/api/eye/round', { params: { query } })),
    enabled: seed !== undefined && cue !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  })
  if (!skill || !cue) return <p>Opening …</p>
  if (seed !== undefined && round.data)
    return (
      <Playing
        key={seed}
        round={round.data}
        age={age}
        stand={stand}
        together={together}
        again={(l) => {
          setLevel(l)
          setSeed(anew())
        }}
        done={() => setSeed(undefined)}
      />
    )
  return (
    <div className={page.page}>
      <Heading>The eye</Heading>
      <p className={styles.lead}>
        Twelve children come, one after the other. Each does it once or twice and goes. Press whether the cue
        was there; then see what decides.
      </p>
      <div className={styles.form}>
        <Select
          aria-label="Skill"
          showSearch={{ optionFilterProp: 'label' }}
          value={skill.key}
          options={skills?.filter((s) => !s.aside).map((s) => ({ value: s.key, label: s.name }))}
          onChange={(key) => setAsked({ skill: key })}
        />
        <Select
          aria-label="Cue"
          value={cue.key}
          options={skill.cues.map((c) => ({ value: c.key, label: c.call.notSettled }))}
          onChange={(key) => setAsked({ skill: skill.key, cue: key })}
        />
        <Segmented aria-label="How hard" value={level} onChange={setLevel} options={levels} />
        <label>
          Stand{' '}
          <Select
            aria-label="Stand"
            value={stand}
            onChange={setStand}
            options={Object.entries(stands).map(([value, label]) => ({ value: value as Stand, label }))}
          />
        </label>
        <Segmented
          aria-label="For whom"
          value={together}
          onChange={setTogether}
          options={[
            { value: false, label: 'for my own eye' },
            { value: true, label: 'with a class, on the wall' },
          ]}
        />
        <Button type="primary" loading={round.isFetching} onClick={() => setSeed(anew())}>
          Begin
        </Button>
      </div>
      {stand !== 'BEST' && (
        <p className="mute">From a wrong place some of it cannot be seen; that is what this shows.</p>
      )}
      {round.error && <ProblemNote error={round.error} retry={() => round.refetch()} />}
    </div>
  )
}

interface PlayingProps {
  round: Round
  age: number
  stand: Stand
  together: boolean
  again: (level: Level) => void
  done: () => void
}

function Playing({ round, age, stand, together, again, done }: PlayingProps) {
  const [answers, setAnswers] = useState<Answer[]>([])
  const [looking, setLooking] = useState(true)
  const [came, setCame] = useState(() => performance.now())
  const number = looking ? answers.length : answers.length - 1
  const child = round.children[number]
  const degrees = places[stand === 'BEST' ? round.from : stand] + (child?.beside ?? 0)
  const answer = (shown: boolean) => {
    if (!looking) return
    setAnswers([...answers, { shown, seconds: Math.min(600, (performance.now() - came) / 1000) }])
    setLooking(false)
  }
  const next = () => {
    setLooking(true)
    setCame(performance.now())
  }
  useKeys((key) => {
    if (key === 's') answer(true)
    if (key === 'n') answer(false)
    if (key === 'Enter' && !looking) next()
  })
  if (!child) return <Result round={round} age={age} answers={answers} again={again} done={done} />
  const given = answers[number]
  return (
    <div className={`${styles.playing} ${together ? styles.wall : ''}`}>
      <header>
        <b>“{round.call[child.left ? 'left' : 'right']}”</b>{' '}
        <span>{round.question[child.left ? 'left' : 'right']}</span>
        <span className="mute">
          {number + 1} of {round.children.length}
        </span>
        <Button size="small" onClick={done}>
          Stop
        </Button>
      </header>
      {looking ? (
        <Comes key={`comes ${number}`} child={child} degrees={degrees} />
      ) : (
        <Again key={`again ${number}`} child={child} degrees={degrees} looksAt={round.looksAt} />
      )}
      {looking ? (
        <div className={styles.halves}>
          <button type="button" onClick={() => answer(true)}>
            {together ? 'All hands up: it was there' : 'shown'}
          </button>
          <button type="button" onClick={() => answer(false)}>
            {together ? 'All hands down: not yet' : 'not yet'}
          </button>
        </div>
      ) : (
        <div className={styles.told} role="status">
          <p className={given.shown === child.shown ? styles.right : styles.wrong}>
            {given.shown === child.shown ? 'Right: ' : 'Look again: '}
            {child.shown ? 'it was there.' : `not yet there${child.fault ? `: ${lower(child.fault)}` : ''}.`}
          </p>
          <p>{child.why}</p>
          <Button type="primary" autoFocus onClick={next}>
            {number + 1 < round.children.length ? 'Next child' : 'How was it?'}
          </Button>
        </div>
      )}
    </div>
  )
}

const lower = (words: string) => words.charAt(0).toLowerCase() + words.slice(1)

/** A child comes, does it as often as it may, and goes. */
function Comes({ child, degrees }: { child: Child; degrees: number }) {
  const long = seconds(child.clip)
  const [at, setAt] = useState(0)
  const end = child.times * (long + 0.6)
  useTicks(at < end, (past) => setAt((t) => Math.min(end, t + past)))
  if (at >= end) return <div className={styles.gone}>The child has gone. What did you see?</div>
  return (
    <div className={styles.stage}>
      <Figure
        clip={child.clip}
        at={Math.min(long, at % (long + 0.6))}
        degrees={degrees}
        mirrored={child.left}
        words="A child does it"
      />
    </div>
  )
}

/** Once more, slowly, and it stops at the picture that decides. */
function Again({ child, degrees, looksAt }: { child: Child; degrees: number; looksAt: Round['looksAt'] }) {
  const from = Math.max(0, child.at - 0.5)
  const [at, setAt] = useState(from)
  useTicks(at < child.at, (past) => setAt((t) => Math.min(child.at, t + past / 4)))
  return (
    <div className={styles.stage}>
      <Figure
        clip={child.clip}
        at={at}
        degrees={degrees}
        mirrored={child.left}
        marks={looksAt}
        words={child.why}
      />
    </div>
  )
}

interface ResultProps {
  round: Round
  age: number
  answers: readonly Answer[]
  again: (level: Level) => void
  done: () => void
}

const percent = (s: Schemas['Share']) =>
  s.all === 0
    ? 'none to tell'
    : `${s.of} of ${s.all} (${Math.round(100 * s.low)} to ${Math.round(100 * s.high)} in a hundred)`

function Result({ round, age, answers, again, done }: ResultProps) {
  const { cue, level, seed } = round
  const { mutate, data, error } = useMutation({
    mutationFn: () =>
      take(api.POST('/api/eye/verdict', { body: { cue, level, age, seed, answers: [...answers] } })),
  })
  useEffect(() => mutate(), [mutate])
  const at = levels.findIndex((l) => l.value === level)
  return (
    <div className={page.page}>
      <Heading>How it was</Heading>
      {error && <ProblemNote error={error} retry={() => mutate()} />}
      {data && (
        <>
          <p className={styles.lead}>{data.sentence}</p>
          <table className={styles.counts}>
            <tbody>
              <tr>
                <th scope="row">Right</th>
                <td>{percent(data.right)}</td>
              </tr>
              <tr>
                <th scope="row">Missed, of those that were there</th>
                <td>{percent(data.misses)}</td>
              </tr>
              <tr>
                <th scope="row">Seen where it was not</th>
                <td>{percent(data.alarms)}</td>
              </tr>
              <tr>
                <th scope="row">With the truth, beyond chance</th>
                <td>
                  {data.kappa === null || data.kappa === undefined
                    ? 'cannot be told from chance'
                    : `${data.kappa.toFixed(2)} (${data.kappaWithin?.low.toFixed(2)} to ${data.kappaWithin?.high.toFixed(2)})`}
                </td>
              </tr>
            </tbody>
          </table>
        </>
      )}
      <p className={styles.form}>
        <Button type="primary" onClick={() => again(level)}>
          Another round
        </Button>
        {at < levels.length - 1 && (
          <Button onClick={() => again(levels[at + 1].value)}>Harder: {levels[at + 1].label}</Button>
        )}
        {at > 0 && (
          <Button onClick={() => again(levels[at - 1].value)}>Easier: {levels[at - 1].label}</Button>
        )}
        <Button onClick={done}>Another cue</Button>
      </p>
      <p className="mute">Nothing of this is kept: it is for your own eye, and nobody else sees it.</p>
    </div>
  )
}

function useKeys(pressed: (key: string) => void) {
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      // A button that has the focus takes its own Enter.
      if (e.key === 'Enter' && e.target instanceof HTMLButtonElement) return
      pressed(e.key)
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  })
}
