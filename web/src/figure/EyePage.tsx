import { useQuery } from '@tanstack/react-query'
import { Button, Segmented, Select } from 'antd'
import { useState } from 'react'
import { useSearchParams } from 'react-router'
import { api, take } from '../api/client'
import { reads } from '../api/reads'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './Eye.module.css'
import { EyeResult } from './EyeResult'
import { ManyAtOnce } from './ManyAtOnce'
import { OneByOne } from './OneByOne'
import { OnTheWall } from './OnTheWall'
import { type Answer, type ForWhom, type Level, levels, type Round, type Stand, stands } from './rounds'
import { SoFar } from './SoFar'

const anew = () => Math.floor(Math.random() * 1e9)

/** A quarter of an hour makes an eye: one cue, many children. For a class on the projector it counts nothing and names nobody. */
export default function EyePage() {
  const [asked, setAsked] = useSearchParams()
  const skills = useQuery(reads.skills).data
  const skill = skills?.find((s) => s.key === asked.get('skill')) ?? skills?.find((s) => !s.aside)
  const cue = skill?.cues.find((c) => c.key === asked.get('cue')) ?? skill?.cues[0]
  const [level, setLevel] = useState<Level>('FIRST')
  const [stand, setStand] = useState<Stand>('BEST')
  const [forWhom, setForWhom] = useState<ForWhom>(asked.get('for') === 'WALL' ? 'WALL' : 'ALONE')
  const [atOnce, setAtOnce] = useState(1)
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
        forWhom={forWhom}
        atOnce={forWhom === 'ALONE' ? atOnce : 1}
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
        Twelve children come, do it once or twice and go. Press whether the cue was there; then see what
        decides.
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
          value={forWhom}
          onChange={setForWhom}
          options={[
            { value: 'ALONE', label: 'my own eye' },
            { value: 'TWO', label: 'two of us' },
            { value: 'WALL', label: 'a class, on the wall' },
          ]}
        />
        {forWhom === 'ALONE' && (
          <label>
            On the floor{' '}
            <Select
              aria-label="On the floor"
              value={atOnce}
              onChange={setAtOnce}
              options={[
                { value: 1, label: 'one at a time' },
                { value: 4, label: 'four at once' },
                { value: 12, label: 'all twelve at once' },
              ]}
            />
          </label>
        )}
        <Button type="primary" loading={round.isFetching} onClick={() => setSeed(anew())}>
          Begin
        </Button>
      </div>
      {stand !== 'BEST' && (
        <p className="mute">From a wrong place some of it cannot be seen; that is what this shows.</p>
      )}
      {forWhom === 'TWO' && (
        <p className="mute">
          Both judge the same children on one screen, each on their own half, and see how far they agree. Only
          who is signed in keeps the round; the colleague is not named in it.
        </p>
      )}
      {round.error && <ProblemNote error={round.error} retry={() => round.refetch()} />}
      <SoFar
        train={(s, c) => {
          setAsked({ skill: s, cue: c })
          setSeed(anew())
        }}
      />
    </div>
  )
}

interface PlayingProps {
  round: Round
  age: number
  stand: Stand
  forWhom: ForWhom
  atOnce: number
  again: (level: Level) => void
  done: () => void
}

function Playing({ round, age, stand, forWhom, atOnce, again, done }: PlayingProps) {
  const [answers, setAnswers] = useState<Answer[]>()
  if (forWhom === 'WALL')
    return <OnTheWall round={round} stand={stand} again={() => again(round.level)} done={done} />
  if (answers)
    return <EyeResult round={round} age={age} stand={stand} answers={answers} again={again} done={done} />
  const playing = { round, stand, over: setAnswers, stop: done }
  return atOnce > 1 ? (
    <ManyAtOnce {...playing} atOnce={atOnce} />
  ) : (
    <OneByOne {...playing} two={forWhom === 'TWO'} />
  )
}
