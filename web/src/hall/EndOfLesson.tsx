import { useState } from 'react'
import { dayWords, todayHere } from '../shared/dates'
import { clockAt } from './clock'
import { Evening } from './Evening'
import styles from './Panels.module.css'
import type { HallStore } from './store'
import type { Ended } from './store/state'
import { useHall } from './useHall'

/** Says how the lesson ended: what ran is taught, the rest is not. It can be taken back until the end of the day. */
export function EndOfLesson({ store }: { store: HallStore }) {
  const ended = useHall(store, (s) => s.ended)
  const lesson = useHall(store, (s) => s.hall.lesson)
  const name = useHall(store, (s) => s.hall.grid.className)
  const close = () => store.open(null)
  return (
    <section
      className={`${styles.panel} ${styles.broad}`}
      role="dialog"
      aria-label="The end of the lesson"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <h2>
        {name}, lesson {lesson.number} of {lesson.of}
      </h2>
      {ended ? <After store={store} ended={ended} /> : <Before store={store} />}
      <p className={styles.buttons}>
        <a href={`/lessons/${lesson.lesson}`}>To the desk</a>
        <button type="button" onClick={close}>
          Close
        </button>
      </p>
    </section>
  )
}

/** The parts that ran by the clock; all of them where it was not used. */
function useRan(store: HallStore) {
  const plan = useHall(store, (s) => s.hall.stretches)
  const events = useHall(store, (s) => s.clock)
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null)
  const clock = clockAt(plan, events, Date.now())
  const last = clock.state === 'before' || clock.state === 'over' ? plan.length - 1 : clock.index
  const ran = chosen ?? new Set(plan.slice(0, last + 1).map((s) => s.id))
  return {
    plan,
    ran,
    toggle: (id: string) => {
      const now = new Set(ran)
      if (!now.delete(id)) now.add(id)
      setChosen(now)
    },
  }
}

function Before({ store }: { store: HallStore }) {
  const lesson = useHall(store, (s) => s.hall.lesson)
  const { plan, ran, toggle } = useRan(store)
  const [sure, setSure] = useState(false)
  const elsewhere = lesson.onDate !== todayHere()
  const all = ran.size === plan.length
  const cut = plan.filter((s) => ran.has(s.id)).map((s) => s.id)
  const notIntroduced = plan.filter((s) => !ran.has(s.id)).flatMap((s) => s.plan.introduces)
  const cues = useHall(store, (s) => s.hall.grid.skills)
    .flatMap((s) => s.cues)
    .filter((c) => notIntroduced.includes(c.key))
  if (elsewhere && !sure)
    return (
      <>
        <p className={styles.caution}>
          It is planned for <b>{dayWords(lesson.onDate)}</b>, not for today.
        </p>
        <p className={styles.buttons}>
          <button type="button" onClick={() => setSure(true)}>
            Say it for {dayWords(lesson.onDate)} all the same
          </button>
        </p>
      </>
    )
  return (
    <>
      <p>What ran? Only that counts as taught.</p>
      <ol className={styles.parts}>
        {plan.map((s) => (
          <li key={s.id}>
            <button type="button" aria-pressed={ran.has(s.id)} onClick={() => toggle(s.id)}>
              <span>{s.plan.name}</span> <small>{ran.has(s.id) ? 'ran' : 'did not run'}</small>
            </button>
          </li>
        ))}
      </ol>
      {cues.length > 0 && (
        <p className={styles.caution}>
          {cues.map((c) => `“${c.call.notSettled}”`).join(' and ')} {cues.length === 1 ? 'was' : 'were'} not
          introduced, and
          {cues.length === 1 ? ' waits' : ' wait'} for a later lesson.
        </p>
      )}
      <p className={styles.buttons}>
        <button
          type="button"
          className={styles.main}
          disabled={ran.size === 0}
          onClick={() => store.end(all ? 'taught' : 'cut', cut)}
        >
          {all ? 'Taught' : 'Cut short here'}
        </button>
        <button type="button" onClick={() => store.end('none', [])}>
          Not taught
        </button>
      </p>
    </>
  )
}

const WORDS = { taught: 'Taught.', cut: 'Cut short.', none: 'Not taught.' }

function After({ store, ended }: { store: HallStore; ended: Ended }) {
  const plan = useHall(store, (s) => s.hall.stretches)
  const lesson = useHall(store, (s) => s.hall.lesson.lesson)
  const sent = useHall(store, (s) => s.sending.status === 'saved')
  const left = plan.filter((s) => ended.how === 'cut' && !ended.ran.includes(s.id))
  return (
    <>
      <p role="status">
        <b>{WORDS[ended.how]}</b>{' '}
        {left.length > 0 && `${left.map((s) => s.plan.name).join(', ')} did not run.`}
      </p>
      <p className={styles.buttons}>
        {ended.id ? (
          <button type="button" onClick={store.reopen}>
            Take it back
          </button>
        ) : (
          <span className={styles.mute}>It was said at the desk, and is taken back there.</span>
        )}
      </p>
      {sent && ended.how !== 'none' && <Evening lesson={lesson} />}
    </>
  )
}
