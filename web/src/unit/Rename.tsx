import { useQueryClient } from '@tanstack/react-query'
import { Input } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { changed } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

/** Calls a unit by another name; its plan stays as it is. */
export function Rename({ unit, close }: { unit: Schemas['UnitView']; close: () => void }) {
  const queries = useQueryClient()
  const [title, setTitle] = useState(unit.title)
  const { error, busy, attempt } = useAttempt()
  const rename = () =>
    attempt(async () => {
      await take(
        api.PUT('/api/units/{id}/title', {
          params: { path: { id: unit.id } },
          body: { title: title.trim() },
        }),
      )
      changed(queries, 'lessons')
      close()
    })
  return (
    <Dialog
      open
      title="Rename this unit"
      okText="Rename"
      okButtonProps={{ disabled: title.trim() === '', loading: busy }}
      onOk={rename}
      onCancel={close}
    >
      {error !== null && <ProblemNote error={error} />}
      <Input
        aria-label="Title"
        maxLength={120}
        value={title}
        onChange={(e) => setTitle(e.target.value)}
        onPressEnter={() => title.trim() !== '' && rename()}
      />
    </Dialog>
  )
}
