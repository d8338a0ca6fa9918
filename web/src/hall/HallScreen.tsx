import { lazy, memo, Suspense, useCallback, useEffect, useRef, useState, useSyncExternalStore } from 'react'
import type { Schemas } from '../api/client'
import { Mark, markWords, Pips } from '../shared/Mark'
import { About } from './About'
import { ClockBar } from './ClockBar'
import { CountPad } from './CountPad'
import { clockAt } from './clock'
import { EndOfLesson } from './EndOfLesson'
import styles from './Hall.module.css'
import { Held } from './Held'
import { HitTile } from './HitTile'
import { Rain } from './Rain'
import { Saving } from './Saving'
import { Sides } from './Sides'
import { Signals, StopBar } from './Signals'
import { isOutdoors, setOutdoors } from './screen'
import { goKey, type HallStore, key, nextToGo } from './store'
import { Talk } from './Talk'

const Scoreboard = lazy(() => import('./Scoreboard').then((m) => ({ default: m.Scoreboard })))

type Cell = Schemas['Cell']
type Cue = Schemas['CueView']
type Child = Schemas['ChildView']

const NOTHING: boolean[] = []

interface HallScreenProps {
  store: HallStore
  /** whether presses outlive the page */
  lasting: boolean
  /** marks the lesson as taught; throws if that fails */
  finish: () => Promise<void>
  /** works the lesson out anew after the register */
  refit?: () => Promise<void>
}

