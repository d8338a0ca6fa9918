import { Button } from 'antd'
import { useRef, useState } from 'react'
import styles from './Eye.module.css'
import { Again, Comes, degreesOf } from './Moving'
import type { Answer, Child, Round, Stand } from './rounds'
import { was } from './rounds'

/** Seconds from one child's coming to the next one's. */
const APART = 0.7

interface ManyProps {
  round: Round
  stand: Stand
  /** children on the floor together */
  atOnce: number
  over: (answers: Answer[]) => void
  stop: () => void
}

/** Many at once on the floor, as in a hall: each comes in its turn and goes, and one has to choose whom to look at. */
export function ManyAtOnce({ round, stand, atOnce, over, stop }: ManyProps) {
  const [from, setFrom] = useState(0)
  const [answers, setAnswers] = useState<(Answer | undefined)[]>([])
  const began = useRef(performance.now())
  const last = useRef(0)
  const floor = round.children.slice(from, from + atOnce)
  const here = (i: number) => answers[from + i]
  const told = floor.every((_, i) => here(i))
  const press = (i: number, shown: boolean) => {
    const came = began.current + i * APART * 1000
    // One looks at one after the other: a look begins where the one before it ended.
    const seconds = Math.max(0, Math.min(600, (performance.now() - Math.max(came, last.current)) / 1000))
    last.current = performance.now()
    const all = [...answers]
    all[from + i] ??= { shown, seconds }
    setAnswers(all)
  }
  const next = () => {
    if (from + atOnce >= round.children.length) return over(answers.flatMap((a) => (a ? [a] : [])))
    began.current = performance.now()
    setFrom(from + atOnce)
  }
  const right = floor.filter((c, i) => here(i)?.shown === c.shown).length
  return (
    <div className={styles.many}>
      <header>
        <b>“{round.call.notSettled}”</b> <span>{round.question.notSettled}</span>
        <span className="mute">
          {from + 1} to {from + floor.length} of {round.children.length}
        </span>
        <Button size="small" onClick={stop}>
          Stop
        </Button>
      </header>
      <ol className={styles.floor} style={{ gridTemplateColumns: `repeat(${Math.min(6, atOnce)}, 1fr)` }}>
        {floor.map((child, i) => {
          const number = from + i + 1
          return (
            <li key={number}>
              {told ? (
                <Again child={child} degrees={degreesOf(round, stand, child)} looksAt={round.looksAt} />
              ) : (
                <Comes child={child} degrees={degreesOf(round, stand, child)} after={i * APART} />
              )}
              {told ? (
                <Told child={child} answer={here(i)} />
              ) : (
                <Pair number={number} answer={here(i)} press={(shown) => press(i, shown)} />
              )}
            </li>
          )
        })}
      </ol>
      {told && (
        <div className={styles.told} role="status">
          <p className={right === floor.length ? styles.right : styles.wrong}>
            {right} of {floor.length} right.
          </p>
          <Button type="primary" autoFocus onClick={next}>
            {from + atOnce < round.children.length ? 'The next ones' : 'How was it?'}
          </Button>
        </div>
      )}
    </div>
  )
}

function Told({ child, answer }: { child: Child; answer?: Answer }) {
  const right = answer?.shown === child.shown
  return (
    <p title={child.why} className={right ? styles.right : styles.wrong}>
      {right ? 'Right: ' : 'Look again: '}
      {was(child)}
    </p>
  )
}

interface PairProps {
  number: number
  answer?: Answer
  press: (shown: boolean) => void
}

function Pair({ number, answer, press }: PairProps) {
  return (
    <fieldset className={styles.pair} disabled={answer !== undefined}>
      <legend className="visually-hidden">Child {number}</legend>
      {[true, false].map((shown) => (
        <button
          key={String(shown)}
          type="button"
          aria-pressed={answer?.shown === shown}
          onClick={() => press(shown)}
        >
          {shown ? 'shown' : 'not yet'}
        </button>
      ))}
    </fieldset>
  )
}
