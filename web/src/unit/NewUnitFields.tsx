import { Button, Checkbox, InputNumber, Radio, Select } from 'antd'
import { families } from '../knowhow/words'
import { DateInput } from '../shared/DateInput'
import { useMeasures } from '../shared/measures'
import { CueChoices } from './CueChoices'
import styles from './NewUnitPage.module.css'
import type { NewUnit } from './useNewUnit'

const ladders = Object.keys(families) as (keyof typeof families)[]

/** Which class, skills and cues. */
export function WhatFields({ u }: { u: NewUnit }) {
  const { classId, setClassId, chosen, setChosen, kind, setKind, cues, setCues, lessons, group } = u
  return (
    <>
      <label htmlFor="class">Class</label>
      <Select
        id="class"
        aria-label="Class"
        value={classId}
        onChange={setClassId}
        placeholder="Which class?"
        options={u.classes.map((c) => ({
          value: c.id,
          label: `${c.name} · ${c.year} · ${c.children} children`,
        }))}
      />
      <span id="skills">Skills</span>
      <Checkbox.Group
        aria-labelledby="skills"
        value={chosen}
        onChange={(v) => setChosen(v as string[])}
        className={styles.skills}
      >
        {ladders.map((ladder) => (
          <fieldset key={ladder}>
            <legend>{families[ladder]}</legend>
            {u.skills
              .filter((s) => s.ladder === ladder && !s.aside)
              .map((s) => (
                <Checkbox key={s.key} value={s.key}>
                  {s.name}
                </Checkbox>
              ))}
          </fieldset>
        ))}
      </Checkbox.Group>
      <span id="kind">Cues</span>
      <Radio.Group
        aria-labelledby="kind"
        value={kind}
        onChange={(e) => setKind(e.target.value)}
        options={[
          { value: 'components', label: 'component sets, four to eight observed cues' },
          { value: 'short', label: 'short sets, two to four calls for the young' },
        ]}
      />
      {chosen.length > 0 && (
        <>
          <span />
          <details className={styles.cues}>
            <summary>
              {Object.values(cues).some((c) => c !== undefined)
                ? 'Cues as you decided'
                : 'Which cues, in which order'}
            </summary>
            {chosen.map((key) => (
              <CueChoices
                key={`${key}/${kind}`}
                skill={key}
                cueSet={`${key}/${kind}`}
                age={group?.yearAge ?? null}
                lessons={lessons.map((_, i) => i + 1)}
                value={cues[`${key}/${kind}`]}
                onChange={(now) => setCues({ ...cues, [`${key}/${kind}`]: now })}
              />
            ))}
          </details>
        </>
      )}
    </>
  )
}

/** In which order and shares, and the way to more. */
export function HowFields({ u, more }: { u: NewUnit; more: () => void }) {
  const { chosen, wishes, setWishes, shares, setShares } = u
  return (
    <>
      <span id="order">Order</span>
      <span className={styles.row}>
        <Radio.Group
          aria-labelledby="order"
          value={wishes.order}
          onChange={(e) => setWishes({ ...wishes, order: e.target.value })}
          options={[
            { value: 'INTERLEAVED', label: 'skills mixed in each lesson' },
            { value: 'BLOCKED', label: 'one skill a lesson' },
            { value: 'MIXED', label: 'one at first, mixed later' },
          ]}
        />
        <Button onClick={more}>More preferences …</Button>
      </span>
      {chosen.length > 1 && (
        <>
          <span>Shares</span>
          <span className={styles.row}>
            {chosen.map((key) => {
              const name = u.skills.find((s) => s.key === key)?.name ?? key
              return (
                <span key={key}>
                  {name}{' '}
                  <InputNumber
                    min={1}
                    max={9}
                    aria-label={`Share of ${name}`}
                    value={shares[key] ?? 1}
                    onChange={(v) => setShares({ ...shares, [key]: v ?? 1 })}
                    style={{ width: 60 }}
                  />
                </span>
              )
            })}
          </span>
        </>
      )}
    </>
  )
}

/** How many lessons, when and where. */
export function WhenFields({ u }: { u: NewUnit }) {
  const {
    count,
    setCount,
    first,
    setFirst,
    byHand,
    setByHand,
    everyDays,
    setEveryDays,
    minutes,
    setMinutes,
    spaceId,
    setSpace,
    timetabled,
    fromTimetable,
  } = u
  const { words } = useMeasures()
  return (
    <>
      <label htmlFor="count">Lessons</label>
      <span className={styles.row}>
        <InputNumber id="count" min={1} max={16} value={count} onChange={(v) => setCount(v ?? 1)} />
        {timetabled && (
          <Radio.Group
            aria-label="When"
            value={byHand}
            onChange={(e) => setByHand(e.target.value)}
            options={[
              { value: false, label: 'in the timetable' },
              { value: true, label: 'on other dates' },
            ]}
          />
        )}
      </span>
      {!fromTimetable && (
        <>
          <span>Each of</span>
          <span className={styles.row}>
            <InputNumber
              min={15}
              max={120}
              value={minutes}
              onChange={(v) => setMinutes(v ?? 30)}
              aria-label="Usable minutes of each lesson"
            />
            usable minutes
          </span>
        </>
      )}
      <label htmlFor="first">From</label>
      <span className={styles.row}>
        <DateInput id="first" value={first} onChange={(day) => day && setFirst(day)} style={{ width: 150 }} />
        {!fromTimetable && (
          <Select
            aria-label="How often"
            value={everyDays}
            onChange={setEveryDays}
            options={[
              { value: 7, label: 'every week' },
              { value: 14, label: 'every two weeks' },
              { value: 1, label: 'every day' },
            ]}
            style={{ width: 150 }}
          />
        )}
      </span>
      {!fromTimetable && (
        <>
          <label htmlFor="space">In</label>
          <Select
            id="space"
            aria-label="In"
            value={spaceId}
            onChange={setSpace}
            options={u.spaces.map((s) => ({
              value: s.id,
              label: `${s.name}, ${words(s.lengthCm)} × ${words(s.widthCm)}`,
            }))}
          />
        </>
      )}
    </>
  )
}
