import { useQuery } from '@tanstack/react-query'
import { api, take } from '../api/client'

/** What came of the lesson in the hall: notes, what was said, votes, and how long each part really took. */
export function FromTheHall({ lesson }: { lesson: string }) {
  const record = useQuery({
    queryKey: ['hall-record', lesson],
    queryFn: () => take(api.GET('/api/hall/{lesson}/record', { params: { path: { lesson } } })),
  })
  const r = record.data
  if (!r) return null
  const late = r.minutes.filter((m) => m.had !== m.planned)
  const lines = [
    ...r.notes,
    ...r.said,
    ...r.asked,
    ...r.votes.map(
      (v) =>
        `${v.name}: ${[
          v.favourite > 0 && `favourite of ${v.favourite}`,
          v.hardest > 0 && `hardest for ${v.hardest}`,
        ]
          .filter(Boolean)
          .join(', ')}`,
    ),
    ...(r.tries > 0 ? [`${r.hits} hits in ${r.tries} tries`] : []),
    ...(r.goSeconds ? [`a go every ${r.goSeconds} s`] : []),
    ...r.minutes
      .filter((m) => m.changeSeconds !== undefined)
      .map((m) => `the change into ${m.name} took ${m.changeSeconds} s`),
    ...r.counts,
    ...late.map((m) => `${m.name} had ${m.had} min; ${m.planned} were planned`),
  ]
  if (lines.length === 0) return null
  return (
    <section aria-label="From the hall">
      <h2>From the hall</h2>
      <ul>
        {[...new Set(lines)].map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ul>
    </section>
  )
}
