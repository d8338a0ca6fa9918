import type { Context } from './context'
import type { HallVerbs } from './state'

/** What is counted by number, and what is said, voted and noted. */
export function counts({
  get,
  setAndKeep,
  out,
}: Context): Pick<HallVerbs, 'count' | 'uncount' | 'note' | 'showed' | 'tell' | 'vote'> {
  const here = () => get().segment
  return {
    count: (what, children, count, other = false) => {
      const body = {
        what,
        children: [...children],
        count,
        side: other ? ('other' as const) : ('own' as const),
      }
      const id = out.event('COUNT', body, here())
      setAndKeep({ counts: [...get().counts, { id, what, children, count }] })
    },
    uncount: (id) => {
      out.takeBack(id)
      setAndKeep({ counts: get().counts.filter((c) => c.id !== id) })
    },
    note: (text, child) => {
      if (text.trim()) out.event('NOTE', { text: text.trim(), child }, here())
    },
    showed: (child) => {
      const { cue } = get()
      if (cue) out.event('SHOWED', { child, cue }, here())
    },
    tell: (body) => void out.event('TALK', body, here()),
    vote: (activity, what) => void out.event('VOTE', { activity, what }, here()),
  }
}
