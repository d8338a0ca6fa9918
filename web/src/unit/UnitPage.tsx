import { useRef, useState } from 'react'
import { useParams } from 'react-router'
import { Problem, type Schemas } from '../api/client'
import { usePlans } from '../session/useSession'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { Board } from './Board'
import { Compare } from './Compare'
import { Misfits } from './Misfits'
import { NothingChosen } from './NothingChosen'
import { Best, Progress } from './Progress'
import { Said } from './Said'
import { StrainList } from './StrainList'
import { type Opened, UnitDialogs } from './UnitDialogs'
import { UnitHead } from './UnitHead'
import styles from './UnitPage.module.css'
import { useBlock } from './useBlock'
import { usePlanning } from './usePlanning'
import { useRehearsal } from './useRehearsal'
import { useUnit } from './useUnit'
import { Why } from './Why'

type Unit = Schemas['UnitView']

/** A unit: its threads and blocks, why each is there, and every edit with what it did. */
export default function UnitPage() {
  const { id = '' } = useParams()
  const plans = usePlans()
  const [showStrains, setShowStrains] = useState(false)
  const why = useRef<HTMLElement>(null)
  const edits = useUnit(id)
  const { unit, step, edit, arrived } = edits
  const planning = usePlanning()
  const [beside, setBeside] = useState<string>()
  const [open, setOpen] = useState<Opened>()
  const [took, setTook] = useState<string>()
  const propose = async (body: object) => {
    const made = await planning.plan('POST', `/api/units/${id}/proposals`, body)
    if (made) setBeside(made)
  }
  const replan = () => propose({})
  const u = unit.data
  const rehearsal = useRehearsal(id, u?.head ?? '', plans && u !== undefined)
  const block = useBlock(edits, {
    why,
    keys: plans && !beside && !open,
    replan,
    versions: () => setOpen('versions'),
  })
  const { selected, setSelected, segment, lesson, moveTo } = block
  if (unit.error)
    return <div className={page.page}>{<ProblemNote error={unit.error} retry={() => unit.refetch()} />}</div>
  if (!u) return <p className={page.page}>Opening …</p>
  return (
    <div className={styles.page}>
      <div className={styles.main}>
        <UnitHead
          unit={u}
          step={step}
          planning={planning.progress !== null}
          showStrains={showStrains}
          toggleStrains={() => setShowStrains(!showStrains)}
          open={setOpen}
          replan={replan}
        />
        {planning.progress && <Progress unit={u.id} line={planning.progress} cancel={planning.cancel} />}
        {planning.error !== null && (
          <ProblemNote error={planning.error} retry={() => planning.setError(null)} retryWords="Close" />
        )}
        {step.error && <StepProblem edits={edits} error={step.error} />}
        {showStrains && <StrainList unit={u} select={setSelected} />}
        <Said
          unit={u}
          busy={step.isPending || planning.progress !== null}
          select={setSelected}
          swap={plans ? (at, activities) => edit({ kind: 'SWAP', segment: at, activities }) : undefined}
          replan={plans ? replan : undefined}
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
          cues={plans ? () => setOpen('cues') : undefined}
          rehearsal={rehearsal.data}
          stale={rehearsal.isPlaceholderData}
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
            lock={block.lock}
            adjust={block.adjust}
            move={(position) => edit({ kind: 'MOVE', segment: segment.id, position })}
            moveTo={(to) => moveTo(segment.id, to)}
            minutes={(minutes) => edit({ kind: 'MINUTES', segment: segment.id, minutes })}
            remove={block.remove}
            swap={(activities) => edit({ kind: 'SWAP', segment: segment.id, activities })}
            add={(activity) => edit({ kind: 'ADD', segment: segment.id, activity })}
          />
        ) : (
          <NothingChosen unit={u} />
        )}
      </aside>
      {open && (
        <UnitDialogs
          unit={u}
          open={open}
          close={() => setOpen(undefined)}
          beside={setBeside}
          propose={propose}
        />
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

/** What went wrong with an edit; who was overtaken reads again. */
function StepProblem({ edits: { unit, step }, error }: { edits: ReturnType<typeof useUnit>; error: Error }) {
  return (
    <ProblemNote
      error={error}
      retry={
        error instanceof Problem && error.status === 412 ? () => unit.refetch().then(step.reset) : undefined
      }
    />
  )
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
