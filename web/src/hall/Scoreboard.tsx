import { uuid7 } from '../shared/uuid7'
import type { ScoreLog } from './counted'
import { MinuteClock } from './MinuteClock'
import { OrderPad } from './OrderPad'
import styles from './Score.module.css'
import { ScoreHead } from './ScoreHead'
import { Fields, RowOfPresses, SideCard } from './ScorePads'
import { ScoreSetup } from './ScoreSetup'
import { gameOf } from './scores'
import { columns } from './shirts'
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

/** So many presses have room inside each side. */
const room = (sides: number) => (sides <= 4 ? 13 : sides <= 8 ? 8 : 3)

function Board({ store, score, close }: { store: HallStore; score: ScoreLog; close: () => void }) {
  const { standing, failed } = useStanding(score)
  const game = gameOf(score.game)
  const { side, pick, add } = useSide(store, score, game ? turnOf(game, standing) : -1)
  const pad = game?.pad
  const own =
    pad?.kind === 'presses' && pad.own && pad.presses.length <= room(score.sides.length) ? pad.presses : null
  const addTo = (i: number, numbers: number[]) => store.addScore(`s ${uuid7()} ${i} ${numbers.join(',')}`)
  const over = standing?.over ?? false
  return (
    <>
      <ScoreHead
        store={store}
        score={score}
        name={game?.name ?? score.game}
        own={own !== null}
        close={close}
      />
      {failed && (
        <p role="alert">The score desk was not loaded yet on this device. Open it once with a network.</p>
      )}
      {standing?.error && <p role="alert">{standing.error}</p>}
      {game?.seconds && <MinuteClock seconds={game.seconds} />}
      <div className={styles.sides} style={columns(score.sides.length)}>
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
