import type { Schemas } from '../api/client'
import { type HallState, type HallStore, key } from './store'
import { useHall } from './useHall'

/** What is watched: the cue, where it is seen, and whom to look at first. */
export function useWatch(store: HallStore) {
  const hall = useHall(store, (s) => s.hall)
  const cue = useHall(store, (s) => s.cue)
  const segment = useHall(store, (s) => s.segment)
  const pressed = useHall(store, (s) => s.pressed)
  const plannedAt = useHall(store, (s) => s.plannedAt)
  const fresh = useHall(store, (s) => s.fresh)
  return watchOf({ hall, cue, segment, pressed, plannedAt, fresh })
}

type Watched = Pick<HallState, 'hall' | 'cue' | 'segment' | 'pressed' | 'plannedAt' | 'fresh'>

/** What is left of the plan: a look that was made since is struck off. */
export function watchOf({ hall, cue, segment, pressed, plannedAt, fresh }: Watched) {
  const cues = hall.grid.skills.flatMap((s) => s.cues)
  const watch = hall.watch.find((w) => w.segment === segment)
  const wanted = new Map(watch?.watches.filter((w) => w.cue === cue).map((w) => [w.child, w.looks]))
  for (const first of hall.firstLooks)
    if (first.cue === cue) wanted.set(first.child, Math.max(1, wanted.get(first.child) ?? 0))
  for (const [child, looks] of wanted) {
    const since = pressed.filter(
      (p) => p.cue === cue && p.child === child && Date.parse(p.at) > plannedAt,
    ).length
    // What is on its way was not known to the plan, however long ago it was pressed.
    const left = looks - Math.max(since, fresh[key(child, cue)]?.length ?? 0)
    if (left > 0) wanted.set(child, left)
    else wanted.delete(child)
  }
  return {
    cue,
    cues,
    now: cues.find((c) => c.key === cue),
    planned: hall.lesson.segments.find((s) => s.id === segment),
    stretch: hall.stretches.find((s) => s.id === segment),
    watch,
    wanted,
  }
}

/** The number of the group in which each child is in a stretch. */
export function standing(stretch?: Schemas['StretchView']) {
  const groups: Record<string, string> = {}
  stretch?.floor?.groups.forEach((g, i) => {
    for (const c of g.children) groups[c.id] = String(i + 1)
  })
  return groups
}

/** The cues of what runs now first, then the others of its skills. */
export function cuesFor(cues: readonly Schemas['CueView'][], segment?: Schemas['PlannedSegment']) {
  const focus = segment?.focus ?? []
  const skills = new Set(focus.map((k) => k.split('/')[0]))
  return [
    ...focus.flatMap((k) => cues.filter((c) => c.key === k)),
    ...cues.filter((c) => !focus.includes(c.key) && (skills.size === 0 || skills.has(c.skill))),
  ].slice(0, 6)
}

/** In which order to look: those who would tell most, then those with the fewest looks, each once. */
export function inOrder(state: HallState): string[] {
  const { hall, cells, cue, away } = state
  const { wanted } = watchOf(state)
  const first = new Set(hall.firstLooks.filter((f) => f.cue === cue).map((f) => f.child))
  const looks = (child: string) => cells[child]?.[cue]?.trials ?? 0
  return hall.grid.rows
    .map((r) => r.child.id)
    .filter((c) => !away.has(c))
    .sort(
      (a, b) =>
        Number(first.has(b)) - Number(first.has(a)) ||
        (wanted.get(b) ?? 0) - (wanted.get(a) ?? 0) ||
        looks(a) - looks(b),
    )
}
