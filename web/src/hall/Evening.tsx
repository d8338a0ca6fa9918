import { useEffect, useState } from 'react'
import type { Schemas } from '../api/client'
import { get, put } from './http'
import styles from './Panels.module.css'

type Line = Schemas['EveningLine']

/** At most three sentences on the next lesson, each yes or no. With no network they wait at the desk. */
export function Evening({ lesson }: { lesson: string }) {
  const [lines, setLines] = useState<readonly Line[]>([])
  const [failed, setFailed] = useState('')
  const path = `/api/lessons/${lesson}/evening`
  useEffect(() => {
    let here = true
    get<Schemas['EveningView']>(path).then(
      (told) => here && setLines(told.lines),
      () => undefined,
    )
    return () => {
      here = false
    }
  }, [path])
  const answer = async (line: Line, yes: boolean) => {
    setFailed('')
    try {
      const response = await put(`${path}/${line.about}`, 'PUT', { yes })
      const told = await response.json().catch(() => null)
      if (response.ok) setLines(told.lines)
      else setFailed(told?.detail ?? 'The server did not take it.')
    } catch {
      setFailed('No connection: it waits at the desk.')
    }
  }
  if (lines.length === 0) return null
  return (
    <section aria-label="For the next lesson">
      <h2>For the next lesson</h2>
      {lines.map((line) => (
        <div key={line.about} className={styles.line}>
          <p>
            {line.sentence} <small>{line.why}</small>
          </p>
          {[true, false].map((yes) => (
            <button
              key={String(yes)}
              type="button"
              aria-pressed={line.answer === yes}
              disabled={line.answer !== undefined && line.about === 'CHANGE'}
              onClick={() => answer(line, yes)}
            >
              {yes ? 'Yes' : 'No'}
            </button>
          ))}
        </div>
      ))}
      {failed && <p role="alert">{failed}</p>}
    </section>
  )
}
