import { useQuery } from '@tanstack/react-query'
import { Button, Dropdown, Select } from 'antd'
import { useSearchParams } from 'react-router'
import { reads } from '../api/reads'
import { sessionQuery } from '../session/useSession'
import { DateInput } from '../shared/DateInput'
import { todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import type { Asked } from './asked'
import { CameTrue } from './CameTrue'
import { ClassReport } from './ClassReport'
import { SchoolReport } from './SchoolReport'

const kinds: { value: NonNullable<Asked['kind']> | ''; label: string }[] = [
  { value: '', label: 'Sets as taught' },
  { value: 'COMPONENTS', label: 'Component sets' },
  { value: 'SHORT', label: 'Short sets' },
]

/** Pictures of a class or the school between two days, to look at, print and export. */
export default function ReportsPage() {
  const [search, setSearch] = useSearchParams()
  const session = useQuery(sessionQuery)
  const classes = useQuery(reads.classes)
  const calendar = useQuery(reads.calendar)
  const of = search.get('class') ?? ''
  const asked: Asked = {
    kind: kinds.find((k) => k.value === search.get('kind'))?.value || undefined,
    from: search.get('from') || undefined,
    to: search.get('to') || undefined,
  }
  const change = (key: string, value: string) => {
    const next = new URLSearchParams(search)
    if (value) next.set(key, value)
    else next.delete(key)
    setSearch(next, { replace: true })
  }
  const query = new URLSearchParams(
    Object.entries(asked).filter((entry): entry is [string, string] => entry[1] !== undefined),
  )
  const path = of ? `/api/classes/${of}/report` : '/api/school/report'
  const files = [
    { key: 'csv', label: <a href={`${path}/table.csv?${query}`}>Table as CSV</a> },
    { key: 'xlsx', label: <a href={`${path}/table.xlsx?${query}`}>Table as XLSX</a> },
    ...(!of && session.data?.role === 'LEAD'
      ? [
          { key: 'json', label: <a href={`${path}/marks.json?${query}`}>Marks of every child as JSON</a> },
          { key: 'zip', label: <a href={`${path}/results.zip?${query}`}>Results as OneRoster CSV</a> },
        ]
      : []),
  ]
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Reports</Heading>
        <Select
          aria-label="Of whom"
          value={of}
          onChange={(value) => change('class', value)}
          style={{ minWidth: 200 }}
          options={[
            { value: '', label: session.data?.role === 'TEACHER' ? 'My classes' : 'The whole school' },
            ...(classes.data ?? []).map((c) => ({ value: c.id, label: `${c.name} · ${c.year}` })),
          ]}
        />
        <Select
          aria-label="Cue sets"
          value={asked.kind ?? ''}
          onChange={(value) => change('kind', value)}
          style={{ width: 160 }}
          options={kinds}
        />
        <label className={page.chip} htmlFor="from">
          From{' '}
          <DateInput
            id="from"
            size="small"
            style={{ width: 140 }}
            max={asked.to ?? todayHere()}
            value={asked.from ?? calendar.data?.terms[0]?.first ?? ''}
            onChange={(d) => change('from', d)}
          />
        </label>
        <label className={page.chip} htmlFor="to">
          to{' '}
          <DateInput
            id="to"
            size="small"
            style={{ width: 140 }}
            max={todayHere()}
            value={asked.to ?? todayHere()}
            onChange={(d) => change('to', d)}
          />
        </label>
        <div className={page.end}>
          <Dropdown menu={{ items: files }} trigger={['click']}>
            <Button>Export</Button>
          </Dropdown>
          <Button type="primary" href={`${path}/paper?${query}`} target="_blank">
            Print
          </Button>
        </div>
      </div>
      {of ? <ClassReport classId={of} asked={asked} /> : <SchoolReport asked={asked} />}
      {!of && session.data?.role === 'LEAD' && <CameTrue />}
    </div>
  )
}
