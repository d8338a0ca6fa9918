import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { Link, useSearchParams } from 'react-router'
import { api, Problem, type Schemas, take } from '../api/client'
import { ChangeLesson, type LessonToChange } from '../changes/ChangeLesson'
import { refreshLessons, useUndoChange } from '../changes/changed'
import { Doorway } from '../changes/Doorway'
import { Register } from '../lesson/Register'
import { usePlans, useSession } from '../session/useSession'
import { DateInput } from '../shared/DateInput'
import { addDays, isWeekend, longDayWords, timeWords } from '../shared/dates'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { FirstSteps } from './FirstSteps'
import styles from './TodayPage.module.css'

type Lesson = Schemas['DayLesson']

/** What happens now and next, what to lay out, who is away, and what changed. */
export default function TodayPage() {
  const queries = useQueryClient()
  const [search, setSearch] = useSearchParams()
  const asked = search.get('day') ?? undefined
  const [changing, setChanging] = useState<LessonToChange | null>(null)
  const [door, setDoor] = useState<(LessonToChange & { space: string }) | null>(null)
  const [rained, setRained] = useState<Schemas['WetLesson'][]>([])
  const { error, busy, attempt } = useAttempt()
  const today = useQuery({
    queryKey: ['today', asked],
    queryFn: () => take(api.GET('/api/today', { params: { query: asked ? { day: asked } : {} } })),
    // Now and next change by the clock.
    refetchInterval: 60_000,
  })
  const here = today.data
  const none = !!here && here.lessons.length === 0 && here.unplanned.length === 0
  // A day without lessons shows the next one that has some, ready to print.
  const ahead = useQuery({
    queryKey: ['today', here?.nextLessonDay],
    queryFn: () => take(api.GET('/api/today', { params: { query: { day: here?.nextLessonDay } } })),
    enabled: none && !asked && !!here?.nextLessonDay,
  })
  const next = none && !asked ? ahead.data : undefined
  const day = asked ?? next?.day
  if (today.error)
    return (
      <div className={page.page}>
        <ProblemNote error={today.error} retry={() => today.refetch()} />
      </div>
    )
  const d = next ?? here
  if (!here || !d || ahead.isLoading) return <p className={page.page}>Opening …</p>
  const go = (day: string) => setSearch(day === d.today ? {} : { day })
  const outdoors = d.lessons.filter((l) => l.outdoors && l.state === 'PLANNED' && l.when !== 'PAST')
  const wet = (lessons: string[], anyway = false) =>
    attempt(async () => {
      setRained(await take(api.POST('/api/today/wet', { body: { lessons, anyway } })))
      refreshLessons(queries)
    })
  const stayed = rained.filter((r) => r.why)
  const toChange = (l: Lesson) => ({ ...l, onDate: d.day })
  const nothing = d.lessons.length === 0 && d.unplanned.length === 0
  return (
    <div className={page.page}>
      <DayHead
        day={d}
        next={next ? here : undefined}
        go={go}
        outdoors={outdoors.length}
        busy={busy}
        wet={() => wet(outdoors.map((l) => l.lesson))}
      />
      {error !== null && <ProblemNote error={error} />}
      {stayed.length > 0 && (
        <Stayed
          stayed={stayed}
          lessons={d.lessons}
          retry={() =>
            wet(
              stayed.map((r) => r.lesson),
              true,
            )
          }
        />
      )}
      <FirstSteps />
      {nothing && !d.closed && <NoLesson nextDay={d.nextLessonDay} go={go} />}
      {!nothing && (
        <div className={styles.columns}>
          <div>
            {d.lessons.map((l) => (
              <LessonCard
                key={l.lesson}
                lesson={l}
                change={() => setChanging(toChange(l))}
                atTheDoor={() => setDoor(toChange(l))}
              />
            ))}
            {d.unplanned.map((u) => (
              <Unplanned key={u.classId + u.starts} slot={u} />
            ))}
          </div>
          <LayOut day={day} ready={!ahead.isLoading} />
        </div>
      )}
      {changing && <ChangeLesson of={changing} close={() => setChanging(null)} />}
      {door && (
        <Doorway
          of={door}
          other={() => {
            setDoor(null)
            setChanging(door)
          }}
          close={() => setDoor(null)}
        />
      )}
    </div>
  )
}

