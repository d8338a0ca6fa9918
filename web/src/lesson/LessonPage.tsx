import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Checkbox, Dropdown } from 'antd'
import { useState } from 'react'
import { Link, useNavigate, useParams, useSearchParams } from 'react-router'
import { api, take } from '../api/client'
import { ChangeLesson } from '../changes/ChangeLesson'
import { Doorway } from '../changes/Doorway'
import { usePlans, useSession } from '../session/useSession'
import { arrow } from '../shared/arrows'
import { dayWords, timeWords, todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeys } from '../shared/useKeys'
import { ClassGroups } from './ClassGroups'
import { HowItWent } from './HowItWent'
import styles from './Lesson.module.css'
import { LessonSide } from './LessonSide'
import { Rain } from './Rain'
import { Register } from './Register'
import { StretchCard } from './StretchCard'
import { Timeline } from './Timeline'
import { type Sheet, useLessonChanges, useSheet, useWatch } from './useLesson'

/** A lesson worked out for who is here, and all that can be changed about it. */
export default function LessonPage() {
  const { id = '' } = useParams()
  const sheet = useSheet(id)
  if (sheet.error)
    return (
      <div className={page.page}>
        <ProblemNote error={sheet.error} retry={() => sheet.refetch()} />
      </div>
    )
  if (!sheet.data) return <p className={page.page}>Opening …</p>
  return <Lesson sheet={sheet.data} />
}

type Open = 'change' | 'door' | 'register' | 'groups' | 'rain' | 'went'

const PAPERS = [
  ['SHEET', 'Lesson sheet'],
  ['CUE_CARDS', 'Cue cards for the wall'],
  ['STATION_CARDS', 'Set-up cards'],
  ['CHALLENGE_CARDS', 'Challenge cards'],
  ['SCORE_CARDS', 'Score cards'],
  ['HOME_SHEET', 'For home'],
] as const

function Lesson({ sheet: s }: { sheet: Sheet }) {
  const [search, setSearch] = useSearchParams()
  const [open, setOpen] = useState<Open>()
  const queries = useQueryClient()
  const { set, edit, busy, error } = useLessonChanges(s)
  const { role } = useSession()
  const plans = usePlans()
  const preparing = useAttempt()
  const prepare = async (prepared: boolean) => {
    await preparing.attempt(() =>
      take(api.PUT('/api/lessons/{id}/prepared', { params: { path: { id: s.lesson } }, body: { prepared } })),
    )
    queries.invalidateQueries({ queryKey: ['sheet', s.lesson] })
  }
  const fixed = !plans || s.state !== 'PLANNED'
  const watch = useWatch(s.lesson, s.state === 'PLANNED' && role !== 'VIEWER')
  const selected =
    s.segments.find((x) => x.id === search.get('at')) ?? s.segments.find((x) => x.plan.level) ?? s.segments[0]
  const select = (at: string) => setSearch({ at }, { replace: true })
  useKeys((key) => {
    const by = arrow(key)?.down
    if (!by || open || !selected) return false
    const next = s.segments[s.segments.indexOf(selected) + by]
    if (next) select(next.id)
    return true
  })
  const left = s.roll.filter((c) => c.leftHanded)
  return (
    <article className={styles.lesson}>
      <header className={styles.head}>
        <div>
          <Heading>
            {s.className} · lesson {s.number} of {s.of}
          </Heading>
          <p className="mute">
            <Link to={`/units/${s.unit}`}>{s.unitTitle}</Link> · {dayWords(s.onDate)}
            {s.starts && ` ${timeWords(s.starts)}`} · {s.minutes} min · {s.space} · {s.year} · {s.looks} looks
            {plans && s.state === 'PLANNED' && <Likely lesson={s.lesson} />}
            {left.length > 0 && <> · left-handed: {left.map((c) => c.name).join(', ')}</>}
          </p>
        </div>
        <Actions sheet={s} fixed={fixed} open={setOpen} prepare={prepare} />
      </header>
      {error && <ProblemNote error={error} />}
      {preparing.error !== null && <ProblemNote error={preparing.error} />}
      <Who sheet={s} sitsOut={selected?.task.sitsOut} />
      {s.segments.length === 0 && <p>Nothing is planned for this lesson.</p>}
      {selected && (
        <div className={styles.columns}>
          <Timeline sheet={s} selected={selected.id} select={select} />
          <StretchCard
            key={selected.id}
            sheet={s}
            stretch={selected}
            watch={watch.data?.find((w) => w.segment === selected.id)}
            fixed={fixed}
            busy={busy}
            set={(body) => set.mutate({ segment: selected.id, body })}
            edit={(body) => edit.mutate({ ...body, segment: selected.id })}
          />
          <LessonSide sheet={s} />
        </div>
      )}
      {open && <Dialogs sheet={s} open={open} turn={setOpen} fixed={!plans} />}
    </article>
  )
}