/** Watching in the hall: choose a cue, press the half of a child's tile. */
export function HallScreen({ store, lasting, finish, refit }: HallScreenProps) {
  const state = useSyncExternalStore(store.subscribe, store.get)
  const [history, setHistory] = useState(false)
  const [held, setHeld] = useState<string | null>(null)
  const [more, setMore] = useState(false)
  const [scoring, setScoring] = useState(false)
  const [talking, setTalking] = useState(false)
  const [over, setOver] = useState<'count' | 'sides' | 'rain' | 'end' | null>(null)
  const [outdoors, setBright] = useState(isOutdoors)
  const hold = useCallback((child: string) => setHeld(child), [])
  const { hall, cue, second, registering, counting, check, hits, asks } = state
  const cues = hall.grid.skills.flatMap((s) => s.cues)
  const now = cues.find((c) => c.key === cue)
  const segment = hall.lesson.segments.find((s) => s.id === state.segment)
  const stretch = hall.stretches.find((s) => s.id === state.segment)
  const running = hall.stretches[clockAt(hall.stretches, state.clock, Date.now()).index]
  const stands = standing(stretch)
  const watch = hall.watch.find((w) => w.segment === state.segment)
  const wanted = new Map(
    watch?.watches.filter((w) => w.cue === cue || w.cue === second).map((w) => [w.child, w.looks]),
  )
  const by = watch?.from?.byCue[cue]
  // In one order all lesson long: a hand finds a tile where it was.
  const here = hall.grid.rows.filter((r) => registering || !state.away.has(r.child.id))
  const beside = second ? cues.find((c) => c.key === second) : undefined
  const asked = asks && cues.find((c) => c.key === asks.cue)
  const next = counting
    ? nextToGo(
        here.map((r) => r.child.id),
        state.goes,
        state.role,
      )
    : null
  const offered = cuesFor(cues, segment)
  const started = new Set(hall.lesson.segments.flatMap((s) => s.introduces))
  const wasRegistering = useRef(false)
  useEffect(() => {
    if (wasRegistering.current && !registering) void refit?.()
    wasRegistering.current = registering
  }, [registering, refit])
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const digit = Number(event.key)
      if (event.target instanceof HTMLSelectElement) return
      if (digit >= 1 && digit <= offered.length) store.chooseCue(offered[digit - 1].key)
      if (event.key === 'z') store.undo()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  })
  return (
    <div className={styles.hall}>
      {!lasting && (
        <p className={styles.insecure} role="status">
          This address is plain http: nothing is kept offline. Stay connected, or open it over https.
        </p>
      )}
      <ClockBar store={store} />
      <header className={styles.top}>
        <label className={styles.segment}>
          <span className="visually-hidden">What is watched</span>
          <select value={state.segment} onChange={(e) => store.chooseSegment(e.target.value)}>
            {hall.lesson.segments
              .filter((s) => s.focus.length > 0)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}, {s.minutes} min{s.setting === 'GAME' ? ', play' : ''}
                </option>
              ))}
          </select>
        </label>
        <div className={styles.about}>
          <About
            store={store}
            cue={now}
            beside={beside}
            faultsOf={asked || undefined}
            stretch={stretch}
            roles={running?.roles ?? []}
            first={wanted.size}
            by={by?.map((g) => stretch?.groups[g]?.label).join(', ')}
          />
        </div>
        <Saving store={store} />
      </header>
      <main className={styles.tiles}>
        {next &&
          here.map((row) => (
            <Goes
              key={row.child.id}
              name={row.child.name}
              goes={state.goes[goKey(row.child.id, state.role)] ?? 0}
              next={next.has(row.child.id)}
              went={(by) => store.went(row.child.id, by)}
            />
          ))}
        {hits &&
          here.map((row) => (
            <HitTile
              key={row.child.id}
              child={row.child.id}
              name={row.child.name}
              of={hits.of}
              tries={state.tries[row.child.id]}
              sets={state.sets[row.child.id]}
              store={store}
            />
          ))}
        {!next &&
          !hits &&
          here.map((row) => (
            <Tile
              key={row.child.id}
              child={row.child}
              name={row.child.name}
              left={sideOf(row.child) === 'LEFT'}
              cell={state.cells[row.child.id]?.[cue]}
              fresh={state.fresh[key(row.child.id, cue)] ?? NOTHING}
              call={beside ? now?.call.notSettled : undefined}
              second={beside?.key}
              secondCall={beside?.call.notSettled}
              secondCell={beside && state.cells[row.child.id]?.[beside.key]}
              secondFresh={(beside && state.fresh[key(row.child.id, beside.key)]) || NOTHING}
              away={state.away.has(row.child.id)}
              sitsOut={state.sitsOut.has(row.child.id)}
              registering={registering}
              inCheck={check ? checked(state.pressed, row.child.id, cue, check[row.child.id]) : null}
              stands={stands[row.child.id]}
              wanted={wanted.get(row.child.id) ?? 0}
              hold={hold}
              store={store}
            />
          ))}
        {here.length === 0 && <p>Nobody is here. Open the register and mark who came.</p>}
      </main>
      <nav className={styles.cues} aria-label="Cues">
        {offered.map((c, i) => (
          <button
            key={c.key}
            type="button"
            aria-pressed={c.key === cue || c.key === second}
            className={c.key === cue || c.key === second ? styles.chosen : ''}
            onClick={() => store.chooseCue(c.key)}
          >
            <span>
              {i + 1} {c.call.notSettled}
            </span>{' '}
            <small>{started.has(c.key) ? 'new today' : c.phase}</small>
          </button>
        ))}
      </nav>
      <footer className={styles.foot}>
        {more && <Signals />}
        <button type="button" onClick={() => store.undo()} disabled={state.pressed.length === 0}>
          ↶ {lastWords(state.pressed)}
        </button>
        <div className={styles.tools}>
          <button type="button" aria-pressed={registering} onClick={store.toggleRegister}>
            {registering ? 'Close the register' : `Register: ${hall.grid.rows.length - state.away.size} here`}
          </button>
          <button
            type="button"
            aria-pressed={hits !== null}
            onClick={() => store.countHits(hits ? null : { of: 5, side: 'own' })}
          >
            Hits
          </button>
          <button
            type="button"
            aria-pressed={second !== null}
            disabled={offered.length < 2}
            onClick={() => store.watchTwo(second ? null : (offered.find((c) => c.key !== cue)?.key ?? null))}
          >
            Two cues
          </button>
          <button type="button" aria-expanded={over === 'count'} onClick={() => setOver('count')}>
            Count
          </button>
          <button type="button" aria-expanded={over === 'sides'} onClick={() => setOver('sides')}>
            Sides
          </button>
          {hall.wet && (
            <button type="button" aria-expanded={over === 'rain'} onClick={() => setOver('rain')}>
              Rain
            </button>
          )}
          <button type="button" onClick={() => setScoring(true)}>
            Score
          </button>
          <button type="button" aria-pressed={counting} onClick={store.toggleGoes}>
            {next ? `Goes: ${next.size} next` : 'Goes'}
          </button>
          <button type="button" aria-expanded={more} onClick={() => setMore(!more)}>
            Signals
          </button>
          <button type="button" onClick={() => setHeld('')}>
            Note
          </button>
          <button type="button" aria-expanded={talking} onClick={() => setTalking(!talking)}>
            Talk
          </button>
          <button type="button" aria-pressed={check !== null} onClick={store.toggleCheck}>
            {check ? 'End the check' : 'Check: five each'}
          </button>
          <button type="button" onClick={() => setHistory(!history)} aria-expanded={history}>
            History
          </button>
          <button
            type="button"
            aria-pressed={outdoors}
            onClick={() => {
              setOutdoors(!outdoors)
              setBright(!outdoors)
            }}
          >
            Outdoors
          </button>
          <a href={`/lessons/${hall.lesson.lesson}`}>Sheet</a>
          <button
            type="button"
            disabled={state.sending.status === 'waiting' || state.sending.status === 'opening'}
            onClick={() => setOver('end')}
          >
            Lesson taught
          </button>
        </div>
        <StopBar gathering={`Everybody: ${running?.gathering ?? 'stand still where you are'}.`} />
      </footer>
      {scoring && (
        <Suspense fallback={null}>
          <Scoreboard store={store} close={() => setScoring(false)} />
        </Suspense>
      )}
      {over === 'count' && (
        <CountPad
          here={here.map((r) => r.child)}
          groups={running?.groups ?? []}
          store={store}
          close={() => setOver(null)}
        />
      )}
      {over === 'sides' && (
        <Sides here={here.map((r) => r.child)} store={store} close={() => setOver(null)} />
      )}
      {over === 'rain' && hall.wet && (
        <Rain wet={hall.wet} lesson={hall.lesson.lesson} moved={refit} close={() => setOver(null)} />
      )}
      {talking && <Talk hall={hall} store={store} close={() => setTalking(false)} />}
      {held !== null && (
        <Held
          child={here.find((r) => r.child.id === held)?.child}
          call={now?.call.notSettled}
          store={store}
          close={() => setHeld(null)}
        />
      )}
      {over === 'end' && (
        <EndOfLesson hall={hall} events={state.clock} finish={finish} close={() => setOver(null)} />
      )}
      {history && (
        <section className={styles.history} aria-label="History">
          <h2>The last presses</h2>
          {state.pressed.length === 0 && <p>Nothing pressed yet.</p>}
          {[...state.pressed].reverse().map((p) => (
            <p key={p.trial}>
              {p.name}, {p.shown ? 'shown' : 'not yet'}, “{cues.find((c) => c.key === p.cue)?.call.notSettled}
              ”
              <button type="button" onClick={() => store.undo(p.trial)}>
                Take back
              </button>
            </p>
          ))}
        </section>
      )}
    </div>
  )
}

