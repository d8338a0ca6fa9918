import { api, type Schemas, take } from '../api/client'

type Phase = Schemas['ActivityLine']['phases'][number]

/** Phases by which activities are looked for, in the order of a lesson. */
export const phases: { value: Phase; label: string }[] = [
  { value: 'GATHER', label: 'opening talk' },
  { value: 'WARM', label: 'warm-up' },
  { value: 'PRACTISE', label: 'practise' },
  { value: 'PLAY', label: 'play' },
  { value: 'COOL', label: 'cool down' },
  { value: 'CLOSE', label: 'closing talk' },
]

export const phaseWords = (a: Schemas['ActivityLine']) =>
  a.phases
    .map((p) => phases.find((known) => known.value === p)?.label)
    .filter(Boolean)
    .join(', ')

export const families: Record<Schemas['SkillView']['ladder'], string> = {
  SENDING: 'Sending',
  RECEIVING: 'Receiving',
  TRAVELLING: 'Travelling with a ball',
  LOCOMOTOR: 'Moving and balance',
  JUGGLING: 'Juggling',
}

/** The words that are chosen from, as the core calls them. */
export const vocabularyQuery = {
  queryKey: ['vocabulary'],
  queryFn: () => take(api.GET('/api/vocabulary')),
}

/** In the files of a pack constants are written small, with hyphens. */
export const small = (constant: string) => constant.toLowerCase().replaceAll('_', '-')

export const slug = (name: string) =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 50)