interface ActionsProps {
  sheet: Sheet
  fixed: boolean
  open: (what: Open) => void
  prepare: (prepared: boolean) => void
}

function Actions({ sheet: s, fixed, open, prepare }: ActionsProps) {
  const { role } = useSession()
  const plans = usePlans()
  const navigate = useNavigate()
  return (
    <div className={styles.actions}>
      <Button onClick={() => open('register')}>
        {s.playing} of {s.children} play
      </Button>
      <Button onClick={() => open('groups')}>Groups</Button>
      {!fixed && s.wetPlace && <Button onClick={() => open('rain')}>If it rains</Button>}
      {!fixed && <Button onClick={() => open('door')}>Not as planned …</Button>}
      {plans && (s.state !== 'PLANNED' || s.onDate <= todayHere()) && (
        <Button onClick={() => open('went')}>How it went</Button>
      )}
      {s.cues.length > 0 && (
        <Button onClick={() => navigate(`/lessons/${s.lesson}/opening`)}>Cues on the wall</Button>
      )}
      <Print sheet={s} printed={() => plans && !s.prepared && prepare(true)} />
      {s.state === 'PLANNED' && plans && (
        <Checkbox
          checked={s.prepared}
          onChange={(e) => prepare(e.target.checked)}
          title="Printed, laid out or told to the class: a replan changes it last"
        >
          prepared
        </Checkbox>
      )}
      {s.state === 'PLANNED' && role !== 'VIEWER' && (
        <Button type="primary" href={`/hall/${s.lesson}`}>
          Start teaching
        </Button>
      )}
      {s.state !== 'PLANNED' && <span className={page.chip}>{s.state === 'TAUGHT' ? 'taught' : 'lost'}</span>}
    </div>
  )
}

/** @param printed told when a paper for the lesson itself is opened */
function Print({ sheet: s, printed }: { sheet: Sheet; printed: () => void }) {
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: PAPERS.map(([kind, label]) => ({
          key: kind,
          label: (
            <a
              href={`/api/lessons/${s.lesson}/paper?kind=${kind}`}
              target="_blank"
              rel="noreferrer"
              onClick={() => kind !== 'HOME_SHEET' && printed()}
            >
              {label}
            </a>
          ),
        })),
      }}
    >
      <Button>Print</Button>
    </Dropdown>
  )
}

/** Who does not play, and what was found about the groups. */
function Who({ sheet: s, sitsOut }: { sheet: Sheet; sitsOut?: string }) {
  const away = s.roll.filter((c) => c.takesPart === 'AWAY')
  const out = s.roll.filter((c) => c.takesPart === 'SITS_OUT')
  if (away.length === 0 && out.length === 0 && s.groupFindings.length === 0) return null
  return (
    <p className={styles.who} role="status">
      {away.length > 0 && <>Away: {away.map((c) => c.name).join(', ')}. </>}
      {out.length > 0 && (
        <>
          Sits out: {out.map((c) => c.name).join(', ')} – {sitsOut}{' '}
        </>
      )}
      {s.groupFindings.map((f) => (
        <span key={f} className={styles.bad}>
          {f}{' '}
        </span>
      ))}
    </p>
  )
}

interface DialogsProps {
  sheet: Sheet
  open: Open
  /** opens another one, or none */
  turn: (to?: Open) => void
  fixed: boolean
}

function Dialogs({ sheet: s, open, turn, fixed }: DialogsProps) {
  const queries = useQueryClient()
  const close = () => turn(undefined)
  return (
    <>
      {open === 'door' && <Doorway of={s} other={() => turn('change')} close={close} />}
      {open === 'change' && <ChangeLesson of={s} close={close} />}
      {open === 'register' && (
        <Register
          lesson={s.lesson}
          title={`Who is here: ${s.className}, lesson ${s.number}`}
          roll={s.roll}
          close={close}
        />
      )}
      {open === 'groups' && (
        <ClassGroups
          classId={s.classId}
          className={s.className}
          cueSets={s.cueSets}
          fixed={fixed}
          close={close}
        />
      )}
      {open === 'went' && <HowItWent sheet={s} close={close} />}
      {open === 'rain' && (
        <Rain
          lesson={s.lesson}
          close={close}
          done={() => {
            close()
            queries.invalidateQueries()
          }}
        />
      )}
    </>
  )
}

/** How long it will take this teacher, from the clocks of earlier lessons; nothing before there are some. */
function Likely({ lesson }: { lesson: string }) {
  const forecast = useQuery({
    queryKey: ['forecast', lesson],
    queryFn: () => take(api.GET('/api/lessons/{id}/forecast', { params: { path: { id: lesson } } })),
  })
  if (!forecast.data || forecast.data.habits.length === 0) return null
  return <span title={forecast.data.habits.join('\n')}> · {forecast.data.sentence}</span>
}
