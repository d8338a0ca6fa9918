import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Checkbox, Select } from 'antd'
import { type KeyboardEvent, memo, useCallback, useRef, useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { arrow } from '../shared/arrows'
import { dayWords } from '../shared/dates'
import { Mark, markWords, Pips, sureWords, Tenths } from '../shared/Mark'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { arranged, change, type Order, type Which, whiches } from './arrange'
import { CellHistory } from './CellHistory'
import styles from './GridTable.module.css'
import { record } from './record'

type Cell = Schemas['Cell']
type Row = Schemas['Row']
type Columns = Schemas['SkillColumns']

const legend: Cell['mark'][] = ['NOT_TAUGHT', 'NOT_SEEN', 'EMERGING', 'NEAR', 'SECURE', 'MASTERED', 'DUE']

interface GridTableProps {
  classId: string
  /** cue-set keys, one block of columns each */
  sets: string[]
  /** an earlier day to compare with; empty for none */
  before: string
}

interface Pressed {
  trial: string
  words: string
}

/** The marks, and those of an earlier day where one is compared with. */
function useGrids(classId: string, sets: string[], before: string) {
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
  return { grid, earlier }
}

/** Looks that are pressed into the table, the last of which can be taken back. */
function usePresses(classId: string) {
  const queries = useQueryClient()
  const [pressed, setPressed] = useState<Pressed[]>([])
  const { error, attempt } = useAttempt()
  const latest = pressed[pressed.length - 1] as Pressed | undefined
  const refresh = () => {
    queries.invalidateQueries({ queryKey: ['grid', classId] })
    queries.invalidateQueries({ queryKey: ['next', classId] })
    queries.invalidateQueries({ queryKey: ['over-time', classId] })
    queries.invalidateQueries({ queryKey: ['rehearsal'] })
  }
  const press = (row: Row, cue: Schemas['CueView'], shown: boolean) => {
    attempt(async () => {
      const [trial] = await record({
        trials: [{ child: row.child.id, cue: cue.key, shown, kind: 'TEACHER', setting: 'DRILL' }],
      })
      const words = `${row.child.name}, ${cue.call.notSettled}: ${shown ? 'shown' : 'not yet'}`
      setPressed((all) => [...all, { trial, words }])
      refresh()
    })
  }
  const takeBack = () => {
    if (!latest) return
    attempt(async () => {
      await record({ voids: [latest.trial] })
      setPressed((all) => all.slice(0, -1))
      refresh()
    })
  }
  return { error, latest, refresh, press, takeBack }
}

/**
 * Children by cues with marks and pips. Arrows walk it, Enter opens the looks behind a mark, space marks shown and x not yet, z takes the
 * last one back. A cue's call sorts by it.
 */
export function GridTable({ classId, sets, before }: GridTableProps) {
  const plans = usePlans()
  const table = useRef<HTMLTableElement>(null)
  const [open, setOpen] = useState<{ row: Row; cue: Schemas['CueView'] } | null>(null)
  const [at, setAt] = useState({ row: 0, column: 0 })
  const [which, setWhich] = useState<Which>('ALL')
  const [order, setOrder] = useState<Order>({ by: 'NAME' })
  const [believed, setBelieved] = useState(false)
  const presses = usePresses(classId)
  const { grid, earlier } = useGrids(classId, sets, before)
  const openCell = useCallback((row: Row, cue: Schemas['CueView'], r: number, column: number) => {
    setAt({ row: r, column })
    setOpen({ row, cue })
  }, [])
  const then = before ? earlier.data : undefined
  if (grid.error) return <ProblemNote error={grid.error} retry={() => grid.refetch()} />
  if (!grid.data) return <p>Reading the records …</p>
  const { skills } = grid.data
  const cues = skills.flatMap((s) => s.cues)
  if (grid.data.rows.length === 0)
    return <p className="mute">Nobody is in this class yet. Add children first, then teach a lesson.</p>
  const rows = arranged(grid.data.rows, which, order)
  const focus = (row: number, column: number) => {
    setAt({ row, column })
    table.current?.tBodies[0].rows[row]?.querySelector<HTMLElement>(`[data-column="${column}"]`)?.focus()
  }
  const key = (event: KeyboardEvent) => {
    const cell = event.target as HTMLElement
    if (cell.dataset.column === undefined) return
    const r = rowOf(cell)
    const column = Number(cell.dataset.column)
    const step = arrow(event.key)
    if (step)
      focus(
        Math.min(rows.length - 1, Math.max(0, r + step.down)),
        Math.min(cues.length - 1, Math.max(0, column + step.across)),
      )
    else if (event.key === 'Home') focus(r, 0)
    else if (event.key === 'End') focus(r, cues.length - 1)
    else if (plans && event.key === ' ') presses.press(rows[r], cues[column], true)
    else if (plans && event.key === 'x') presses.press(rows[r], cues[column], false)
    else if (plans && event.key === 'z') presses.takeBack()
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <>
      <Tools
        which={which}
        setWhich={setWhich}
        order={order}
        setOrder={setOrder}
        cueHere={cues[at.column]?.key ?? ''}
        many={`${rows.length} of ${grid.data.rows.length} children`}
        plans={plans}
        latest={presses.latest?.words}
        takeBack={presses.takeBack}
        believed={believed}
        setBelieved={setBelieved}
      />
      {presses.error !== null && <ProblemNote error={presses.error} />}
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
        {believed && (
          <li className="mute">7/10: likely there seven times in ten; dotted where nobody has looked</li>
        )}
      </ul>
      <div className={styles.scroll}>
        <table ref={table} className={styles.grid} onKeyDown={key}>
          <caption className="visually-hidden">Marks by child and cue</caption>
          <Head skills={skills} order={order} setOrder={setOrder} />
          <tbody>
            {rows.map((row, r) => (
              <Line
                key={row.child.id}
                row={row}
                skills={skills}
                sets={sets}
                active={at.row === r ? at.column : -1}
                linked={plans}
                before={then?.rows.find((x) => x.child.id === row.child.id)}
                believed={believed}
                open={openCell}
              />
            ))}
          </tbody>
        </table>
      </div>
      {open && (
        <CellHistory
          classId={classId}
          child={open.row.child}
          cue={open.cue}
          cell={
            grid.data.rows.find((r) => r.child.id === open.row.child.id)?.cells[open.cue.key] ??
            open.row.cells[open.cue.key]
          }
          changed={presses.refresh}
          close={() => setOpen(null)}
        />
      )}
    </>
  )
}

interface ToolsProps {
  which: Which
  setWhich: (which: Which) => void
  order: Order
  setOrder: (order: Order) => void
  /** the cue of the column that is walked */
  cueHere: string
  many: string
  plans: boolean
  /** what was pressed last */
  latest?: string
  takeBack: () => void
  believed: boolean
  setBelieved: (on: boolean) => void
}

function Tools(props: ToolsProps) {
  const { which, setWhich, order, setOrder, cueHere, many, plans, latest, takeBack } = props
  return (
    <div className={styles.tools}>
      <Select
        aria-label="Which children"
        size="small"
        value={which}
        onChange={setWhich}
        options={whiches}
        style={{ minWidth: 210 }}
      />
      <Select
        aria-label="Sort by"
        size="small"
        value={order.by}
        onChange={(by) => setOrder(by === 'CUE' ? { by, cue: cueHere } : { by })}
        options={[
          { value: 'NAME', label: 'by name' },
          { value: 'FEWEST', label: 'who owns fewest first' },
          { value: 'CUE', label: 'by a cue: who needs it first' },
        ]}
        style={{ minWidth: 210 }}
      />
      <Checkbox checked={props.believed} onChange={(e) => props.setBelieved(e.target.checked)}>
        How likely
      </Checkbox>
      <span className="mute">
        {many}
        {plans && '; on a mark: space for shown, x for not yet'}
      </span>
      <span role="status">
        {latest && (
          <>
            {latest}{' '}
            <button type="button" className={page.textButton} onClick={takeBack}>
              Take back
            </button>
          </>
        )}
      </span>
    </div>
  )
}

interface HeadProps {
  skills: Columns[]
  order: Order
  setOrder: (order: Order) => void
}

function Head({ skills, order, setOrder }: HeadProps) {
  const child = order.by === 'CUE' ? order.cue : ''
  return (
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
              aria-sort={child === c.key ? 'ascending' : undefined}
            >
              <button
                type="button"
                className={styles.sort}
                onClick={() => setOrder(child === c.key ? { by: 'NAME' } : { by: 'CUE', cue: c.key })}
              >
                {c.call.notSettled}
                {child === c.key && ' ↓'}
              </button>
            </th>
          )),
          <th key={`${s.skill} level`} scope="col">
            skill
          </th>,
        ])}
      </tr>
    </thead>
  )
}

