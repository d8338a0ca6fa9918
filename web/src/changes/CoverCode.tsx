import { useQuery } from '@tanstack/react-query'
import { Button, Input } from 'antd'
import { api, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'

/** Somebody else teaches it: one side of paper, and an address that opens the lesson without an account until it is over. */
export function CoverCode({ lesson, title, close }: { lesson: string; title: string; close: () => void }) {
  const made = useQuery({
    queryKey: ['cover-code', lesson],
    queryFn: () => take(api.POST('/api/lessons/{id}/cover', { params: { path: { id: lesson } } })),
    gcTime: 0,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  })
  const address = made.data && window.location.origin + made.data.path
  return (
    <Dialog open title={`A cover teacher for ${title}`} onCancel={close} footer={null}>
      {made.error && <ProblemNote error={made.error} retry={() => made.refetch()} />}
      {made.data && (
        <>
          <p>
            The sheet says what to say, what to do and when to stop, on one side. Its code opens the same on a
            phone, with a clock and the names, and ends by itself half an hour after the lesson.
          </p>
          <p>
            <Button type="primary" href={`/api${made.data.path}/paper`} target="_blank">
              Print the cover sheet
            </Button>
          </p>
          <Input
            aria-label="Address of the lesson"
            readOnly
            value={address}
            onFocus={(e) => e.target.select()}
          />
          <p className="mute">
            Send it to whoever takes the class. It shows names, and nothing that was recorded.
          </p>
        </>
      )}
    </Dialog>
  )
}
