/** What a log of scores comes to, as the core computes it. */
export interface Standing {
  lines: { points: number; words: string }[]
  /** sides in front, by index */
  leads: number[]
  /** whose turn it is; -1 where the game does not say */
  next: number
  over: boolean
  /** contradictions, each with its numbers */
  findings: string[]
  error?: string
}

type Compute = (game: string, sides: string[], events: string[]) => string

let compute: Promise<Compute> | undefined

/** The core's own Java, compiled for the browser; kept on the device with the hall. */
export function loadScores(): Promise<Compute> {
  const from = '/core/score.js'
  compute ??= import(/* @vite-ignore */ from).then((m: { result: Compute }) => m.result)
  // A first try with no network is not the last.
  compute.catch(() => {
    compute = undefined
  })
  return compute
}

/** Reads what the core tells, line by line. */
export function readStanding(told: string): Standing {
  const standing: Standing = { lines: [], leads: [], next: -1, over: false, findings: [] }
  for (const line of told.split('\n')) {
    const [what, ...rest] = line.split('\t')
    if (what === 'line') standing.lines.push({ points: Number(rest[0]), words: rest[1] ?? '' })
    else if (what === 'leads') standing.leads = rest[0] ? rest[0].split(',').map(Number) : []
    else if (what === 'next') standing.next = Number(rest[0])
    else if (what === 'over') standing.over = rest[0] === 'true'
    else if (what === 'finding') standing.findings.push(rest.join(' '))
    else if (what === 'error') standing.error = rest.join(' ')
  }
  return standing
}

/** How something is scored with a press. */
export type Pad =
  | { kind: 'numbers'; to: number }
  | { kind: 'choices'; labels: string[]; numbers: (index: number) => number[] }
  | { kind: 'fields'; labels: string[] }

/** A game as it is chosen. */
export interface Choice {
  text: string
  name: string
  pad: Pad
}

const counted = (labels: string[]): Pad => ({ kind: 'choices', labels, numbers: (i) => [i, 1] })
const one = (labels: string[]): Pad => ({ kind: 'choices', labels, numbers: (i) => [i] })

/** So many pins can be set up: triangles of two, three and four rows. */
export const PINS = [3, 6, 10]

const WORDS: Record<number, string> = { 3: 'Three', 6: 'Six', 10: 'Ten' }

/** The games of the score desk. @param pins that stand at the beginning of a turn */
export const gamesWith = (pins: number): Choice[] => [
  {
    text: `pins ONE_ROLL ${pins}`,
    name: `${WORDS[pins]} pins, one roll a turn`,
    pad: { kind: 'numbers', to: pins },
  },
  {
    text: `pins TWO_ROLLS ${pins}`,
    name: `${WORDS[pins]} pins, two rolls, strikes and spares`,
    pad: { kind: 'numbers', to: pins },
  },
  { text: 'bowling', name: 'Ten frames of ten pins', pad: { kind: 'numbers', to: 10 } },
  {
    text: `pins IN_A_MINUTE ${pins}`,
    name: `${WORDS[pins]} pins in a minute`,
    pad: { kind: 'numbers', to: pins },
  },
  {
    text: `pins TAKE_AWAY ${pins}`,
    name: `${WORDS[pins]} pins, fallen ones are taken away`,
    pad: { kind: 'numbers', to: pins },
  },
  { text: 'fallen 10', name: 'Fallen numbers taken from ten', pad: { kind: 'numbers', to: 10 } },
  {
    text: 'fallen 20',
    name: 'Fallen numbers taken from a drawn number',
    pad: { kind: 'fields', labels: ['fell', 'drawn'] },
  },
  { text: 'fallen 0', name: 'Fallen numbers, read and written', pad: { kind: 'numbers', to: 10 } },
  {
    text: 'fewest 3',
    name: 'Fewest throws to three targets',
    pad: { kind: 'fields', labels: ['cm to the target, 0 when reached'] },
  },
  {
    text: 'nearest winner',
    name: 'Nearest to the target, the winner begins',
    pad: { kind: 'fields', labels: ['cm to the target', 'touching it'] },
  },
  {
    text: 'nearest loser',
    name: 'Nearest to the target, the loser begins',
    pad: { kind: 'fields', labels: ['cm to the target', 'touching it'] },
  },
  {
    text: 'streak 0',
    name: 'Longest streak',
    pad: { kind: 'choices', labels: ['caught', 'missed'], numbers: (i) => (i === 0 ? [1] : [0, 1]) },
  },
  {
    text: 'streak 100',
    name: 'All together to a hundred',
    pad: { kind: 'choices', labels: ['one', 'five', 'ten'], numbers: (i) => [[1], [5], [10]][i] },
  },
  { text: 'tally 1 1,2,3', name: 'Points by colour: one, two, three', pad: counted(['one', 'two', 'three']) },
  {
    text: 'tally 2 1,2,3',
    name: 'Points by colour, doubled at the end',
    pad: counted(['one', 'two', 'three']),
  },
  { text: 'hits 5', name: 'Hits out of five', pad: { kind: 'numbers', to: 5 } },
  { text: 'three', name: 'Best of three, measured', pad: { kind: 'fields', labels: ['cm'] } },
  {
    text: 'crossing tails',
    name: 'Crossing with tails',
    pad: { kind: 'fields', labels: ['ran', 'tails taken', 'tails kept', 'on the floor'] },
  },
  {
    text: 'crossing hidden',
    name: 'Crossing with something hidden',
    pad: { kind: 'fields', labels: ['ran', 'tails taken', 'tails kept', 'on the floor', 'got past with it'] },
  },
  { text: 'zones 1,3', name: 'Caught: one, or three behind them', pad: one(['one', 'three']) },
  {
    text: 'swap',
    name: 'Success changes the places',
    pad: { kind: 'choices', labels: ['success', 'none'], numbers: (i) => [1 - i] },
  },
]

/** The game of a log. */
export const gameOf = (text: string): Choice | undefined =>
  gamesWith(Number(/^pins \w+ (\d+)$/.exec(text)?.[1] ?? 6)).find((g) => g.text === text)
