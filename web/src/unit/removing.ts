import type { QueryClient } from '@tanstack/react-query'
import { api, take } from '../api/client'
import { refreshLessons, sayDone } from '../changes/changed'

const refresh = (queries: QueryClient) => {
  refreshLessons(queries)
  queries.invalidateQueries({ queryKey: ['removed-units'] })
}

export async function bringBack(queries: QueryClient, id: string) {
  await take(api.POST('/api/removed-units/{id}/back', { params: { path: { id } } }))
  refresh(queries)
}

/** Takes a unit away and says so, with an undo. */
export async function removeUnit(queries: QueryClient, unit: { id: string; title: string }) {
  await take(api.DELETE('/api/units/{id}', { params: { path: { id: unit.id } } }))
  sayDone({
    words: [`“${unit.title}” is removed. For 30 days it can be brought back from the units.`],
    undo: () => bringBack(queries, unit.id),
  })
  refresh(queries)
}
