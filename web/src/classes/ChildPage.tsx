import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { dayWords } from '../shared/dates'
import { Heading } from '../shared/Heading'
import { Mark, markWords, sureWords, tenthsWords } from '../shared/Mark'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { Beside } from './Beside'
import styles from './ChildPage.module.css'

/** The cue sets that are asked for, or else those that the child's class has units of. */
function useSets(id: string, asked: string[]): { sets: string[]; none: boolean } {
  const missing = asked.length === 0
  const file = useQuery({ ...reads.child(id), enabled: missing })
  const units = useQuery({ ...reads.units, enabled: missing })
  if (!missing) return { sets: asked, none: false }
  if (!file.data || !units.data) return { sets: [], none: false }
  const classes = file.data.enrolments.map((e) => e.schoolClass)
  const own = units.data.filter((u) => classes.includes(u.classId)).flatMap((u) => u.cueSets)
  return { sets: [...new Set(own)], none: own.length === 0 }
}

/** One child: its cues over time, both hands, hits and what they say, bests and notes. */
export default function ChildPage() {
  const { id = '' } = useParams()
  const [search] = useSearchParams()
  const [adding, setAdding] = useState(false)
  const { sets, none } = useSets(id, search.getAll('set'))
  const picture = useQuery({
    queryKey: ['picture', id, sets],
    enabled: sets.length > 0,
    queryFn: () =>
      take(api.GET('/api/children/{id}/picture', { params: { path: { id }, query: { set: sets } } })),
  })
  if (none)
    return (
      <p className={page.page}>
        Its class has no unit yet, so there are no cues to look at. <Link to="/units/new">Plan one</Link>, or
        choose skills in the marks of <Link to="/classes">its class</Link>.
      </p>
    )
  if (picture.error)
    return (
      <div className={page.page}>
        <ProblemNote error={picture.error} retry={() => picture.refetch()} />
      </div>
    )
  if (!picture.data) return <p className={page.page}>Opening …</p>
  const { child, skills, bests, atHome, notes } = picture.data
  const query = sets.map((s) => `set=${encodeURIComponent(s)}`).join('&')
  const begun = skills.filter(isBegun)
  const ahead = skills.filter((s) => !isBegun(s))
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>
          {`${child.given} ${child.family}`.trim()} · {child.year}
        </Heading>
        {child.sides
          .filter((s) => s.side)
          .map((s) => (
            <span key={s.action} className={page.chip}>
              {WORDS[s.action]} {s.side === 'LEFT' ? 'left' : 'right'}
            </span>
          ))}
        <div className={page.end}>
          <Button onClick={() => setAdding(true)}>Add what was said or done at home</Button>
          <Button href={`/api/children/${id}/paper?${query}`} target="_blank">
            A page for home
          </Button>
        </div>
      </div>
      {begun.map((s) => (
        <Skill key={s.skill} skill={s} />
      ))}
      {ahead.length > 0 && (
        <p className="mute">
          {begun.length > 0 ? 'Not taught yet: ' : 'Nothing of it was taught yet: '}
          {ahead.map((s) => s.name).join(', ')}.
        </p>
      )}
      <section className={styles.skill}>
        <h2>Bests</h2>
        {bests.length > 0 ? <p>{bests.join(' · ')}</p> : <p className="mute">Nothing was counted yet.</p>}
        {atHome.length > 0 && (
          <>
            <h2>From home</h2>
            <ul>
              {atHome.map((h) => (
                <li key={h}>{h}</li>
              ))}
            </ul>
          </>
        )}
        {notes.length > 0 && (
          <>
            <h2>Notes</h2>
            <ul>
              {notes.map((n) => (
                <li key={n}>{n}</li>
              ))}
            </ul>
          </>
        )}
      </section>
      {adding && (
        <Beside
          picture={picture.data}
          close={() => setAdding(false)}
          added={() => {
            setAdding(false)
            picture.refetch()
          }}
        />
      )}
    </div>
  )
}