interface LineProps {
  row: Row
  skills: Columns[]
  sets: string[]
  /** the column that can be reached by tab; -1 for none */
  active: number
  linked: boolean
  before?: Row
  /** whether it is said how likely each mark is there */
  believed: boolean
  open: (row: Row, cue: Schemas['CueView'], index: number, column: number) => void
}

/** The row of the table that something stands in, from 0: rows do not know it, so that sorting draws none of them again. */
const rowOf = (cell: HTMLElement) => cell.closest('tr')?.sectionRowIndex ?? 0

/** One child. It is drawn again only when something of it changed. */
const Line = memo(function Line({ row, skills, sets, active, linked, before, believed, open }: LineProps) {
  let column = -1
  return (
    <tr>
      <th scope="row">
        {linked ? (
          <Link to={`/children/${row.child.id}?${sets.map((s) => `set=${encodeURIComponent(s)}`).join('&')}`}>
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
          const since = before && change(before.cells[cue.key], cell)
          column += 1
          const here = column
          return (
            <td key={cue.key} className={i === 0 ? styles.first : ''}>
              <button
                type="button"
                data-column={here}
                tabIndex={active === here ? 0 : -1}
                className={styles.cell}
                title={[cell.reason, cell.sure?.sentence].filter(Boolean).join(' ')}
                aria-label={`${row.child.name}, ${cue.call.notSettled}: ${markWords(cell.mark)}${cell.fit === 'ADAPTED' ? ', adapted' : ''}${cell.called ? ', called by a teacher' : ''}${sureWords(cell.sure) ? `, ${sureWords(cell.sure)}` : ''}${since ? `, ${since.words}` : ''}`}
                onClick={(e) => open(row, cue, rowOf(e.currentTarget), here)}
              >
                <Mark mark={cell.mark} fill={cell.fill} />
                {cell.mark !== 'NOT_TAUGHT' && <Pips pips={cell.pips} />}
                {believed && cell.sure && <Tenths sure={cell.sure} />}
                {since && <small className={styles.since}>{since.sign}</small>}
                {cell.fit === 'ADAPTED' && <span className={styles.adapted}>adapted</span>}
                {cell.called && <span className={styles.adapted}>call</span>}
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
  )
})

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
