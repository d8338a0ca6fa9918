import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, InputNumber, Modal, Radio, Select } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { changed } from '../api/reads'
import { dayWords } from '../shared/dates'
import { useMeasures } from '../shared/measures'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { MoveUp } from './MoveUp'
import { yearNamings } from './namings'
import styles from './setup.module.css'

type School = Schemas['SchoolView']

const zones =
  (Intl as { supportedValuesOf?: (key: string) => string[] }).supportedValuesOf?.('timeZone') ?? []

/** The school's name, zone, naming of years, units and cautions. */
export function SchoolSection() {
  const { school } = useMeasures()
  // Outlives the form, which begins anew with each version.
  const [saved, setSaved] = useState(false)
  return school ? <SchoolForm key={school.version} school={school} saved={saved} setSaved={setSaved} /> : null
}

interface SchoolFormProps {
  school: School
  saved: boolean
  setSaved: (saved: boolean) => void
}

function SchoolForm({ school, saved, setSaved }: SchoolFormProps) {
  const queries = useQueryClient()
  const { useKept, forget } = useKeptForm('school')
  const [form, setForm] = useKept('form', school)
  const [ownYears, setOwnYears] = useKept<Record<string, string>>(
    'years',
    school.yearNaming === 'OWN' ? Object.fromEntries(school.years.map((y) => [y.age, y.label])) : {},
  )
  const [cautions, setCautions] = useKept('cautions', school.cautions.join('\n'))
  const { error, busy, attempt } = useAttempt()
  const set = (part: Partial<School>) => {
    setSaved(false)
    setForm({ ...form, ...part })
  }
  const own = (years: Record<string, string>) => {
    setSaved(false)
    setOwnYears(years)
  }
  const warn = (lines: string) => {
    setSaved(false)
    setCautions(lines)
  }
  const fields = { form, set }
  const save = () =>
    attempt(async () => {
      const now = await take(
        api.PUT('/api/school', {
          params: { header: ifMatch(school.version) },
          body: {
            name: form.name,
            timeZone: form.timeZone,
            yearNaming: form.yearNaming,
            ownYears,
            lengthUnit: form.lengthUnit,
            paceCm: form.paceCm,
            paceWhose: form.paceWhose,
            weekStarts: form.weekStarts,
            cautions: cautions
              .split('\n')
              .map((c) => c.trim())
              .filter(Boolean),
            softened: form.softened,
            bandFrom: form.bandFrom,
            bandTo: form.bandTo,
            erasedTrials: form.erasedTrials,
            paper: form.paper,
          },
        }),
      )
      forget()
      queries.setQueryData(['school'], now)
      changed(queries, 'classes')
      setSaved(true)
    })
  return (
    <>
      <div className={styles.form}>
        <Named {...fields} years={school.years} ownYears={ownYears} setOwnYears={own} />
        <Measured {...fields} />
        <Cautioned {...fields} cautions={cautions} setCautions={warn} />
        <span />
        <span className={styles.row}>
          <Button type="primary" loading={busy} onClick={save}>
            Save
          </Button>
          {saved && <span role="status">Saved.</span>}
        </span>
      </div>
      {error !== null && <ProblemNote error={error} />}
      <YearUp school={school} />
    </>
  )
}

interface FieldsProps {
  form: School
  set: (part: Partial<School>) => void
}

interface NamedProps extends FieldsProps {
  years: School['years']
  ownYears: Record<string, string>
  setOwnYears: (years: Record<string, string>) => void
}

function Named({ form, set, years, ownYears, setOwnYears }: NamedProps) {
  return (
    <>
      <label htmlFor="school-name">Name</label>
      <Input id="school-name" value={form.name} onChange={(e) => set({ name: e.target.value })} />
      <label htmlFor="school-zone">Time zone</label>
      <Select
        id="school-zone"
        aria-label="Time zone"
        showSearch
        value={form.timeZone}
        onChange={(timeZone) => set({ timeZone })}
        options={zones.map((value) => ({ value, label: value }))}
      />
      <label htmlFor="school-years">Years are called</label>
      <Select
        id="school-years"
        aria-label="Years are called"
        value={form.yearNaming}
        onChange={(yearNaming) => set({ yearNaming })}
        options={[...yearNamings]}
      />
      {form.yearNaming === 'OWN' && (
        <>
          <span>Own names, by age</span>
          <span className={styles.row}>
            {years.map((y) => (
              <Input
                key={y.age}
                addonBefore={y.age}
                aria-label={`Name of the year at age ${y.age}`}
                value={ownYears[y.age] ?? ''}
                maxLength={30}
                onChange={(e) => setOwnYears({ ...ownYears, [y.age]: e.target.value })}
                style={{ width: 140 }}
              />
            ))}
          </span>
        </>
      )}
    </>
  )
}

