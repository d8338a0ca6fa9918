import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { Checkbox, Input, InputNumber, Select } from 'antd'
import { useDeferredValue, useMemo, useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { ActivityCard } from './ActivityCard'
import styles from './KnowHow.module.css'
import { Rung } from './Rung'
import type { TabProps } from './tab'
import { phases, phaseWords, vocabularyQuery } from './words'

interface Wanted {
  words?: string
  skill?: string
  level?: number
  phase?: Schemas['ActivityLine']['phases'][number]
  formation?: string
  scoring?: string
  age?: number
  minutes?: number
  kit: boolean
}

/** Every activity, found by what it is for and what there is, and one of them in full. */
export function ActivitiesTab(props: TabProps & { opened?: string }) {
  const { skills, openActivity, opened } = props
  const [wanted, setWanted] = useState<Wanted>({ kit: false })
  const [classId, setClass] = useState<string>()
  const [space, setSpace] = useState<string>()
  const classes = useQuery(reads.classes)
  const spaces = useQuery(reads.spaces)
  const group = classes.data?.find((c) => c.id === classId)
  const age = wanted.age ?? group?.yearAge
  const children = group?.children
  // One object as long as nothing in it changes: a new one at each render would never come to rest.
  const asked = useDeferredValue(
    useMemo(() => ({ ...wanted, age, children, space }), [wanted, age, children, space]),
  )
  const found = useQuery({
    queryKey: ['activities', asked],
    queryFn: () =>
      take(
        api.GET('/api/activities', {
          params: { query: { ...asked, words: asked.words?.trim() || undefined } as never },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  const set = (part: Partial<Wanted>) => setWanted({ ...wanted, ...part })
  return (
    <>
      <div className={page.head}>
        <Input
          aria-label="Words"
          placeholder="name, kit or what happens"
          value={wanted.words}
          onChange={(e) => set({ words: e.target.value })}
          style={{ width: 210 }}
        />
        <Wishes wanted={wanted} set={set} skills={skills} />
        <Choice
          label="For the class"
          any="any class"
          width={150}
          value={classId}
          set={setClass}
          options={(classes.data ?? []).map((c) => ({ value: c.id, label: c.name }))}
        />
        {!group && (
          <InputNumber
            aria-label="Age"
            placeholder="age"
            min={3}
            max={14}
            value={wanted.age}
            onChange={(age) => set({ age: age ?? undefined })}
            style={{ width: 72 }}
          />
        )}
        <Choice
          label="In the place"
          any="any place"
          width={130}
          value={space}
          set={setSpace}
          options={(spaces.data ?? []).map((s) => ({ value: s.id, label: s.name }))}
        />
        <Checkbox checked={wanted.kit} onChange={(e) => set({ kit: e.target.checked })}>
          with the kit we have
        </Checkbox>
        <span className="mute" role="status">
          {found.data && `${found.data.total} of ${found.data.of}`}
          {found.data?.guessed && found.data.total > 0 && ': nothing is spelled like that; these are alike'}
        </span>
      </div>
      {found.error && <ProblemNote error={found.error} retry={() => found.refetch()} />}
      {found.data && found.data.skills.length > 0 && (
        <p>
          Skills:{' '}
          {found.data.skills.map((s, i) => (
            <span key={s.key}>
              {i > 0 && ', '}
              <button type="button" className={styles.link} onClick={() => props.openSkill(s.key)}>
                {s.name}
              </button>
            </span>
          ))}
        </p>
      )}
      <div className={styles.finder}>
        <Found found={found.data} opened={opened} open={openActivity} />
        {opened && (
          <ActivityCard
            {...props}
            about={opened}
            group={group && { name: group.name, children: group.children, age: group.yearAge }}
            space={space}
          />
        )}
      </div>
    </>
  )
}

interface ChoiceProps {
  label: string
  /** what stands there while nothing is chosen */
  any: string
  width: number
  value?: string
  set: (value?: string) => void
  options: { value: string; label: string }[]
}

function Choice({ label, any, width, value, set, options }: ChoiceProps) {
  return (
    <Select
      aria-label={label}
      allowClear
      showSearch={{ optionFilterProp: 'label' }}
      placeholder={any}
      value={value}
      onChange={set}
      options={options}
      style={{ width }}
      popupMatchSelectWidth={false}
    />
  )
}

interface WishesProps {
  wanted: Wanted
  set: (part: Partial<Wanted>) => void
  skills: TabProps['skills']
}

function Wishes({ wanted, set, skills }: WishesProps) {
  const vocabulary = useQuery(vocabularyQuery)
  return (
    <>
      <Choice
        label="Skill"
        any="any skill"
        width={190}
        value={wanted.skill}
        set={(skill) => set({ skill })}
        options={skills.map((s) => ({ value: s.key, label: s.name }))}
      />
      <Choice
        label="Phase"
        any="any phase"
        width={130}
        value={wanted.phase}
        options={phases}
        set={(phase) => set({ phase: phase as Wanted['phase'] })}
      />
      <Select
        aria-label="Rung"
        allowClear
        placeholder="any level"
        value={wanted.level}
        onChange={(level) => set({ level })}
        options={[1, 2, 3, 4, 5, 6].map((value) => ({ value, label: `level ${value}` }))}
        style={{ width: 105 }}
      />
      <Choice
        label="Formation"
        any="any formation"
        width={150}
        value={wanted.formation}
        options={vocabulary.data?.formations ?? []}
        set={(formation) => set({ formation })}
      />
      <Choice
        label="Kind of game"
        any="any scoring"
        width={170}
        value={wanted.scoring}
        options={vocabulary.data?.scorings ?? []}
        set={(scoring) => set({ scoring })}
      />
      <InputNumber
        aria-label="Minutes there are"
        placeholder="minutes"
        min={1}
        max={30}
        value={wanted.minutes}
        onChange={(minutes) => set({ minutes: minutes ?? undefined })}
        style={{ width: 90 }}
      />
    </>
  )
}

interface FoundProps {
  found?: Schemas['ActivitiesFound']
  opened?: string
  open: (key: string) => void
}

function Found({ found, opened, open }: FoundProps) {
  return (
    <ul className={styles.found}>
      {found?.found.map((a) => (
        <li key={a.key}>
          <button
            type="button"
            aria-pressed={a.key === opened}
            className={a.key === opened ? styles.chosen : ''}
            onClick={() => open(a.key)}
          >
            <Rung level={a.level} />
            <b>
              {a.name}
              {a.own && <i className="mute"> ours</i>}
            </b>
            <span className="mute">
              {a.plain ?? phaseWords(a)}
              {a.skill && a.phases.includes('PLAY') && ', play'} · age {a.ageFrom} to {a.ageTo} ·{' '}
              {a.minutesLeast} to {a.minutesMost} min
            </span>
          </button>
        </li>
      ))}
      {found?.total === 0 && <li className="mute">Nothing is like that. Take a wish away.</li>}
      {found && found.total > found.found.length && (
        <li className="mute">The first {found.found.length} are shown. Wish for more, to see fewer.</li>
      )}
    </ul>
  )
}
