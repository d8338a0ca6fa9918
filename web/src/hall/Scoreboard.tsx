import { uuid7 } from '../shared/uuid7'
import type { ScoreLog } from './counted'
import { MinuteClock } from './MinuteClock'
import { OrderPad } from './OrderPad'
import styles from './Score.module.css'
import { Fields, RowOfPresses, SideCard } from './ScorePads'
import { ScoreSetup } from './ScoreSetup'
import { gameOf } from './scores'
import type { HallStore } from './store'
import { useHall } from './useHall'
import { turnOf, useSide } from './useSide'
import { useStanding } from './useStanding'

/** The score desk: children can run it. It shows no marks and no notes. */
export function Scoreboard({ store, close }: { store: HallStore; close: () => void }) {
  const score = useHall(store, (s) => s.score)
  return (
    <section className={styles.desk} role="dialog" aria-label="Score desk">
      {score ? (
        <Board key={score.id} store={store} score={score} close={close} />
      ) : (
        <ScoreSetup store={store} close={close} />
      )}
    </section>
  )
}

/** More presses than these have no room inside the sides. */
const ROOM = 28

function Board({ store, score, close }: { store: HallStore; score: ScoreLog; close: () => void }) {
  const { standing, failed } = useStanding(score)
  const game = gameOf(score.game)
  const { side, pick, add } = useSide(store, score, game ? turnOf(game, standing) : -1)
  const pad = game?.pad
  const own =
    pad?.kind === 'presses' && pad.own && pad.presses.length * score.sides.length <= ROOM ? pad.presses : null
  const addTo = (i: number, numbers: number[]) => store.addScore(`s ${uuid7()} ${i} ${numbers.join(',')}`)
  const over = standing?.over ?? false
  return (
    <>
      <Head store={store} score={score} name={game?.name ?? score.game} close={close} />
      {failed && (
        <p role="alert">The score desk was not loaded yet on this device. Open it once with a network.</p>
      )}
      {standing?.error && <p role="alert">{standing.error}</p>}
      {game?.seconds && <MinuteClock seconds={game.seconds} />}
      <div className={`${styles.sides} ${score.sides.length > 4 ? styles.many : ''}`}>
        {score.sides.map((name, i) => (
          <SideCard
            key={name}
            name={name}
            index={i}
            line={standing?.lines[i]}
            leads={standing?.leads.includes(i) ?? false}
            picks={own || pad?.kind === 'order' ? undefined : { chosen: side === i, pick: () => pick(i) }}
            presses={over ? [] : (own ?? [])}
            add={(numbers) => addTo(i, numbers)}
          />
        ))}
      </div>
      {standing?.findings.map((f) => (
        <p key={f} className={styles.finding} role="status">
          {f}
        </p>
      ))}
      {over && standing && (
        <p className={styles.finding}>
          The game is over
          {standing.leads.length > 0 && `: ${standing.leads.map((i) => score.sides[i]).join(' and ')}`}.
        </p>
      )}
      {!over && pad?.kind === 'order' && (
        <OrderPad key={score.events.length} sides={score.sides} add={(events) => store.addScore(...events)} />
      )}
      {!over && pad?.kind === 'presses' && !own && (
        <RowOfPresses key={score.events.length} presses={pad.presses} side={score.sides[side]} add={add} />
      )}
      {!over && pad?.kind === 'fields' && (
        <Fields key={score.events.length} labels={pad.labels} side={score.sides[side]} add={add} />
      )}
    </>
  )
}

interface HeadProps {
  store: HallStore
  score: ScoreLog
  name: string
  close: () => void
}

function Head({ store, score, name, close }: HeadProps) {
  const last = undone(score.events)
  const sides = score.sides.map((n) => `sides=${encodeURIComponent(n)}`).join('&')
  return (
    <header className={styles.head}>
      <h1>{name}</h1>
      <button
        type="button"
        disabled={!last}
        onClick={() => last && store.addScore(...last.ids.map((id) => `u ${uuid7()} ${id}`))}
      >
        Undo
      </button>
      <button
        type="button"
        disabled={!last || last.scored === undefined || score.sides.length < 2}
        onClick={() =>
          last?.scored !== undefined &&
          store.addScore(`o ${uuid7()} ${last.ids[0]} ${(last.scored + 1) % score.sides.length}`)
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
        href={`/api/score-cards/paper?game=${encodeURIComponent(score.game)}&${sides}`}
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
  )
}

/** What undo takes back: the last press that still counts, with all that was scored by it. Its side is given where it was one thing. */
function undone(events: readonly string[]): { ids: string[]; scored?: number } | undefined {
  const gone = new Set<string>()
  for (let i = events.length - 1; i >= 0; i--) {
    const [kind, id, what] = events[i].split(' ')
    if (kind === 'u' && !gone.has(id)) gone.add(what)
    else if (kind !== 'u' && !gone.has(id)) {
      const round = together(events, i, gone)
      return round.length > 1
        ? { ids: round }
        : { ids: [id], scored: kind === 's' ? Number(what) : undefined }
    }
  }
  return undefined
}

/** Things scored by one press have one name before their number: "r1.0", "r1.1". */
function together(events: readonly string[], from: number, gone: ReadonlySet<string>) {
  const [press, part] = (events[from].split(' ')[1] ?? '').split('.')
  if (part === undefined) return []
  return events
    .map((e) => e.split(' '))
    .filter(([kind, id]) => kind === 's' && id.startsWith(`${press}.`) && !gone.has(id))
    .map(([, id]) => id)
}
