import { useQuery } from '@tanstack/react-query'
import { Checkbox } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { todayHere } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

interface MoveUpProps {
  close: () => void
  done: (moved: Schemas['MovedUp']) => void
}

/** All classes up a year; those that are ticked leave the school. */
export function MoveUp({ close, done }: MoveUpProps) {
  const classes = useQuery(reads.classes)
  const [from, setFrom] = useState(todayHere())
  const [leaving, setLeaving] = useState<string[]>([])
  const [again, setAgain] = useState(false)
  const { error, busy, attempt } = useAttempt()
  const move = () =>
    attempt(async () => {
      done(await take(api.POST('/api/school/move-up', { body: { from, leaving, again } })))
    })
  return (
    <Dialog
      open
      title="All classes up a year"
      onCancel={close}
      onOk={move}
      okText="Move them up"
      confirmLoading={busy}
    >
      <label htmlFor="up-from">
        First day of the new year
        <DateInput id="up-from" value={from} onChange={setFrom} />
      </label>
      <p>Which classes leave the school?</p>
      <Checkbox.Group
        value={leaving}
        onChange={(v) => setLeaving(v as string[])}
        style={{ display: 'grid', gap: 4 }}
        options={classes.data?.map((c) => ({ value: c.id, label: `${c.name}, ${c.year}` })) ?? []}
      />
      {error !== null && (
        <>
          <ProblemNote error={error} />
          <Checkbox checked={again} onChange={(e) => setAgain(e.target.checked)}>
            It is meant: do it again
          </Checkbox>
        </>
      )}
    </Dialog>
  )
}
