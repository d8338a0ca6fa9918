import { addDays, daysBetween, isWeekend } from '../shared/dates'
import type { Line } from './StripBead'

/** A lesson that falls this near to one of the timetable is let down on it. */
const SNAP_DAYS = 2

/**
 * Where a bead may come down on a strip.
 *
 * @param from first day of the strip
 * @param days how many it has
 * @param box where the strip stands on the screen
 */
export function stripDays(from: string, days: number, box: () => DOMRect | undefined) {
  /** Days of the timetable on which a class has no other lesson. */
  const free = (line: Line, lesson: string) =>
    line.days.filter(
      (d) => !line.beads.some((b) => b.onDate === d && b.lesson !== lesson && b.bead !== 'LOST'),
    )
  const dayUnder = (x: number, line: Line, lesson: string) => {
    const at = box()
    if (!at) return from
    const day = Math.floor(((x - at.left) / at.width) * days)
    const under = addDays(from, Math.max(0, Math.min(days - 1, day)))
    const near = (d: string) => Math.abs(daysBetween(under, d))
    const slot = free(line, lesson).sort((a, b) => near(a) - near(b))[0]
    return slot && near(slot) <= SNAP_DAYS ? slot : under
  }
  /** The day that a lesson is lifted to next: a free one of the timetable, any school day where the class is in none. */
  const beside = (line: Line, lesson: string, day: string, step: number) => {
    const slots = free(line, lesson)
    if (line.days.length > 0)
      return step > 0 ? slots.find((d) => d > day) : [...slots].reverse().find((d) => d < day)
    let next = addDays(day, step)
    while (isWeekend(next)) next = addDays(next, step)
    return next >= from && next < addDays(from, days) ? next : undefined
  }
  return { dayUnder, beside }
}
