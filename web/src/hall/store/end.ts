import { keptOf } from '../kept'
import type { Context } from './context'
import type { Ended, HallVerbs, HallView } from './state'

/** How the lesson ended, as the server and this device know it. */
export function endedOf(hall: HallView): Ended | null {
  const { ended, gone = [] } = keptOf(hall.lesson.lesson)
  // Said here, and not arrived yet.
  if (ended && !hall.events.some((e) => e.what.id === ended.id)) return ended
  if (hall.lesson.state === 'PLANNED') return null
  const said = hall.events.filter((e) => e.what.kind === 'END' && !e.voided).at(-1)?.what
  if (said?.kind !== 'END')
    return { id: null, how: hall.lesson.state === 'LOST' ? 'none' : 'taught', ran: [] }
  return gone.includes(said.id) ? null : { id: said.id, how: said.body.how, ran: said.body.ran ?? [] }
}

/** How the lesson ended, and that it did not. */
export function end({ get, setAndKeep, out }: Context): Pick<HallVerbs, 'end' | 'reopen'> {
  return {
    end: (how, ran) => {
      const id = out.event('END', { how, ran: how === 'cut' ? [...ran] : undefined })
      setAndKeep({ ended: { id, how, ran } })
    },
    reopen: () => {
      const { ended } = get()
      if (!ended?.id) return
      out.takeBack(ended.id)
      setAndKeep({ ended: null, gone: [...(keptOf(get().hall.lesson.lesson).gone ?? []), ended.id] })
    },
  }
}
