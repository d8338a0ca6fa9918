import type { Schemas } from '../api/client'

/** What is counted by number: one press each, then whoever is next. */
export type What = 'together' | 'throw' | 'streak' | 'down'

export const WHATS: { what: What; name: string; ask: string }[] = [
  { what: 'together', name: 'How many, by pairs', ask: 'How many did they get?' },
  { what: 'throw', name: 'Throws by zone', ask: 'The last line it went past, in metres' },
  { what: 'streak', name: 'In a row', ask: 'How many in a row, without a miss?' },
  { what: 'down', name: 'Knocked down', ask: 'How many fell with this throw?' },
]

/** Those who are counted as one. */
export interface Party {
  children: string[]
  name: string
}

/** A count. @property count millimetres for a throw */
export interface Count {
  id: string
  what: What
  children: readonly string[]
  count: number
}

/** Zones are half a metre deep. */
const ZONE_MM = 500

/** The numbers that can be pressed, with what they say. */
export function numbersFor(what: What): { count: number; label: string }[] {
  if (what === 'throw')
    return Array.from({ length: 40 }, (_, i) => ({
      count: (i + 1) * ZONE_MM,
      label: String((i + 1) / 2),
    }))
  const most = what === 'down' ? 10 : 29
  return Array.from({ length: most + 1 }, (_, count) => ({ count, label: String(count) }))
}

/** A count in words, without who it is about. */
export const countWords = (what: What, count: number) =>
  what === 'throw' ? `past ${count / 1000} m` : String(count)

/** Who is asked, in the order in which they stand: groups of two or three as one where pairs are counted, else each child. */
export function partiesOf(
  what: What,
  here: readonly { id: string; name: string }[],
  groups: readonly Schemas['GroupView'][],
): Party[] {
  if (what !== 'together') return here.map((c) => ({ children: [c.id], name: c.name }))
  const names = new Map(here.map((c) => [c.id, c.name]))
  const small = groups
    .map((g) => g.children.filter((c) => names.has(c.id)).map((c) => c.id))
    .filter((ids) => ids.length > 0)
  // Lanes and teams are no pairs: those who stand beside each other are.
  const pairs =
    small.length > 0 && small.every((ids) => ids.length <= 3) ? small : twos(here.map((c) => c.id))
  return pairs.map((children) => ({
    children,
    name: children.map((id) => names.get(id)).join(' & '),
  }))
}

/** By twos; an odd one makes the last a three. */
function twos(ids: readonly string[]): string[][] {
  const pairs: string[][] = []
  for (let i = 0; i + 1 < ids.length; i += 2) pairs.push([ids[i], ids[i + 1]])
  if (ids.length % 2 === 1) {
    if (pairs.length > 0) pairs[pairs.length - 1].push(ids[ids.length - 1])
    else pairs.push([ids[0]])
  }
  return pairs
}

/** Counts of this lesson that the server knows and that were not taken back. */
export function countsOf(events: readonly Schemas['LessonEvent'][]): Count[] {
  return events.flatMap(({ what, voided }) =>
    what.kind === 'COUNT' && !voided ? [{ id: what.id, ...what.body }] : [],
  )
}