/** The number of the group in which each child is in what runs now. */
function standing(stretch?: Schemas['StretchView']) {
  const groups: Record<string, string> = {}
  stretch?.groups.forEach((g, i) => {
    for (const c of g.children) groups[c.id] = String(i + 1)
  })
  return groups
}

const sideOf = (child: Child) => child.sides.find((s) => s.action === 'THROW')?.side

/** The cues of what runs now first, then the others of its skills. */
function cuesFor(cues: Cue[], segment?: Schemas['PlannedSegment']): Cue[] {
  const focus = segment?.focus ?? []
  const skills = new Set(focus.map((k) => k.split('/')[0]))
  return [
    ...focus.flatMap((k) => cues.filter((c) => c.key === k)),
    ...cues.filter((c) => !focus.includes(c.key) && (skills.size === 0 || skills.has(c.skill))),
  ].slice(0, 6)
}

const checked = (
  pressed: readonly { child: string; cue: string }[],
  child: string,
  cue: string,
  sitting?: string,
) => (sitting ? pressed.filter((p) => p.child === child && p.cue === cue).length : 0)

const lastWords = (pressed: readonly { name: string; shown: boolean }[]) => {
  const last = pressed[pressed.length - 1]
  return last ? `${last.name}, ${last.shown ? 'shown' : 'not yet'}` : 'Undo'
}

