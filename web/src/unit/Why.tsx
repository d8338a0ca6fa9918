import { useQuery } from '@tanstack/react-query'
import { Button, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { many } from '../shared/many'
import { cost } from './cost'
import styles from './Why.module.css'

interface WhyProps {
  unit: Schemas['UnitView']
  lesson: Schemas['LessonView']
  segment: Schemas['SegmentView']
  busy: boolean
  lock: () => void
  /** eases (-1) or hardens (1) */
  adjust: (by: number) => void
  move: (position: number) => void
  /** puts it into another lesson, by the lesson's place on the board from 0 */
  moveTo: (lesson: number) => void
  minutes: (minutes: number) => void
  remove: () => void
  swap: (activities: string[]) => void
  /** puts an activity after it */
  add: (activity: string) => void
}

/** The server takes no more. */
const MOST_STATIONS = 4

function useAlternatives(unit: Schemas['UnitView'], segment: string, beside: boolean, enabled: boolean) {
  return useQuery({
    queryKey: ['alternatives', unit.id, unit.head, segment, beside],
    queryFn: () =>
      take(
        api.GET('/api/units/{id}/segments/{segment}/alternatives', {
          params: { path: { id: unit.id, segment }, query: { beside } },
        }),
      ),
    enabled,
  })
}

/** Splits a segment: what could stand beside it, with groups that go round. */
function Beside({ unit, segment: s, busy, swap }: Pick<WhyProps, 'unit' | 'segment' | 'busy' | 'swap'>) {
  const [open, setOpen] = useState(false)
  const beside = useAlternatives(unit, s.id, true, open)
  return (
    <>
      <Button
        size="small"
        data-stations=""
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        disabled={busy}
      >
        {s.stations.length > 0 ? 'One more station' : 'Split into stations'}
      </Button>
      {open && beside.isLoading && <p className="mute">Trying what fits beside it …</p>}
      {open &&
        beside.data?.map((a) => (
          <div key={a.activity} className={styles.alternative}>
            <Button
              size="small"
              data-beside=""
              disabled={busy}
              onClick={() => {
                setOpen(false)
                swap(a.activities)
              }}
            >
              {a.name}
            </Button>
            <span className={a.hard > 0 ? styles.effect : 'mute'}>{cost(a)}</span>
          </div>
        ))}
      {open && beside.data?.length === 0 && (
        <p className="mute">
          Nothing of this skill fits beside it here, with the kit and the floor there are.
        </p>
      )}
    </>
  )
}

/** Why a segment is where and what it is, its kit, and what could stand instead. */
export function Why(props: WhyProps) {
  const { unit, lesson, segment: s, busy, swap } = props
  const taught = lesson.state === 'TAUGHT'
  const plans = usePlans()
  const call = (key: string) => unit.threads.flatMap((t) => t.cues).find((c) => c.key === key)?.call ?? key
  const changes = plans && !taught && !s.locked
  return (
    <div className={styles.why}>
      <h2>{s.name}</h2>
      <p className="mute">
        Lesson {lesson.position + 1} · {s.minutes} min{s.rung && ` · level ${s.level}, ${s.rung}`}
        {s.play && ' · play'}
      </p>
      <p className={styles.how}>{s.how}</p>
      {!taught && <Move {...props} />}
      {s.setting && <Setting {...props} />}
      <h3>Why here</h3>
      <ul>
        {s.reasons.map((r) => (
          <li key={r}>{r}</li>
        ))}
        {s.reasons.length === 0 && (
          <li>It serves the {s.phases.join(' and ').toLowerCase()} of the lesson.</li>
        )}
      </ul>
      {s.stations.length > 0 && <Stations {...props} changes={changes} />}
      {changes && s.skill && s.stations.length < MOST_STATIONS && (
        <Beside key={s.id} unit={unit} segment={s} busy={busy} swap={swap} />
      )}
      <h3>Stand</h3>
      <p>
        {s.formation}.{s.tries > 0 && ` ${s.tries} tries each, ${s.motionPercent} % of the time moving.`}
        {s.watch && ` Watch “${call(s.watch)}”: about ${many(s.looks, 'look')}.`}
      </p>
      {s.kit.length > 0 && (
        <>
          <h3>Kit</h3>
          <ul>
            {s.kit.map((k) => (
              <li key={k.what + k.item}>
                {k.words}
                {k.effect && <b className={styles.effect}> {k.effect.toLowerCase()}</b>}
              </li>
            ))}
          </ul>
        </>
      )}
      {changes && <Instead {...props} />}
    </div>
  )
}

function Move({ unit, lesson, segment: s, busy, lock, move, moveTo, minutes, remove }: WhyProps) {
  const at = lesson.segments.findIndex((x) => x.id === s.id)
  return (
    <>
      <div className={styles.actions}>
        <Button size="small" onClick={lock} disabled={busy}>
          {s.locked ? 'Unlock' : 'Lock'}
        </Button>
        <Button size="small" onClick={() => move(at - 1)} disabled={busy || s.locked || at === 0}>
          Earlier
        </Button>
        <Button
          size="small"
          onClick={() => move(at + 1)}
          disabled={busy || s.locked || at === lesson.segments.length - 1}
        >
          Later
        </Button>
        <Button
          size="small"
          onClick={remove}
          disabled={busy || s.locked || lesson.segments.length === 1}
          aria-keyshortcuts="Delete"
        >
          Take out
        </Button>
      </div>
      <div className={styles.actions}>
        <InputNumber
          key={`${s.id} ${s.minutes}`}
          size="small"
          aria-label="Minutes"
          min={1}
          max={60}
          defaultValue={s.minutes}
          disabled={busy || s.locked}
          onBlur={(e) =>
            Number(e.target.value) !== s.minutes && e.target.value && minutes(Number(e.target.value))
          }
          onPressEnter={(e) => e.currentTarget.blur()}
          style={{ width: 64 }}
        />
        <span>min</span>
        <Select
          size="small"
          aria-label="To another lesson"
          value={lesson.position}
          disabled={busy || s.locked}
          onChange={moveTo}
          options={unit.lessons
            .filter((l) => l.state === 'PLANNED')
            .map((l) => ({ value: l.position, label: `lesson ${l.position + 1}` }))}
          style={{ width: 110 }}
        />
      </div>
    </>
  )
}

function Setting({ lesson, segment: s, busy, adjust }: WhyProps) {
  return (
    <p className={styles.lever}>
      <b>{s.lever}</b> {s.setting}
      {lesson.state !== 'TAUGHT' && (
        <>
          <Button
            size="small"
            onClick={() => adjust(-1)}
            disabled={busy || s.locked || !s.easier}
            title={s.easier}
          >
            Easier
          </Button>
          <Button
            size="small"
            onClick={() => adjust(1)}
            disabled={busy || s.locked || !s.harder}
            title={s.harder}
          >
            Harder
          </Button>
        </>
      )}
    </p>
  )
}

function Stations({ segment: s, busy, swap, changes }: WhyProps & { changes: boolean }) {
  return (
    <>
      <h3>Stations</h3>
      <ol className={styles.stations}>
        {s.stations.map((x) => (
          <li key={x.activity}>
            {x.name}
            {x.setting && <span className="mute"> · {x.setting}</span>}
            {changes && (
              <Button
                size="small"
                type="text"
                aria-label={`${x.name} away`}
                title="take this station away; its minutes go to the others"
                disabled={busy}
                onClick={() => swap(s.stations.filter((o) => o !== x).map((o) => o.activity))}
              >
                −
              </Button>
            )}
          </li>
        ))}
      </ol>
    </>
  )
}

function Instead({ unit, segment: s, busy, swap, add }: WhyProps) {
  const alternatives = useAlternatives(unit, s.id, false, true)
  if (!alternatives.data?.length) return null
  return (
    <>
      <h3>Instead of it</h3>
      {alternatives.data.map((a) => (
        <div key={a.activity} className={styles.alternative}>
          <Button size="small" data-swap="" onClick={() => swap(a.activities)} disabled={busy}>
            {a.name}
          </Button>
          <Button
            size="small"
            type="text"
            aria-label={`${a.name} after it`}
            title="put it after this one"
            onClick={() => add(a.activity)}
            disabled={busy}
          >
            +
          </Button>
          <span className={a.hard > 0 ? styles.effect : 'mute'}>{cost(a)}</span>
        </div>
      ))}
    </>
  )
}
