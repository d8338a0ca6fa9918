import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { api, type Schemas, take } from '../api/client'

export type Sheet = Schemas['SheetView']
export type Stretch = Schemas['StretchView']
export type StretchWatch = Schemas['StretchWatch']
export type SettingBody = Schemas['SettingBody']

/** A lesson worked out. */
export const useSheet = (id: string) =>
  useQuery({
    queryKey: ['sheet', id],
    queryFn: () => take(api.GET('/api/lessons/{id}/sheet', { params: { path: { id } } })),
    staleTime: 0,
  })

/** Whom to watch in each stretch, and from where. */
export const useWatch = (lesson: string, enabled: boolean) =>
  useQuery({
    queryKey: ['watch', lesson],
    queryFn: () => take(api.GET('/api/hall/{lesson}/watch', { params: { path: { lesson } } })),
    enabled,
    staleTime: 0,
  })

/** What can be changed about a lesson; after each change all of it is worked out anew. */
export function useLessonChanges(sheet: Sheet) {
  const queries = useQueryClient()
  const anew = () => {
    queries.invalidateQueries({ queryKey: ['sheet', sheet.lesson] })
    queries.invalidateQueries({ queryKey: ['unit', sheet.unit] })
    queries.invalidateQueries({ queryKey: ['today'] })
    queries.invalidateQueries({ queryKey: ['watch', sheet.lesson] })
  }
  const set = useMutation({
    mutationFn: ({ segment, body }: { segment: string; body: SettingBody }) =>
      take(
        api.PUT('/api/lessons/{id}/segments/{segment}/setting', {
          params: { path: { id: sheet.lesson, segment } },
          body,
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(['sheet', sheet.lesson], now)
      queries.invalidateQueries({ queryKey: ['watch', sheet.lesson] })
    },
  })
  const edit = useMutation({
    mutationFn: (body: Schemas['EditForm']) =>
      take(
        api.POST('/api/units/{id}/edits', {
          params: { path: { id: sheet.unit }, header: { 'If-Match': `"${sheet.head}"` } },
          body,
        }),
      ),
    onSettled: anew,
  })
  return { set, edit, anew, busy: set.isPending || edit.isPending, error: set.error ?? edit.error }
}

/** The setting that a stretch has now, to change one thing of it. */
export const settingOf = (s: Stretch): SettingBody => ({
  groups: s.byHand.groups,
  without: s.byHand.without.map((i) => i.key),
  places: s.byHand.places,
  moved:
    s.floor?.drawing.areas
      .filter((a) => s.floor?.drawing.moved.includes(a.group))
      .map(({ group, x, y }) => ({ group, x, y })) ?? [],
})
