import { useQuery } from '@tanstack/react-query'
import { api, type Schemas, take } from '../api/client'
import { afterSignOut } from '../hall/offline'

export const sessionQuery = {
  queryKey: ['session'],
  queryFn: async () => {
    await afterSignOut()
    return take(api.GET('/api/session'))
  },
  retry: false,
  staleTime: Number.POSITIVE_INFINITY,
}

/** True for those who plan and change: leads and teachers. The server holds everyone to it; pages only leave out what would be refused. */
export const usePlans = () => ['LEAD', 'TEACHER'].includes(useSession().role)

/** Who is signed in; only below the shell, which lets nobody else in. */
export function useSession(): Schemas['SessionView'] {
  const session = useQuery(sessionQuery)
  if (!session.data) throw new Error('A page was shown to nobody.')
  return session.data
}
