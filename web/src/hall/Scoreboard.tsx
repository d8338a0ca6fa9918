import { useRef, useState, useSyncExternalStore } from 'react'
import { uuid7 } from '../shared/uuid7'
import type { ScoreLog } from './counted'
import styles from './Score.module.css'
import { type Choice, gameOf, gamesWith, PINS, type Standing } from './scores'
import { SHIRTS, shirtOf } from './shirts'
import type { HallStore } from './store'
import { standingOf, useStanding } from './useStanding'

/** The score desk: children can run it. It shows no marks and no notes. */
export function Scoreboard({ store, close }: { store: HallStore; close: () => void }) {
  const { score } = useSyncExternalStore(store.subscribe, store.get)
  return (
    <section className={styles.desk} role="dialog" aria-label="Score desk">
      {score ? <Board store={store} score={score} close={close} /> : <Setup store={store} close={close} />}
    </section>
  )
}

function Setup({ store, close }: { store: HallStore; close: () => void }) {
  const [sides, setSides] = useState(2)
  const [pins, setPins] = useState(6)
  return (
    <>
      <header className={styles.head}>
        <h1>Which game?</h1>
        {[1, 2, 3, 4].map((n) => (
          <button key={n} type="button" aria-pressed={sides === n} onClick={() => setSides(n)}>
            {n} {n === 1 ? 'side' : 'sides'}
          </button>
        ))}
        {PINS.map((n) => (
          <button key={n} type="button" aria-pressed={pins === n} onClick={() => setPins(n)}>
            {n} pins
          </button>
        ))}
        <button type="button" onClick={close}>
          Close
        </button>
      </header>
      <div className={styles.games}>
        {gamesWith(pins).map((g) => (
          <button
            key={g.text}
            type="button"
            onClick={() =>
              store.startScore(
                g.text,
                SHIRTS.slice(0, sides).map((s) => s.name),
              )
            }
          >
            {g.name}
          </button>
        ))}
      </div>
    </>
  )
}

function Board({ store, score, close }: { store: HallStore; score: ScoreLog; close: () => void }) {
  const { standing, failed } = useStanding(score)
  const game = gameOf(score.game)
  const { side, pick, add } = useSide(store, score, game ? turnOf(game, standing) : -1)
  const last = undone(score.events)
  return (
    <>
      <header className={styles.head}>
        <h1>{game?.name ?? score.game}</h1>
        <button
          type="button"
          disabled={!last}
          onClick={() => last && store.addScore(`u ${uuid7()} ${last.id}`)}
        >
          Undo
        </button>
        <button
          type="button"
          disabled={!last || last.scored === undefined || score.sides.length < 2}
          onClick={() =>
            last?.scored !== undefined &&
            store.addScore(`o ${uuid7()} ${last.id} ${(last.scored + 1) % score.sides.length}`)
          }
        >
          It was the next side’s
        </button>
        <button type="button" onClick={() => document.documentElement.requestFullscreen?.()}>
          Full screen
        </button>
        <a href={`/hall/${store.get().hall.lesson.lesson}/board`} target="_blank" rel="noreferrer">
          For a projector
        </a>
        <a
          href={`/api/score-cards/paper?game=${encodeURIComponent(score.game)}&${score.sides.map((n) => `sides=${encodeURIComponent(n)}`).join('&')}`}
          target="_blank"
          rel="noreferrer"
        >
          Card on paper
        </a>
        <button type="button" onClick={store.endScore}>
          Another game
        </button>
        <button type="button" onClick={close}>
          Close
        </button>
      </header>
      {failed && (
        <p role="alert">The score desk was not loaded yet on this device. Open it once with a network.</p>
      )}
      {standing?.error && <p role="alert">{standing.error}</p>}
      <div className={styles.sides}>
        {score.sides.map((name, i) => {
          const shirt = shirtOf(i)
          const line = standing?.lines[i]
          return (
            <button
              key={name}
              type="button"
              className={`${styles.side} ${side === i ? styles.chosen : ''}`}
              style={{ background: shirt.colour }}
              aria-pressed={side === i}
              aria-label={`${name}: ${line?.points ?? 0}${standing?.leads.includes(i) ? ', in front' : ''}`}
              onClick={() => pick(i)}
            >
              <span>
                {shirt.mark} {name} {standing?.leads.includes(i) && '★'}
              </span>
              <b>{line?.points ?? 0}</b>
              <small>{line?.words}</small>
            </button>
          )
        })}
      </div>
      {standing?.findings.map((f) => (
        <p key={f} className={styles.finding} role="status">
          {f}
        </p>
      ))}
      {standing?.over ? (
        <p className={styles.finding}>
          The game is over
          {standing.leads.length > 0 && `: ${standing.leads.map((i) => score.sides[i]).join(' and ')}`}.
        </p>
      ) : (
        game && (
          <ScorePad
            key={`${game.text} ${score.events.length}`}
            game={game}
            add={add}
            side={score.sides[side]}
          />
        )
      )}
    </>
  )
}

