import { Button, Input } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeptForm } from '../shared/useKeptForm'
import { ChildDialog } from './ChildDialog'
import styles from './Children.module.css'
import { SideFinder } from './SideFinder'
import type { Action, Side } from './sides'

type Child = Schemas['ChildView']

const actions: { action: Action; label: string }[] = [
  { action: 'THROW', label: 'Throwing hand' },
  { action: 'BAT', label: 'Batting side' },
  { action: 'KICK', label: 'Kicking foot' },
]

interface ChildrenProps {
  group: Schemas['ClassView']
  skills: Schemas['SkillView'][]
  refresh: () => void
}

/** The children of a class with their sides; names are typed in, one a line. */
export function Children({ group, skills, refresh }: ChildrenProps) {
  const [error, setError] = useState<unknown>(null)
  const [editing, setEditing] = useState<Child | null>(null)
  const [finding, setFinding] = useState(false)
  const unsettled = group.children.filter((c) => c.sides.some((side) => !side.side))
  const attempt = async (work: () => Promise<unknown>) => {
    try {
      setError(null)
      await work()
      refresh()
      return true
    } catch (e) {
      setError(e)
      return false
    }
  }
  const setSide = (child: Child, action: Action, side: Side | 'NONE') =>
    attempt(() => {
      const known = child.sides.filter((s) => !s.assumed && s.side && s.action !== action)
      const sides: Record<string, Side> = Object.fromEntries(known.map((s) => [s.action, s.side as Side]))
      if (side !== 'NONE') sides[action] = side
      return take(
        api.PUT('/api/children/{id}', {
          params: { path: { id: child.id }, header: ifMatch(child.version) },
          body: { given: child.given, family: child.family, yearAge: child.yearAge, sides },
        }),
      )
    })
  return (
    <div className={styles.columns}>
      <div className={styles.scroll}>
        {error !== null && <ProblemNote error={error} retry={refresh} />}
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Child</th>
              <th scope="col">Year</th>
              {actions.map((a) => (
                <th key={a.action} scope="col">
                  {a.label}
                </th>
              ))}
              <th scope="col">Cues left out</th>
              <th scope="col">
                <span className="visually-hidden">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {group.children.map((child) => (
              <ChildRow
                key={child.id}
                child={child}
                skills={skills}
                setSide={setSide}
                edit={() => setEditing(child)}
              />
            ))}
          </tbody>
        </table>
        {group.children.length === 0 && (
          <p className="mute" style={{ padding: 12 }}>
            Nobody yet. Type the names on the right, one a line, or import a roster.
          </p>
        )}
      </div>
      <aside className={styles.add}>
        <AddChildren group={group} attempt={attempt} />
        <h2 style={{ marginTop: 20 }}>Finding a side</h2>
        <p className="mute">
          Hand: the one that writes. Foot: the better one in a swing or a push. An outlined side is assumed
          from another action; press it once it is known.
        </p>
        {unsettled.length > 0 && (
          <Button onClick={() => setFinding(true)}>Find {unsettled.length} that are not settled</Button>
        )}
      </aside>
      {finding && (
        <SideFinder
          of={unsettled}
          find={setSide}
          close={() => {
            setFinding(false)
            refresh()
          }}
        />
      )}
      {editing && (
        <ChildDialog
          child={editing}
          group={group}
          skills={skills}
          close={() => setEditing(null)}
          saved={() => {
            setEditing(null)
            refresh()
          }}
        />
      )}
    </div>
  )
}

interface ChildRowProps {
  child: Child
  skills: Schemas['SkillView'][]
  setSide: (child: Child, action: Action, side: Side | 'NONE') => void
  edit: () => void
}

function ChildRow({ child, skills, setSide, edit }: ChildRowProps) {
  return (
    <tr>
      <th scope="row">
        {child.given} <span className="mute">{child.family}</span>
      </th>
      <td>
        {child.year} <span className="mute">age {child.yearAge}</span>
      </td>
      {actions.map(({ action, label }) => {
        const side = child.sides.find((s) => s.action === action)
        return (
          <td key={action}>
            <SideChoice
              label={`${child.given}, ${label.toLowerCase()}`}
              side={side?.side}
              assumed={side?.assumed ?? false}
              choose={(s) => setSide(child, action, s)}
            />
          </td>
        )
      })}
      <td className="mute">
        {Object.entries(child.cues)
          .map(([key, fit]) => `${callOf(skills, key)} (${fit === 'ADAPTED' ? 'adapted' : 'does not apply'})`)
          .join(', ')}
      </td>
      <td>
        <Button size="small" onClick={edit} aria-label={`Change ${child.given} ${child.family}`}>
          Change
        </Button>
      </td>
    </tr>
  )
}

interface AddChildrenProps {
  group: Schemas['ClassView']
  attempt: (work: () => Promise<unknown>) => Promise<boolean>
}

function AddChildren({ group, attempt }: AddChildrenProps) {
  const { useKept, forget } = useKeptForm(`children-${group.id}`)
  const [names, setNames] = useKept('names', '')
  const add = () =>
    attempt(async () => {
      await take(
        api.POST('/api/classes/{id}/children', {
          params: { path: { id: group.id } },
          body: { names: names.split(/\r?\n|,/).filter((n) => n.trim()) },
        }),
      )
      setNames('')
      forget()
    })
  return (
    <>
      <h2>Add children</h2>
      <label htmlFor="names" className="mute">
        One a line: given name, then family name
      </label>
      <Input.TextArea id="names" rows={8} value={names} onChange={(e) => setNames(e.target.value)} />
      <Button type="primary" onClick={add} disabled={!names.trim()} style={{ marginTop: 8 }}>
        Add
      </Button>
    </>
  )
}

const callOf = (skills: Schemas['SkillView'][], key: string) =>
  skills.flatMap((s) => s.cues).find((c) => c.key === key)?.call.notSettled ?? key

interface SideChoiceProps {
  label: string
  side?: Side
  assumed: boolean
  choose: (side: Side | 'NONE') => void
}

function SideChoice({ label, side, assumed, choose }: SideChoiceProps) {
  const options: { value: Side | 'NONE'; text: string; said: string }[] = [
    { value: 'LEFT', text: 'L', said: 'left' },
    { value: 'NONE', text: '?', said: 'not settled' },
    { value: 'RIGHT', text: 'R', said: 'right' },
  ]
  const now = side ?? 'NONE'
  return (
    <fieldset className={styles.sides} aria-label={label}>
      {options.map((o) => (
        <button
          key={o.value}
          type="button"
          aria-pressed={now === o.value && !assumed}
          aria-label={`${label}: ${o.said}${assumed && now === o.value ? ', assumed' : ''}`}
          className={now !== o.value ? '' : assumed ? styles.assumed : styles.known}
          onClick={() => choose(o.value)}
        >
          {o.text}
        </button>
      ))}
    </fieldset>
  )
}
