import { useQuery } from '@tanstack/react-query'
import { Button, Input } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { Dialog } from '../shared/Dialog'
import { Mark, markWords, Pips } from '../shared/Mark'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { record } from './record'

interface CellHistoryProps {
  classId: string
  child: Schemas['ChildView']
  cue: Schemas['CueView']
  cell: Schemas['Cell']
  /** called after the marks may be others */
  changed: () => void
  close: () => void
}

const doubts: Record<NonNullable<Schemas['Observation']['doubt']>, string> = {
  AFTER_SENDING: 'It says that it was pressed after it was sent.',
  FAR_FROM_LESSON: 'It waited, and its day is weeks away from its lesson.',
  LONG_AGO: 'It says that it waited for months; the day it came stands here.',
}

const when = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })

const beside: Record<string, string> = {
  PARTNER: 'seen by a partner',
  SELF: 'ticked by itself',
  HOME: 'from home',
  SAID: 'could tell it',
}

/** Every look behind a mark: when, by whom, where and in which activity; carried and taken-back ones too. And the teacher's call. */
export function CellHistory({ classId, child, cue, cell, changed, close }: CellHistoryProps) {
  const plans = usePlans()
  const looks = useQuery({
    queryKey: ['trials', child.id, cue.key],
    enabled: plans,
    queryFn: () =>
      take(
        api.GET('/api/children/{id}/trials', { params: { path: { id: child.id }, query: { cue: cue.key } } }),
      ),
    staleTime: 0,
  })
  const stretches = useQuery({
    queryKey: ['stretches', classId],
    enabled: plans,
    queryFn: () => take(api.GET('/api/classes/{id}/stretches', { params: { path: { id: classId } } })),
  })
  const { error, busy, attempt } = useAttempt()
  const side = child.sides.find((s) => s.action === 'THROW')?.side
  const question =
    side === 'LEFT' ? cue.question.left : side === 'RIGHT' ? cue.question.right : cue.question.notSettled
  const takeBack = (trial: string) =>
    attempt(async () => {
      await record({ voids: [trial] })
      await looks.refetch()
      changed()
    })
  return (
    <Dialog open title={`${child.name} · ${cue.call.notSettled}`} onCancel={close} footer={null}>
      <p style={{ marginTop: 0 }}>{question}</p>
      <p style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
        <Mark mark={cell.mark} fill={cell.fill} size={20} /> <b>{markWords(cell.mark)}</b>{' '}
        <Pips pips={cell.pips} />
      </p>
      <p className="mute">{cell.reason}</p>
      {cell.sure && (
        <p className="mute">{cell.sure.sentence} The mark itself goes by the rule of the school alone.</p>
      )}
      {(error !== null || looks.error) && (
        <ProblemNote error={error ?? looks.error} retry={() => looks.refetch()} />
      )}
      {looks.data?.length === 0 && <p>No look yet.</p>}
      <ol style={{ paddingLeft: 18, maxHeight: 260, overflow: 'auto' }}>
        {looks.data?.map((look) => (
          <li key={look.id} style={{ textDecoration: look.voided ? 'line-through' : 'none' }}>
            <b>{look.shown ? 'shown' : 'not yet'}</b>, {look.setting.toLowerCase()}
            {look.sitting && ', in a check'}, {when(look.seenAt)}, {look.observer}
            {look.segment && stretches.data?.[look.segment] && `, ${stretches.data[look.segment]}`}
            {look.side && look.side !== side && ', other hand'}
            {look.fault && `, ${look.fault}`}
            {look.kind !== 'TEACHER' && `, ${beside[look.kind] ?? look.kind}: beside the mark`}
            {look.doubt && (
              <span className="mute" title={doubts[look.doubt]}>
                {' '}
                (day of its lesson: the tablet's clock was off)
              </span>
            )}
            {look.cue !== cue.key && <span className="mute"> (carried from another set)</span>}
            {look.voided ? (
              <span className="mute"> (taken back)</span>
            ) : (
              plans && (
                <Button type="link" size="small" disabled={busy} onClick={() => takeBack(look.id)}>
                  Take back
                </Button>
              )
            )}
          </li>
        ))}
      </ol>
      {plans && <TeachersCall child={child} cue={cue} cell={cell} changed={changed} />}
    </Dialog>
  )
}

type TeachersCallProps = Pick<CellHistoryProps, 'child' | 'cue' | 'cell' | 'changed'>

/** What the teacher says beside the count, with a reason. */
function TeachersCall({ child, cue, cell, changed }: TeachersCallProps) {
  const { useKept, forget } = useKeptForm(`call-${child.id}-${cue.key}`)
  const [reason, setReason] = useKept('reason', '')
  const { error, busy, attempt } = useAttempt()
  const say = (owned: boolean | undefined) =>
    attempt(async () => {
      await take(
        api.POST('/api/children/{id}/calls', {
          params: { path: { id: child.id } },
          body: { cue: cue.key, owned, reason: reason.trim() || 'Taken back' },
        }),
      )
      setReason('')
      forget()
      changed()
    })
  return (
    <section>
      <h3 style={{ marginBottom: 4 }}>Your call</h3>
      <p className="mute" style={{ marginTop: 0 }}>
        Stands in place of the count, with your name and reason, until it is taken back.
      </p>
      {error !== null && <ProblemNote error={error} />}
      <Input
        aria-label="Reason for the call"
        placeholder="Why, in a few words"
        maxLength={300}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <p style={{ display: 'flex', gap: 8 }}>
        <Button disabled={reason.trim() === '' || busy} onClick={() => say(true)}>
          Call it secure
        </Button>
        <Button disabled={reason.trim() === '' || busy} onClick={() => say(false)}>
          Call it not there yet
        </Button>
        {cell.called && (
          <Button disabled={busy} onClick={() => say(undefined)}>
            Take the call back
          </Button>
        )}
      </p>
    </section>
  )
}
