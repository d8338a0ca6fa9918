import { useQuery, useQueryClient } from '@tanstack/react-query'
import { api, type Schemas, take } from '../api/client'

/** The calendar, and what to do with the one that every change answers with. */
export function useCalendar() {
  const queries = useQueryClient()
  const calendar = useQuery({ queryKey: ['calendar'], queryFn: () => take(api.GET('/api/calendar')) })
  const changed = (now: Schemas['CalendarView']) => {
    queries.setQueryData(['calendar'], now)
    for (const key of ['term', 'today', 'dates']) queries.invalidateQueries({ queryKey: [key] })
  }
  return { calendar: calendar.data, error: calendar.error, changed }
}
