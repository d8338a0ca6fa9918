import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, InputNumber, Segmented } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { useSession } from '../session/useSession'
import { Heading } from '../shared/Heading'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { Floor } from '../spaces/Floor'
import { NewSpace } from '../spaces/NewSpace'
import styles from './CupboardPage.module.css'
import { Falls } from './Falls'
import { OwnThing } from './OwnThing'
import { Shopping } from './Shopping'
import { TableImport } from './TableImport'
import { ThingCard } from './ThingCard'

type Line = Schemas['CupboardLine']
type Count = Schemas['CountForm']

/** The same field of the next row; the one that is left is saved. */
function below(field: HTMLElement, label: string) {
  const next = field
    .closest('tr')
    ?.nextElementSibling?.querySelector<HTMLElement>(`[aria-label^="${label}: "]`)
  if (next) next.focus()
  else field.blur()
}

/** What there is to teach with, and where. A count is saved when the field is left. */
export default function CupboardPage() {
  const queries = useQueryClient()
  const cupboard = useQuery(reads.cupboard)
  const [error, setError] = useState<unknown>(null)
  const [adding, setAdding] = useState(false)
  const [thing, setThing] = useState<Line | 'new' | null>(null)
  const [importing, setImporting] = useState(false)
  const [wanted, setWanted] = useState('')
  const [all, setAll] = useState<boolean | null>(null)
  const [asking, setAsking] = useState<'falls' | 'shopping' | null>(null)
  const [read, setRead] = useState<Line | null>(null)
  const refresh = () => {
    changed(queries, 'cupboard')
  }
  const count = async (line: Line, change: Partial<Count>) => {
    const now: Count = { count: line.count, broken: line.broken, storage: line.storage, ...change }
    if (now.count === line.count && now.broken === line.broken && now.storage === line.storage) return
    // Who counts goes down the list that is there; the first thing that is counted does not take the others away.
    setAll(everything)
    try {
      setError(null)
      await take(
        api.PUT('/api/cupboard/{item}', {
          params: {
            path: { item: line.key },
            header: line.version === undefined ? {} : ifMatch(line.version),
          },
          body: now,
        }),
      )
    } catch (e) {
      setError(e)
    }
    refresh()
  }
  if (cupboard.error) return <ProblemNote error={cupboard.error} retry={() => cupboard.refetch()} />
  const lines = cupboard.data ?? []
  const owned = lines.filter((l) => l.count > 0 || l.broken > 0)
  // Until something was counted, there is everything to count.
  const everything = all ?? owned.length === 0
  const sought = wanted.toLowerCase().split(' ').filter(Boolean)
  const shown = lines.filter((l) =>
    sought.length > 0
      ? sought.every((w) => `${l.name} ${l.like.join(' ')} ${l.storage}`.toLowerCase().includes(w))
      : everything || owned.includes(l),
  )
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Cupboard & spaces</Heading>
        <span className="mute">Plans take what is usable; flat and broken ones are kept apart.</span>
        <div className={page.end}>
          <Link to="/stock-take">
            <Button tabIndex={-1}>Stock-take</Button>
          </Link>
          <Button onClick={() => setAsking('falls')}>Will it topple?</Button>
          <Button onClick={() => setAsking('shopping')}>What is missing</Button>
          <Button onClick={() => setThing('new')}>A thing of our own</Button>
          <Button onClick={() => setImporting(true)}>Import a table</Button>
          <Button href="/api/cupboard/table.csv">CSV</Button>
          <Button href="/api/cupboard/table.xlsx">XLSX</Button>
        </div>
      </div>
      {error !== null && <ProblemNote error={error} />}
      <div className={page.head}>
        <Input
          aria-label="Find a thing"
          placeholder="find a thing: ball, floats, shed …"
          value={wanted}
          onChange={(e) => setWanted(e.target.value)}
          style={{ width: 260 }}
        />
        <Segmented
          aria-label="Which things"
          value={everything}
          onChange={setAll}
          options={[
            { value: false, label: `what we have (${owned.length})` },
            { value: true, label: `all that is known (${lines.length})` },
          ]}
        />
      </div>
      <div className={styles.columns}>
        <Things lines={shown} count={count} open={(line) => (line.own ? setThing(line) : setRead(line))} />
        <Spaces add={() => setAdding(true)} />
      </div>
      {read && <ThingCard line={read} close={() => setRead(null)} />}
      {asking === 'falls' && <Falls lines={lines} close={() => setAsking(null)} />}
      {asking === 'shopping' && <Shopping close={() => setAsking(null)} />}
      {adding && <NewSpace close={() => setAdding(false)} />}
      {thing && (
        <OwnThing
          line={thing === 'new' ? undefined : thing}
          close={() => setThing(null)}
          saved={() => {
            setThing(null)
            refresh()
          }}
        />
      )}
      {importing && (
        <TableImport
          close={() => setImporting(false)}
          taken={() => {
            setImporting(false)
            refresh()
          }}
        />
      )}
    </div>
  )
}

