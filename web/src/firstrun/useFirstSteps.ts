import { useQuery } from '@tanstack/react-query'
import { api, take } from '../api/client'
import { reads } from '../api/reads'

export type StepKey = 'school' | 'term' | 'place' | 'class' | 'cupboard' | 'timetable'

export interface Step {
  key: StepKey
  title: string
  done: boolean
}

/** What a school needs before there can be lessons, read from what is there: so it can be left and gone on with at any time. */
export function useFirstSteps(): { ready: boolean; steps: Step[]; next?: Step; children: number } {
  const session = useQuery({ queryKey: ['session'], queryFn: () => take(api.GET('/api/session')) })
  const lead = session.data?.role === 'LEAD'
  const calendar = useQuery({ ...reads.calendar, enabled: lead })
  const spaces = useQuery({ ...reads.spaces, enabled: lead })
  const classes = useQuery({ ...reads.classes, enabled: lead })
  const cupboard = useQuery({ ...reads.cupboard, enabled: lead })
  if (!calendar.data || !spaces.data || !classes.data || !cupboard.data)
    return { ready: false, steps: [], children: 0 }
  const steps: Step[] = [
    { key: 'school', title: 'Your school and you', done: true },
    { key: 'term', title: 'The term', done: calendar.data.terms.length > 0 },
    { key: 'place', title: 'A place to teach in', done: spaces.data.length > 0 },
    { key: 'class', title: 'A class with its children', done: classes.data.some((c) => c.children > 0) },
    { key: 'cupboard', title: 'What is in the cupboard', done: cupboard.data.some((l) => l.countedAt) },
    { key: 'timetable', title: 'When it has lessons', done: calendar.data.slots.length > 0 },
  ]
  const children = Math.max(1, ...classes.data.map((c) => c.children))
  return { ready: true, steps, next: steps.find((s) => !s.done), children }
}
