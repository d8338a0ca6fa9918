import styles from './Bars.module.css'
import { StopBar } from './Signals'
import type { HallStore } from './store'
import { runningOf } from './store/context'
import { useHall } from './useHall'
import { cuesFor, useWatch } from './watching'

/** Undo, the cues, everything else behind one button, and STOP: always there, always in the same place. */
export function BottomBar({ store }: { store: HallStore }) {
  const mode = useHall(store, (s) => s.mode)
  const more = useHall(store, (s) => s.panel?.kind === 'more')
  const gathering = useHall(store, (s) => runningOf(s)?.task.gathering)
  return (
    <footer className={styles.foot}>
      <Undo store={store} />
      <nav className={styles.cues} aria-label="Cues">
        {mode.kind === 'say' || mode.kind === 'register' ? <Before store={store} /> : <Cues store={store} />}
      </nav>
      <button
        type="button"
        className={styles.more}
        aria-expanded={more}
        onClick={() => store.open(more ? null : { kind: 'more' })}
      >
        More
      </button>
      <StopBar gathering={`Everybody: ${gathering ?? 'stand still where you are'}.`} />
    </footer>
  )
}

/** Takes the latest press back; while hits are counted, the latest try. */
function Undo({ store }: { store: HallStore }) {
  const press = useHall(store, (s) => s.pressed.at(-1))
  const hits = useHall(store, (s) => s.mode.kind === 'hits')
  const tried = useHall(store, (s) => {
    const last = s.tried.at(-1)
    return s.hall.grid.rows.find((r) => r.child.id === last)?.child.name
  })
  const words = hits
    ? tried && `${tried}’s try`
    : press && `${press.name}, ${press.shown ? 'shown' : 'not yet'}`
  return (
    <button type="button" className={styles.undo} onClick={() => store.undo()} disabled={!words}>
      ↶ {words ?? 'Undo'}
    </button>
  )
}

/** What is needed while nothing is watched. */
function Before({ store }: { store: HallStore }) {
  const here = useHall(store, (s) => s.hall.grid.rows.length - s.away.size)
  const registering = useHall(store, (s) => s.mode.kind === 'register')
  return (
    <>
      <button type="button" aria-pressed={registering} onClick={store.toggleRegister}>
        <span>{registering ? 'Close the register' : `Register: ${here} here`}</span>
      </button>
      <button type="button" onClick={() => store.open({ kind: 'talk' })}>
        <span>Talk</span>
      </button>
      <button type="button" onClick={() => store.open({ kind: 'signals' })}>
        <span>Signals</span>
      </button>
    </>
  )
}

/** Those of what runs first; what has no room here is among the tools. */
function Cues({ store }: { store: HallStore }) {
  const { cue, cues, planned } = useWatch(store)
  const second = useHall(store, (s) =>
    s.mode.kind === 'watch' && s.mode.way === 'all' ? s.mode.second : null,
  )
  const started = useHall(store, (s) => s.hall.lesson.segments)
  const fresh = new Set(started.flatMap((s) => s.introduces))
  return cuesFor(cues, planned).map((c, i) => (
    <button
      key={c.key}
      type="button"
      aria-pressed={c.key === cue || c.key === second}
      onClick={() => store.chooseCue(c.key)}
    >
      <span>
        {i + 1} {c.call.notSettled}
      </span>{' '}
      {fresh.has(c.key) && <small>new today</small>}
    </button>
  ))
}
