import { useRehearsal } from '../unit/useRehearsal'

/** What may come of the lessons of a unit that are still to be given, in sentences; nothing while it is rehearsed. */
export function Ahead({ unit }: { unit: string }) {
  const rehearsal = useRehearsal(unit, '', true)
  if (!rehearsal.data || rehearsal.data.cues.length === 0) return null
  return (
    <p>
      <b>Rehearsed.</b> {rehearsal.data.sentences.join(' ')}
    </p>
  )
}