interface GoesProps {
  name: string
  goes: number
  /** true if nobody has had fewer */
  next: boolean
  went: (by: 1 | -1) => void
}

/** A child in the turn ledger: a press counts a go. */
function Goes({ name, goes, next, went }: GoesProps) {
  return (
    <div className={`${styles.tile} ${next ? styles.next : styles.away}`}>
      <button
        type="button"
        className={styles.whole}
        aria-label={`${name}: ${goes} ${goes === 1 ? 'go' : 'goes'}${next ? ', next' : ''}`}
        onClick={() => went(1)}
      >
        <b>{name}</b>{' '}
        <span>
          {goes} {goes === 1 ? 'go' : 'goes'}
        </span>
      </button>
      {goes > 0 && (
        <button
          type="button"
          className={styles.notYet}
          aria-label={`${name}: one go less`}
          onClick={() => went(-1)}
        >
          one less
        </button>
      )}
    </div>
  )
}

interface TileProps {
  child: Child
  name: string
  left: boolean
  cell?: Cell
  /** presses that the mark does not hold yet */
  fresh: readonly boolean[]
  /** the child's call of the cue; only where two are watched */
  call?: string
  /** key of a second cue that is watched beside the first */
  second?: string
  secondCall?: string
  secondCell?: Cell
  secondFresh: readonly boolean[]
  away: boolean
  sitsOut: boolean
  registering: boolean
  /** presses in the running check; null without one */
  inCheck: number | null
  /** looks that would tell most about this child now; 0 for none */
  wanted: number
  /** its group now; undefined where there are none */
  stands?: string
  /** a note, or the other hand */
  hold: (child: string) => void
  store: HallStore
}

/** A finger that rests so long holds. */
const HOLDS = 550
/** A clock that comes so much later was kept by other work. */
const LATE = 60