type Day = Schemas['DayView']

interface DayHeadProps {
  day: Day
  /** today, where the day is the next one that has lessons */
  next?: Day
  go: (day: string) => void
  /** lessons that rain would bring indoors */
  outdoors: number
  busy: boolean
  wet: () => void
}

function DayHead({ day: d, next, go, outdoors, busy, wet }: DayHeadProps) {
  const plans = usePlans()
  const step = (by: number) => {
    let day = addDays(d.day, by)
    while (isWeekend(day)) day = addDays(day, by)
    go(day)
  }
  return (
    <div className={page.head}>
      <Heading>
        {d.day === d.today ? 'Today, ' : next ? 'Next: ' : ''}
        {longDayWords(d.day)}
      </Heading>
      {next && <span className={page.chip}>no lesson today{next.closed && `: ${next.closed}`}</span>}
      {d.term && <span className={page.chip}>{[d.term, d.week].filter(Boolean).join(' · ')}</span>}
      {d.closed && <span className={page.chip}>{d.closed}</span>}
      <div className={page.end}>
        {d.day === d.today && d.lessons.length > 0 && (
          <Button
            href="/hall"
            title="fetches the day's lessons onto this device, so that they open with no network"
          >
            Onto this device
          </Button>
        )}
        <Button onClick={() => step(-1)} aria-label="The day before">
          ‹
        </Button>
        <DateInput aria-label="Day" value={d.day} onChange={(day) => day && go(day)} style={{ width: 148 }} />
        <Button onClick={() => step(1)} aria-label="The day after">
          ›
        </Button>
        {d.day !== d.today && <Button onClick={() => go(d.today)}>Today</Button>}
        {plans && outdoors > 0 && (
          <Button loading={busy} onClick={wet}>
            It rains: all indoors
          </Button>
        )}
        {d.lessons.length > 0 && (
          <Button href={`/api/days/${d.day}/paper`} target="_blank">
            Print all sheets
          </Button>
        )}
      </div>
    </div>
  )
}

interface StayedProps {
  stayed: Schemas['WetLesson'][]
  lessons: Lesson[]
  retry: () => void
}

/** Lessons that were to come in and did not, and why. */
function Stayed({ stayed, lessons, retry }: StayedProps) {
  return (
    <div className={styles.stayed}>
      <ProblemNote
        error={
          new Problem(
            400,
            'These stayed outside',
            '',
            stayed.map((r) => ({
              rule: 'wet',
              where: lessons.find((l) => l.lesson === r.lesson)?.className ?? '',
              message: r.why ?? '',
            })),
          )
        }
        retry={retry}
        retryWords="Bring them in all the same"
      />
    </div>
  )
}

function NoLesson({ nextDay, go }: { nextDay?: string; go: (day: string) => void }) {
  return (
    <div className={page.empty}>
      <h2>No lesson on this day</h2>
      <p className="mute">
        {nextDay ? (
          <>
            The next one is on{' '}
            <button type="button" className={styles.link} onClick={() => go(nextDay)}>
              {longDayWords(nextDay)}
            </button>
            .
          </>
        ) : (
          <>
            <Link to="/units/new">Plan a unit</Link>, and its lessons stand here on their day.
          </>
        )}
      </p>
    </div>
  )
}

function Unplanned({ slot: u }: { slot: Day['unplanned'][number] }) {
  return (
    <section className={styles.unplanned}>
      <b>
        {timeWords(u.starts)}–{timeWords(u.ends)}
      </b>
      <span>
        {u.className}, {u.space}
      </span>
      {u.off ? (
        <span className="mute">no lesson: {u.off}</span>
      ) : (
        <Link to={`/units/new?class=${u.classId}`}>nothing planned yet</Link>
      )}
    </section>
  )
}

