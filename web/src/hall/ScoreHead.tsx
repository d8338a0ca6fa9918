import { uuid7 } from '../shared/uuid7'
import type { ScoreLog } from './counted'
import styles from './Score.module.css'
import type { HallStore } from './store'

interface ScoreHeadProps {
  store: HallStore
  score: ScoreLog
  name: string
  /** whether each side has its own presses: nobody presses for another then */
  own: boolean
  close: () => void
}

/** What can be done to the whole game. */
export function ScoreHead({ store, score, name, own, close }: ScoreHeadProps) {
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
      {!own && score.sides.length > 1 && (
        <button
          type="button"
          disabled={last?.scored === undefined}
          onClick={() =>
            last?.scored !== undefined &&
            store.addScore(`o ${uuid7()} ${last.ids[0]} ${(last.scored + 1) % score.sides.length}`)
          }
        >
          Give it to the next side
        </button>
      )}
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
