import { Button } from 'antd'
import { useState } from 'react'
import { useKeys } from '../shared/useKeys'
import styles from './Eye.module.css'
import { Again, Comes, degreesOf } from './Moving'
import type { Answer, Round, Stand } from './rounds'
import { was } from './rounds'

interface OneByOneProps {
  round: Round
  stand: Stand
  /** a colleague beside judges the same children */
  two: boolean
  over: (answers: Answer[]) => void
  stop: () => void
}

interface Pressed {
  own?: { shown: boolean; seconds: number }
  second?: boolean
}

/** One child after the other; pressed on the same halves as in the hall, then what was there, and what decides. */
export function OneByOne({ round, stand, two, over, stop }: OneByOneProps) {
  const [answers, setAnswers] = useState<Answer[]>([])
  const [pressed, setPressed] = useState<Pressed>({})
  const [came, setCame] = useState(() => performance.now())
  const child = round.children[answers.length]
  const told = pressed.own !== undefined && (!two || pressed.second !== undefined)
  const press = (shown: boolean) => {
    if (!pressed.own)
      setPressed({
        ...pressed,
        own: { shown, seconds: Math.min(600, (performance.now() - came) / 1000) },
      })
  }
  const pressSecond = (second: boolean) => {
    if (two && pressed.second === undefined) setPressed({ ...pressed, second })
  }
  const next = () => {
    if (!pressed.own) return
    const all = [...answers, { ...pressed.own, second: pressed.second }]
    if (all.length === round.children.length) return over(all)
    setAnswers(all)
    setPressed({})
    setCame(performance.now())
  }
  useKeys((key, event) => {
    // A button that has the focus takes its own Enter.
    if (told && (key !== 'Enter' || event.target instanceof HTMLButtonElement)) return false
    if (told) next()
    else if (key === 's' || key === 'n') press(key === 's')
    else if (two && (key === 'ArrowUp' || key === 'ArrowDown')) pressSecond(key === 'ArrowUp')
    else return false
    return true
  })
  const side = child.left ? 'left' : 'right'
  const right = (shown: boolean | undefined) => shown === child.shown
  return (
    <div className={styles.playing}>
      <header>
        <b>“{round.call[side]}”</b> <span>{round.question[side]}</span>
        <span className="mute">
          {answers.length + 1} of {round.children.length}
        </span>
        <Button size="small" onClick={stop}>
          Stop
        </Button>
      </header>
      {told ? (
        <Again
          key={`again ${answers.length}`}
          child={child}
          degrees={degreesOf(round, stand, child)}
          looksAt={round.looksAt}
        />
      ) : (
        <Comes key={`comes ${answers.length}`} child={child} degrees={degreesOf(round, stand, child)} />
      )}
      {told ? (
        <div className={styles.told} role="status">
          <p className={right(pressed.own?.shown) ? styles.right : styles.wrong}>
            {right(pressed.own?.shown) ? 'Right: ' : 'Look again: '}
            {was(child)}
            {two && (
              <span className="mute"> Your colleague: {right(pressed.second) ? 'right' : 'look again'}.</span>
            )}
          </p>
          <p>{child.why}</p>
          <Button type="primary" autoFocus onClick={next}>
            {answers.length + 1 < round.children.length ? 'Next child' : 'How was it?'}
          </Button>
        </div>
      ) : (
        <div className={two ? styles.pads : undefined}>
          <Halves label={two ? 'You: s, n' : undefined} pressed={pressed.own?.shown} press={press} />
          {two && <Halves label="Your colleague: ↑, ↓" pressed={pressed.second} press={pressSecond} />}
        </div>
      )}
    </div>
  )
}

interface HalvesProps {
  /** whose they are; none where one is alone */
  label?: string
  /** what was pressed: hidden from the other until both have */
  pressed?: boolean
  press: (shown: boolean) => void
}

function Halves({ label, pressed, press }: HalvesProps) {
  if (pressed !== undefined) return <p className={styles.waits}>Pressed. The other one still looks …</p>
  return (
    <fieldset className={styles.halves}>
      {label && <legend>{label}</legend>}
      <button type="button" onClick={() => press(true)}>
        shown
      </button>
      <button type="button" onClick={() => press(false)}>
        not yet
      </button>
    </fieldset>
  )
}
