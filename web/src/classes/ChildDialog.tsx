import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, InputNumber, Select, Tabs } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { useSession } from '../session/useSession'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { dayWords, todayHere } from '../shared/dates'
import { useMeasures } from '../shared/measures'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Children.module.css'
import { EraseChild } from './EraseChild'

type Child = Schemas['ChildView']
type Group = Schemas['ClassView']
type Wish = Schemas['PairView']['wish']

interface ChildDialogProps {
  child: Child
  group: Group
  skills: Schemas['SkillView'][]
  close: () => void
  saved: () => void
}

/** All that is kept about a child: names and year, cues, whom it is with, where it was and goes. */
export function ChildDialog({ child, group, skills, close, saved }: ChildDialogProps) {
  const { school } = useMeasures()
  const [given, setGiven] = useState(child.given)
  const [family, setFamily] = useState(child.family)
  const [yearAge, setYearAge] = useState<number | null>(child.yearAge)
  const [fits, setFits] = useState<Record<string, Schemas['Cell']['fit']>>(child.cues)
  const { error, busy, attempt } = useAttempt()
  const sides = Object.fromEntries(
    child.sides.filter((s) => !s.assumed && s.side).map((s) => [s.action, s.side as 'LEFT' | 'RIGHT']),
  )
  const save = async () => {
    const done = await attempt(async () => {
      await take(
        api.PUT('/api/children/{id}', {
          params: { path: { id: child.id }, header: ifMatch(child.version) },
          body: { given, family, yearAge: yearAge ?? child.yearAge, sides },
        }),
      )
      for (const cue of new Set([...Object.keys(fits), ...Object.keys(child.cues)])) {
        const fit = fits[cue] ?? 'APPLIES'
        if (fit !== (child.cues[cue] ?? 'APPLIES'))
          await take(
            api.PUT('/api/children/{id}/cue-fit', { params: { path: { id: child.id } }, body: { cue, fit } }),
          )
      }
    })
    if (done) saved()
  }
  return (
    <Dialog
      open
      title={`${child.given} ${child.family}`}
      onCancel={close}
      width={640}
      onOk={save}
      okText="Save"
      confirmLoading={busy}
    >
      <Tabs
        size="small"
        items={[
          {
            key: 'child',
            label: 'Name and cues',
            children: (
              <>
                <div className={styles.names}>
                  <label htmlFor="child-given">
                    Given name
                    <Input id="child-given" value={given} onChange={(e) => setGiven(e.target.value)} />
                  </label>
                  <label htmlFor="child-family">
                    Family name
                    <Input id="child-family" value={family} onChange={(e) => setFamily(e.target.value)} />
                  </label>
                  <label htmlFor="child-age">
                    Age, in {school?.years.find((y) => y.age === yearAge)?.label ?? 'its year'}
                    <InputNumber id="child-age" value={yearAge} min={3} max={14} onChange={setYearAge} />
                  </label>
                </div>
                <Fits child={child} skills={skills} fits={fits} setFits={setFits} />
              </>
            ),
          },
          {
            key: 'with',
            label: 'Together and apart',
            children: <Pairs child={child} group={group} />,
          },
          {
            key: 'classes',
            label: 'Classes',
            children: <Enrolments child={child} group={group} saved={saved} />,
          },
        ]}
      />
      {error !== null && <ProblemNote error={error} />}
    </Dialog>
  )
}

interface FitsProps {
  child: Child
  skills: Schemas['SkillView'][]
  fits: Record<string, Schemas['Cell']['fit']>
  setFits: (fits: Record<string, Schemas['Cell']['fit']>) => void
}

function Fits({ child, skills, fits, setFits }: FitsProps) {
  const [differing, setDiffering] = useState(() =>
    skills.filter((s) => s.cues.some((c) => child.cues[c.key])).map((s) => s.key),
  )
  return (
    <>
      <h2>Cues that do not apply, or are adapted</h2>
      <p className="mute">They leave the count for this child, and the grid says so.</p>
      <Select
        aria-label="Cues of the skill"
        placeholder="of which skill?"
        showSearch={{ optionFilterProp: 'label' }}
        value={null}
        onChange={(skill: string | null) => skill && setDiffering([...differing, skill])}
        options={skills
          .filter((s) => !differing.includes(s.key))
          .map((s) => ({ value: s.key, label: s.name }))}
        style={{ width: 260, marginBottom: 8 }}
      />
      <div className={styles.fits}>
        {skills
          .filter((s) => differing.includes(s.key))
          .map((s) => (
            <div key={s.key}>
              <b>{s.name}</b>
              {s.cues
                .filter((c) => s.sets.some((set) => set.kind === 'COMPONENTS' && set.cues.includes(c.key)))
                .map((c) => (
                  <div key={c.key} className={styles.fit}>
                    <span>{c.call.notSettled}</span>
                    <Select
                      size="small"
                      aria-label={`${s.name}, ${c.call.notSettled}`}
                      value={fits[c.key] ?? 'APPLIES'}
                      onChange={(fit) => setFits({ ...fits, [c.key]: fit })}
                      style={{ width: 136 }}
                      options={[
                        { value: 'APPLIES', label: 'applies' },
                        { value: 'ADAPTED', label: 'adapted' },
                        { value: 'NOT_APPLYING', label: 'does not apply' },
                      ]}
                    />
                  </div>
                ))}
            </div>
          ))}
      </div>
    </>
  )
}

