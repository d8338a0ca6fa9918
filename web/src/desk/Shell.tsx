import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { NavLink, useNavigate } from 'react-router'
import { api, Problem, take } from '../api/client'
import { SignIn } from '../session/SignIn'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeys } from '../shared/useKeys'
import { KeysHelp } from './KeysHelp'
import styles from './Shell.module.css'
import { TermStrip } from './TermStrip'

const places = [
  { to: '/units', label: 'Units', key: 'u' },
  { to: '/classes', label: 'Classes', key: 'c' },
  { to: '/know-how', label: 'Know-how', key: 'k' },
  { to: '/cupboard', label: 'Cupboard & spaces', key: 'b' },
]

/** The desk: who is signed in, the term strip on top, the page below. */
export function Shell({ children }: { children: ReactNode }) {
  const session = useQuery({
    queryKey: ['session'],
    queryFn: () => take(api.GET('/api/session')),
    retry: false,
    staleTime: Number.POSITIVE_INFINITY,
  })
  if (session.isPending) return <p style={{ padding: 24 }}>Opening …</p>
  if (session.error) {
    const signedOut = session.error instanceof Problem && session.error.status === 401
    if (signedOut) return <SignIn />
    return (
      <main className={styles.alone}>
        <h1>Isokinet</h1>
        <ProblemNote error={session.error} retry={() => session.refetch()} />
      </main>
    )
  }
  return <SignedInShell name={session.data.name}>{children}</SignedInShell>
}

function SignedInShell({ name, children }: { name: string; children: ReactNode }) {
  const navigate = useNavigate()
  const [help, setHelp] = useState(false)
  const [go, setGo] = useState(false)
  const school = useQuery({ queryKey: ['school'], queryFn: () => take(api.GET('/api/school')) })
  const signOut = async () => {
    await take(api.DELETE('/api/session'))
    // A new page: nothing of this person stays in memory.
    window.location.assign('/')
  }
  useKeys((key) => {
    if (key === '?') setHelp(true)
    else if (go) {
      const place = places.find((p) => p.key === key)
      setGo(false)
      if (place) navigate(place.to)
    } else if (key === 'g') setGo(true)
    else return false
    return true
  })
  return (
    <div className={styles.shell}>
      <a className={styles.skip} href="#page">
        To the page
      </a>
      <header className={styles.top}>
        <div className={styles.brand}>
          <img src="/mark.svg" width={26} height={26} alt="" />
          <div>
            <b>Isokinet</b>
            <small>{school.data?.name}</small>
          </div>
        </div>
        <div className={styles.middle}>
          <nav aria-label="Screens" className={styles.nav}>
            {places.map((p) => (
              <NavLink key={p.to} to={p.to} className={({ isActive }) => (isActive ? styles.here : '')}>
                {p.label}
              </NavLink>
            ))}
            <span className={styles.who}>
              {name}
              <button type="button" className={styles.plain} onClick={() => setHelp(true)}>
                Keys
              </button>
              <button type="button" className={styles.plain} onClick={signOut}>
                Sign out
              </button>
            </span>
          </nav>
          <TermStrip />
        </div>
      </header>
      <main id="page" className={styles.page} tabIndex={-1}>
        {children}
      </main>
      {help && <KeysHelp close={() => setHelp(false)} />}
    </div>
  )
}
