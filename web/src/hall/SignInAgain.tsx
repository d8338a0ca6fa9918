import { useState } from 'react'
import type { Schemas } from '../api/client'
import { put } from './http'
import { signedIn } from './offline'
import styles from './Panels.module.css'
import type { HallStore } from './store'
import { useHall } from './useHall'

/** A session that ended in mid-lesson: signs in over the page, and what waits goes out. The lesson goes on meanwhile. */
export function SignInAgain({ store, person }: { store: HallStore; person: string }) {
  const out = useHall(store, (s) => s.sending.status === 'waiting' && s.sending.signedOut === true)
  const [open, setOpen] = useState(false)
  const [problem, setProblem] = useState('')
  if (!out) return null
  const signIn = async (form: FormData) => {
    setProblem('')
    try {
      const response = await put('/api/session', 'POST', {
        signIn: form.get('signIn'),
        password: form.get('password'),
      })
      const told = await response.json().catch(() => null)
      if (!response.ok) return setProblem(told?.detail ?? 'It was not taken.')
      if ((told as Schemas['SessionView']).person !== person)
        return setProblem(
          'This lesson was opened by somebody else, and what waits is theirs. Let them sign in.',
        )
      signedIn()
      setOpen(false)
      store.flush()
    } catch {
      setProblem('The server was not reached. What you press is kept on this device.')
    }
  }
  if (!open)
    return (
      <button type="button" className={styles.again} onClick={() => setOpen(true)}>
        Signed out: sign in again
      </button>
    )
  return (
    <section className={styles.panel} role="dialog" aria-label="Sign in again">
      <h2>Sign in again</h2>
      <p>The lesson goes on; what you press is kept on this device until then.</p>
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void signIn(new FormData(e.currentTarget))
        }}
      >
        <label>
          Sign-in
          <input name="signIn" autoComplete="username" required />
        </label>
        <label>
          Password
          <input name="password" type="password" autoComplete="current-password" required />
        </label>
        {problem && <p role="alert">{problem}</p>}
        <p className={styles.buttons}>
          <button type="submit" className={styles.main}>
            Sign in
          </button>
          <button type="button" onClick={() => setOpen(false)}>
            Later
          </button>
        </p>
      </form>
    </section>
  )
}
