import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useEffect, useState } from 'react'
import { NavLink, Route, Routes, useLocation, useNavigate, useNavigationType } from 'react-router'
import { api, Problem, type Schemas, take } from '../api/client'
import { atTheDesk } from '../api/door'
import { reads } from '../api/reads'
import { ChangeNote } from '../changes/ChangeNote'
import CoverPage from '../cover/CoverPage'
import { FirstRun } from '../firstrun/FirstRun'
import { signOut } from '../hall/offline'
import { JoinPage } from '../session/JoinPage'
import { SignIn } from '../session/SignIn'
import { SignInOver } from '../session/SignInOver'
import { sessionQuery } from '../session/useSession'
import { Failsafe } from '../shared/Failsafe'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import { forgetKept } from '../shared/useKeptForm'
import { useKeys } from '../shared/useKeys'
import { KeysHelp } from './KeysHelp'
import styles from './Shell.module.css'
import { TermStrip } from './TermStrip'

type Role = Schemas['SessionView']['role']

const places: { to: string; label: string; key: string; for?: Role[] }[] = [
  { to: '/today', label: 'Today', key: 't' },
  { to: '/units', label: 'Units', key: 'u' },
  { to: '/year', label: 'Year', key: 'y', for: ['LEAD', 'TEACHER'] },
  { to: '/classes', label: 'Classes', key: 'c', for: ['LEAD', 'TEACHER', 'VIEWER'] },
  { to: '/reports', label: 'Reports', key: 'r', for: ['LEAD', 'TEACHER', 'VIEWER'] },
  { to: '/know-how', label: 'Know-how', key: 'k' },
  { to: '/cupboard', label: 'Cupboard & spaces', key: 'b', for: ['LEAD', 'TEACHER', 'ASSISTANT'] },
  { to: '/set-up', label: 'Set-up', key: 's' },
]

/** The desk: who is signed in, the term strip on top, the page below. */
export function Shell({ children }: { children: ReactNode }) {
  const session = useQuery(sessionQuery)
  const { pathname } = useLocation()
  if (pathname.startsWith('/join/') || pathname.startsWith('/cover/'))
    return (
      <Routes>
        <Route path="/cover/:code" element={<CoverPage />} />
        <Route path="/join/:secret" element={<JoinPage />} />
      </Routes>
    )
  if (session.isPending) return <p style={{ padding: 24 }}>Opening …</p>
  if (session.error) {
    const signedOut = session.error instanceof Problem && session.error.status === 401
    if (signedOut) return <FirstRunOrSignIn />
    return (
      <main className={styles.alone}>
        <Heading>Isokinet</Heading>
        <ProblemNote error={session.error} retry={() => session.refetch()} />
      </main>
    )
  }
  return <SignedInShell session={session.data}>{children}</SignedInShell>
}

/** On an empty database there is nobody to sign in: the first run comes first. */
function FirstRunOrSignIn() {
  const firstRun = useQuery({
    queryKey: ['first-run'],
    queryFn: () => take(api.GET('/api/first-run')),
    staleTime: 0,
  })
  if (firstRun.isPending) return <p style={{ padding: 24 }}>Opening …</p>
  return firstRun.data?.needed ? <FirstRun /> : <SignIn />
}

function SignedInShell({ session, children }: { session: Schemas['SessionView']; children: ReactNode }) {
  const shown = places.filter((p) => !p.for || p.for.includes(session.role))
  const navigate = useNavigate()
  const { pathname } = useLocation()
  const [help, setHelp] = useState(false)
  const [go, setGo] = useState(false)
  const school = useQuery(reads.school)
  const how = useNavigationType()
  useEffect(() => {
    // A page opens at its top; the way back leads to where one was.
    if (how !== 'POP' && pathname) window.scrollTo(0, 0)
  }, [how, pathname])
  useEffect(() => {
    atTheDesk(session.person)
    return () => atTheDesk(null)
  }, [session.person])
  const leave = async () => {
    atTheDesk(null)
    await signOut()
    forgetKept()
    // A new page: nothing of this person stays in memory.
    window.location.assign('/')
  }
  useKeys((key) => {
    if (key === '?') setHelp(true)
    else if (go) {
      const place = shown.find((p) => p.key === key)
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
            {shown.map((p) => (
              <NavLink key={p.to} to={p.to} className={({ isActive }) => (isActive ? styles.here : '')}>
                {p.label}
              </NavLink>
            ))}
            <span className={styles.who}>
              {session.name}
              <button type="button" className={styles.plain} onClick={() => setHelp(true)}>
                Keys
              </button>
              <button type="button" className={styles.plain} onClick={leave}>
                Sign out
              </button>
            </span>
          </nav>
          <TermStrip />
        </div>
      </header>
      <ChangeNote />
      <main id="page" className={styles.page} tabIndex={-1}>
        <Failsafe place={pathname}>{children}</Failsafe>
      </main>
      <SignInOver name={session.name} />
      {help && <KeysHelp close={() => setHelp(false)} />}
    </div>
  )
}
