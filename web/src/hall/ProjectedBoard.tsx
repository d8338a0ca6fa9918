import type { ScoreLog } from './counted'
import styles from './Score.module.css'
import { gameOf } from './scores'
import { columns, shirtOf } from './shirts'
import { useStanding } from './useStanding'

/** What the projector shows: each side in its colour and shape, with numerals for the far wall. */
export function ProjectedBoard({ score }: { score: ScoreLog | null }) {
  const { standing } = useStanding(score)
  if (!score)
    return (
      <main className={styles.projected}>
        <h1>No game yet</h1>
        <p>Begin one at the score desk in the hall; it is shown here as it goes.</p>
      </main>
    )
  return (
    <main className={styles.projected}>
      <h1>{gameOf(score.game)?.name ?? score.game}</h1>
      <div className={styles.sides} style={columns(score.sides.length)}>
        {score.sides.map((name, i) => (
          <div key={name} className={styles.side} style={{ background: shirtOf(i).colour }}>
            <div
              className={styles.score}
              role="status"
              aria-label={`${name}: ${standing?.lines[i]?.points ?? 0}`}
            >
              <span>
                {shirtOf(i).mark} {name} {standing?.leads.includes(i) && '★'}
              </span>
              <b>{standing?.lines[i]?.points ?? 0}</b>
              <small>{standing?.lines[i]?.words}</small>
            </div>
          </div>
        ))}
      </div>
      {standing?.over && standing.leads.length > 0 && (
        <p className={styles.finding}>
          The game is over: {standing.leads.map((i) => score.sides[i]).join(' and ')}.
        </p>
      )}
    </main>
  )
}
