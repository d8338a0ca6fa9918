import { useQuery } from '@tanstack/react-query'
import { Modal } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { Mark, markWords, Pips } from '../shared/Mark'
import { ProblemNote } from '../shared/ProblemNote'

interface CellHistoryProps {
  child: Schemas['ChildView']
  cue: Schemas['CueView']
  cell: Schemas['Cell']
  close: () => void
}

const when = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  })

/** Every look behind a mark: when, by whom, in what setting; carried and taken-back ones too. */
export function CellHistory({ child, cue, cell, close }: CellHistoryProps) {
  const looks = useQuery({
    queryKey: ['trials', child.id, cue.key],
    queryFn: () =>
      take(
        api.GET('/api/children/{id}/trials', { params: { path: { id: child.id }, query: { cue: cue.key } } }),
      ),
    staleTime: 0,
  })
  const side = child.sides.find((s) => s.action === 'THROW')?.side
  const question =
    side === 'LEFT' ? cue.question.left : side === 'RIGHT' ? cue.question.right : cue.question.notSettled
  return (
    <Modal open title={`${child.name} · ${cue.call.notSettled}`} onCancel={close} footer={null}>
      <p style={{ marginTop: 0 }}>{question}</p>
      <p style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
        <Mark mark={cell.mark} fill={cell.fill} size={20} /> <b>{markWords(cell.mark)}</b>{' '}
        <Pips pips={cell.pips} />
      </p>
      <p className="mute">
        {cell.reason} {cell.howSure}
      </p>
      {looks.error && <ProblemNote error={looks.error} retry={() => looks.refetch()} />}
      {looks.data?.length === 0 && <p>No look yet.</p>}
      <ol style={{ paddingLeft: 18, maxHeight: 300, overflow: 'auto' }}>
        {looks.data?.map((look) => (
          <li key={look.id} style={{ textDecoration: look.voided ? 'line-through' : 'none' }}>
            <b>{look.shown ? 'shown' : 'not yet'}</b>, {look.setting.toLowerCase()}
            {look.sitting && ', in a check'}, {when(look.seenAt)}, {look.observer}
            {look.kind !== 'TEACHER' && `, ${look.kind.toLowerCase()}: beside the mark`}
            {look.cue !== cue.key && <span className="mute"> (carried from another set)</span>}
            {look.voided && <span className="mute"> (taken back)</span>}
          </li>
        ))}
      </ol>
    </Modal>
  )
}
