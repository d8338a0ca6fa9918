import { useQueryClient } from '@tanstack/react-query'
import { Button, Popconfirm } from 'antd'
import { api, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

interface OwnButtonsProps {
  /** key of the skill or activity */
  about: string
  own: boolean
  aside: boolean
  edit: (key: string, copy: boolean) => void
  /** after it was removed */
  removed: () => void
}

/** What may be done with a skill or activity: copied and changed; set aside; the school's own changed and removed. */
export function OwnButtons({ about, own, aside, edit, removed }: OwnButtonsProps) {
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  const path = { path: { key: about } }
  return (
    <>
      <span style={{ display: 'flex', gap: 6, flexWrap: 'wrap' }}>
        {own && (
          <Button size="small" onClick={() => edit(about, false)}>
            Change
          </Button>
        )}
        <Button size="small" onClick={() => edit(about, true)}>
          Copy and change
        </Button>
        <Button
          size="small"
          loading={busy}
          onClick={() =>
            attempt(async () => {
              await take(
                api.PUT('/api/know-how/{key}/aside', { params: { ...path, query: { aside: !aside } } }),
              )
              await queries.invalidateQueries()
            })
          }
        >
          {aside ? 'Take back' : 'Set aside'}
        </Button>
        {own && (
          <Popconfirm
            title="Remove it for good?"
            okText="Remove it"
            cancelText="Keep it"
            onConfirm={() =>
              attempt(async () => {
                await take(api.DELETE('/api/know-how/{key}', { params: path }))
                await queries.invalidateQueries()
                removed()
              })
            }
          >
            <Button size="small" danger>
              Remove
            </Button>
          </Popconfirm>
        )}
      </span>
      {error !== null && <ProblemNote error={error} />}
    </>
  )
}
