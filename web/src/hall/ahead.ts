import type { Schemas } from '../api/client'
import { type ClockEvent, clockAt, clockWords } from './clock'

/** What can be done to the clock of a lesson that changes what comes after it. */
export type Step = 'next' | 'longer' | 'shorter'

const LEAST = 30

/** What a step does to the rest of the lesson, in sentences, before it is done. @param now milliseconds since 1970 */
export function ahead(
  hall: Schemas['HallView'],
  events: readonly ClockEvent[],
  does: Step,
  now: number,
): string[] {
  const plan = hall.stretches
  const before = clockAt(plan, events, now)
  if (before.state !== 'running' && before.state !== 'paused') return ['The clock does not run.']
  const after = clockAt(plan, [...events, { id: '~', does, at: now }], now)
  const runs = plan[before.index]
  const told: string[] = []
  if (does === 'next') {
    const next = plan[before.index + 1]
    told.push(
      before.left > 0
        ? `${runs.plan.name} ends ${clockWords(before.left)} early${next ? `; then ${next.plan.name}` : ', and with it the lesson'}.`
        : `${runs.plan.name} ends${next ? `; then ${next.plan.name}` : ', and with it the lesson'}.`,
    )
  } else
    told.push(
      `${runs.plan.name} has ${clockWords(Math.max(0, after.left))} left in place of ${clockWords(Math.max(0, before.left))}.`,
    )
  for (let i = before.index + 1; i < plan.length; i++) {
    const was = before.minutes[i]
    const is = after.minutes[i]
    if (Math.abs(is - was) >= LEAST)
      told.push(`${plan[i].plan.name} gets ${minutes(is)} in place of ${minutes(was)}.`)
  }
  if (told.length === 1) told.push('Nothing else changes.')
  return told
}

/** "8 min", "7½ min". */
function minutes(seconds: number) {
  const halves = Math.round(seconds / 30)
  return `${Math.floor(halves / 2) || (halves % 2 ? '' : 0)}${halves % 2 ? '½' : ''} min`
}
