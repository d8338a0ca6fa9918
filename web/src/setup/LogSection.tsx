import { useInfiniteQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './setup.module.css'

const acts: Record<Schemas['Entry']['act'], string> = {
  ADDED: 'added',
  CHANGED: 'changed',
  REMOVED: 'removed',
  DID: '',
}

/** Who changed what, the newest first. */
export function LogSection() {
  const log = useInfiniteQuery({
    queryKey: ['audit'],
    queryFn: ({ pageParam }) =>
      take(api.GET('/api/audit', { params: { query: pageParam ? { before: pageParam } : {} } })),
    initialPageParam: '',
    getNextPageParam: (page) => (page.length < 60 ? undefined : page[page.length - 1].at),
    staleTime: 0,
  })
  if (log.error) return <ProblemNote error={log.error} retry={() => log.refetch()} />
  return (
    <>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Details</th>
          </tr>
        </thead>
        <tbody>
          {log.data?.pages.flat().map((e) => (
            <tr key={e.id}>
              <td style={{ whiteSpace: 'nowrap' }}>
                {new Date(e.at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
              </td>
              <td>{e.person}</td>
              <td>
                {acts[e.act]} {e.what}
              </td>
              <td className="mute" style={{ textAlign: 'left', whiteSpace: 'normal' }}>
                {e.details}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {log.hasNextPage && (
        <Button onClick={() => log.fetchNextPage()} loading={log.isFetchingNextPage}>
          Older entries
        </Button>
      )}
    </>
  )
}
