import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, ifMatch, type Schemas, take } from '../api/client'

type Unit = Schemas['UnitView']
export type EditBody = Schemas['EditForm']
type Step = { kind: 'edit'; body: EditBody } | { kind: 'undo' | 'redo' | 'refit' }

/** A unit and its edits, each made on what the one before leaves. */
export function useUnit(id: string) {
  const queries = useQueryClient()
  const unit = useQuery({
    queryKey: ['unit', id],
    queryFn: () => take(api.GET('/api/units/{id}', { params: { path: { id } } })),
  })
  const step = useMutation({
    // One after the other: each is made on what the one before leaves.
    scope: { id: `unit ${id}` },
    mutationFn: (s: Step): Promise<Unit> => {
      const now = queries.getQueryData<Unit>(['unit', id])
      const params = { path: { id }, header: ifMatch(now?.head) }
      if (s.kind === 'edit') return take(api.POST('/api/units/{id}/edits', { params, body: s.body }))
      if (s.kind === 'refit') return take(api.POST('/api/units/{id}/refit', { params }))
      if (s.kind === 'undo') return take(api.POST('/api/units/{id}/undo', { params }))
      return take(api.POST('/api/units/{id}/redo', { params }))
    },
    onSuccess: (now) => arrived(now),
  })
  const arrived = (now: Unit) => {
    queries.setQueryData(['unit', id], now)
    queries.invalidateQueries({ queryKey: ['term'] })
    queries.invalidateQueries({ queryKey: ['alternatives', id] })
    queries.invalidateQueries({ queryKey: ['rehearsal', id] })
  }
  const edit = (body: EditBody) => step.mutate({ kind: 'edit', body })
  return { unit, step, edit, arrived }
}

/** What changes a unit, for the parts of its page. */
export type UnitEdits = ReturnType<typeof useUnit>