interface ThingsProps {
  lines: Line[]
  count: (line: Line, change: Partial<Count>) => void
  open: (line: Line) => void
}

function Things({ lines, count, open }: ThingsProps) {
  return (
    <table className={styles.table}>
      <caption className="visually-hidden">Kit</caption>
      <thead>
        <tr>
          <th scope="col">Thing</th>
          <th scope="col">Usable</th>
          <th scope="col">Broken</th>
          <th scope="col">Kept in</th>
          <th scope="col">Size</th>
          <th scope="col">Mass</th>
          <th scope="col">What it is like</th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line) => (
          <tr key={line.key}>
            <th scope="row">
              <button type="button" className={styles.own} onClick={() => open(line)}>
                {line.name}
              </button>
              {line.homeMade && <span className="mute"> home-made</span>}
            </th>
            <td>
              <Counted line={line} field="count" label="How many" count={count} />
            </td>
            <td>
              <Counted line={line} field="broken" label="Broken" count={count} />
            </td>
            <td>
              <Input
                key={line.storage}
                size="small"
                maxLength={60}
                defaultValue={line.storage}
                aria-label={`Kept in: ${line.name}`}
                onBlur={(e) => count(line, { storage: e.target.value.trim() })}
                onPressEnter={(e) => e.currentTarget.blur()}
                style={{ width: 130 }}
              />
            </td>
            <td>{(line.widthMm / 10).toLocaleString('en-GB')} cm</td>
            <td>{line.grams.toLocaleString('en-GB')} g</td>
            <td className="mute">{line.like.join(', ')}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface CountedProps extends Pick<ThingsProps, 'count'> {
  line: Line
  field: 'count' | 'broken'
  label: string
}

function Counted({ line, field, label, count }: CountedProps) {
  return (
    <InputNumber
      // Made anew only when its own number changed: a save elsewhere in the row leaves the focus alone.
      key={line[field]}
      size="small"
      min={0}
      max={10000}
      defaultValue={line[field]}
      aria-label={`${label}: ${line.name}`}
      onBlur={(e) => e.target.value !== '' && count(line, { [field]: Number(e.target.value) })}
      onPressEnter={(e) => below(e.currentTarget, label)}
      style={{ width: 66 }}
    />
  )
}

function Spaces({ add }: { add: () => void }) {
  const me = useSession()
  const { words } = useMeasures()
  const spaces = useQuery(reads.spaces)
  return (
    <aside>
      <div className={page.head}>
        <h2>Spaces</h2>
        {me.role === 'LEAD' && (
          <div className={page.end}>
            <Button size="small" onClick={add}>
              New space
            </Button>
          </div>
        )}
      </div>
      {spaces.data?.map((s) => (
        <div key={s.id} className={styles.space}>
          <Link to={`/spaces/${s.id}`}>
            <b>{s.name}</b>
          </Link>
          <Floor space={s} width={250} />
          <p className="mute">
            {words(s.lengthCm)} × {words(s.widthCm)},{' '}
            {s.ceilingCm ? `ceiling ${words(s.ceilingCm)}` : 'outdoors'}, {s.floor.toLowerCase()},{' '}
            {s.wallSpots === 0 ? 'no wall' : `${s.wallSpots} places at a wall`}
            {s.wetSpaceId && <>, rain: {spaces.data.find((w) => w.id === s.wetSpaceId)?.name}</>}
          </p>
        </div>
      ))}
    </aside>
  )
}
