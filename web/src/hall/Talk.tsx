import { useState } from 'react'
import type { Schemas } from '../api/client'
import styles from './Panels.module.css'
import type { HallStore } from './store'

type Part = 'know' | 'want' | 'learnt'

const PARTS: { part: Part; ask: string }[] = [
  { part: 'know', ask: 'What do you know?' },
  { part: 'want', ask: 'What do you want to find out?' },
  { part: 'learnt', ask: 'What did you learn?' },
]

/** The opening and the closing talk in a few taps: what was said, closing questions, favourite and hardest. */
export function Talk({
  hall,
  store,
  close,
}: {
  hall: Schemas['HallView']
  store: HallStore
  close: () => void
}) {
  const [text, setText] = useState('')
  const [votes, setVotes] = useState<Record<string, number>>({})
  const [answered, setAnswered] = useState<Record<string, string>>({})
  const say = (part: Part) => {
    if (text.trim() === '') return
    store.tell({ part, text: text.trim() })
    setText('')
  }
  const vote = (activity: string, what: 'favourite' | 'hardest') => {
    store.vote(activity, what)
    setVotes({ ...votes, [`${activity} ${what}`]: (votes[`${activity} ${what}`] ?? 0) + 1 })
  }
  const questions = hall.stretches.flatMap((s) => (s.task.question ? [s.task.question] : []))
  return (
    <section
      className={`${styles.panel} ${styles.broad}`}
      role="dialog"
      aria-label="Talk"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <h2>Talk</h2>
      <textarea
        aria-label="What was said"
        rows={2}
        maxLength={1000}
        value={text}
        onChange={(e) => setText(e.target.value)}
        placeholder="type it, or dictate with the keyboard"
      />
      <div className={styles.counting}>
        {PARTS.map((p) => (
          <button key={p.part} type="button" disabled={text.trim() === ''} onClick={() => say(p.part)}>
            {p.ask}
          </button>
        ))}
      </div>
      {questions.map((q) => (
        <div key={q} className={styles.asked}>
          <span>{q}</span>
          {['most knew', 'some knew', 'few knew'].map((how) => (
            <button
              key={how}
              type="button"
              aria-pressed={answered[q] === how}
              onClick={() => {
                store.tell({ part: 'question', question: q, how })
                setAnswered({ ...answered, [q]: how })
              }}
            >
              {how}
            </button>
          ))}
        </div>
      ))}
      <h2>Favourite and hardest</h2>
      {hall.stretches
        .filter((s) => s.plan.level !== undefined)
        .map((s) => (
          <div key={s.id} className={styles.asked}>
            <span>{s.plan.name}</span>
            <button
              type="button"
              aria-label={`${s.plan.name}: favourite`}
              onClick={() => vote(s.plan.activity, 'favourite')}
            >
              favourite {votes[`${s.plan.activity} favourite`] ?? ''}
            </button>
            <button
              type="button"
              aria-label={`${s.plan.name}: hardest`}
              onClick={() => vote(s.plan.activity, 'hardest')}
            >
              hardest {votes[`${s.plan.activity} hardest`] ?? ''}
            </button>
          </div>
        ))}
      <p>
        <button type="button" onClick={close}>
          Close
        </button>
      </p>
    </section>
  )
}
