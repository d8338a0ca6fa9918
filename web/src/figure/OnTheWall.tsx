import { Button, Segmented } from 'antd'
import { useState } from 'react'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { useKeys } from '../shared/useKeys'
import styles from './Eye.module.css'
import { Again, Comes, degreesOf } from './Moving'
import type { Round, Stand } from './rounds'
import { was } from './rounds'
import { useTicks } from './useTicks'

/** Two minutes. */
const LONG = 120

interface WallProps {
  round: Round
  stand: Stand
  again: () => void
  done: () => void
}

/** Spot the cue: two minutes before a wall, hands up or down, by teams if wished. Nobody is named and nothing is kept. */
export function OnTheWall({ round, stand, again, done }: WallProps) {
  const [number, setNumber] = useState(0)
  const [looking, setLooking] = useState(true)
  const [teams, setTeams] = useState(0)
  const [points, setPoints] = useState([0, 0, 0, 0])
  const [here, setHere] = useState<number[]>([])
  const [left, setLeft] = useState(LONG)
  const child = round.children[number]
  const over = !child || (left === 0 && looking)
  useTicks(!over && looking, (past) => setLeft((l) => Math.max(0, l - past)))
  const reveal = () => setLooking(false)
  const next = () => {
    setPoints(points.map((p, t) => p + (here.includes(t) ? 1 : 0)))
    setHere([])
    setNumber(number + 1)
    setLooking(true)
  }
  useKeys((key, event) => {
    if (over || key !== 'Enter' || event.target instanceof HTMLButtonElement) return false
    looking ? reveal() : next()
    return true
  })
  if (over)
    return (
      <div className={`${page.page} ${styles.wall}`}>
        <Heading>That was it</Heading>
        <p className={styles.lead}>
          You looked at {Math.min(number, round.children.length)} {number === 1 ? 'child' : 'children'} for “
          {round.call.notSettled}”.
        </p>
        {teams > 0 && (
          <ul className={styles.teams}>
            {points.slice(0, teams).map((p, t) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a team is its number
              <li key={t}>
                Team {t + 1}: <b>{p}</b>
              </li>
            ))}
          </ul>
        )}
        <p className={styles.form}>
          <Button type="primary" size="large" onClick={again}>
            Another round
          </Button>
          <Button size="large" onClick={done}>
            Another cue
          </Button>
        </p>
        <p className="mute">Nothing of it is kept.</p>
      </div>
    )
  const side = child.left ? 'left' : 'right'
  const degrees = degreesOf(round, stand, child)
  return (
    <div className={`${styles.playing} ${styles.wall}`}>
      <header>
        <b>“{round.call[side]}”</b> <span>{round.question[side]}</span>
        <span className="mute">
          child {number + 1} · {Math.ceil(left)} s
        </span>
        <Segmented
          aria-label="Teams"
          value={teams}
          onChange={setTeams}
          options={[
            { value: 0, label: 'no teams' },
            { value: 2, label: '2' },
            { value: 3, label: '3' },
            { value: 4, label: '4 teams' },
          ]}
        />
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
        <div className={styles.told}>
          <p>Was it there? Hands up for shown, arms crossed for not yet.</p>
          <Button type="primary" size="large" onClick={reveal}>
            All have chosen
          </Button>
        </div>
      ) : (
        <div className={styles.told} role="status">
          <p className={styles.right}>Look: {was(child)}</p>
          <p className={styles.form}>
            {teams > 0 && <span>Right were team</span>}
            {Array.from({ length: teams }, (_, t) => t).map((t) => (
              <Button
                key={t}
                size="large"
                aria-pressed={here.includes(t)}
                type={here.includes(t) ? 'primary' : 'default'}
                onClick={() => setHere(here.includes(t) ? here.filter((x) => x !== t) : [...here, t])}
              >
                {t + 1}
              </Button>
            ))}
            <Button type="primary" size="large" onClick={next}>
              Next child
            </Button>
          </p>
        </div>
      )}
    </div>
  )
}
