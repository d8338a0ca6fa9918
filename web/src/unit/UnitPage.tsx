import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Dropdown } from 'antd'
import { useEffect, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, ifMatch, Problem, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { Dialog } from '../shared/Dialog'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeys } from '../shared/useKeys'
import { Arrival } from './Arrival'
import { Board } from './Board'
import { Compare } from './Compare'
import { type CueChoice, CueChoices } from './CueChoices'
import { Misfits } from './Misfits'
import { OtherClasses } from './OtherClasses'
import { Best, Progress } from './Progress'
import { Rename } from './Rename'
import { removeUnit } from './removing'
import { Said } from './Said'
import { Spare } from './Spare'
import styles from './UnitPage.module.css'
import { usePlanning } from './usePlanning'
import { Versions } from './Versions'
import { Why } from './Why'
import { sent, type Wishes, WishesForm } from './WishesForm'

type Unit = Schemas['UnitView']
type EditBody = Schemas['EditForm']
type Step = { kind: 'edit'; body: EditBody } | { kind: 'undo' | 'redo' | 'refit' }

/** A unit: its threads and blocks, why each is there, and every edit with what it did. */
export default function UnitPage() {
  const { id = '' } = useParams()
  const queries = useQueryClient()
  const plans = usePlans()
  const [selected, setSelected] = useState<string>()
  const [showStrains, setShowStrains] = useState(false)
  const why = useRef<HTMLElement>(null)
  const unit = useQuery({
    queryKey: ['unit', id],
    queryFn: () => take(api.GET('/api/units/{id}', { params: { path: { id } } })),
  })
  const step = useMutation({
    // One after the other: each is made on what the one before leaves.
    scope: { id: `unit ${id}` },
    mutationFn: (s: Step): Promise<Unit> => {
      const now = queries.getQueryData<Unit>(['unit', id])
      const params = { path: { id }, header: ifMatch(now?.head) }
      if (s.kind === 'edit') return take(api.POST('/api/units/{id}/edits', { params, body: s.body }))
      if (s.kind === 'refit') return take(api.POST('/api/units/{id}/refit', { params }))
      if (s.kind === 'undo') return take(api.POST('/api/units/{id}/undo', { params }))
      return take(api.POST('/api/units/{id}/redo', { params }))
    },
    onSuccess: (now) => arrived(now),
  })
  const arrived = (now: Unit) => {
    queries.setQueryData(['unit', id], now)
    queries.invalidateQueries({ queryKey: ['term'] })
    queries.invalidateQueries({ queryKey: ['alternatives', id] })
  }
  const navigate = useNavigate()
  const removal = useMutation({
    mutationFn: (gone: Unit) => removeUnit(queries, gone),
    onSuccess: () => navigate('/units'),
  })
  const planning = usePlanning()
  const [beside, setBeside] = useState<string>()
  const [open, setOpen] = useState<'versions' | 'wishes' | 'copy' | 'cues' | 'rename'>()
  const [cues, setCues] = useState<Record<string, CueChoice | undefined>>({})
  const [wishes, setWishes] = useState<Wishes>()
  const [took, setTook] = useState<string>()
  const propose = async (body: object) => {
    const made = await planning.plan('POST', `/api/units/${id}/proposals`, body)
    if (made) setBeside(made)
  }
  const replan = (wished?: Wishes) => propose(wished ? sent(wished) : {})
  const openCues = () => {
    if (!u) return
    setCues(Object.fromEntries(u.threads.map((t) => [t.cueSet, decided(t)])))
    setOpen('cues')
  }
  const u = unit.data
  const segments = u?.lessons.flatMap((l) => l.segments) ?? []
  const segment = segments.find((s) => s.id === selected)
  const lesson = u?.lessons.find((l) => l.segments.some((s) => s.id === selected))
  const edit = (body: EditBody) => step.mutate({ kind: 'edit', body })
  const adjust = (by: number) =>
    segment && edit({ kind: 'ADJUST', segment: segment.id, setting: segment.step + by })
  const moveTo = (id: string, to: number, position?: number) => {
    const target = u?.lessons[to]
    if (!target || target.state !== 'PLANNED' || target.segments.length === 0) return
    // Before the close, which stays last.
    edit({ kind: 'MOVE_TO', segment: id, lesson: to, position: position ?? target.segments.length - 1 })
  }
  const remove = () => segment && edit({ kind: 'REMOVE', segment: segment.id })
  const lock = () => segment && edit({ kind: segment.locked ? 'UNLOCK' : 'LOCK', segment: segment.id })
  useKeys((key, event) => {
    if (!plans || event.altKey || beside || open) return false
    // Presses in a row are taken one after the other; other edits build on what they see.
    if (key === 'z' && (u?.canUndo || step.isPending)) step.mutate({ kind: 'undo' })
    else if (step.isPending) return false
    else if (key === 'r') replan()
    else if (key === 'v') setOpen('versions')
    else if (key === 'Z' && u?.canRedo) step.mutate({ kind: 'redo' })
    else if (!segment) return false
    else if (key === 'l') lock()
    else if (key === 'e' && segment.easier) adjust(-1)
    else if (key === 'h' && segment.harder) adjust(1)
    else if (key === '+') edit({ kind: 'MINUTES', segment: segment.id, minutes: segment.minutes + 1 })
    else if (key === '-') edit({ kind: 'MINUTES', segment: segment.id, minutes: segment.minutes - 1 })
    else if (key === 'Delete' && !segment.locked) remove()
    else if (key === 'w') why.current?.focus()
    else if (key === 'b') {
      const split = why.current?.querySelector<HTMLElement>('[data-stations]')
      split?.focus()
      split?.click()
    } else if (key === 's') why.current?.querySelector<HTMLElement>('[data-swap]')?.focus()
    else return false
    return true
  })
  // A block that is gone after a replan leaves nothing selected.
  useEffect(() => {
    if (selected && u && !u.lessons.some((l) => l.segments.some((s) => s.id === selected)))
      setSelected(undefined)
  }, [u, selected])
  if (unit.error)
    return <div className={page.page}>{<ProblemNote error={unit.error} retry={() => unit.refetch()} />}</div>
  if (!u) return <p className={page.page}>Opening …</p>
  const serious = u.strains.filter((s) => s.level !== 'SOFT')
  return (
    <div className={styles.page}>
      <div className={styles.main}>
        <div className={`${page.head} ${styles.head}`}>
          <Heading>
            {u.schoolClass.name} · {u.schoolClass.year} · {u.title}
          </Heading>
          <span className={page.chip}>
            {u.schoolClass.children} children · {u.schoolClass.leftHanded} left-handed
          </span>
          <button
            type="button"
            className={`${page.chip} ${styles.strains} ${serious.length > 0 ? styles.bad : ''}`}
            aria-expanded={showStrains}
            onClick={() => setShowStrains(!showStrains)}
          >
            {serious.length > 0
              ? `${serious.length} ${serious.length === 1 ? 'does' : 'do'} not fit`
              : 'fits'}
            {' · all that was weighed'}
          </button>
          <span className={styles.files}>
            <a href={`/api/units/${u.id}/paper`} target="_blank" rel="noreferrer">
              PDF
            </a>
          </span>
          <div className={page.end}>
            {plans && (
              <>
                <Button
                  disabled={!u.canUndo || step.isPending}
                  onClick={() => step.mutate({ kind: 'undo' })}
                  title={`Undo: ${u.cause}`}
                >
                  Undo
                </Button>
                <Button disabled={!u.canRedo || step.isPending} onClick={() => step.mutate({ kind: 'redo' })}>
                  Redo
                </Button>
              </>
            )}
            <Dropdown
              trigger={['click']}
              autoFocus
              menu={{
                items: [
                  ...(plans
                    ? [
                        { key: 'wishes', label: 'Preferences …' },
                        { key: 'cues', label: 'Cues …' },
                        { key: 'copy', label: 'Copy to another class …' },
                        { key: 'rename', label: 'Rename …' },
                        { key: 'remove', label: 'Remove' },
                      ]
                    : []),
                  { key: 'versions', label: 'Versions …' },
                  { type: 'divider' as const },
                  { key: 'segments.csv', label: 'Table of its parts (CSV)' },
                  { key: 'unit.json', label: 'The unit as a file (JSON)' },
                  { key: 'lessons.ics', label: 'Its lessons as a calendar (ICS)' },
                ],
                onClick: ({ key, domEvent }) => {
                  // A key that opens a dialog must not press its first button as well.
                  domEvent.preventDefault()
                  if (key === 'cues') openCues()
                  else if (key === 'remove') removal.mutate(u)
                  else if (key !== 'versions' && key !== 'wishes' && key !== 'copy' && key !== 'rename')
                    window.location.assign(`/api/units/${u.id}/${key}`)
                  else {
                    setWishes(u.wishes)
                    setOpen(key)
                  }
                },
              }}
            >
              <Button>More</Button>
            </Dropdown>
            {plans && (
              <Button type="primary" loading={planning.progress !== null} onClick={() => replan()}>
                Replan the rest
              </Button>
            )}
          </div>
        </div>
        {planning.progress && <Progress unit={u.id} line={planning.progress} cancel={planning.cancel} />}
        {planning.error !== null && (
          <ProblemNote error={planning.error} retry={() => planning.setError(null)} retryWords="Close" />
        )}
        {removal.error && <ProblemNote error={removal.error} retry={removal.reset} retryWords="Close" />}
        {step.error && (
          <ProblemNote
            error={step.error}
            retry={
              step.error instanceof Problem && step.error.status === 412
                ? () => unit.refetch().then(step.reset)
                : undefined
            }
          />
        )}
        {showStrains && (
          <ul className={styles.strainList}>
            {u.wished.map((w) => (
              <li key={w.wish}>
                You wished {w.wish}: {w.why ?? 'it is so.'}
              </li>
            ))}
            {u.strains.map((s) => (
              <li key={s.rule + s.segment + s.sentence} className={s.level === 'SOFT' ? '' : styles.bad}>
                {s.segment ? (
                  <button type="button" onClick={() => setSelected(s.segment)}>
                    {s.sentence}
                  </button>
                ) : (
                  s.sentence
                )}
                <span className="mute"> {s.rule.toLowerCase()}</span>
              </li>
            ))}
            {u.strains.length === 0 && <li>Nothing was given up.</li>}
          </ul>
        )}
        <Said
          unit={u}
          busy={step.isPending || planning.progress !== null}
          select={setSelected}
          swap={plans ? (at, activities) => edit({ kind: 'SWAP', segment: at, activities }) : undefined}
          replan={plans ? () => replan() : undefined}
        />
        {plans && <Misfits unit={u} busy={step.isPending} refit={() => step.mutate({ kind: 'refit' })} />}
        <Changes unit={u} fresh={step.data?.head === u.head || took === u.head} />
        <Board
          unit={u}
          selected={selected}
          select={setSelected}
          move={(s, position) => edit({ kind: 'MOVE', segment: s.id, position })}
          moveTo={moveTo}
          minutes={(s, minutes) => edit({ kind: 'MINUTES', segment: s.id, minutes })}
          cues={plans ? openCues : undefined}
        />
      </div>
      <aside ref={why} className={styles.why} tabIndex={-1} aria-label="Why">
        {planning.progress?.lessons ? (
          <>
            <h2>The best so far</h2>
            <Best lessons={planning.progress.lessons} />
          </>
        ) : segment && lesson ? (
          <Why
            unit={u}
            lesson={lesson}
            segment={segment}
            busy={step.isPending || !plans}
            lock={lock}
            adjust={adjust}
            move={(position) => edit({ kind: 'MOVE', segment: segment.id, position })}
            moveTo={(to) => moveTo(segment.id, to)}
            minutes={(minutes) => edit({ kind: 'MINUTES', segment: segment.id, minutes })}
            remove={remove}
            swap={(activities) => edit({ kind: 'SWAP', segment: segment.id, activities })}
            add={(activity) => edit({ kind: 'ADD', segment: segment.id, activity })}
          />
        ) : (
          <>
            <h2>Why</h2>
            <p className="mute">
              Choose a block or a mark to see why it is there, what it needs and what could stand instead.
              Drag a block to another place in its lesson; lock what you want to keep, then replan the rest.
            </p>
            <p className="mute">
              Last change: {u.cause}.{' '}
              <Link to={`/classes/${u.schoolClass.id}`}>What was seen of the class</Link>
            </p>
            {u.leftOver.length > 0 && (
              <>
                <h3>For the next unit</h3>
                <ul className={`mute ${styles.waiting}`}>
                  {u.threads
                    .flatMap((t) => t.cues)
                    .filter((c) => c.waits)
                    .map((c) => (
                      <li key={c.key}>{c.why}</li>
                    ))}
                </ul>
              </>
            )}
            <OtherClasses unit={u} />
            <Spare unit={u} />
          </>
        )}
      </aside>
      {open === 'versions' && (
        <Versions
          unit={u.id}
          head={u.head}
          close={() => setOpen(undefined)}
          choose={(version) => {
            setOpen(undefined)
            setBeside(version)
          }}
        />
      )}
      {open === 'copy' && <Arrival from={u} close={() => setOpen(undefined)} />}
      {open === 'rename' && <Rename unit={u} close={() => setOpen(undefined)} />}
      {open === 'wishes' && wishes && (
        <Dialog
          open
          title="Preferences for this unit"
          width={720}
          okText="Plan the rest so"
          onCancel={() => setOpen(undefined)}
          onOk={() => {
            setOpen(undefined)
            replan(wishes)
          }}
        >
          <WishesForm value={wishes} onChange={setWishes} />
        </Dialog>
      )}
      {open === 'cues' && (
        <Dialog
          open
          title="Which cues, in which order"
          width={640}
          okText="Plan the rest so"
          onCancel={() => setOpen(undefined)}
          onOk={() => {
            setOpen(undefined)
            propose({ cues: u.threads.map((t) => cues[t.cueSet] ?? { cueSet: t.cueSet }) })
          }}
        >
          {u.threads.map((t) => (
            <CueChoices
              key={t.cueSet}
              skill={t.skill}
              cueSet={t.cueSet}
              age={u.schoolClass.yearAge}
              lessons={u.lessons.filter((l) => l.state === 'PLANNED').map((l) => l.position + 1)}
              value={cues[t.cueSet]}
              onChange={(now) => setCues({ ...cues, [t.cueSet]: now })}
            />
          ))}
        </Dialog>
      )}
      {beside && (
        <Compare
          unit={u}
          version={beside}
          close={() => setBeside(undefined)}
          taken={(now) => {
            setBeside(undefined)
            setTook(now.head)
            arrived(now)
          }}
        />
      )}
    </div>
  )
}

