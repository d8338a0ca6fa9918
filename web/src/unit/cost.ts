import type { Schemas } from '../api/client'

/** What an alternative would cost: the sum, then the rules that change most. */
export function cost(a: Schemas['Alternative']) {
  const worse = a.changes.filter((c) => c.after > c.before)
  const better = a.changes.filter((c) => c.after < c.before)
  const told = (list: typeof worse) =>
    [...list]
      .sort((x, y) => Math.abs(y.after - y.before) - Math.abs(x.after - x.before))
      .slice(0, 2)
      .map((c) => `${c.rule.toLowerCase()} ${c.after > c.before ? '+' : '−'}${Math.abs(c.after - c.before)}`)
      .join(', ')
  if (a.hard > 0) return `breaks: ${told(worse.filter((c) => c.level === 'HARD'))}`
  if (worse.length === 0) return better.length > 0 ? `better: ${told(better)}` : 'as good'
  return `${a.soft > 0 ? '+' : ''}${a.soft}: ${told(worse)}`
}
