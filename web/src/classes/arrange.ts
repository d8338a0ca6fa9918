import type { Schemas } from '../api/client'
import { markWords } from '../shared/Mark'

type Cell = Schemas['Cell']
type Row = Schemas['Row']

/** Which children a grid shows. */
export type Which = 'ALL' | 'UNDECIDED' | 'NOT_SEEN' | 'NEAR' | 'FADED' | 'LEFT'

/** In which order. */
export type Order = { by: 'NAME' } | { by: 'FEWEST' } | { by: 'CUE'; cue: string }

export const whiches: { value: Which; label: string }[] = [
  { value: 'ALL', label: 'all children' },
  { value: 'UNDECIDED', label: 'where another look decides' },
  { value: 'NOT_SEEN', label: 'with a taught cue not seen' },
  { value: 'NEAR', label: 'one trial short of a cue' },
  { value: 'FADED', label: 'due for a look' },
  { value: 'LEFT', label: 'left-handed' },
]

/** From not there to there, for what went up and what went down. */
const RANK: Record<Cell['mark'], number> = {
  NOT_APPLYING: 0,
  NOT_TAUGHT: 0,
  NOT_SEEN: 0,
  EMERGING: 1,
  NEAR: 2,
  DUE: 3,
  SECURE: 4,
  MASTERED: 5,
}

/** What became of a mark since an earlier day, in a sign and in words; nothing where it is the same. */
export function change(before: Cell | undefined, now: Cell): { sign: string; words: string } | null {
  if (!before || RANK[before.mark] === RANK[now.mark]) return null
  const words = `was ${markWords(before.mark)}`
  if (RANK[before.mark] === 0) return { sign: '+', words }
  return { sign: RANK[now.mark] > RANK[before.mark] ? '▲' : '▼', words }
}

const has = (row: Row, is: (cell: Cell) => boolean) => Object.values(row.cells).some(is)

function isOf(row: Row, which: Which): boolean {
  switch (which) {
    case 'ALL':
      return true
    case 'UNDECIDED':
      return has(row, (c) => c.sure?.word === 'NOT_SURE' && c.standing !== 'LEFT_OUT')
    case 'NOT_SEEN':
      return has(row, (c) => c.standing === 'NOT_SEEN')
    case 'NEAR':
      return has(row, (c) => c.mark === 'NEAR')
    case 'FADED':
      return has(row, (c) => c.mark === 'DUE')
    case 'LEFT':
      return row.child.sides.some((s) => s.side === 'LEFT')
  }
}

const owned = (row: Row) => Object.values(row.cells).filter((c) => c.standing === 'OWNED').length

/** Lowest marks first; what does not apply or was not taught comes last, since nobody needs it now. */
const need = (cell: Cell) =>
  cell.standing === 'LEFT_OUT' ? 9 : cell.standing === 'NOT_TAUGHT' ? 8 : RANK[cell.mark] + cell.fill / 1000

/** The rows that are wanted, in order; by name where nothing else tells them apart. */
export function arranged(rows: Row[], which: Which, order: Order): Row[] {
  const wanted = rows.filter((r) => isOf(r, which))
  if (order.by === 'FEWEST') return wanted.sort((a, b) => owned(a) - owned(b))
  if (order.by === 'CUE') return wanted.sort((a, b) => need(a.cells[order.cue]) - need(b.cells[order.cue]))
  return wanted
}
