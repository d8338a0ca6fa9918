/** What can happen to the clock of a lesson. */
export const DOES = ['begin', 'next', 'repeat', 'pause', 'resume', 'longer', 'shorter'] as const

export type ClockDoes = (typeof DOES)[number]

/** @property at milliseconds since 1970, by the device's clock */
export interface ClockEvent {
  id: string
  does: ClockDoes
  at: number
}

/** A stretch of the plan. */
export interface Stretch {
  id: string
  plan: { minutes: number }
}

export interface Clock {
  state: 'before' | 'running' | 'paused' | 'over'
  /** index of the stretch that runs */
  index: number
  /** seconds that the running stretch has; the change into it included */
  has: number
  /** seconds left of it; below zero once it is over */
  left: number
  /** seconds each stretch had, has, or will have as things stand */
  minutes: number[]
  /** seconds left of the lesson; below zero once it is over */
  lessonLeft: number
}

const MINUTE = 60

/**
 * The clock of a lesson from its events. What is added, cut or run over is taken from or given to the stretches after it, in
 * proportion to their minutes; the closing talk keeps its own.
 */
export function clockAt(plan: readonly Stretch[], events: readonly ClockEvent[], now: number): Clock {
  const whole = plan.reduce((sum, s) => sum + s.plan.minutes * MINUTE, 0)
  const had = plan.map((s) => s.plan.minutes * MINUTE)
  const ordered = [...events].sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
  let index = -1
  let began = 0
  let elapsed = 0
  let running = false
  let last = 0
  let has = 0
  const pass = (to: number) => {
    if (running) elapsed += Math.max(0, to - last) / 1000
    last = Math.max(last, to)
  }
  const start = (at: number) => {
    index = at
    began = elapsed
    has = index < plan.length ? allotted(plan, index, whole - elapsed) : 0
  }
  for (const event of ordered) {
    if (event.does === 'begin') {
      if (index >= 0) continue
      last = event.at
      running = true
      start(0)
      continue
    }
    if (index < 0 || index >= plan.length) continue
    pass(event.at)
    if (event.does === 'pause') running = false
    else if (event.does === 'resume') running = true
    else if (event.does === 'longer') has += MINUTE
    else if (event.does === 'shorter') has = Math.max(0, has - MINUTE)
    else {
      had[index] = elapsed - began
      running = true
      start(event.does === 'next' ? index + 1 : index)
    }
  }
  pass(now)
  if (index < 0)
    return { state: 'before', index: 0, has: had[0] ?? 0, left: had[0] ?? 0, minutes: had, lessonLeft: whole }
  if (index >= plan.length)
    return {
      state: 'over',
      index: plan.length - 1,
      has: 0,
      left: 0,
      minutes: had,
      lessonLeft: whole - elapsed,
    }
  const left = has - (elapsed - began)
  const minutes = had.map((seconds, i) => (i < index ? seconds : i === index ? has : 0))
  // As if what runs now ended when it should, or now if that is past.
  let rest = whole - elapsed - Math.max(0, left)
  for (let i = index + 1; i < plan.length; i++) {
    minutes[i] = allotted(plan, i, rest)
    rest -= minutes[i]
  }
  return { state: running ? 'running' : 'paused', index, has, left, minutes, lessonLeft: whole - elapsed }
}

/** Seconds for the stretch at an index when so many are left of the lesson. */
function allotted(plan: readonly Stretch[], index: number, rest: number): number {
  const own = plan[index].plan.minutes * MINUTE
  const close = plan[plan.length - 1].plan.minutes * MINUTE
  if (index === plan.length - 1) return Math.max(Math.min(own, MINUTE), Math.min(own, rest))
  const middle = plan.slice(index, -1).reduce((sum, s) => sum + s.plan.minutes * MINUTE, 0)
  const share = Math.max(0, rest - close) / Math.max(1, middle)
  // A clock that is a few seconds off does not change every number.
  return Math.abs(share - 1) < 0.02 ? own : Math.floor((own * share) / 5) * 5
}

/** "5:34", "−0:12" past its end. */
export function clockWords(seconds: number): string {
  const whole = seconds < 0 ? Math.floor(seconds) : Math.ceil(seconds)
  const size = Math.abs(whole)
  return `${whole < 0 ? '−' : ''}${Math.floor(size / 60)}:${String(size % 60).padStart(2, '0')}`
}
