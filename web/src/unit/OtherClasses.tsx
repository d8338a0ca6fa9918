import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'

const named = (calls: string[]) => calls.map((c) => `“${c}”`).join(', ')

/** Classes that learn the same cues, and what one of them was taught and the other not. */
export function OtherClasses({ unit }: { unit: Schemas['UnitView'] }) {
  const others = useQuery({
    queryKey: ['other-classes', unit.id, unit.head],
    queryFn: () => take(api.GET('/api/units/{id}/other-classes', { params: { path: { id: unit.id } } })),
  })
  if (!others.data?.length) return null
  return (
    <>
      <h3>Other classes on these cues</h3>
      {others.data.map((o) => (
        <p key={o.unit}>
          <Link to={`/units/${o.unit}`}>{o.className}</Link>{' '}
          <span className="mute">
            {o.taught} of {o.lessons} lessons taught.{' '}
            {o.ahead.length > 0 && `Was taught ${named(o.ahead)}, this class was not. `}
            {o.behind.length > 0 && `Was not taught ${named(o.behind)} yet. `}
            {o.ahead.length === 0 && o.behind.length === 0 && 'In step.'}
          </span>
        </p>
      ))}
    </>
  )
}