function Measured({ form, set }: FieldsProps) {
  return (
    <>
      <span id="school-unit">Lengths in</span>
      <Radio.Group
        aria-labelledby="school-unit"
        value={form.lengthUnit}
        onChange={(e) => set({ lengthUnit: e.target.value })}
        options={[
          { value: 'METRES', label: 'metres' },
          { value: 'FEET', label: 'feet and inches' },
        ]}
      />
      <label htmlFor="school-pace">One pace</label>
      <span className={styles.row}>
        <InputNumber
          id="school-pace"
          min={30}
          max={150}
          value={form.paceCm}
          onChange={(v) => set({ paceCm: v ?? 75 })}
        />
        cm, of
        <Input
          aria-label="Whose pace"
          value={form.paceWhose}
          maxLength={60}
          onChange={(e) => set({ paceWhose: e.target.value })}
          style={{ width: 180 }}
        />
      </span>
      <label htmlFor="school-band">Aim for so many successes in 100 tries</label>
      <span className={styles.row}>
        <InputNumber
          id="school-band"
          min={30}
          max={85}
          value={form.bandFrom}
          onChange={(v) => set({ bandFrom: v ?? 60 })}
        />
        to
        <InputNumber
          aria-label="At most so many succeed"
          min={40}
          max={95}
          value={form.bandTo}
          onChange={(v) => set({ bandTo: v ?? 80 })}
        />
        <span className="mute">distances, steps and start lines are judged by it; 60 to 80 is usual</span>
      </span>
      <span id="school-paper">Prints on</span>
      <Radio.Group
        aria-labelledby="school-paper"
        value={form.paper}
        onChange={(e) => set({ paper: e.target.value })}
        options={[
          { value: 'A4', label: 'A4' },
          { value: 'LETTER', label: 'Letter (8½ by 11 inches)' },
        ]}
      />
      <label htmlFor="school-week">A week starts on</label>
      <Select
        id="school-week"
        aria-label="A week starts on"
        value={form.weekStarts}
        onChange={(weekStarts) => set({ weekStarts })}
        options={[
          { value: 'MONDAY', label: 'Monday' },
          { value: 'SUNDAY', label: 'Sunday' },
          { value: 'SATURDAY', label: 'Saturday' },
        ]}
      />
    </>
  )
}

interface CautionedProps extends FieldsProps {
  /** one a line */
  cautions: string
  setCautions: (lines: string) => void
}

function Cautioned({ form, set, cautions, setCautions }: CautionedProps) {
  const rules = useQuery({ queryKey: ['cautions'], queryFn: () => take(api.GET('/api/cautions')) })
  return (
    <>
      <label htmlFor="school-cautions">Cautions on every lesson sheet, one a line</label>
      <Input.TextArea
        id="school-cautions"
        rows={3}
        value={cautions}
        onChange={(e) => setCautions(e.target.value)}
        placeholder="The stage stays closed. Asthma bags hang by the door."
      />
      <label htmlFor="school-softened">Usual cautions that only warn here</label>
      <Select
        id="school-softened"
        aria-label="Usual cautions that only warn here"
        mode="multiple"
        value={form.softened}
        onChange={(softened) => set({ softened })}
        options={rules.data
          ?.filter((r) => !r.fixed && r.weight !== 'WARNS')
          .map((r) => ({ value: r.key, label: r.title }))}
        placeholder="none; hard, heavy and unfit things stay forbidden whatever a school says"
      />
      <span id="school-erased">When a child is erased, what was seen</span>
      <Radio.Group
        aria-labelledby="school-erased"
        value={form.erasedTrials}
        onChange={(e) => set({ erasedTrials: e.target.value })}
        options={[
          { value: 'KEEP', label: 'stays, without a name' },
          { value: 'DROP', label: 'is dropped too' },
        ]}
      />
    </>
  )
}

function YearUp({ school }: { school: School }) {
  const queries = useQueryClient()
  const [movingUp, setMovingUp] = useState(false)
  return (
    <>
      <h2 style={{ marginTop: 28 }}>A year up</h2>
      <p className="mute">
        Every class and its children go up a year in one step; the oldest leave.
        {school.movedUpOn && ` Last done on ${dayWords(school.movedUpOn)}.`}
      </p>
      <Button onClick={() => setMovingUp(true)}>All classes up a year …</Button>
      {movingUp && (
        <MoveUp
          close={() => setMovingUp(false)}
          done={(m) => {
            setMovingUp(false)
            queries.invalidateQueries()
            Modal.success({
              title: `${m.classes} classes with ${m.children} children went up a year; ${m.left} left.`,
            })
          }}
        />
      )}
    </>
  )
}
