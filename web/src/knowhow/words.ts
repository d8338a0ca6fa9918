import type { Schemas } from '../api/client'

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

const option = (value: string, label: string) => ({ value, label })

export const formations = [
  option('SCATTER', 'scattered'),
  option('WALL', 'at a wall'),
  option('PAIRS', 'in pairs'),
  option('LANES', 'in lanes'),
  option('FILES', 'in files'),
  option('RELAY', 'in relay files'),
  option('ROLES', 'in groups with roles'),
  option('CIRCLE', 'in a circle'),
  option('TWO_SIDES', 'two sides'),
  option('CROSSING', 'crossing'),
  option('SCRAMBLE', 'in a scramble'),
  option('STATIONS', 'at stations'),
  option('GATHERED', 'gathered'),
]

export const scorings = [
  option('NONE', 'nothing is counted'),
  option('TALLY', 'points are added up'),
  option('STREAK', 'the longest run without a miss'),
  option('HITS_OF', 'hits out of a set of tries'),
  option('TOGETHER', 'the whole class towards one number'),
  option('PINS', 'things knocked down'),
  option('FALLEN_FROM_TEN', 'each fallen number taken from ten'),
  option('FEWEST', 'fewest tries'),
  option('NEAREST', 'nearest to the target'),
  option('MEASURED', 'best of three, measured'),
  option('TIME', 'seconds'),
  option('ZONES', 'by the zone it reaches'),
  option('COLOURS', 'by colour'),
  option('TAILS', 'tails taken and kept'),
  option('CROSSED', 'who gets across'),
  option('SWAP', 'success changes the places'),
]

export const families: Record<Schemas['SkillView']['ladder'], string> = {
  SENDING: 'Sending',
  RECEIVING: 'Receiving',
  TRAVELLING: 'Travelling with a ball',
  LOCOMOTOR: 'Moving and balance',
  JUGGLING: 'Juggling',
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
