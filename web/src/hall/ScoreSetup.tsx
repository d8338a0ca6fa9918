import { useState } from 'react'
import styles from './Score.module.css'
import { gamesWith, TARGETS } from './scores'
import type { HallStore } from './store'
import { scoredOf } from './store/context'
import { sidesOf } from './store/score'
import { useHall } from './useHall'

/** Another game than that of the lesson: how many sides, how many targets, and what is played. */
export function ScoreSetup({ store, close }: { store: HallStore; close: () => void }) {
  const planned = useHall(store, (s) => scoredOf(s)?.work?.game)
  const [sides, setSides] = useState(planned?.sides ?? 2)
  const [targets, setTargets] = useState(Math.max(1, Math.min(12, planned?.targets || 6)))
  return (
    <>
      <header className={styles.head}>
        <h1>Which game?</h1>
        <button type="button" onClick={close}>
          Close
        </button>
      </header>
      <Numbers name="Sides" value={sides} choose={setSides} />
      <Numbers name="Targets" value={targets} choose={setTargets} />
      <div className={styles.games}>
        {gamesWith(targets).map((g) => (
          <button key={g.text} type="button" onClick={() => store.startScore(g.text, sidesOf(sides))}>
            {g.name}
            {planned?.text === g.text && <b> · planned now</b>}
          </button>
        ))}
      </div>
    </>
  )
}

function Numbers({ name, value, choose }: { name: string; value: number; choose: (n: number) => void }) {
  return (
    <fieldset className={styles.numbers} aria-label={name}>
      <b>{name}</b>
      {TARGETS.map((n) => (
        <button key={n} type="button" aria-pressed={value === n} onClick={() => choose(n)}>
          {n}
        </button>
      ))}
    </fieldset>
  )
}