/** A child's tile: the upper half is shown, the lower not yet; every press is a new trial. */
const Tile = memo(function Tile({
  child,
  name,
  left,
  cell,
  fresh,
  call,
  second,
  secondCall,
  secondCell,
  secondFresh,
  away,
  sitsOut,
  registering,
  inCheck,
  stands,
  wanted,
  hold,
  store,
}: TileProps) {
  const resting = useRef<{ timer: ReturnType<typeof setTimeout> } | null>(null)
  const heldNow = useRef(false)
  const lift = () => {
    if (resting.current) clearTimeout(resting.current.timer)
    resting.current = null
  }
  const rest = {
    onPointerDown: () => {
      heldNow.current = false
      lift()
      const began = performance.now()
      const rests = () => {
        // A busy device comes late to this; the finger may have gone long ago, which is heard before anything else.
        if (performance.now() - began > HOLDS + LATE) resting.current = { timer: setTimeout(holds, LATE) }
        else holds()
      }
      const holds = () => {
        heldNow.current = true
        hold(child.id)
      }
      resting.current = { timer: setTimeout(rests, HOLDS) }
    },
    onPointerUp: lift,
    onPointerLeave: lift,
    onPointerCancel: lift,
    onContextMenu: (e: React.MouseEvent) => {
      e.preventDefault()
      lift()
      heldNow.current = true
      hold(child.id)
    },
  }
  // Holding is not pressing.
  const press = (shown: boolean, of?: string) => {
    if (heldNow.current) heldNow.current = false
    else store.press(child.id, shown, of)
  }
  const pips = [...(cell?.pips ?? []), ...fresh].slice(-5)
  const mark = cell?.mark ?? 'NOT_TAUGHT'
  if (registering)
    return (
      <div className={`${styles.tile} ${away ? styles.away : ''}`}>
        <button
          type="button"
          className={styles.whole}
          aria-pressed={!away}
          onClick={() => store.setPresent(child.id, away)}
        >
          <b>{name}</b> <span>{away ? 'away' : sitsOut ? 'sits out' : 'here'}</span>
        </button>
        {!away && (
          <button
            type="button"
            className={styles.notYet}
            aria-pressed={sitsOut}
            aria-label={`${name} sits out`}
            onClick={() => store.setPresent(child.id, true, !sitsOut)}
          >
            sits out
          </button>
        )}
      </div>
    )
  const full = inCheck !== null && inCheck >= 5
  if (second)
    return (
      <div className={`${styles.tile} ${styles.two}`}>
        <span className={styles.name}>
          <b>{name}</b>
          <small>{stands}</small>
        </span>
        <Row name={name} call={call ?? ''} cell={cell} fresh={fresh} press={(shown) => press(shown)} />
        <Row
          name={name}
          call={secondCall ?? ''}
          cell={secondCell}
          fresh={secondFresh}
          press={(shown) => press(shown, second)}
        />
      </div>
    )
  return (
    <div className={`${styles.tile} ${wanted > 0 ? styles.wanted : ''}`}>
      <button
        type="button"
        className={styles.shown}
        disabled={full}
        aria-label={`${name}: shown`}
        onClick={() => press(true)}
        {...rest}
      >
        <span className={styles.name}>
          <b>{name}</b>
          <small>
            {wanted > 0 && '◉ '}
            {stands}
            {left && <abbr title="left-handed">L</abbr>}
          </small>
        </span>
        <span className={styles.seen} title={markWords(mark)}>
          <span className={fresh.length > 0 ? styles.old : ''}>
            <Mark mark={mark} fill={cell?.fill} size={24} />
          </span>
          <Pips pips={pips} height={18} />
          {(inCheck !== null || pips.length < 3) && (
            <small className={styles.word}>{inCheck === null ? 'shown' : `${inCheck} of 5`}</small>
          )}
        </span>
      </button>
      <button
        type="button"
        className={styles.notYet}
        disabled={full}
        aria-label={`${name}: not yet`}
        onClick={() => press(false)}
        {...rest}
      >
        <i aria-hidden="true" /> not yet
      </button>
    </div>
  )
})

interface RowProps {
  name: string
  call: string
  cell?: Cell
  fresh: readonly boolean[]
  press: (shown: boolean) => void
}

/** One of two cues on a tile: the left half is shown, the right one not yet. */
function Row({ name, call, cell, fresh, press }: RowProps) {
  return (
    <div className={styles.row}>
      <button type="button" aria-label={`${name}, ${call}: shown`} onClick={() => press(true)}>
        <small>{call}</small>
        <Pips pips={[...(cell?.pips ?? []), ...fresh].slice(-5)} height={14} />
      </button>
      <button
        type="button"
        className={styles.notYet}
        aria-label={`${name}, ${call}: not yet`}
        onClick={() => press(false)}
      >
        <i aria-hidden="true" />
      </button>
    </div>
  )
}
