import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Input, InputNumber, Radio, Select } from 'antd'
import { useState } from 'react'
import { reads } from '../api/reads'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { dayWords, timeWords } from '../shared/dates'
import { EnterSubmits } from '../shared/EnterSubmits'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import styles from './ChangeLesson.module.css'
import { type ChangeBody, changeLesson } from './changed'

type Kind = Exclude<ChangeBody['kind'], 'DOORWAY'>

export interface LessonToChange {
  lesson: string
  className: string
  number: number
  onDate: string
  minutes: number
}

interface ChangeLessonProps {
  of: LessonToChange
  /** what is chosen at first @default 'LOST' */
  kind?: Kind
  close: () => void
}

const kinds: { value: Kind; label: string }[] = [
  { value: 'LOST', label: 'Lost' },
  { value: 'MOVED', label: 'Moved' },
  { value: 'SWAPPED', label: 'Swapped' },
  { value: 'SHORTENED', label: 'Shorter' },
  { value: 'INDOORS', label: 'Indoors' },
]

/** What happened to a lesson, and what becomes of the rest of its unit. */
export function ChangeLesson({ of, kind: first = 'LOST', close }: ChangeLessonProps) {
  const queries = useQueryClient()
  const [kind, setKind] = useState<Kind>(first)
  const { useKept, forget } = useKeptForm(`change-${of.lesson}`)
  const [why, setWhy] = useKept('why', '')
  const [typed, setTyped] = useState<Typed>({
    rest: 'ALONG',
    onDate: of.onDate,
    starts: '',
    minutes: Math.max(10, of.minutes - 10),
  })
  const { error, busy, attempt } = useAttempt()
  const change = body(kind, why, typed)
  const save = async () => {
    if (!change) return
    const done = await attempt(() => changeLesson(queries, of.lesson, change))
    if (!done) return
    forget()
    close()
  }
  return (
    <Dialog
      open
      title={`${of.className}, lesson ${of.number} on ${dayWords(of.onDate)}`}
      onCancel={close}
      onOk={save}
      okText="Change it"
      okButtonProps={{ disabled: !change }}
      confirmLoading={busy}
    >
      <form
        className={styles.form}
        onSubmit={(e) => {
          e.preventDefault()
          save()
        }}
      >
        <Radio.Group
          aria-label="What happened"
          optionType="button"
          value={kind}
          onChange={(e) => setKind(e.target.value)}
          options={kinds}
        />
        <What kind={kind} of={of} typed={typed} set={(part) => setTyped({ ...typed, ...part })} />
        <label htmlFor="change-why">
          Why, in a few words
          <Input
            id="change-why"
            maxLength={120}
            value={why}
            onChange={(e) => setWhy(e.target.value)}
            placeholder="trip, drill, hall taken …"
          />
        </label>
        {error !== null && <ProblemNote error={error} />}
        <EnterSubmits />
      </form>
    </Dialog>
  )
}

/** What is typed about a change. */
interface Typed {
  rest: 'ALONG' | 'SQUEEZE'
  onDate: string
  /** hours and minutes; empty for those of the timetable */
  starts: string
  minutes: number | null
  /** id of a place */
  space?: string
  /** id of the lesson that it is swapped with */
  other?: string
}

/** Null while something is missing. */
function body(kind: Kind, why: string, typed: Typed): ChangeBody | null {
  const { rest, onDate, starts, minutes, space, other } = typed
  switch (kind) {
    case 'LOST':
      return { kind, why, rest }
    case 'MOVED':
      return {
        kind,
        why,
        onDate,
        starts: starts ? `${starts}:00` : undefined,
        spaceId: space,
        anyway: false,
      }
    case 'SWAPPED':
      return other === undefined ? null : { kind, why, with: other }
    case 'SHORTENED':
      return minutes === null ? null : { kind, why, minutes }
    case 'INDOORS':
      return { kind, why, spaceId: space, anyway: false }
  }
}

interface TypedProps {
  typed: Typed
  set: (part: Partial<Typed>) => void
}

function What({ kind, of, typed, set }: TypedProps & { kind: Kind; of: LessonToChange }) {
  return (
    <>
      {kind === 'LOST' && (
        <Radio.Group
          aria-label="The rest of the unit"
          value={typed.rest}
          onChange={(e) => set({ rest: e.target.value })}
          className={styles.choices}
          options={[
            { value: 'ALONG', label: 'later lessons move along; the unit ends one lesson later' },
            { value: 'SQUEEZE', label: 'squeeze the rest into the lessons that are left' },
          ]}
        />
      )}
      {kind === 'MOVED' && (
        <>
          <label htmlFor="change-date">
            To the day
            <DateInput id="change-date" value={typed.onDate} onChange={(onDate) => set({ onDate })} />
          </label>
          <label htmlFor="change-time">
            At, if not as in the timetable
            <Input
              id="change-time"
              type="time"
              value={typed.starts}
              onChange={(e) => set({ starts: e.target.value })}
            />
          </label>
          <Place label="In" typed={typed} set={set} />
        </>
      )}
      {kind === 'SWAPPED' && <With of={of} typed={typed} set={set} />}
      {kind === 'SHORTENED' && (
        <label htmlFor="change-minutes">
          Minutes left to teach in
          <InputNumber
            id="change-minutes"
            min={10}
            max={of.minutes - 1}
            value={typed.minutes}
            onChange={(minutes) => set({ minutes })}
          />
        </label>
      )}
      {kind === 'INDOORS' && <Place label="Into" indoors typed={typed} set={set} />}
    </>
  )
}

function With({ of, typed, set }: TypedProps & { of: LessonToChange }) {
  const term = useQuery(reads.term)
  const others = (term.data?.classes ?? []).flatMap((c) =>
    c.beads
      .filter((b) => b.lesson !== of.lesson && (b.bead === 'FITS' || b.bead === 'STRAINED'))
      .map((b) => ({
        value: b.lesson,
        label: `${c.schoolClass.name}, ${dayWords(b.onDate)}${b.starts ? ` ${timeWords(b.starts)}` : ''}`,
      })),
  )
  return (
    <label>
      With
      <Select
        aria-label="Swapped with"
        showSearch={{ optionFilterProp: 'label' }}
        value={typed.other}
        onChange={(other) => set({ other })}
        placeholder="Which lesson?"
        options={others}
      />
    </label>
  )
}

/** @param indoors true for places with a ceiling alone */
function Place({ label, indoors = false, typed, set }: TypedProps & { label: string; indoors?: boolean }) {
  const spaces = useQuery(reads.spaces)
  return (
    <label>
      {label}
      <Select
        aria-label={label}
        allowClear
        value={typed.space}
        onChange={(space) => set({ space })}
        placeholder="as the timetable or the wet-weather place says"
        options={spaces.data
          ?.filter((s) => !indoors || s.ceilingCm !== undefined)
          .map((s) => ({ value: s.id, label: s.name }))}
      />
    </label>
  )
}
