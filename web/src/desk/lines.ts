import type { Schemas } from '../api/client'
import type { Line } from './StripBead'

/** So many classes are on the strip at once; the others are a press away. */
export const AT_ONCE = 4

/** Pages on which the strip is only where one is in the term. */
const ORIENTATION = ['/year', '/reports', '/know-how', '/cupboard', '/spaces', '/stock-take', '/set-up']

export const onlyOrientation = (pathname: string) => ORIENTATION.some((p) => pathname.startsWith(p))

/** The child that a page is about, if it is about one. */
export const childOf = (pathname: string) => /^\/children\/([^/]+)$/.exec(pathname)?.[1]

/** The classes that a child is in on a day. */
export const classesOn = (day: string, enrolments: Schemas['EnrolmentView'][]) =>
  enrolments.filter((e) => e.from <= day && (!e.to || e.to >= day)).map((e) => e.schoolClass)

/** Whether a line is what a page is about: its class, one of its units or lessons, a child in it. */
const isOf = (pathname: string, line: Line, itsClasses: string[]) =>
  pathname === `/classes/${line.schoolClass.id}` ||
  itsClasses.includes(line.schoolClass.id) ||
  line.beads.some((b) => pathname === `/units/${b.unit}` || pathname === `/lessons/${b.lesson}`)

/** When a class has something next, from today on; on one day a lesson comes before a time that nothing is planned for. */
const next = (line: Line, today: string) =>
  [
    ...line.beads.filter((b) => b.bead !== 'LOST').map((b) => `${b.onDate} ${b.starts ?? ''}`),
    ...line.open.map((o) => `${o.day} open`),
  ]
    .filter((day) => day >= today)
    .sort()[0] ?? '9999'

/**
 * The lines that matter here: the page's own class first, then those that are taught next; in the order of the classes where all
 * of them have room. What class the page is about is told by its address, or else by the classes of the child that it is about.
 */
export function linesFor(
  lines: Line[],
  today: string,
  pathname: string,
  all: boolean,
  itsClasses: string[] = [],
): Line[] {
  if (all || lines.length <= AT_ONCE) return lines
  const own = lines.filter((l) => isOf(pathname, l, itsClasses))
  const rest = lines.filter((l) => !own.includes(l))
  const coming = [...rest].sort((a, b) => next(a, today).localeCompare(next(b, today)))
  return [...own, ...coming].slice(0, AT_ONCE)
}
