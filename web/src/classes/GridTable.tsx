import { useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, useRef, useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Mark, markWords, Pips } from '../shared/Mark'
import { ProblemNote } from '../shared/ProblemNote'
import { CellHistory } from './CellHistory'
import styles from './GridTable.module.css'

type Cell = Schemas['Cell']

const legend: Cell['mark'][] = ['NOT_TAUGHT', 'NOT_SEEN', 'EMERGING', 'NEAR', 'SECURE', 'MASTERED', 'DUE']

interface GridTableProps {
  classId: string
  /** cue-set keys, one block of columns each */
  sets: string[]
}

/** Children by cues with marks and pips; arrows walk it, Enter opens the looks behind a mark. */
export function GridTable({ classId, sets }: GridTableProps) {
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
                  {row.child.name}
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
                    return (
                      <td key={cue.key} className={i === 0 ? styles.first : ''}>
                        <button
                          type="button"
                          data-at={`${r}-${column}`}
                          tabIndex={at.row === r && at.column === column ? 0 : -1}
                          className={styles.cell}
                          title={cell.reason}
                          aria-label={`${row.child.name}, ${cue.call.notSettled}: ${markWords(cell.mark)}${cell.fit === 'ADAPTED' ? ', adapted' : ''}`}
                          onClick={() => {
                            setAt({ row: r, column })
                            setOpen({ child: row.child, cue, cell })
                          }}
                        >
                          <Mark mark={cell.mark} fill={cell.fill} />
                          {cell.mark !== 'NOT_TAUGHT' && <Pips pips={cell.pips} />}
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
