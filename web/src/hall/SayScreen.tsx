import { useEffect, useState } from 'react'
import styles from './Say.module.css'
import { canSpeak, hush, speak } from './speech'
import type { HallStore } from './store'
import { runningOf } from './store/context'
import { useHall } from './useHall'

/** What to do and to say in what runs now, for the teacher at five metres; the floor small beside it. */
export function SayScreen({ store }: { store: HallStore }) {
  const hall = useHall(store, (s) => s.hall)
  const stretch = useHall(store, runningOf)
  const steps = useHall(store, (s) => s.steps)
  const begun = useHall(store, (s) => s.clock.length > 0)
  if (!stretch) return <main className={styles.say}>This lesson has no parts.</main>
  const cues = hall.grid.skills.flatMap((s) => s.cues)
  const calls = stretch.plan.focus.flatMap((k) => cues.filter((c) => c.key === k))
  const [first, rest] = firstSentence(stretch.task.how)
  const lever = stretch.task.ladder[steps[stretch.id] ?? stretch.task.step]?.words
  const text = [
    stretch.plan.name,
    stretch.task.how,
    ...calls.map((c) => c.call.notSettled),
    stretch.task.question ?? '',
  ].join('. ')
  return (
    <main className={styles.say}>
      <div className={styles.words}>
        <p className={styles.first}>{first}</p>
        {calls.length > 0 && (
          <p className={styles.calls}>
            {calls.map((c) => (
              <b key={c.key}>“{c.call.notSettled}”</b>
            ))}
          </p>
        )}
        {stretch.task.question && <p className={styles.ask}>{stretch.task.question}</p>}
        <p className={styles.rest}>
          {[stretch.floor?.formation, lever].filter(Boolean).join(' · ')}. {rest}
        </p>
        <p className={styles.rest}>
          <b>At the signal</b> {stretch.task.gathering}. <b>Sits out</b> {stretch.task.sitsOut}
        </p>
        {stretch.work?.cautions.map((c) => (
          <p key={c.key} className={styles.caution}>
            {c.text}
          </p>
        ))}
      </div>
      <div className={styles.beside}>
        {stretch.floor && (
          <div
            className={styles.floor}
            // biome-ignore lint/security/noDangerouslySetInnerHtml: our own server draws it and escapes every label
            dangerouslySetInnerHTML={{ __html: stretch.floor.drawing.svg }}
          />
        )}
        {hall.reminders.map((r) => (
          <p key={r} className={styles.reminder}>
            {r}
          </p>
        ))}
        {canSpeak() && <ReadAloud key={stretch.id} text={text} />}
        {begun && calls.length > 0 && (
          <button
            type="button"
            className={styles.play}
            onClick={() => {
              store.play()
              store.watch('all')
            }}
          >
            They play: show the children
          </button>
        )}
      </div>
    </main>
  )
}

function ReadAloud({ text }: { text: string }) {
  const [reads, setReads] = useState(false)
  useEffect(() => hush, [])
  return (
    <button
      type="button"
      aria-pressed={reads}
      onClick={() => {
        if (reads) hush()
        else speak(text)
        setReads(!reads)
      }}
    >
      {reads ? 'Stop reading' : 'Read it aloud'}
    </button>
  )
}

/** The first sentence, and what comes after it. */
function firstSentence(text: string): [string, string] {
  const end = /[.!?](\s|$)/.exec(text)
  return end ? [text.slice(0, end.index + 1), text.slice(end.index + 1).trim()] : [text, '']
}
