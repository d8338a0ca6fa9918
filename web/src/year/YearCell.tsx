import { useQuery } from '@tanstack/react-query'
import { Select } from 'antd'
import { type PointerEvent, useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { reads } from '../api/reads'
import { usePlans } from '../session/useSession'
import { dayWords } from '../shared/dates'
import { useDrag } from '../shared/useDrag'
import { RehearsedTip } from './RehearsedTip'
import styles from './YearPage.module.css'

/** A half term of a class. */
export interface Place {
  id: string
  from: string
}

interface YearCellProps {
  of: Schemas['YearOfClass']
  cell: Schemas['YearCell']
  /** true once the half term is past: nothing is planned into it */
  over: boolean
  /** true while a skill is held over it */
  target: boolean
  /** lets a skill down in the half term under the pointer, or holds it over it */
  drag: (e: PointerEvent, skill: string, from: Place, held: boolean) => void
  change: (skills: string[]) => void
}

const DRAG_FROM_PX = 6

/** What a class has in a half term: units that there are, and skills that are to come. */
export function YearCell({ of, cell, over: past, target, drag, change }: YearCellProps) {
  const [choosing, setChoosing] = useState(false)
  const plans = usePlans()
  const here: Place = { id: of.id, from: cell.from }
  const planned = new Set(cell.units.flatMap((u) => u.skills))
  const toPlan = cell.skills.filter((s) => !planned.has(s.name))
  const dragging = useDrag<string>({
    move: (e, { what }) => drag(e, what, here, true),
    drop: (e, { what, moved }) => moved && drag(e, what, here, false),
    slack: DRAG_FROM_PX,
  })
  return (
    <td className={`${styles.cell} ${target ? styles.over : ''}`} data-half={`${of.id} ${cell.from}`}>
      {cell.units.map((u) => (
        <RehearsedTip key={u.id} unit={u.id} skills={u.skills.join(', ')} ahead={plans && !past}>
          <Link to={`/units/${u.id}`} className={styles.unit}>
            {u.title}
          </Link>
        </RehearsedTip>
      ))}
      {choosing ? (
        <Choose
          name={`${of.name}, from ${dayWords(cell.from)}`}
          chosen={cell.skills.map((s) => s.key)}
          done={(now) => {
            setChoosing(false)
            if (now.join() !== cell.skills.map((s) => s.key).join()) change(now)
          }}
        />
      ) : (
        <>
          {toPlan.map((s) => (
            <button
              key={s.key}
              type="button"
              className={styles.skill}
              title="drag it to another half term or class, or press to change"
              onPointerDown={(e) => dragging.begin(e, s.key)}
              {...dragging.handlers}
              onClick={() => !dragging.wasDrag() && setChoosing(true)}
            >
              {s.name}
            </button>
          ))}
          <span className={styles.doing}>
            <button
              type="button"
              aria-label={`Skills of ${of.name} from ${dayWords(cell.from)}`}
              onClick={() => setChoosing(true)}
            >
              {cell.skills.length === 0 ? 'add' : 'change'}
            </button>
            {!past && toPlan.length > 0 && cell.lessons > 0 && (
              <Link
                to={`/units/new?${new URLSearchParams([
                  ['class', of.id],
                  ['from', cell.from],
                  ...toPlan.map((s) => ['skill', s.key]),
                  ['lessons', String(Math.min(16, cell.lessons))],
                ])}`}
              >
                plan
              </Link>
            )}
            <small className="mute">
              {past ? 'over' : cell.lessons === 0 ? 'not in the timetable' : `${cell.lessons} lessons`}
            </small>
          </span>
        </>
      )}
    </td>
  )
}

interface ChooseProps {
  name: string
  chosen: string[]
  done: (now: string[]) => void
}

function Choose({ name, chosen, done }: ChooseProps) {
  const skills = useQuery(reads.skills)
  const [now, setNow] = useState(chosen)
  return (
    <Select
      mode="multiple"
      autoFocus
      defaultOpen
      aria-label={name}
      value={now}
      onChange={setNow}
      onBlur={() => done(now)}
      showSearch={{ optionFilterProp: 'label' }}
      options={skills.data?.filter((s) => !s.aside).map((s) => ({ value: s.key, label: s.name }))}
      style={{ width: '100%' }}
    />
  )
}
