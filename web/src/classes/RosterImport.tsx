import { Button, Checkbox, Radio, Select } from 'antd'
import { useRef, useState } from 'react'
import { Problem, type Schemas, upload } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './RosterImport.module.css'

type Roster = Schemas['Roster']
type Mapping = Record<string, number>

const fields: [string, string][] = [
  ['GIVEN', 'Given name'],
  ['FAMILY', 'Family name'],
  ['FULL_NAME', 'Whole name'],
  ['CLASS', 'Class'],
  ['CLASS_ID', 'Id of the class'],
  ['CHILD_ID', 'Id of the child'],
  ['YEAR', 'Year'],
  ['THROWING_HAND', 'Throwing hand'],
  ['BATTING_SIDE', 'Batting side'],
  ['KICKING_FOOT', 'Kicking foot'],
]

type Gone = 'STAY' | 'LEAVE' | 'LEAVE_SURELY'

const send = <T,>(path: string, files: File[], mapping: Mapping | null, into?: string, gone?: Gone) =>
  upload<T>(path, files, {
    mapping:
      mapping === null
        ? undefined
        : Object.entries(mapping)
            .map(([field, column]) => `${field}:${column}`)
            .join(','),
    into,
    gone,
  })

interface RosterImportProps {
  /** the class that rows without one go to; the rows must name theirs without it */
  into?: { id: string; name: string }
  close: () => void
  taken: () => void
}

/** Choose a file, look at what would come in, map the columns, take it whole. */
export function RosterImport({ into, close, taken }: RosterImportProps) {
  const [files, setFiles] = useState<File[]>([])
  const [roster, setRoster] = useState<Roster | null>(null)
  const [gone, setGone] = useState<'STAY' | 'LEAVE'>('STAY')
  const [sure, setSure] = useState(false)
  const [error, setError] = useState<unknown>(null)
  const [busy, setBusy] = useState(false)
  const attempt = async (work: () => Promise<void>) => {
    setBusy(true)
    setError(null)
    try {
      await work()
    } catch (e) {
      setError(e)
    } finally {
      setBusy(false)
    }
  }
  const preview = (chosen: File[], mapping: Mapping | null) =>
    attempt(async () => {
      setFiles(chosen)
      setRoster(null)
      setSure(false)
      setRoster(await send<Roster>('/api/rosters/preview', chosen, mapping, into?.id))
    })
  const take = () =>
    attempt(async () => {
      await send(
        '/api/rosters',
        files,
        roster?.kind === 'PLAIN' ? (roster.mapping as Mapping) : null,
        into?.id,
        leaving === 0 ? undefined : gone === 'LEAVE' && sure ? 'LEAVE_SURELY' : gone,
      )
      taken()
    })
  const choose = (list: FileList | null) => {
    const chosen = [...(list ?? [])].filter((f) => /\.(csv|txt|tsv|xlsx|zip)$/i.test(f.name))
    if (chosen.length > 0) preview(chosen, null)
    else
      setError(
        new Problem(400, 'Nothing to read', 'There is no CSV, XLSX or zip among these files. Choose others.'),
      )
  }
  const remap = (field: string, column: number | null) => {
    const mapping = { ...(roster?.mapping as Mapping) }
    if (column === null) delete mapping[field]
    else mapping[field] = column
    preview(files, mapping)
  }
  const differences = roster?.differences ?? []
  const total = (count: (d: Schemas['RosterDifference']) => number) =>
    differences.reduce((sum, d) => sum + count(d), 0)
  const leaving = total((d) => d.gone.length)
  const half = gone === 'LEAVE' && differences.some((d) => d.halfGone)
  const changes = total((d) => d.newcomers.length + d.changed.length) + (gone === 'LEAVE' ? leaving : 0)
  const ready = roster !== null && roster.findings.length === 0 && roster.children > 0 && (!half || sure)
  return (
    <Dialog
      open
      title={into ? `Import a roster into ${into.name}` : 'Import a roster'}
      onCancel={close}
      width={760}
      okText={ready ? (changes === 0 ? 'Nothing to change' : `Import ${changes} changes`) : 'Import'}
      okButtonProps={{ disabled: !ready || changes === 0, loading: busy }}
      onOk={take}
    >
      <p className="mute">
        A CSV or XLSX from any system, or a OneRoster set as zip or folder. You see what would change before
        anything is saved; the same roster can come again later.
      </p>
      <Files files={files} choose={choose} />
      {error !== null && <ProblemNote error={error} />}
      {roster && (
        <>
          <p>
            {roster.kind === 'ONEROSTER' ? 'A OneRoster set' : 'A plain table'}, {roster.encoding}:{' '}
            <b>{roster.children} children</b>{' '}
            {roster.classes.length > 0 &&
              `in ${roster.classes.map((c) => `${c.name ?? into?.name ?? '?'} (${c.children.length})`).join(', ')}`}
          </p>
          {roster.kind === 'PLAIN' && <Columns roster={roster} remap={remap} />}
          {differences.map((d) => (
            <Difference key={d.name} difference={d} />
          ))}
          {leaving > 0 && (
            <Leaving
              leaving={leaving}
              gone={gone}
              setGone={(to) => {
                setGone(to)
                setSure(false)
              }}
              half={half}
              sure={sure}
              setSure={setSure}
            />
          )}
          {roster.findings.length > 0 && (
            <ProblemNote error={new Problem(400, 'Please fix these first', '', roster.findings)} />
          )}
        </>
      )}
    </Dialog>
  )
}

