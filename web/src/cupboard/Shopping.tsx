import { useQuery } from '@tanstack/react-query'
import { Select } from 'antd'
import { useState } from 'react'
import { api, take } from '../api/client'
import { reads } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'

/** What the planned lessons lack, and which purchase would change most for a class. */
export function Shopping({ close }: { close: () => void }) {
  const list = useQuery({ queryKey: ['shopping'], queryFn: () => take(api.GET('/api/shopping')) })
  const classes = useQuery(reads.classes)
  const spaces = useQuery(reads.spaces)
  const [chosen, setChosen] = useState<{ schoolClass?: string; space?: string }>({})
  const id = chosen.schoolClass ?? classes.data?.[0]?.id
  const space = chosen.space ?? spaces.data?.[0]?.id
  const limits = useQuery({
    queryKey: ['limits', id, space],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/limits', {
          params: { path: { id: id ?? '' }, query: { space: space ?? '' } },
        }),
      ),
    enabled: Boolean(id && space),
  })
  return (
    <Dialog open title="What is missing" onCancel={close} footer={null} width={640}>
      {(list.error ?? limits.error) && <ProblemNote error={list.error ?? limits.error} />}
      <h2>For the lessons that are planned</h2>
      {list.data && (
        <p className="mute">
          {list.data.lessons} lessons until {dayWords(list.data.until)}. What stands in for it is on each
          sheet.
        </p>
      )}
      <ul>
        {list.data?.missing.map((m) => (
          <li key={m.item}>
            <b>{m.words}</b>{' '}
            <span className="mute">
              ({m.wanted} at once, {m.owned} usable)
            </span>{' '}
            for {m.uses.join(', ')}
          </li>
        ))}
      </ul>
      {list.data?.missing.length === 0 && <p>Nothing: everything the plans were made for is there.</p>}
      <h2>What limits you most</h2>
      <div style={{ display: 'flex', gap: 8 }}>
        <Select
          aria-label="Class"
          value={id}
          onChange={(schoolClass) => setChosen({ ...chosen, schoolClass })}
          options={classes.data?.map((c) => ({ value: c.id, label: c.name }))}
          style={{ width: 170 }}
        />
        <Select
          aria-label="Space"
          value={space}
          onChange={(s) => setChosen({ ...chosen, space: s })}
          options={spaces.data?.map((s) => ({ value: s.id, label: s.name }))}
          style={{ width: 170 }}
        />
      </div>
      <ol>
        {limits.data?.map((p) => (
          <li key={p.item}>{p.reason}</li>
        ))}
      </ol>
      {limits.isFetching && <p className="mute">Trying what each purchase would change …</p>}
    </Dialog>
  )
}
