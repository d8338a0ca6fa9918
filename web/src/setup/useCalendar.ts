import { useQuery, useQueryClient } from '@tanstack/react-query'
import type { Schemas } from '../api/client'
import { changed, reads } from '../api/reads'

/** The calendar, and what to do with the one that every change answers with. */
export function useCalendar() {
  const queries = useQueryClient()
  const calendar = useQuery(reads.calendar)
  const taken = (now: Schemas['CalendarView']) => {
    queries.setQueryData(['calendar'], now)
    changed(queries, 'calendar')
  }
  return { calendar: calendar.data, error: calendar.error, changed: taken }
}