/** What would change in one class. */
function Difference({ difference: d }: { difference: Schemas['RosterDifference'] }) {
  return (
    <details open={d.changed.length + d.gone.length > 0 && d.changed.length + d.gone.length < 12}>
      <summary>
        <b>{d.name}</b>
        {!d.schoolClass && ', a new class'}: {d.newcomers.length} new, {d.changed.length} changed,{' '}
        {d.gone.length} not in the roster, {d.same} as they are
      </summary>
      <ul className={styles.changes}>
        {d.newcomers.length > 0 && (
          <li>New: {d.newcomers.map((n) => `${n.given} ${n.family}`.trim()).join(', ')}</li>
        )}
        {d.changed.map((c) => (
          <li key={c.child}>
            {c.name}: {c.what.join('; ')}
          </li>
        ))}
        {d.gone.length > 0 && <li>Not in the roster: {d.gone.map((g) => g.name).join(', ')}</li>}
      </ul>
    </details>
  )
}

function Files({ files, choose }: { files: File[]; choose: (list: FileList | null) => void }) {
  const file = useRef<HTMLInputElement>(null)
  const folder = useRef<HTMLInputElement>(null)
  return (
    <div className={styles.choose}>
      <Button onClick={() => file.current?.click()}>Choose a file</Button>
      <Button onClick={() => folder.current?.click()}>Choose a folder</Button>
      <input
        ref={file}
        type="file"
        hidden
        multiple
        aria-label="Roster file"
        accept=".csv,.txt,.tsv,.xlsx,.zip"
        onChange={(e) => choose(e.target.files)}
      />
      <input
        ref={(el) => {
          folder.current = el
          el?.setAttribute('webkitdirectory', '')
        }}
        type="file"
        hidden
        multiple
        aria-label="Roster folder"
        onChange={(e) => choose(e.target.files)}
      />
      {files.length > 0 && <span className="mute">{files.map((f) => f.name).join(', ')}</span>}
    </div>
  )
}

interface ColumnsProps {
  roster: Roster
  /** says what a column is; null for nothing */
  remap: (field: string, column: number | null) => void
}

function Columns({ roster, remap }: ColumnsProps) {
  return (
    <div className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            {roster.columns.map((column, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place
              <th key={i} scope="col">
                {column || <i>no name</i>}
                <Select
                  size="small"
                  aria-label={`What “${column}” is`}
                  value={fields.find(([f]) => (roster.mapping as Mapping)[f] === i)?.[0] ?? ''}
                  onChange={(field) => {
                    const before = fields.find(([f]) => (roster.mapping as Mapping)[f] === i)?.[0]
                    if (field) remap(field, i)
                    else if (before) remap(before, null)
                  }}
                  style={{ width: 130 }}
                  options={[
                    { value: '', label: 'left out' },
                    ...fields.map(([value, label]) => ({ value, label })),
                  ]}
                />
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {roster.sample.map((row, r) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a sample row is its place
            <tr key={r}>
              {row.map((cell, c) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its place
                <td key={c}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

interface LeavingProps {
  /** how many children are not in the roster */
  leaving: number
  gone: 'STAY' | 'LEAVE'
  setGone: (gone: 'STAY' | 'LEAVE') => void
  /** true where half a class would leave */
  half: boolean
  sure: boolean
  setSure: (sure: boolean) => void
}

function Leaving({ leaving, gone, setGone, half, sure, setSure }: LeavingProps) {
  return (
    <div className={styles.gone}>
      <p>{many(leaving, 'child is', 'children are')} not in the roster:</p>
      <Radio.Group
        value={gone}
        onChange={(e) => setGone(e.target.value)}
        options={[
          { value: 'STAY', label: 'they stay' },
          { value: 'LEAVE', label: 'they leave their class today; what was seen of them is kept' },
        ]}
      />
      {half && (
        <Checkbox checked={sure} onChange={(e) => setSure(e.target.checked)}>
          Half a class or more would leave: it is meant
        </Checkbox>
      )}
    </div>
  )
}
