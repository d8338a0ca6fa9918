import { type QueryClient, queryOptions } from '@tanstack/react-query'
import { api, take } from './client'

/** What several pages read, each under one key; who reads it with parameters of a page's own says so there. */
export const reads = {
  classes: queryOptions({ queryKey: ['classes'], queryFn: () => take(api.GET('/api/classes')) }),
  spaces: queryOptions({ queryKey: ['spaces'], queryFn: () => take(api.GET('/api/spaces')) }),
  skills: queryOptions({ queryKey: ['skills'], queryFn: () => take(api.GET('/api/skills')) }),
  term: queryOptions({ queryKey: ['term'], queryFn: () => take(api.GET('/api/term')) }),
  school: queryOptions({ queryKey: ['school'], queryFn: () => take(api.GET('/api/school')) }),
  cupboard: queryOptions({ queryKey: ['cupboard'], queryFn: () => take(api.GET('/api/cupboard')) }),
  units: queryOptions({ queryKey: ['units'], queryFn: () => take(api.GET('/api/units')) }),
  calendar: queryOptions({ queryKey: ['calendar'], queryFn: () => take(api.GET('/api/calendar')) }),
  child: (id: string) =>
    queryOptions({
      queryKey: ['child', id],
      queryFn: () => take(api.GET('/api/children/{id}', { params: { path: { id } } })),
    }),
}

const lessons = ['term', 'today', 'unit', 'units', 'sheet', 'dates', 'calendar', 'year', 'rehearsal']

/** What a change makes stale, by what was changed: said once, so that no page shows what is not so any more. */
const stale = {
  /** plans, and the dates of lessons */
  lessons,
  /** terms, closures and the timetable */
  calendar: ['term', 'today', 'dates', 'year'],
  /** which classes there are, and what they are called */
  classes: ['class', 'classes', 'left-classes', ...lessons],
  /** children of a class, and how they are marked */
  children: ['class', 'classes', 'child', 'grid', 'pairs', 'next', 'over-time', 'rehearsal'],
  /** what there is to teach with */
  cupboard: ['cupboard', 'usual-things', 'shopping', 'unit', 'today', 'sheet'],
  /** halls and yards */
  spaces: ['spaces', 'unit', 'today', 'calendar'],
} as const

/** Has everything read again that a change of that kind touches. */
export function changed(queries: QueryClient, what: keyof typeof stale) {
  for (const key of stale[what]) queries.invalidateQueries({ queryKey: [key] })
}
