import { uuid7 } from '../../shared/uuid7'
import type { ScoreLog } from '../counted'
import { SHIRTS } from '../shirts'
import { type Context, scoredOf } from './context'
import type { HallVerbs, HallView } from './state'

/** The latest game of the lesson as the server knows it; null if there was none. */
export function scoreOf(events: HallView['events']): ScoreLog | null {
  let score = null as ScoreLog | null
  for (const { what, voided } of events) {
    if (what.kind !== 'SCORE' || voided) continue
    const { score: id, game, sides, event } = what.body
    if (game) score = { id, game, sides: sides ?? [], segment: what.segment, events: [] }
    else if (event && score?.id === id) score = { ...score, events: [...score.events, event] }
  }
  return score
}

/** So many sides, by their shirts. */
export const sidesOf = (many: number) => SHIRTS.slice(0, many).map((s) => s.name)

/** The score desk: a log that the core reads. */
export function score({
  get,
  setAndKeep,
  out,
}: Context): Pick<HallVerbs, 'startScore' | 'openScore' | 'addScore' | 'endScore'> {
  const begin = (game: string, sides: string[]) => {
    const id = uuid7()
    const segment = scoredOf(get())?.id
    setAndKeep({ score: { id, game, sides, segment, events: [] } })
    out.event('SCORE', { score: id, game, sides }, segment)
  }
  return {
    startScore: begin,
    openScore: () => {
      const { score: now } = get()
      const part = scoredOf(get())
      // A game of this part goes on; another part begins its own.
      if (part?.work?.game && now?.segment !== part.id)
        begin(part.work?.game.text, sidesOf(part.work?.game.sides))
    },
    addScore: (...events) => {
      const { score: now } = get()
      if (!now) return
      setAndKeep({ score: { ...now, events: [...now.events, ...events] } })
      for (const event of events) out.event('SCORE', { score: now.id, event }, now.segment)
    },
    endScore: () => setAndKeep({ score: null }),
  }
}