/** Whom a child is to be grouped with, or apart from. */
function Pairs({ child, group }: { child: Child; group: Group }) {
  const queries = useQueryClient()
  const [other, setOther] = useState<string>()
  const [wish, setWish] = useState<Wish>('APART')
  const { error, busy, attempt } = useAttempt()
  const pairs = useQuery({
    queryKey: ['pairs', group.id],
    queryFn: () => take(api.GET('/api/classes/{id}/pairs', { params: { path: { id: group.id } } })),
  })
  const name = (id: string) => group.children.find((c) => c.id === id)?.name
  const mine = (pairs.data ?? [])
    .filter((p) => p.child === child.id || p.other === child.id)
    .map((p) =>
      p.child === child.id
        ? { id: p.other, name: p.otherName, wish: p.wish }
        : { id: p.child, name: name(p.child) ?? '', wish: p.wish },
    )
  const set = (id: string, wanted?: Wish) =>
    attempt(async () => {
      queries.setQueryData(
        ['pairs', group.id],
        await take(
          api.PUT('/api/classes/{id}/pairs', {
            params: { path: { id: group.id } },
            body: { one: child.id, other: id, wish: wanted },
          }),
        ),
      )
      setOther(undefined)
    })
  return (
    <>
      <ul>
        {mine.map((p) => (
          <li key={p.id}>
            {p.wish === 'APART' ? 'apart from' : 'together with'} <b>{p.name}</b>{' '}
            <Button
              size="small"
              type="text"
              onClick={() => set(p.id)}
              aria-label={`No wish for ${p.name} any more`}
            >
              No longer
            </Button>
          </li>
        ))}
        {mine.length === 0 && <li className="mute">No wish.</li>}
      </ul>
      <div style={{ display: 'flex', gap: 8 }}>
        <Select
          aria-label="Together or apart"
          value={wish}
          onChange={setWish}
          options={[
            { value: 'APART', label: 'apart from' },
            { value: 'TOGETHER', label: 'together with' },
          ]}
          style={{ width: 140 }}
        />
        <Select
          aria-label="Which child"
          showSearch={{ optionFilterProp: 'label' }}
          placeholder="whom?"
          value={other}
          onChange={setOther}
          options={group.children
            .filter((c) => c.id !== child.id)
            .map((c) => ({ value: c.id, label: c.name }))}
          style={{ flex: 1 }}
        />
        <Button disabled={!other} loading={busy} onClick={() => other && set(other, wish)}>
          Add
        </Button>
      </div>
      {error !== null && <ProblemNote error={error} />}
    </>
  )
}

/** Where a child was, is and goes; and its data, taken out or erased. */
function Enrolments({ child, group, saved }: { child: Child; group: Group; saved: () => void }) {
  const lead = useSession().role === 'LEAD'
  const { school } = useMeasures()
  const [day, setDay] = useState(todayHere())
  const [to, setTo] = useState<string>()
  const { error, attempt } = useAttempt()
  const file = useQuery({
    queryKey: ['child', child.id],
    queryFn: () => take(api.GET('/api/children/{id}', { params: { path: { id: child.id } } })),
  })
  const classes = useQuery(reads.classes)
  const then = async (work: () => Promise<unknown>) => {
    if (await attempt(work)) saved()
  }
  const [erasing, setErasing] = useState(false)
  return (
    <>
      <ul>
        {file.data?.enrolments.map((e) => (
          <li key={e.schoolClass + e.from}>
            {e.name}: from {dayWords(e.from)}
            {e.to ? ` to ${dayWords(e.to)}` : ' on'}
          </li>
        ))}
      </ul>
      <div style={{ display: 'flex', gap: 8, alignItems: 'end', flexWrap: 'wrap' }}>
        <label htmlFor="enrol-day">
          Day
          <DateInput id="enrol-day" value={day} onChange={setDay} style={{ width: 150, display: 'block' }} />
        </label>
        <Button
          onClick={() =>
            then(() =>
              take(
                api.DELETE('/api/classes/{id}/children/{childId}', {
                  params: { path: { id: group.id, childId: child.id }, query: { last: day } },
                }),
              ),
            )
          }
        >
          Last day in {group.name}
        </Button>
        <Select
          aria-label="To which class"
          placeholder="to which class?"
          value={to}
          onChange={setTo}
          options={classes.data
            ?.filter((c) => c.id !== group.id)
            .map((c) => ({ value: c.id, label: c.name }))}
          style={{ width: 160 }}
        />
        <Button
          disabled={!to}
          onClick={() =>
            then(() =>
              take(
                api.POST('/api/children/{id}/moves', {
                  params: { path: { id: child.id } },
                  body: { to: to as string, from: day },
                }),
              ),
            )
          }
        >
          Moves on that day
        </Button>
      </div>
      <p className="mute">What was seen goes along.</p>
      {error !== null && <ProblemNote error={error} />}
      {lead && (
        <div style={{ display: 'flex', gap: 8, marginTop: 18 }}>
          <Button href={`/api/children/${child.id}/export`}>Export everything about this child (JSON)</Button>
          <Button danger onClick={() => setErasing(true)}>
            Erase for good …
          </Button>
          {erasing && (
            <EraseChild
              child={child}
              seenGoes={school?.erasedTrials === 'DROP'}
              close={() => setErasing(false)}
              erased={saved}
            />
          )}
        </div>
      )}
    </>
  )
}
