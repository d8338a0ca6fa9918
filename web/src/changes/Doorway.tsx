import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { reads } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import type { LessonToChange } from './ChangeLesson'
import { ComesAlong } from './ComesAlong'
import { CoverCode } from './CoverCode'
import { type ChangeBody, changeLesson } from './changed'
import styles from './Doorway.module.css'

type Morning = Omit<Extract<ChangeBody, { kind: 'DOORWAY' }>, 'kind' | 'anyway'>

interface DoorwayProps {
  of: LessonToChange & { space: string }
  /** opens what else can happen to a lesson */
  other: () => void
  close: () => void
}

const FEWEST_MINUTES = 10

/** Five to nine, and something is not as planned: one press gives a lesson that works, what changed, and a way back. */
export function Doorway({ of, other, close }: DoorwayProps) {
  const queries = useQueryClient()
  const [gone, setGone] = useState(false)
  const [ill, setIll] = useState(false)
  const [joining, setJoining] = useState(false)
  const spaces = useQuery(reads.spaces)
  const { error, busy, attempt } = useAttempt()
  const here = spaces.data?.find((s) => s.name === of.space)
  const wet = spaces.data?.find((s) => s.id === here?.wetSpaceId)
  const others = (spaces.data ?? []).filter((s) => s.id !== here?.id)
  const has = (name: string) => others.some((s) => s.name.toLowerCase() === name.toLowerCase())
  const press = async (morning: Morning) => {
    const done = await attempt(() =>
      changeLesson(queries, of.lesson, { kind: 'DOORWAY', ...morning, anyway: false }),
    )
    if (done) close()
  }
  const half = Math.max(FEWEST_MINUTES, Math.floor(of.minutes / 2))
  const button = (words: string, what: string, press: () => void, disabled = false) => (
    <button key={words} type="button" className={styles.big} disabled={busy || disabled} onClick={press}>
      <b>{words}</b> <span>{what}</span>
    </button>
  )
  if (joining) return <ComesAlong of={of} close={close} />
  if (ill)
    return <CoverCode lesson={of.lesson} title={`${of.className}, lesson ${of.number}`} close={close} />
  return (
    <Dialog
      open
      title={`${of.className}, lesson ${of.number}: what has happened?`}
      onCancel={close}
      footer={null}
      width={720}
    >
      {error !== null && <ProblemNote error={error} />}
      {gone ? (
        <div className={styles.grid}>
          {others.map((s) =>
            button(s.name, s.ceilingCm ? 'indoors' : 'outdoors', () =>
              press({ spaceId: s.id, why: `${of.space} is gone` }),
            ),
          )}
          {!has('Classroom') &&
            button('A classroom', '8 by 7 m, tables at the walls', () =>
              press({ refuge: 'CLASSROOM', why: `${of.space} is gone` }),
            )}
          {!has('Corridor') &&
            button('A corridor', '20 by 2.4 m', () =>
              press({ refuge: 'CORRIDOR', why: `${of.space} is gone` }),
            )}
          {button('Nowhere', 'the lesson is lost or goes to another day', other)}
        </div>
      ) : (
        <div className={styles.grid}>
          {button(
            'Rain',
            here?.ceilingCm ? `${of.space} is indoors` : wet ? `into ${wet.name}` : 'choose a place',
            () => (wet ? press({ spaceId: wet.id, why: 'rain' }) : setGone(true)),
            !here || !!here.ceilingCm,
          )}
          {button(`${of.space} is gone`, 'another place, or none', () => setGone(true))}
          {button('Half the time', `${half} minutes instead of ${of.minutes}`, () =>
            press({ minutes: half, why: 'half the time' }),
          )}
          {button('Half the kit', 'the rest is elsewhere, flat or broken', () =>
            press({ kitPercent: 50, why: 'half the kit' }),
          )}
          {button('Two classes', 'a colleague is ill: hers comes along', () => setJoining(true))}
          {button('I am ill', 'a sheet and a code for who takes the class', () => setIll(true))}
          {button('Something else', 'lost, moved, swapped, other minutes', other)}
        </div>
      )}
      <p className="mute">
        What fits stays. Talk and closing stay; what matters least goes first. It can be taken back in one
        press.
      </p>
    </Dialog>
  )
}
