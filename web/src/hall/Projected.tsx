import { lazy, Suspense, useEffect, useState } from 'react'
import type { Schemas } from '../api/client'
import type { ScoreLog } from './counted'
import { get } from './http'
import { keptOf } from './kept'
import { stayAwake } from './screen'
import { scoreOf } from './store'

const Board = lazy(() => import('./ProjectedBoard').then((m) => ({ default: m.ProjectedBoard })))

/** How often the server is asked; a game on this very device is shown at once. */
const ASKS = 2000

/** The score of a lesson for a projector: large, no names of children, no marks, nothing to press. */
export function Projected({ lesson }: { lesson: string }) {
  const [score, setScore] = useState<ScoreLog | null>(keptOf(lesson).score ?? null)
  useEffect(stayAwake, [])
  useEffect(() => {
    const ask = () =>
      get<Schemas['ScoreEvents']>(`/api/hall/${lesson}/score`).then(
        (told) => setScore((before) => later(before, scoreOf(told.events))),
        () => undefined,
      )
    const here = () => setScore((before) => later(before, keptOf(lesson).score ?? null))
    void ask()
    const timer = setInterval(ask, ASKS)
    window.addEventListener('storage', here)
    return () => {
      clearInterval(timer)
      window.removeEventListener('storage', here)
    }
  }, [lesson])
  return <Suspense fallback={null}>{<Board score={score} />}</Suspense>
}

/** Of two states of the board the one that knows more: another game, or more of the same one. */
export function later(a: ScoreLog | null, b: ScoreLog | null): ScoreLog | null {
  if (!a || !b) return b ?? a
  if (a.id !== b.id) return a.id > b.id ? a : b
  return b.events.length > a.events.length ? b : a
}
