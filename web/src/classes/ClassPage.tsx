import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Select, Tabs } from 'antd'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { usePlans } from '../session/useSession'
import { DateInput } from '../shared/DateInput'
import { todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { AimLines } from './AimLines'
import { Children } from './Children'
import { ClassSettings } from './ClassSettings'
import { GridTable } from './GridTable'
import { OverTime } from './OverTime'
import { RosterImport } from './RosterImport'
import { TwoTrials } from './TwoTrials'
import { WhatNext } from './WhatNext'

type Kind = 'TAUGHT' | 'COMPONENTS' | 'SHORT'

const kinds: { value: Kind; label: string }[] = [
  { value: 'TAUGHT', label: 'Sets as taught' },
  { value: 'COMPONENTS', label: 'Component sets' },
  { value: 'SHORT', label: 'Short sets' },
]

/** One class: its children, and what was seen of each. */
export default function ClassPage() {
  const { id = '' } = useParams()
  const queries = useQueryClient()
  const plans = usePlans()
  const [search, setSearch] = useSearchParams()
  const [importing, setImporting] = useState(false)
  const [setting, setSetting] = useState(false)
  const group = useQuery({
    queryKey: ['class', id],
    queryFn: () => take(api.GET('/api/classes/{id}', { params: { path: { id } } })),
  })
  const skills = useQuery(reads.skills)
  const own = useQuery({
    queryKey: ['units', 'cue-sets', id],
    queryFn: () => take(api.GET('/api/classes/{id}/cue-sets', { params: { path: { id } } })),
  })
  const kind: Kind = kinds.find((k) => k.value === search.get('kind'))?.value ?? 'TAUGHT'
  const chosen = search.getAll('skill')
  const ownSet = (s: Schemas['SkillView']) => s.sets.find((set) => own.data?.includes(set.key))
  const planned = (skills.data ?? []).filter(ownSet)
  // Without a choice: what the class has units of.
  const shown = chosen.length > 0 ? (skills.data ?? []).filter((s) => chosen.includes(s.key)) : planned
  const setOf = (s: Schemas['SkillView']) =>
    kind === 'TAUGHT'
      ? (ownSet(s) ?? s.sets.find((set) => set.kind === 'COMPONENTS'))
      : s.sets.find((set) => set.kind === kind)
  const sets = own.data ? shown.flatMap((s) => setOf(s)?.key ?? []) : []
  if (group.error)
    return (
      <div className={page.page}>{<ProblemNote error={group.error} retry={() => group.refetch()} />}</div>
    )
  if (!group.data) return <p className={page.page}>Opening …</p>
  const refresh = () => {
    changed(queries, 'children')
  }
  const change = (key: string, values: string[]) => {
    const next = new URLSearchParams(search)
    next.delete(key)
    for (const value of values) next.append(key, value)
    setSearch(next, { replace: true })
  }
  return (
    <div className={page.page}>
      <Head group={group.data} plans={plans} set={() => setSetting(true)} bring={() => setImporting(true)} />
      <Tabs
        activeKey={search.get('tab') ?? 'grid'}
        onChange={(tab) => change('tab', [tab])}
        size="small"
        items={[
          {
            key: 'grid',
            label: 'What was seen',
            children: (
              <WhatWasSeen
                classId={id}
                sets={sets}
                kind={kind}
                chosen={chosen}
                planned={planned.length > 0}
                skills={skills.data ?? []}
                ready={!!own.data}
                change={change}
              />
            ),
          },
          {
            key: 'next',
            label: 'What next',
            children: sets.length > 0 ? <WhatNext classId={id} sets={sets} /> : NOTHING_CHOSEN,
          },
          {
            key: 'over-time',
            label: 'Over time',
            children: sets.length > 0 ? <OverTime classId={id} sets={sets} /> : NOTHING_CHOSEN,
          },
          {
            key: 'aim',
            label: 'Start lines',
            children: (
              <AimLines
                classId={id}
                skills={(skills.data ?? []).filter(
                  (s) => s.ladder === 'SENDING' && (planned.length === 0 || planned.includes(s)),
                )}
              />
            ),
          },
          { key: 'tests', label: 'Two-trial tests', children: <TwoTrials classId={id} /> },
          {
            key: 'children',
            label: 'Children and sides',
            children: <Children group={group.data} skills={skills.data ?? []} refresh={refresh} />,
          },
        ].filter((tab) => plans || tab.key === 'grid' || tab.key === 'tests')}
      />
      {setting && <ClassSettings group={group.data} close={() => setSetting(false)} />}
      {importing && (
        <RosterImport
          into={{ id, name: group.data.name }}
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

const NOTHING_CHOSEN = <p className="mute">Plan a unit, or choose skills under “What was seen”.</p>

interface HeadProps {
  group: Schemas['ClassView']
  plans: boolean
  /** opens the settings */
  set: () => void
  /** opens the import of a roster */
  bring: () => void
}

function Head({ group: { id, name, year, yearAge, children }, plans, set, bring }: HeadProps) {
  const left = children.filter((c) => c.sides.some((s) => s.action === 'THROW' && s.side === 'LEFT')).length
  return (
    <div className={page.head}>
      <Heading>
        {name} · {year}
      </Heading>
      <span className={page.chip}>
        age {yearAge} to {yearAge + 1}
      </span>
      <span className={page.chip}>
        {children.length} children · {left} left-handed
      </span>
      {plans && (
        <div className={page.end}>
          <Button onClick={set}>Year and minutes</Button>
          <Button onClick={bring}>Import a roster</Button>
          <Link to={`/units/new?class=${id}`}>
            <Button type="primary" tabIndex={-1}>
              Plan a unit
            </Button>
          </Link>
        </div>
      )}
    </div>
  )
}

interface WhatWasSeenProps {
  classId: string
  /** keys of the cue sets that are shown */
  sets: string[]
  kind: Kind
  /** keys of the skills that were chosen */
  chosen: string[]
  /** true where the class has units */
  planned: boolean
  skills: Schemas['SkillView'][]
  /** false while its units are read */
  ready: boolean
  change: (key: string, values: string[]) => void
}

function WhatWasSeen({ classId, sets, kind, chosen, planned, skills, ready, change }: WhatWasSeenProps) {
  const [before, setBefore] = useState('')
  const query = sets.map((s) => `set=${encodeURIComponent(s)}`).join('&')
  return (
    <>
      <div className={page.head}>
        <Select
          aria-label="Cue sets"
          value={kind}
          onChange={(k) => change('kind', [k])}
          options={kinds}
          style={{ width: 160 }}
        />
        <Select
          aria-label="Skills"
          mode="multiple"
          placeholder={planned ? 'Skills of its units' : 'Choose skills'}
          value={chosen}
          onChange={(k) => change('skill', k)}
          options={skills.map((s) => ({ value: s.key, label: s.name }))}
          style={{ minWidth: 220 }}
        />
        <label className={page.chip} htmlFor="compare-with">
          Compare with{' '}
          <DateInput
            id="compare-with"
            size="small"
            style={{ width: 140 }}
            max={todayHere()}
            value={before}
            onChange={setBefore}
          />
        </label>
        <div className={page.end}>
          <Button href={`/api/classes/${classId}/grid.csv?${query}`} disabled={sets.length === 0}>
            Export as CSV
          </Button>
        </div>
      </div>
      {sets.length > 0 && <GridTable classId={classId} sets={sets} before={before} />}
      {ready && sets.length === 0 && (
        <p className="mute">The class has no unit yet. Choose skills to see its marks, or plan a unit.</p>
      )}
    </>
  )
}
