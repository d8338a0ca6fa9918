import { type ClockEvent, DOES } from '../clock'
import { keptOf } from '../kept'
import { type Context, runningOf } from './context'
import type { HallVerbs, HallView } from './state'

/** The clock as the server and this device know it; what was taken back is left out. */
export function clockOf(hall: HallView): ClockEvent[] {
  const ahead = Date.now() - Date.parse(hall.now)
  const kept = keptOf(hall.lesson.lesson)
  const gone = new Set([...hall.events.filter((e) => e.voided).map((e) => e.what.id), ...(kept.gone ?? [])])
  const events = new Map<string, ClockEvent>()
  for (const { what } of hall.events) {
    if (what.kind !== 'CLOCK' || gone.has(what.id)) continue
    const does = DOES.find((d) => d === what.body.does)
    if (does) events.set(what.id, { id: what.id, does, at: Date.parse(what.at) + ahead })
  }
  for (const e of kept.clock ?? []) if (!gone.has(e.id)) events.set(e.id, e)
  return [...events.values()].sort((a, b) => a.at - b.at)
}

/** The clock, and the lever of what runs. */
export function clock(
  { get, setAndKeep, out }: Context,
  /** what runs now is what is watched */
  follow: (segment: string) => void,
  closeSets: () => void,
): Pick<HallVerbs, 'clock' | 'play' | 'unclock' | 'ease'> {
  return {
    clock: (does) => {
      const id = out.event('CLOCK', { does }, runningOf(get())?.id)
      setAndKeep({ clock: [...get().clock, { id, does, at: Date.now() }] })
      const now = runningOf(get())
      if ((does === 'begin' || does === 'next') && now) follow(now.id)
    },
    play: () => {
      const now = runningOf(get())
      if (!now) return
      out.event('CLOCK', { does: 'set' }, now.id)
      setAndKeep({ playing: now.id })
    },
    unclock: () => {
      const last = get().clock.at(-1)
      if (!last) return
      out.takeBack(last.id)
      const gone = [...(keptOf(get().hall.lesson.lesson).gone ?? []), last.id]
      setAndKeep({ clock: get().clock.slice(0, -1), gone })
    },
    ease: (by) => {
      const s = runningOf(get())
      if (!s) return
      if (s.id === get().segment) closeSets()
      const step = Math.max(0, Math.min(s.task.ladder.length - 1, (get().steps[s.id] ?? s.task.step) + by))
      setAndKeep({ steps: { ...get().steps, [s.id]: step } })
      out.event('CLOCK', { does: 'setting', step }, s.id)
    },
  }
}
