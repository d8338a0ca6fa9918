import { useState } from 'react'
import { Problem, type Schemas, upload } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { FileButton } from '../shared/FileButton'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

const send = (file: File, take: boolean) =>
  upload<Schemas['TableView']>(`/api/cupboard/table?take=${take}`, [file])

/** Counts from a CSV or XLSX, looked at before they are taken. */
export function TableImport({ close, taken }: { close: () => void; taken: () => void }) {
  const [file, setFile] = useState<File | null>(null)
  const [view, setView] = useState<Schemas['TableView'] | null>(null)
  const { error, busy, attempt } = useAttempt()
  const ready = view !== null && view.findings.length === 0
  return (
    <Dialog
      open
      title="Counts from a table"
      onCancel={close}
      okText={ready ? `Import ${view.changes.length} changes` : 'Import'}
      okButtonProps={{ disabled: !ready, loading: busy }}
      onOk={() =>
        attempt(async () => {
          if (file) await send(file, true)
          taken()
        })
      }
    >
      <p className="mute">
        A CSV or XLSX with the columns Thing and Usable, and Broken and Kept in if you like; such as the one
        you can take from here.
      </p>
      <FileButton
        label="Table of the cupboard"
        accept=".csv,.tsv,.txt,.xlsx"
        chosen={(chosen) => {
          setFile(chosen)
          setView(null)
          attempt(async () => setView(await send(chosen, false)))
        }}
      >
        Choose a file
      </FileButton>{' '}
      {file?.name}
      {error !== null && <ProblemNote error={error} />}
      {view && view.findings.length > 0 && (
        <ProblemNote error={new Problem(400, 'Please fix these first', '', view.findings)} />
      )}
      {ready && (
        <ul>
          {view.changes.map((c) => (
            <li key={c.key}>
              {c.name}: {c.before} → <b>{c.after}</b>
            </li>
          ))}
          {view.changes.length === 0 && <li>All counts are the same as now.</li>}
        </ul>
      )}
    </Dialog>
  )
}