/** What is laid out once for a day's lessons, place by place. */
function LayOut({ day, ready }: { day?: string; ready: boolean }) {
  const kit = useQuery({
    queryKey: ['today', day, 'kit'],
    queryFn: () => take(api.GET('/api/today/lay-out', { params: { query: day ? { day } : {} } })),
    enabled: ready,
  })
  return (
    <aside className={styles.side} aria-busy={kit.isPending}>
      {kit.error && <ProblemNote error={kit.error} retry={() => kit.refetch()} />}
      {kit.data?.places.map((p) => (
        <section key={p.space}>
          <h2>Lay out once: {p.space}</h2>
          <p className="mute">for {p.classes.join(', ')}</p>
          <ul>
            {p.kit.map((k) => (
              <li key={k.item}>
                {k.words}
                {k.stays && <span className="mute"> stays out</span>}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </aside>
  )
}

const whenWords: Record<Lesson['when'], string> = { PAST: '', NOW: 'now', NEXT: 'next', LATER: '' }

interface LessonCardProps {
  lesson: Lesson
  change: () => void
  atTheDoor: () => void
}

function LessonCard({ lesson: l, change, atTheDoor }: LessonCardProps) {
  const undo = useUndoChange()
  const plans = usePlans()
  const { role } = useSession()
  const [register, setRegister] = useState(false)
  const { error, attempt } = useAttempt()
  const away = l.children.filter((c) => l.away.includes(c.id))
  const open = l.state === 'PLANNED'
  const near = l.when === 'NOW' || l.when === 'NEXT'
  return (
    <section
      className={`${styles.lesson} ${near ? styles.near : ''} ${open ? '' : styles.over}`}
      aria-label={`${l.className}, lesson ${l.number}`}
    >
      <div className={styles.time}>
        <b>{l.starts ? timeWords(l.starts) : '–'}</b>
        {l.ends && <small>to {timeWords(l.ends)}</small>}
        {whenWords[l.when] && <span className={styles.when}>{whenWords[l.when]}</span>}
      </div>
      <div className={styles.what}>
        <h2>
          <Link to={`/classes/${l.classId}`}>{l.className}</Link>{' '}
          <span className="mute">
            {l.year} · {l.children.length - away.length} of {l.children.length} here · {l.space} · {l.minutes}{' '}
            min
          </span>
        </h2>
        <p>
          <Link to={`/lessons/${l.lesson}`}>
            Lesson {l.number} of {l.of}
          </Link>{' '}
          of <Link to={`/units/${l.unit}`}>{l.title}</Link>
          {!open && <b> · {l.state === 'TAUGHT' ? 'taught' : 'lost'}</b>}
        </p>
        {open && <p className="mute">{l.activities.join(' · ')}</p>}
        {open &&
          l.watch.slice(0, 2).map((w) => (
            <p key={w.call} className={styles.watch}>
              <b>“{w.call}”</b> {w.question} <span className="mute">Stand {w.from}.</span>
            </p>
          ))}
        {away.length > 0 && <p>Away: {away.map((c) => c.name).join(', ')}</p>}
        {open && l.when === 'PAST' && (
          <p className={styles.changed}>Over, and not marked as taught or lost yet.</p>
        )}
        {l.clash && (
          <p className={styles.clash}>
            {l.clash}.{' '}
            {plans && (
              <button type="button" className={styles.link} onClick={change}>
                Change the lesson
              </button>
            )}
          </p>
        )}
        {l.changes.map((c) => (
          <p key={c.id} className={styles.changed}>
            {c.words[0]}{' '}
            {plans && c.canUndo && (
              <button type="button" className={styles.link} onClick={() => attempt(() => undo(c))}>
                Take it back
              </button>
            )}
          </p>
        ))}
        {error !== null && <ProblemNote error={error} />}
      </div>
      {open && role !== 'VIEWER' && (
        <div className={styles.actions}>
          <Button type={near ? 'primary' : 'default'} href={`/hall/${l.lesson}`}>
            Start teaching
          </Button>
          <Button onClick={() => setRegister(true)}>Who is away</Button>
          {plans && <Button onClick={atTheDoor}>Not as planned …</Button>}
        </div>
      )}
      {register && (
        <Register
          lesson={l.lesson}
          title={`Who is here: ${l.className}, lesson ${l.number}`}
          roll={l.children.map((c) => ({
            ...c,
            takesPart: l.away.includes(c.id) ? 'AWAY' : l.sitsOut.includes(c.id) ? 'SITS_OUT' : 'PLAYS',
          }))}
          close={() => setRegister(false)}
        />
      )}
    </section>
  )
}
