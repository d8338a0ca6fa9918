import type { Schemas } from '../api/client'
import styles from './Bars.module.css'
import type { Miss } from './counted'
import { type HallStore, type Mode, nextToGo } from './store'
import { runningOf } from './store/context'
import { useHall } from './useHall'
import { useWatch } from './watching'

const WAYS: [Miss, string, string][] = [
  ['left', '←', 'left'],
  ['short', '↓', 'short'],
  ['long', '↑', 'long'],
  ['right', '→', 'right'],
]

/** The line above the tiles: one thing at a time, and never of another height. */
export function About({ store }: { store: HallStore }) {
  const mode = useHall(store, (s) => s.mode)
  const asks = useHall(store, (s) => s.asks)
  const { cues, now, stretch } = useWatch(store)
  const running = useHall(store, runningOf)
  if (asks?.kind === 'way')
    return (
      <fieldset className={styles.faults} aria-label={`Which way ${asks.name} missed`}>
        <b>{asks.name} missed</b>
        {WAYS.map(([way, arrow, word]) => (
          <button key={way} type="button" aria-label={`missed ${word}`} onClick={() => store.missedTo(way)}>
            {arrow} <span className={styles.word}>{word}</span>
          </button>
        ))}
      </fieldset>
    )
  if (mode.kind === 'hits')
    return <HitSettings store={store} hits={mode.counting} things={stretch?.things?.sent ?? []} />
  if (mode.kind === 'goes')
    return (
      <div className={styles.counting}>
        <NextToGo store={store} role={mode.role} />
        {running && running.task.roles.length > 0 && <b>Who was</b>}
        {running &&
          running.task.roles.length > 0 &&
          [...running.task.roles, ''].map((r) => (
            <button key={r} type="button" aria-pressed={mode.role === r} onClick={() => store.chooseRole(r)}>
              {r || 'anything'}
            </button>
          ))}
      </div>
    )
  const faults = asks && cues.find((c) => c.key === asks.pressed.cue)?.faults
  if (asks && faults && faults.length > 0)
    return (
      <fieldset className={styles.faults} aria-label={`What ${asks.pressed.name} did instead`}>
        <b>{asks.pressed.name}:</b>
        {faults.slice(0, 4).map((f) => (
          <button key={f.seen.notSettled} type="button" onClick={() => store.blame(f.seen.notSettled)}>
            {f.seen.notSettled}
          </button>
        ))}
      </fieldset>
    )
  if (mode.kind === 'register')
    return <p className={styles.now}>Press who is not here; below it, who is here and cannot take part.</p>
  if (mode.kind === 'say' && running && running.plan.focus.length === 0)
    return (
      <p className={styles.now}>
        {now && stretch ? (
          <>
            Watched first: <b>“{now.call.notSettled}”</b> in {stretch.plan.name}.
          </>
        ) : (
          'Nothing is watched in this lesson.'
        )}
      </p>
    )
  return now ? <Question store={store} cue={now} mode={mode} /> : null
}

/** How many have had the fewest goes. */
function NextToGo({ store, role }: { store: HallStore; role: string }) {
  const many = useHall(store, (s) => {
    const here = s.hall.grid.rows.map((r) => r.child.id).filter((c) => !s.away.has(c))
    return nextToGo(here, s.goes, role).size
  })
  return <b>{many} next</b>
}

function Question({ store, cue, mode }: { store: HallStore; cue: Schemas['CueView']; mode: Mode }) {
  const { cues, wanted, watch, stretch } = useWatch(store)
  const beside =
    mode.kind === 'watch' && mode.way === 'all' ? cues.find((c) => c.key === mode.second) : undefined
  const by = watch?.from?.byCue[cue.key]?.map((g) => stretch?.floor?.groups[g]?.label).join(', ')
  return (
    <p className={styles.now}>
      <button
        type="button"
        className={styles.figure}
        aria-label={`“${cue.call.notSettled}” on a figure`}
        onClick={() => store.open({ kind: 'figure', cue: cue.key })}
      >
        <b>“{cue.call.notSettled}”</b>
      </button>{' '}
      {cue.question.notSettled}{' '}
      {beside && (
        <>
          {' '}
          and <b>“{beside.call.notSettled}”</b> {beside.question.notSettled}{' '}
        </>
      )}
      <span className={styles.stand}>
        Stand {cue.view.notSettled}
        {by && `, by ${by}`}.{watch && ` ◉ ${wanted.size} first.`}
      </span>
    </p>
  )
}

interface HitSettingsProps {
  store: HallStore
  hits: Extract<Mode, { kind: 'hits' }>['counting']
  things: readonly { key: string; name: string }[]
}

/** Of how many tries, with which hand and which thing. */
function HitSettings({ store, hits, things }: HitSettingsProps) {
  return (
    <div className={styles.counting}>
      <b>Hits out of {hits.of}</b>
      {[3, 5, 10].map((of) => (
        <button
          key={of}
          type="button"
          aria-pressed={hits.of === of}
          onClick={() => store.countHits({ ...hits, of })}
        >
          {of} tries
        </button>
      ))}
      <button
        type="button"
        aria-pressed={hits.side === 'other'}
        onClick={() => store.countHits({ ...hits, side: hits.side === 'own' ? 'other' : 'own' })}
      >
        {hits.side === 'own' ? 'own hand' : 'other hand'}
      </button>
      {things.length > 1 &&
        things.map((thing) => (
          <button
            key={thing.key}
            type="button"
            aria-pressed={hits.item === thing.key}
            onClick={() =>
              store.countHits({ ...hits, item: hits.item === thing.key ? undefined : thing.key })
            }
          >
            {thing.name}
          </button>
        ))}
    </div>
  )
}
