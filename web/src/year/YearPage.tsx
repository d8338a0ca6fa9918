import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { type PointerEvent, useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { sayDone } from '../changes/changed'
import { dayWords } from '../shared/dates'
import { Heading } from '../shared/Heading'
import { many } from '../shared/many'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { under } from '../shared/useDrag'
import { Proposal } from './Proposal'
import { type Place, YearCell } from './YearCell'
import styles from './YearPage.module.css'

type Year = Schemas['YearOnAPage']

/** The school year on a page: classes by half terms, what each still lacks, and what one lay-out serves. */
export default function YearPage() {
  const queries = useQueryClient()
  const year = useQuery({ queryKey: ['year'], queryFn: () => take(api.GET('/api/year')) })
  const [asking, setAsking] = useState(false)
  const { error, attempt } = useAttempt()
  const put = async ({ id, from }: Place, skills: string[]) => {
    const params = { path: { id, day: from } }
    const now = await take(api.PUT('/api/classes/{id}/year/{day}', { params, body: { skills } }))
    queries.setQueryData(['year'], now)
  }
  /** Several cells at once, and how they were, for the way back. */
  const change = (cells: { at: Place; was: string[]; now: string[] }[], words: string) =>
    attempt(async () => {
      for (const c of cells) await put(c.at, c.now)
      sayDone({
        words: [words],
        undo: async () => {
          for (const c of [...cells].reverse()) await put(c.at, c.was)
        },
      })
    })
  if (year.error) return <ProblemNote error={year.error} retry={() => year.refetch()} />
  if (!year.data) return <p className={page.page}>Opening …</p>
  const { halves, classes, shared } = year.data
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>The year</Heading>
        <span className="mute">
          Skills are dragged onto half terms, or chosen there; a unit is planned from them in its turn.
        </span>
        <div className={page.end}>
          <Button onClick={() => setAsking(true)} disabled={halves.length === 0}>
            Propose the empty ones
          </Button>
          <Button href="/api/year/paper" target="_blank">
            PDF
          </Button>
          <Button href="/api/year/table.csv">CSV</Button>
          <Button href="/api/year/year.ics">Calendar</Button>
        </div>
      </div>
      {error !== null && <ProblemNote error={error} />}
      {halves.length === 0 && (
        <div className={page.empty}>
          <h2>No terms yet</h2>
          <p>
            The half terms come from the <Link to="/set-up/terms">terms and holidays</Link>.
          </p>
        </div>
      )}
      {halves.length > 0 && <Table year={year.data} change={change} />}
      {shared.length > 0 && (
        <section>
          <h2>One lay-out serves</h2>
          <ul>
            {halves.map((h) => {
              const own = shared.filter((s) => s.from === h.from)
              return own.length === 0 ? null : (
                <li key={h.from}>
                  <b>{h.name}</b>:{' '}
                  {own
                    .map((s) => `${s.skill} for ${s.classes.join(', ')} (${s.places.join(', ')})`)
                    .join('; ')}
                </li>
              )
            })}
          </ul>
        </section>
      )}
      {asking && (
        <Proposal
          halves={halves}
          close={() => setAsking(false)}
          taken={(proposed) => {
            setAsking(false)
            change(
              proposed.map((p) => ({
                at: { id: p.classId, from: p.from },
                was: [],
                now: p.skills.map((s) => s.key),
              })),
              `${proposed.length} half terms have skills now.`,
            )
          }}
        />
      )}
      {classes.length === 0 && <p className="mute">No class is given to you yet.</p>}
    </div>
  )
}

interface TableProps {
  year: Year
  change: (cells: { at: Place; was: string[]; now: string[] }[], words: string) => void
}

function Table({ year: { halves, classes }, change }: TableProps) {
  const keys = (id: string, from: string) =>
    classes
      .find((c) => c.id === id)
      ?.cells.find((c) => c.from === from)
      ?.skills.map((s) => s.key) ?? []
  const move = (skill: string, from: Place, to: Place) => {
    const was = keys(from.id, from.from)
    const there = keys(to.id, to.from)
    if ((from.id === to.id && from.from === to.from) || there.includes(skill)) return
    // Within a class it moves; another class gets it as well.
    const cells = [{ at: to, was: there, now: [...there, skill] }]
    if (from.id === to.id) cells.push({ at: from, was, now: was.filter((s) => s !== skill) })
    const name = classes.find((c) => c.id === to.id)?.name
    change(cells, `${name} has it from ${dayWords(to.from)}.`)
  }
  const [target, setTarget] = useState<string>()
  const drag = (e: PointerEvent, skill: string, from: Place, held: boolean) => {
    const half = under(e, 'half')?.dataset.half
    setTarget(held ? half : undefined)
    if (held || !half) return
    const [id, day] = half.split(' ')
    move(skill, from, { id, from: day })
  }
  return (
    <div className={styles.scroll}>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">Class</th>
            {halves.map((h) => (
              <th scope="col" key={h.from}>
                {h.name}
                <br />
                <small className="mute">
                  {dayWords(h.from)} to {dayWords(h.to)}, {h.weeks} weeks
                </small>
              </th>
            ))}
            <th scope="col">Still lacks</th>
          </tr>
        </thead>
        <tbody>
          {classes.map((c) => (
            <tr key={c.id}>
              <th scope="row">
                <Link to={`/classes/${c.id}`}>{c.name}</Link>
                <br />
                <small className="mute">{c.year}</small>
              </th>
              {c.cells.map((cell, i) => (
                <YearCell
                  key={cell.from}
                  of={c}
                  cell={cell}
                  over={halves[i]?.over ?? false}
                  target={target === `${c.id} ${cell.from}`}
                  drag={drag}
                  change={(now) =>
                    change(
                      [{ at: { id: c.id, from: cell.from }, was: keys(c.id, cell.from), now }],
                      `${c.name}, from ${dayWords(cell.from)}: changed.`,
                    )
                  }
                />
              ))}
              <td className={styles.lacks}>
                {c.lacks.length === 0 ? (
                  <span className="mute">nothing</span>
                ) : (
                  <details>
                    <summary>{many(c.lacks.length, 'outcome')}</summary>
                    <ul>
                      {c.lacks.map((l) => (
                        <li key={l.code + l.text} title={l.text}>
                          <b>{l.code}</b> {l.skills.join(' or ')}
                        </li>
                      ))}
                    </ul>
                  </details>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
