import { useCallback, useEffect, useState } from 'react'
import { Problem, type Schemas } from '../api/client'
import { longDayWords, todayHere } from '../shared/dates'
import styles from './Days.module.css'
import { get } from './http'
import { afterSignOut, install, keepStorage, namesBelongTo } from './offline'
import { lastingOutbox } from './outbox'
import { readRescue } from './rescue'

type Lesson = Schemas['HallLesson']

/** Lessons by their days, in order. */
function byDay(lessons: Lesson[]): [string, Lesson[]][] {
  const days = new Map<string, Lesson[]>()
  for (const l of lessons) days.set(l.onDate, [...(days.get(l.onDate) ?? []), l])
  return [...days]
}

/** Today's lessons, and those of the next days that have any: what is opened here once is there with no network. */
export function Days() {
  const [lessons, setLessons] = useState<Lesson[] | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [ready, setReady] = useState<ReadonlySet<string>>(new Set())
  const [installed, setInstalled] = useState<boolean | null>(null)
  const [kept, setKept] = useState(true)
  const [said, setSaid] = useState<string | null>(null)
  const open = useCallback(async () => {
    setProblem(null)
    try {
      const can = await install(true)
      setInstalled(can)
      setKept(!can || (await keepStorage()))
      await afterSignOut()
      const session = await get<Schemas['SessionView']>('/api/session')
      await namesBelongTo(session.person)
      const coming = await get<Lesson[]>('/api/hall')
      setLessons(coming)
      // The score desk computes with it; it is there when the network is not.
      void fetch('/core/score.js')
      for (const l of coming) {
        await get(`/api/hall/${l.lesson}`)
        if (can) setReady((before) => new Set([...before, l.lesson]))
      }
    } catch (e) {
      setProblem(e instanceof Problem ? e : new Problem(500, 'Something went wrong', String(e)))
    }
  }, [])
  useEffect(() => {
    void open()
  }, [open])
  const take = async (file: File) => {
    try {
      const session = await get<Schemas['SessionView']>('/api/session')
      const entries = readRescue(await file.text(), session.person)
      const outbox = lastingOutbox()
      for (const e of entries) await outbox.put(e)
      setSaid(`${entries.length} presses are on this device now. Open their lesson here and they are sent.`)
    } catch (e) {
      setSaid(e instanceof Error ? e.message : String(e))
    }
  }
  // By this device, which knows the day with no network too.
  const today = todayHere()
  const standing = (l: Lesson) => {
    if (l.state === 'TAUGHT') return 'taught'
    if (ready.has(l.lesson)) return 'ready, network or not'
    return installed ? 'fetching …' : ''
  }
  return (
    <main className={styles.days}>
      <h1>In the hall</h1>
      {!window.isSecureContext && (
        <p className={styles.insecure} role="status">
          This address is plain http: nothing is kept offline. Stay connected, or open it over https.
        </p>
      )}
      {problem && (
        <p role="alert">
          {problem.message}{' '}
          <button type="button" className={styles.button} onClick={open}>
            Try again
          </button>
        </p>
      )}
      {!kept && (
        <p className={styles.mute}>
          This browser may clear what waits when it runs out of room: stay until a lesson says that all is
          saved.
        </p>
      )}
      {lessons && !lessons.some((l) => l.onDate === today) && (
        <p>No lesson today. Plan one, or move one here, on the term strip.</p>
      )}
      {lessons &&
        byDay(lessons).map(([day, those]) => (
          <section key={day} aria-label={longDayWords(day)}>
            <h2>{day === today ? 'Today' : longDayWords(day)}</h2>
            {those.map((l) => (
              <a key={l.lesson} className={styles.day} href={`/hall/${l.lesson}`}>
                <b>{l.starts?.slice(0, 5) ?? ''}</b>
                <span>
                  {l.className} · lesson {l.number} of {l.of} · {l.minutes} min
                  <br />
                  <small>{l.title}</small>
                </span>
                <small>{standing(l)}</small>
              </a>
            ))}
          </section>
        ))}
      <p className={styles.mute}>
        Opened here once with a network, each lesson opens with none: register, clock, looks, counts and notes
        are kept on this device and sent when it is back.
      </p>
      <p>
        <a href="/">To the desk</a>{' '}
        <label className={styles.button}>
          Take in unsent presses from a file
          <input
            type="file"
            accept=".json"
            className="visually-hidden"
            onChange={(e) => e.target.files?.[0] && take(e.target.files[0])}
          />
        </label>
      </p>
      {said && <p role="status">{said}</p>}
    </main>
  )
}
