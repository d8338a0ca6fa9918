import { useQuery } from '@tanstack/react-query'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'

interface ProposalProps {
  halves: Schemas['YearHalf'][]
  close: () => void
  taken: (proposed: Schemas['YearProposed'][]) => void
}

/** A first proposal for the half terms that are empty, with why; nothing changes until it is taken. */
export function Proposal({ halves, close, taken }: ProposalProps) {
  const proposed = useQuery({
    queryKey: ['year', 'proposal'],
    queryFn: () => take(api.GET('/api/year/proposal')),
    gcTime: 0,
  })
  const all = proposed.data ?? []
  return (
    <Dialog
      open
      title="Propose the empty half terms"
      width={760}
      onCancel={close}
      okText={all.length === 1 ? 'Take it' : `Take all ${all.length}`}
      okButtonProps={{ disabled: all.length === 0 }}
      onOk={() => taken(all)}
    >
      {proposed.error && <ProblemNote error={proposed.error} retry={() => proposed.refetch()} />}
      {proposed.data?.length === 0 && (
        <p>Every half term with lessons has its skills, or no outcome asks for any.</p>
      )}
      {halves.map((h) => {
        const own = all.filter((p) => p.from === h.from)
        const groups = new Map<string, Schemas['YearProposed'][]>()
        for (const p of own) {
          const key = p.skills.map((s) => s.name).join(', ')
          groups.set(key, [...(groups.get(key) ?? []), p])
        }
        return own.length === 0 ? null : (
          <section key={h.from}>
            <h3>{h.name}</h3>
            <ul>
              {[...groups].map(([skills, of]) => (
                <li key={skills}>
                  <b>{skills}</b> for {of.map((p) => p.className).join(', ')}.{' '}
                  <span className="mute">{of[0].why}</span>
                </li>
              ))}
            </ul>
          </section>
        )
      })}
    </Dialog>
  )
}
