import { useRef, useState } from 'react'
import { uuid7 } from '../shared/uuid7'
import type { ScoreLog } from './counted'
import { type Choice, gameOf, type Standing } from './scores'
import type { HallStore } from './store'
import { standingOf } from './useStanding'

/** Whose turn it is; -1 where the game does not say. */
export const turnOf = (game: Choice | undefined, standing: Standing | null) =>
  standing && game?.text !== 'swap' ? standing.next : -1

/**
 * Whose score a press is: of the side that was picked for it, or whose turn it is by the log as it is then. What is drawn may be a press
 * behind, and a quick one must not go to the side before.
 */
export function useSide(store: HallStore, score: ScoreLog, turn: number) {
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