/** What is decided about the cues of a skill already; undefined for its set as it is. */
function decided(t: Schemas['ThreadBlock']): CueChoice | undefined {
  const pinned = t.cues.filter((c) => c.pin !== undefined)
  if (!t.picked && pinned.length === 0) return undefined
  return {
    cueSet: t.cueSet,
    ...(t.picked ? { cues: t.cues.map((c) => c.key) } : {}),
    lessons: Object.fromEntries(pinned.map((c) => [c.key, c.pin as number])),
  }
}

/** What the last edit did, by rule. */
function Changes({ unit, fresh }: { unit: Unit; fresh: boolean }) {
  if (!fresh) return <div role="status" />
  const better = unit.changes.filter((c) => c.after < c.before)
  const worse = unit.changes.filter((c) => c.after > c.before)
  const names = (list: typeof better) =>
    list.map((c) => `${c.rule.toLowerCase()} (${c.before} to ${c.after})`).join(', ')
  return (
    <div role="status" className={styles.changes}>
      <b>{unit.cause}.</b>
      {unit.changes.length === 0 && <span>No rule is better or worse kept.</span>}
      {better.length > 0 && <span>Better: {names(better)}.</span>}
      {worse.length > 0 && <span className={styles.bad}>Worse: {names(worse)}.</span>}
    </div>
  )
}