/** Whose turn it is; -1 where the game does not say. */
const turnOf = (game: Choice | undefined, standing: Standing | null) =>
  standing && game?.text !== 'swap' ? standing.next : -1

/**
 * Whose score a press is: of the side that was picked for it, or whose turn it is by the log as it is then. What is drawn may be a press
 * behind, and a quick one must not go to the side before.
 */
function useSide(store: HallStore, score: ScoreLog, turn: number) {
  const [picked, setPicked] = useState<{ side: number; at: number } | null>(null)
  const latest = useRef(picked)
  const line = useRef(Promise.resolve())
  const sideAt = (events: number, next: number) => {
    const own = latest.current
    return own && (next < 0 || own.at === events) ? own.side : Math.max(0, next)
  }
  return {
    side: sideAt(score.events.length, turn),
    pick: (side: number) => {
      latest.current = { side, at: score.events.length }
      setPicked(latest.current)
    },
    add: (numbers: number[]) => {
      line.current = line.current.then(async () => {
        const log = store.get().score
        if (!log) return
        const now = await standingOf(log).catch(() => null)
        const side = sideAt(log.events.length, turnOf(gameOf(log.game), now))
        store.addScore(`s ${uuid7()} ${side} ${numbers.join(',')}`)
      })
    },
  }
}

/** The last event that still counts: what undo takes back. Its side is given where it was something scored. */
function undone(events: readonly string[]): { id: string; scored?: number } | undefined {
  const gone = new Set<string>()
  for (let i = events.length - 1; i >= 0; i--) {
    const [kind, id, what] = events[i].split(' ')
    if (kind === 'u' && !gone.has(id)) gone.add(what)
    else if (kind !== 'u' && !gone.has(id)) return { id, scored: kind === 's' ? Number(what) : undefined }
  }
  return undefined
}

function ScorePad({ game, add, side }: { game: Choice; add: (numbers: number[]) => void; side: string }) {
  const { pad } = game
  const [fields, setFields] = useState<string[]>([])
  if (pad.kind === 'fields') {
    const whole = pad.labels.map((_, i) => Number(fields[i] || 0))
    return (
      <form
        className={styles.pad}
        onSubmit={(e) => {
          e.preventDefault()
          add(whole)
        }}
      >
        {pad.labels.map((label, i) => (
          <label key={label}>
            {label}
            <input
              inputMode="numeric"
              pattern="[0-9]{1,5}"
              value={fields[i] ?? ''}
              onChange={(e) => {
                const now = [...fields]
                now[i] = e.target.value
                setFields(now)
              }}
            />
          </label>
        ))}
        <button type="submit" disabled={!fields[0]}>
          For {side}
        </button>
      </form>
    )
  }
  const presses =
    pad.kind === 'numbers'
      ? Array.from({ length: pad.to + 1 }, (_, n) => ({ label: String(n), numbers: [n] }))
      : pad.labels.map((label, i) => ({ label, numbers: pad.numbers(i) }))
  return (
    <fieldset className={styles.pad} aria-label={`For ${side}`}>
      {presses.map((p) => (
        <button key={p.label} type="button" onClick={() => add(p.numbers)}>
          {p.label}
        </button>
      ))}
    </fieldset>
  )
}
