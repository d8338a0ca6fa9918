import { useEffect, useState } from 'react'
import type { ScoreLog } from './counted'
import { loadScores, readStanding, type Standing } from './scores'

/** What a log comes to; throws where the computation is not on this device yet. */
export const standingOf = async (score: ScoreLog) =>
  readStanding((await loadScores())(score.game, [...score.sides], [...score.events]))

/** What a game comes to, as the core computes it; failed where the computation is not on this device yet. */
export function useStanding(score: ScoreLog | null) {
  const [standing, setStanding] = useState<Standing | null>(null)
  const [failed, setFailed] = useState(false)
  useEffect(() => {
    if (!score) return
    let here = true
    standingOf(score).then(
      (now) => here && setStanding(now),
      () => here && setFailed(true),
    )
    return () => {
      here = false
    }
  }, [score])
  return { standing, failed }
}
