import { useQuery } from '@tanstack/react-query'
import { Button, Checkbox, Select } from 'antd'
import type { Schemas } from '../api/client'
import { reads } from '../api/reads'
import styles from './CueChoices.module.css'

export type CueChoice = Schemas['CueChoiceForm']

interface CueChoicesProps {
  skill: string
  cueSet: string
  /** of most of the class; null if it is not known yet */
  age: number | null
  /** numbers of the lessons that can still introduce a cue */
  lessons: number[]
  /** undefined for the set as it is */
  value?: CueChoice
  /** undefined goes back to the set as it is */
  onChange: (now?: CueChoice) => void
}

/** Which cues of a set are taught, in which order and, where one wishes, in which lesson. */
export function CueChoices({ skill, cueSet, age, lessons, value, onChange }: CueChoicesProps) {
  const skills = useQuery(reads.skills)
  const s = skills.data?.find((one) => one.key === skill)
  const set = s?.sets.find((one) => one.key === cueSet)
  if (!s || !set) return null
  const cues = new Map(s.cues.map((c) => [c.key, c]))
  const asked = asksFor(set.cues, (key) => cues.get(key)?.fromAge ?? 0, age)
  const picked = value?.cues ?? asked
  const pins = value?.lessons ?? {}
  const rest = set.cues.filter((key) => !picked.includes(key))
  const say = (now: string[], meant: Record<string, number>) => {
    const kept = Object.fromEntries(Object.entries(meant).filter(([key]) => now.includes(key)))
    const plain = now.join() === asked.join()
    if (plain && Object.keys(kept).length === 0) onChange(undefined)
    else onChange({ cueSet, ...(plain ? {} : { cues: now }), lessons: kept })
  }
  const move = (at: number, by: number) => {
    const now = [...picked]
    ;[now[at], now[at + by]] = [now[at + by], now[at]]
    say(now, pins)
  }
  const words = (key: string) => cues.get(key)?.call.notSettled ?? key
  return (
    <fieldset className={styles.choices}>
      <legend>{s.name}</legend>
      <ol>
        {picked.map((key, i) => (
          <li key={key}>
            <Checkbox
              checked
              disabled={picked.length === 1}
              onChange={() =>
                say(
                  picked.filter((k) => k !== key),
                  pins,
                )
              }
            >
              {words(key)}
            </Checkbox>
            <span className={styles.moves}>
              <Button
                size="small"
                disabled={i === 0}
                aria-label={`${words(key)} earlier`}
                onClick={() => move(i, -1)}
              >
                ↑
              </Button>
              <Button
                size="small"
                disabled={i === picked.length - 1}
                aria-label={`${words(key)} later`}
                onClick={() => move(i, 1)}
              >
                ↓
              </Button>
              <Select
                size="small"
                aria-label={`Lesson for ${words(key)}`}
                value={pins[key] ?? 0}
                onChange={(n) => {
                  const meant = { ...pins }
                  if (n === 0) delete meant[key]
                  else meant[key] = n
                  say(picked, meant)
                }}
                options={[
                  { value: 0, label: 'when it fits' },
                  ...lessons.map((n) => ({ value: n, label: `in lesson ${n}` })),
                ]}
                style={{ width: 124 }}
              />
            </span>
          </li>
        ))}
        {rest.map((key) => (
          <li key={key} className="mute">
            <Checkbox checked={false} onChange={() => say(inOrder([...picked, key], set.cues), pins)}>
              {words(key)}
            </Checkbox>
            <span>
              {age !== null && (cues.get(key)?.fromAge ?? 0) > age
                ? `asked for from ${cues.get(key)?.fromAge}`
                : 'left out'}
            </span>
          </li>
        ))}
      </ol>
      {value && (
        <Button type="link" size="small" onClick={() => onChange(undefined)}>
          As the set has it
        </Button>
      )}
    </fieldset>
  )
}

/** The cues of a set that an age asks for; for a class younger than all of them the first that are asked for at all. */
export function asksFor(set: string[], fromAge: (key: string) => number, age: number | null) {
  if (age === null) return set
  const youngest = Math.min(...set.map(fromAge))
  return set.filter((key) => fromAge(key) <= Math.max(youngest, age))
}

/** With the newcomer before the first that comes after it in the set. */
function inOrder(now: string[], set: string[]) {
  const added = now[now.length - 1]
  const others = now.slice(0, -1)
  const at = others.findIndex((key) => set.indexOf(key) > set.indexOf(added))
  return at < 0 ? now : [...others.slice(0, at), added, ...others.slice(at)]
}
