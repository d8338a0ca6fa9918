import { useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, useRef, useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { dayWords } from '../shared/dates'
import { Mark, markWords, Pips, sureWords } from '../shared/Mark'
import { ProblemNote } from '../shared/ProblemNote'
import { CellHistory } from './CellHistory'
import styles from './GridTable.module.css'

type Cell = Schemas['Cell']

const legend: Cell['mark'][] = ['NOT_TAUGHT', 'NOT_SEEN', 'EMERGING', 'NEAR', 'SECURE', 'MASTERED', 'DUE']

interface GridTableProps {
  classId: string
  /** cue-set keys, one block of columns each */
  sets: string[]
  /** an earlier day to compare with; empty for none */
  before: string
}

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

/** Children by cues with marks and pips; arrows walk it, Enter opens the looks behind a mark. */
export function GridTable({ classId, sets, before }: GridTableProps) {
  const plans = usePlans()
  const table = useRef<HTMLTableElement>(null)
  const [open, setOpen] = useState<{
    child: Schemas['ChildView']
    cue: Schemas['CueView']
    cell: Cell
  } | null>(null)
  const [at, setAt] = useState({ row: 0, column: 0 })
  const grid = useQuery({
    queryKey: ['grid', classId, sets],
    queryFn: () =>
      take(api.GET('/api/classes/{id}/grid', { params: { path: { id: classId }, query: { set: sets } } })),
  })
  const earlier = useQuery({
    queryKey: ['grid', classId, sets, before],
    enabled: before !== '',
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/grid', {
          params: { path: { id: classId }, query: { set: sets, on: before } },
        }),
      ),
  })
  const then = before ? earlier.data : undefined
  const cellThen = (child: string, cue: string) => then?.rows.find((r) => r.child.id === child)?.cells[cue]
  if (grid.error) return <ProblemNote error={grid.error} retry={() => grid.refetch()} />
  if (!grid.data) return <p>Reading the records …</p>
  const { skills, rows } = grid.data
  const cues = skills.flatMap((s) => s.cues)
  if (rows.length === 0)
    return <p className="mute">Nobody is in this class yet. Add children first, then teach a lesson.</p>
  const walk = (event: KeyboardEvent) => {
    const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key]
    if (!step) return
    event.preventDefault()
    const row = Math.min(rows.length - 1, Math.max(0, at.row + step[0]))
    const column = Math.min(cues.length - 1, Math.max(0, at.column + step[1]))
    setAt({ row, column })
    table.current?.querySelector<HTMLElement>(`[data-at="${row}-${column}"]`)?.focus()
  }
  return (
    <>
      <p className={styles.rule}>
        <b>How a mark is made</b> {skills[0]?.rule}
      </p>
      {then && (
        <p className={styles.rule} role="status">
          <b>Since {dayWords(before)}</b> {sinceWords(grid.data, then)}
        </p>
      )}
      <ul className={styles.legend}>
        {legend.map((mark) => (
          <li key={mark}>
            <Mark mark={mark} fill={45} size={15} /> {markWords(mark)}
          </li>
        ))}
      </ul>
      <div className={styles.scroll}>
        <table ref={table} className={styles.grid} onKeyDown={walk}>
          <caption className="visually-hidden">Marks by child and cue</caption>
          <thead>
            <tr>
              <td rowSpan={2} />
              {skills.map((s) => (
                <th key={s.skill} colSpan={s.cues.length + 1} scope="colgroup" className={styles.skill}>
                  {s.name} <span className="mute">{s.setName.toLowerCase()}</span>
                </th>
              ))}
            </tr>
            <tr>
              {skills.map((s) => [
                ...s.cues.map((c, i) => (
                  <th
                    key={c.key}
                    scope="col"
                    className={i === 0 ? styles.first : ''}
                    title={c.question.notSettled}
                  >
                    {c.call.notSettled}
                  </th>
                )),
                <th key={`${s.skill} level`} scope="col">
                  skill
                </th>,
              ])}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, r) => (
              <tr key={row.child.id}>
                <th scope="row">
                  {plans ? (
                    <Link
                      to={`/children/${row.child.id}?${sets.map((s) => `set=${encodeURIComponent(s)}`).join('&')}`}
                    >
                      {row.child.name}
                    </Link>
                  ) : (
                    row.child.name
                  )}
                  {row.child.sides.some((s) => s.action === 'THROW' && s.side === 'LEFT') && (
                    <span className={styles.left} title="left-handed">
                      L
                    </span>
                  )}
                </th>
                {skills.map((s) => [
                  ...s.cues.map((cue, i) => {
                    const cell = row.cells[cue.key]
                    const column = cues.indexOf(cue)
                    const since = then && change(cellThen(row.child.id, cue.key), cell)
                    return (
                      <td key={cue.key} className={i === 0 ? styles.first : ''}>
                        <button
                          type="button"
                          data-at={`${r}-${column}`}
                          tabIndex={at.row === r && at.column === column ? 0 : -1}
                          className={styles.cell}
                          title={`${cell.reason} ${cell.howSure}`}
                          aria-label={`${row.child.name}, ${cue.call.notSettled}: ${markWords(cell.mark)}${cell.fit === 'ADAPTED' ? ', adapted' : ''}${cell.sure === 'NO_LOOK' ? '' : `, ${sureWords(cell.sure)}`}${since ? `, ${since.words}` : ''}`}
                          onClick={() => {
                            setAt({ row: r, column })
                            setOpen({ child: row.child, cue, cell })
                          }}
                        >
                          <Mark mark={cell.mark} fill={cell.fill} />
                          {cell.mark !== 'NOT_TAUGHT' && <Pips pips={cell.pips} />}
                          {since && <small className={styles.since}>{since.sign}</small>}
                          {cell.fit === 'ADAPTED' && <span className={styles.adapted}>adapted</span>}
                        </button>
                      </td>
                    )
                  }),
                  <td key={`${s.skill} level`} className={styles.level} title={row.levels[s.skill].counted}>
                    <b>{row.levels[s.skill].label}</b>
                    <small>{row.levels[s.skill].counted}</small>
                  </td>,
                ])}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {open && <CellHistory {...open} close={() => setOpen(null)} />}
    </>
  )
}

/** How many marks went up and down between two days. */
function sinceWords(now: Schemas['Grid'], then: Schemas['Grid']) {
  const many: Record<string, number> = { '+': 0, '▲': 0, '▼': 0 }
  for (const row of now.rows) {
    const old = then.rows.find((r) => r.child.id === row.child.id)
    for (const [cue, cell] of Object.entries(row.cells)) {
      const since = change(old?.cells[cue], cell)
      if (since) many[since.sign]++
    }
  }
  return `${many['+']} were seen for the first time (+), ${many['▲']} marks went up (▲), ${many['▼']} went down (▼).`
}
