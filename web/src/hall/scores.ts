import { many } from '../shared/many'

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

/** One press: what it says, and the numbers that are scored by it. */
export interface Press {
  label: string
  numbers: number[]
}

/** How something is scored. */
export type Pad =
  /** own: each side has the presses inside; otherwise there is one row for whose turn it is */
  | { kind: 'presses'; presses: Press[]; own: boolean }
  /** the sides are pressed from the nearest to the farthest */
  | { kind: 'order' }
  | { kind: 'fields'; labels: string[] }

type Presses = Extract<Pad, { kind: 'presses' }>

/** A game as it is chosen. */
export interface Choice {
  text: string
  name: string
  pad: Pad
  /** seconds of a turn by the clock; undefined without one */
  seconds?: number
}

/** Targets that can stand before a side. */
export const TARGETS = Array.from({ length: 12 }, (_, i) => i + 1)

const presses = (...pairs: [string, ...number[]][]): Presses => ({
  kind: 'presses',
  own: true,
  presses: pairs.map(([label, ...numbers]) => ({ label, numbers })),
})

const upTo = (most: number): Presses =>
  presses(...Array.from({ length: most + 1 }, (_, n): [string, number] => [String(n), n]))

/** One row for whose turn it is. */
const inTurn = (pad: Presses): Presses => ({ ...pad, own: false })

/** By half-metre lines, in centimetres. */
const HALF_METRES = inTurn(
  presses(...Array.from({ length: 40 }, (_, i): [string, number] => [String((i + 1) / 2), (i + 1) * 50])),
)

/** The games of the score desk. @param targets that stand at the beginning of a turn */
export const gamesWith = (targets: number): Choice[] => {
  const all = many(targets, 'target')
  const fallen = upTo(targets)
  return [
    { text: `pins ONE_ROLL ${targets}`, name: `${all}, one go a turn`, pad: fallen },
    { text: `pins TWO_ROLLS ${targets}`, name: `${all}, two rolls, strikes and spares`, pad: fallen },
    { text: `pins IN_A_MINUTE ${targets}`, name: `${all} in a minute`, pad: fallen, seconds: 60 },
    { text: `pins TAKE_AWAY ${targets}`, name: `${all}, fallen ones are taken away`, pad: fallen },
    { text: 'bowling', name: 'Ten frames of ten pins', pad: inTurn(upTo(10)) },
    { text: 'fallen 10', name: 'Fallen numbers taken from ten', pad: upTo(10) },
    {
      text: 'fallen 20',
      name: 'Fallen numbers taken from a drawn number',
      pad: { kind: 'fields', labels: ['fell', 'drawn'] },
    },
    { text: 'fallen 0', name: 'Fallen numbers, read and written', pad: upTo(10) },
    {
      text: `fewest ${targets}`,
      name: `Fewest throws to ${all}`,
      pad: inTurn(presses(['reached', 0], ['not yet', 1])),
    },
    { text: 'nearest winner', name: 'Nearest to the target, the winner begins', pad: { kind: 'order' } },
    { text: 'nearest loser', name: 'Nearest to the target, the loser begins', pad: { kind: 'order' } },
    { text: 'streak 0', name: 'Longest streak', pad: presses(['caught', 1], ['missed', 0, 1]) },
    { text: 'streak 100', name: 'All together to a hundred', pad: presses(['1', 1], ['5', 5], ['10', 10]) },
    { text: 'tally 1 1', name: 'A point at a time', pad: presses(['a point', 0, 1]) },
    {
      text: 'tally 1 1,2,3',
      name: 'Points by colour: one, two, three',
      pad: presses(['one', 0, 1], ['two', 1, 1], ['three', 2, 1]),
    },
    {
      text: 'tally 2 1,2,3',
      name: 'Points by colour, doubled at the end',
      pad: presses(['one', 0, 1], ['two', 1, 1], ['three', 2, 1]),
    },
    { text: 'hits 5', name: 'Hits out of five', pad: upTo(5) },
    { text: 'three', name: 'Best of three, measured', pad: HALF_METRES },
    {
      text: 'crossing tails',
      name: 'Crossing with tails',
      pad: { kind: 'fields', labels: ['ran', 'tails taken', 'tails kept', 'on the floor'] },
    },
    {
      text: 'crossing hidden',
      name: 'Crossing with something hidden',
      pad: {
        kind: 'fields',
        labels: ['ran', 'tails taken', 'tails kept', 'on the floor', 'got past with it'],
      },
    },
    {
      text: 'zones 1,3',
      name: 'Caught: one, or three behind them',
      pad: presses(['one', 0], ['three', 1]),
    },
    { text: 'swap', name: 'Success changes the places', pad: presses(['success', 1], ['none', 0]) },
  ]
}

/** The game of a log. */
export const gameOf = (text: string): Choice | undefined =>
  gamesWith(Number(/^(?:pins \w+|fewest) (\d+)$/.exec(text)?.[1] ?? 6)).find((g) => g.text === text)
