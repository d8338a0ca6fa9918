import { type Context, runningOf } from './context'
import type { HallState, HallVerbs } from './state'

/** Under what a child's goes in a role are kept. */
export const goKey = (child: string, role: string) => (role ? `${child} ${role}` : child)

/** Those who are here and have had the fewest goes. */
export const nextToGo = (children: readonly string[], goes: HallState['goes'], role = '') => {
  const had = (child: string) => goes[goKey(child, role)] ?? 0
  const least = Math.min(...children.map(had))
  return new Set(children.filter((c) => had(c) === least))
}

/** Who is here, and who had a go. */
export function roll({ get, set, setAndKeep, out }: Context): Pick<HallVerbs, 'setPresent' | 'went'> {
  /** goes of this page, for the record of how long a turn takes */
  const turns: { at: string; id: string }[] = []
  return {
    setPresent: (child, present, sits = false) => {
      const away = new Set(get().away)
      const sitsOut = new Set(get().sitsOut)
      if (present) away.delete(child)
      else away.add(child)
      if (present && sits) sitsOut.add(child)
      else sitsOut.delete(child)
      set({ away, sitsOut })
      out.present(child, present, sits)
    },
    went: (child, by) => {
      const { mode, goes } = get()
      const role = mode.kind === 'goes' ? mode.role : ''
      const at = goKey(child, role)
      setAndKeep({ goes: { ...goes, [at]: Math.max(0, (goes[at] ?? 0) + by) } })
      if (by > 0) {
        const body = { does: 'turn' as const, child, role: role || undefined }
        turns.push({ at, id: out.event('CLOCK', body, runningOf(get())?.id) })
      } else {
        const last = turns.map((t) => t.at).lastIndexOf(at)
        if (last >= 0) out.takeBack(turns.splice(last, 1)[0].id)
      }
    },
  }
}