/** Whether there is anything to see of a skill: a cue that was taught, a look, or hits that were counted. */
const isBegun = (s: Schemas['SkillPicture']) =>
  s.aims.length > 0 ||
  s.cues.some((c) => c.cell.mark !== 'NOT_TAUGHT' || c.looks.length > 0 || c.beside.length > 0)

function Skill({ skill: s }: { skill: Schemas['SkillPicture'] }) {
  return (
    <section className={styles.skill}>
      <h2>
        {s.name}: {s.level} <span className="mute">{s.counted}</span>
      </h2>
      <div className={styles.cues}>
        {s.cues.map((c) => (
          <CueOverTime key={c.cue} cue={c} />
        ))}
      </div>
      {s.aims.map((a) => (
        <Aim key={a.side ?? 'unsaid'} aim={a} />
      ))}
    </section>
  )
}

const WORDS: Record<Schemas['SideView']['action'], string> = {
  THROW: 'throws',
  BAT: 'bats',
  KICK: 'kicks',
}

const WIDTH = 200
const HEIGHT = 40
const MARGIN = 8

/** A small multiple: every look on its day, shown above the line and not yet below it. */
function CueOverTime({ cue }: { cue: Schemas['CuePicture'] }) {
  const days = [...new Set(cue.looks.map((l) => l.on))].sort()
  const at = (day: string) =>
    days.length < 2 ? WIDTH / 2 : MARGIN + (days.indexOf(day) / (days.length - 1)) * (WIDTH - 2 * MARGIN)
  const shown = cue.looks.filter((l) => l.shown).length
  const stacked = new Map<string, number>()
  return (
    <figure className={styles.cue}>
      <figcaption>
        <Mark mark={cue.cell.mark} fill={cue.cell.fill} size={18} /> <b>{cue.call}</b>
        <small title={cue.cell.sure?.sentence}>
          {markWords(cue.cell.mark)}
          {sureWords(cue.cell.sure) && `, ${sureWords(cue.cell.sure)}`}
          {cue.cell.sure && cue.cell.sure.looks > 0 && `, ${tenthsWords(cue.cell.sure)}`}
        </small>
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${cue.call}: ${shown} of ${cue.looks.length} looks shown`}
      >
        <line x1={0} x2={WIDTH} y1={HEIGHT / 2} y2={HEIGHT / 2} className={styles.axis} />
        {cue.looks.map((l, i) => {
          const spot = `${l.on} ${l.shown}`
          const level = stacked.get(spot) ?? 0
          stacked.set(spot, level + 1)
          return (
            <rect
              // biome-ignore lint/suspicious/noArrayIndexKey: looks have no ids here and never move
              key={i}
              x={at(l.on) - 4 + (level >= 2 ? 9 : 0)}
              y={l.shown ? HEIGHT / 2 - 9 - 9 * (level % 2) : HEIGHT / 2 + 1 + 9 * (level % 2)}
              width={8}
              height={8}
              className={l.shown ? styles.shown : styles.notYet}
            />
          )
        })}
      </svg>
      <small className="mute">
        {days.length === 0
          ? 'nobody has looked'
          : days.length === 1
            ? dayWords(days[0])
            : `${dayWords(days[0])} to ${dayWords(days[days.length - 1])}`}
        {cue.otherHand && ` · ${cue.otherHand}`}
        {cue.beside.map((b) => ` · ${b}`)}
      </small>
    </figure>
  )
}

/** Hits with one hand or foot, and the line they suggest. */
function Aim({ aim }: { aim: Schemas['AimView'] }) {
  return (
    <div className={styles.aim}>
      <b>
        {aim.hits} hits in {aim.tries} tries
        {aim.side && `, ${aim.side === 'LEFT' ? 'left' : 'right'}`}
      </b>
      {aim.suggestion && <p>{aim.suggestion}</p>}
      {aim.lean && <p>{aim.lean}</p>}
      <p className="mute">{aim.spread}</p>
      <p className="mute">
        {aim.sets
          .slice(-8)
          .map(
            (s) =>
              `${dayWords(s.on)}: ${s.hits} of ${s.tries}${s.metres === undefined ? '' : ` from ${s.metres} m`}`,
          )
          .join(' · ')}
      </p>
    </div>
  )
}
