import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Problem, toProblem } from '../api/client'
import { put } from './http'
import styles from './Panels.module.css'

interface RainProps {
  wet: Schemas['WetView']
  lesson: string
  /** the lesson was worked out anew */
  moved?: () => Promise<void>
  close: () => void
}

/** What the lesson becomes inside. It can be read with no network; bringing it in needs one, since all is worked out anew. */
export function Rain({ wet, lesson, moved, close }: RainProps) {
  const [error, setError] = useState('')
  const [busy, setBusy] = useState(false)
  const inside = async () => {
    setBusy(true)
    setError('')
    try {
      const response = await put(`/api/lessons/${lesson}/changes`, 'POST', {
        kind: 'INDOORS',
        why: 'rain',
        anyway: false,
      })
      if (!response.ok) throw toProblem(response.status, await response.json().catch(() => null))
      await moved?.()
      close()
    } catch (e) {
      setError(
        e instanceof Problem
          ? e.message
          : 'No connection: teach it by the lines above; groups and floors stay as they were.',
      )
    } finally {
      setBusy(false)
    }
  }
  return (
    <section
      className={`${styles.panel} ${styles.broad}`}
      role="dialog"
      aria-label="If it rains"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <h2>Into {wet.to}</h2>
      <ul>
        {wet.stretches.map((s) => (
          <li key={s.id}>{s.sentence}</li>
        ))}
      </ul>
      {error && <p role="alert">{error}</p>}
      <p>
        <button type="button" onClick={close}>
          Close
        </button>
        <button type="button" disabled={busy} onClick={inside}>
          It rains: bring it inside
        </button>
      </p>
    </section>
  )
}
