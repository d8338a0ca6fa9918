import { useQuery } from '@tanstack/react-query'
import { api, take } from '../api/client'

/**
 * What may come of the lessons of a unit that are still to be given.
 *
 * @param head revision in force, so that a change is rehearsed anew
 * @param version that is rehearsed beside the one in force; left out for the one in force beside the one before
 */
export const useRehearsal = (unit: string, head: string, enabled: boolean, version?: string) =>
  useQuery({
    queryKey: ['rehearsal', unit, head, version],
    enabled,
    // While a change is rehearsed, what was rehearsed before it stays where it stands.
    placeholderData: (before, query) =>
      query?.queryKey[1] === unit && query.queryKey[3] === version ? before : undefined,
    queryFn: () =>
      take(
        api.GET('/api/units/{id}/rehearsal', {
          params: { path: { id: unit }, query: version ? { version, besides: head } : {} },
        }),
      ),
  })
