import { lazy, Suspense, useEffect, useRef } from 'react'
import { About } from './About'
import styles from './Bars.module.css'
import { BottomBar } from './BottomBar'
import { ClockBar } from './ClockBar'
import { CountPad } from './CountPad'
import { EndOfLesson } from './EndOfLesson'
import { Held } from './Held'
import { History } from './History'
import { MorePanel } from './MorePanel'
import { PlanPanel } from './PlanPanel'
import { Rain } from './Rain'
import { Saving, Unsent } from './Saving'
import { Sides } from './Sides'
import { Signals } from './Signals'
import { SignInAgain } from './SignInAgain'
import type { HallStore } from './store'
import { runningOf } from './store/context'
import { Talk } from './Talk'
import { Middle } from './Tiles'
import { useHall } from './useHall'
import { Ways } from './Ways'
import { cuesFor, watchOf } from './watching'

const FigurePanel = lazy(() => import('./FigurePanel').then((m) => ({ default: m.FigurePanel })))
const Scoreboard = lazy(() => import('./Scoreboard').then((m) => ({ default: m.Scoreboard })))

interface HallScreenProps {
  store: HallStore
  /** whose lesson it is */
  person: string
  /** whether presses outlive the page */
  lasting: boolean
  /** works the lesson out anew after the register */
  refit?: () => Promise<void>
}

/** A lesson in the hall: its clock, what is watched, the children, and one bar of what to press. Nothing of it changes its place. */
export function HallScreen({ store, person, lasting, refit }: HallScreenProps) {
  useKeys(store)
  useRefit(store, refit)
  return (
    <div className={styles.hall}>
      {!lasting && (
        <p className={styles.insecure} role="status">
          This address is plain http: nothing is kept offline. Stay connected, or open it over https.
        </p>
      )}
      <ClockBar store={store} />
      <header className={styles.top}>
        <Ways store={store} />
        <div className={styles.about}>
          <About store={store} />
          <Unsent store={store} />
        </div>
        <Saving store={store} />
        <SignInAgain store={store} person={person} />
      </header>
      <Middle store={store} />
      <BottomBar store={store} />
      <Over store={store} refit={refit} />
    </div>
  )
}

/** What lies over the tiles. */
function Over({ store, refit }: Pick<HallScreenProps, 'store' | 'refit'>) {
  const panel = useHall(store, (s) => s.panel)
  const hall = useHall(store, (s) => s.hall)
  const away = useHall(store, (s) => s.away)
  const here = hall.grid.rows.map((r) => r.child).filter((c) => !away.has(c.id))
  const close = () => store.open(null)
  switch (panel?.kind) {
    case undefined:
      return null
    case 'more':
      return <MorePanel store={store} />
    case 'plan':
      return <PlanPanel store={store} />
    case 'score':
      return (
        <Suspense fallback={null}>
          <Scoreboard store={store} close={close} />
        </Suspense>
      )
    case 'count':
      return (
        <CountPad
          here={here}
          groups={runningOf(store.get())?.floor?.groups ?? []}
          store={store}
          close={close}
        />
      )
    case 'sides':
      return <Sides here={here} store={store} close={close} />
    case 'rain':
      return hall.wet ? <Rain wet={hall.wet} lesson={hall.lesson.lesson} moved={refit} close={close} /> : null
    case 'talk':
      return <Talk hall={hall} store={store} close={close} />
    case 'note':
      return <Held store={store} close={close} />
    case 'held':
      return (
        <Held
          child={here.find((c) => c.id === panel.child)}
          call={watchOf(store.get()).now?.call.notSettled}
          store={store}
          close={close}
        />
      )
    case 'figure': {
      const cue = hall.grid.skills.flatMap((s) => s.cues).find((c) => c.key === panel.cue)
      return cue ? (
        <Suspense fallback={null}>
          <FigurePanel cue={cue} age={hall.age} close={close} />
        </Suspense>
      ) : null
    }
    case 'signals':
      return <Signals close={close} />
    case 'history':
      return <History store={store} />
    case 'end':
      return <EndOfLesson store={store} />
  }
}

/** With a keyboard: digits choose the cue, z takes back. */
function useKeys(store: HallStore) {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLElement && event.target.matches('select, input, textarea')) return
      const digit = Number(event.key)
      const { cues, planned } = watchOf(store.get())
      const offered = cuesFor(cues, planned)
      if (digit >= 1 && digit <= offered.length) store.chooseCue(offered[digit - 1].key)
      if (event.key === 'z') store.undo()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [store])
}

/** Once the register is closed the lesson is worked out for who is here. */
function useRefit(store: HallStore, refit?: () => Promise<void>) {
  const registering = useHall(store, (s) => s.mode.kind === 'register')
  const before = useRef(false)
  useEffect(() => {
    if (before.current && !registering) void refit?.()
    before.current = registering
  }, [registering, refit])
}
