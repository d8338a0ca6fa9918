import { useCallback, useEffect, useState } from 'react'
import { Problem, type Schemas, toProblem } from '../api/client'
import { uuid7 } from '../shared/uuid7'
import styles from './Hall.module.css'
import { HallScreen } from './HallScreen'
import { get, put, reasonOf } from './http'
import { afterSignOut, install, namesBelongTo } from './offline'
import { lastingOutbox, passingOutbox } from './outbox'
import { stayAwake } from './screen'
import { SendError } from './sender'
import { createHallStore, type HallStore } from './store'

type HallView = Schemas['HallView']

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

/** Opens a lesson in the hall. */
export function Hall({ lesson }: { lesson: string }) {
  const [store, setStore] = useState<HallStore | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const open = useCallback(async () => {
    setProblem(null)
    // A new version waits: nobody is surprised in the middle of a lesson.
    void install(false)
    try {
      await afterSignOut()
      const [session, hall] = await Promise.all([
        get<Schemas['SessionView']>('/api/session'),
        get<HallView>(`/api/hall/${lesson}`),
      ])
      await namesBelongTo(session.person)
      setStore((before) => {
        before?.stop()
        return createHallStore({
          hall,
          person: session.person,
          device: deviceOf(session.person),
          outbox: lasting ? lastingOutbox() : passingOutbox(),
          send: async (batch) => {
            const response = await put(`/api/hall/${lesson}/batches`, 'POST', batch)
            if (!response.ok) throw new SendError(response.status, await reasonOf(response))
            return response.json()
          },
        })
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
    if (!store) return
    window.addEventListener('online', store.flush)
    return () => {
      window.removeEventListener('online', store.flush)
      store.stop()
    }
  }, [store])
  const refit = useCallback(async () => {
    if (!store) return
    // What was registered is sent first; with no network the groups stay as they are.
    for (let i = 0; i < 20 && store.get().sending.status === 'waiting'; i++)
      await new Promise((done) => setTimeout(done, 250))
    if (store.get().sending.status !== 'saved') return
    const now = await get<HallView>(`/api/hall/${lesson}`).catch(() => null)
    if (now) store.refit(now)
  }, [store, lesson])
  const finish = async () => {
    const response = await put(`/api/lessons/${lesson}/state`, 'PUT', { state: 'TAUGHT' })
    if (!response.ok) throw toProblem(response.status, await response.json().catch(() => null))
    window.location.assign(`/lessons/${lesson}`)
  }
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
  if (!store) return <p className={styles.alone}>Opening …</p>
  return <HallScreen store={store} lasting={lasting} finish={finish} refit={refit} />
}
