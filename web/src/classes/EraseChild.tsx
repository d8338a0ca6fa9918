import { useQuery } from '@tanstack/react-query'
import { Checkbox } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

type Mention = Schemas['Mention']

interface Props {
  child: { id: string; given: string; family: string }
  /** whether what was seen of the child goes too */
  seenGoes: boolean
  close: () => void
  erased: () => void
}

/** Erases a child; texts that may name it are shown first, and the name is taken out of those that somebody confirms. */
export function EraseChild({ child, seenGoes, close, erased }: Props) {
  const { error, busy, attempt } = useAttempt()
  const [spared, setSpared] = useState<ReadonlySet<string>>(new Set())
  const mentions = useQuery({
    queryKey: ['mentions', child.id],
    queryFn: () => take(api.GET('/api/children/{id}/mentions', { params: { path: { id: child.id } } })),
    staleTime: 0,
  })
  const found = mentions.data ?? []
  const erase = async () => {
    const path = { id: child.id }
    const keys = found.map((m) => m.key).filter((k) => !spared.has(k))
    const done = await attempt(async () => {
      if (keys.length > 0)
        await take(api.POST('/api/children/{id}/mentions', { params: { path }, body: { keys } }))
      await take(api.DELETE('/api/children/{id}', { params: { path } }))
    })
    if (!done) return
    close()
    erased()
  }
  const toggle = (m: Mention, taken: boolean) => {
    const next = new Set(spared)
    if (taken) next.delete(m.key)
    else next.add(m.key)
    setSpared(next)
  }
  return (
    <Dialog
      open
      title={`Erase ${child.given} ${child.family} for good?`}
      okText="Erase"
      okButtonProps={{ danger: true, disabled: !mentions.data, loading: busy }}
      onOk={erase}
      onCancel={close}
    >
      <p>
        The name, the sides and everything that says who it is are deleted and cannot be brought back. What
        was seen {seenGoes ? 'is deleted too.' : 'stays, without a name.'}
      </p>
      {found.length > 0 && (
        <>
          <p>
            <b>Texts that may name the child.</b> Untick those that speak of another; in the others the name
            is taken out.
          </p>
          <ul style={{ listStyle: 'none', padding: 0, maxHeight: 240, overflow: 'auto' }}>
            {found.map((m) => (
              <li key={m.key}>
                <Checkbox checked={!spared.has(m.key)} onChange={(e) => toggle(m, e.target.checked)}>
                  {m.where}
                  {m.at && `, ${new Date(m.at).toLocaleDateString('en-GB', { dateStyle: 'medium' })}`}
                  {!m.fullName && ' (one of the names alone)'}
                  <br />
                  <span className="mute">{m.text}</span>
                </Checkbox>
              </li>
            ))}
          </ul>
        </>
      )}
      {mentions.data?.length === 0 && <p className="mute">No note, talk, reason or title names the child.</p>}
      <p className="mute">Backups made before still hold the name until they are thrown away.</p>
      {(error ?? mentions.error) && (
        <ProblemNote error={error ?? mentions.error} retry={() => mentions.refetch()} />
      )}
    </Dialog>
  )
}
