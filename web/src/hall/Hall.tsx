import { useCallback, useEffect, useState } from 'react'
import { Problem, type Schemas } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import styles from './Days.module.css'
import { HallScreen } from './HallScreen'
import { get, put, reasonOf } from './http'
import { install } from './offline'
import { keepOpen, openLesson } from './opened'
import { lastingOutbox, passingOutbox } from './outbox'
import { stayAwake } from './screen'
import { SendError } from './sender'
import { createHallStore, type HallStore } from './store'

/** One id a person on this device, so that two people's running numbers never meet. */
function deviceOf(person: string) {
  const name = `isokinet.device.${person}`
  const known = localStorage.getItem(name)
  if (known) return known
  const made = uuid7()
  localStorage.setItem(name, made)
  return made
}

/** A browser keeps things offline only for https or this very machine. */
const lasting = window.isSecureContext

interface Lesson {
  store: HallStore
  person: string
}

/** Opens a lesson in the hall. */
export function Hall({ lesson }: { lesson: string }) {
  const [opened, setOpened] = useState<Lesson | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const open = useCallback(async () => {
    setProblem(null)
    // A new version waits: nobody is surprised in the middle of a lesson.
    void install(false)
    try {
      const { person, hall } = await openLesson(lesson)
      const store = createHallStore({
        hall,
        person,
        device: deviceOf(person),
        outbox: lasting ? lastingOutbox() : passingOutbox(),
        send: async (batch) => {
          // Whoever else signs in on this device does not send what this person pressed.
          const response = await put(`/api/hall/${lesson}/batches`, 'POST', batch, { Person: person })
          if (!response.ok) throw new SendError(response.status, await reasonOf(response))
          return response.json()
        },
        plan: () => get(`/api/hall/${lesson}/watch`),
      })
      setOpened((before) => {
        before?.store.stop()
        return { store, person }
      })
    } catch (e) {
      setProblem(e instanceof Problem ? e : new Problem(500, 'Something went wrong', String(e)))
    }
  }, [lesson])
  useEffect(() => {
    void open()
  }, [open])
  useEffect(stayAwake, [])
  useEffect(() => {
    if (!opened) return
    const { store } = opened
    window.addEventListener('online', store.flush)
    return () => {
      window.removeEventListener('online', store.flush)
      store.stop()
    }
  }, [opened])
  const refit = useCallback(async () => {
    if (!opened) return
    const { store, person } = opened
    // What was registered is sent first; with no network the groups stay as they are.
    for (let i = 0; i < 20 && store.get().sending.status === 'waiting'; i++)
      await new Promise((done) => setTimeout(done, 250))
    if (store.get().sending.status !== 'saved') return
    const now = await get<Schemas['HallView']>(`/api/hall/${lesson}`).catch(() => null)
    if (!now) return
    store.refit(now)
    await keepOpen({ person, hall: now })
  }, [opened, lesson])
  if (problem)
    return (
      <main className={styles.alone} role="alert">
        <h1>{problem.title}</h1>
        <p>{problem.message}</p>
        <p>
          <button type="button" className={styles.button} onClick={open}>
            Try again
          </button>{' '}
          <a href="/hall">Lessons in the hall</a> <a href="/">To the desk</a>
        </p>
      </main>
    )
  if (!opened) return <p className={styles.alone}>Opening …</p>
  return <HallScreen store={opened.store} person={opened.person} lasting={lasting} refit={refit} />
}
