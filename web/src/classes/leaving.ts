import type { QueryClient } from '@tanstack/react-query'
import { api, take } from '../api/client'
import { changed } from '../api/reads'
import { sayDone } from '../changes/changed'

const refresh = (queries: QueryClient) => changed(queries, 'classes')

export async function bringBackClass(queries: QueryClient, id: string) {
  await take(api.POST('/api/classes/{id}/back', { params: { path: { id } } }))
  refresh(queries)
}

/** Takes a class off every list and says so, with an undo. */
export async function leaveClass(queries: QueryClient, group: { id: string; name: string }) {
  await take(api.DELETE('/api/classes/{id}', { params: { path: { id: group.id } } }))
  sayDone({
    words: [
      `“${group.name}” has left: its lessons to come are gone, what was seen stays. It can be brought back under Classes; ` +
        'if nothing was ever taught in it, for 30 days.',
    ],
    undo: () => bringBackClass(queries, group.id),
  })
  refresh(queries)
}
