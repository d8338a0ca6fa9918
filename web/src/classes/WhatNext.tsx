import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { DateInput } from '../shared/DateInput'
import { dayWords, todayHere } from '../shared/dates'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import { Ahead } from './Ahead'
import { Steps } from './Steps'
import styles from './WhatNext.module.css'

interface WhatNextProps {
  classId: string
  /** cue-set keys, one a skill */
  sets: string[]
}

/** What the records say to do next: proposals, each with the facts that decide. */
export function WhatNext({ classId, sets }: WhatNextProps) {
  const [by, setBy] = useState('')
  const next = useQuery({
    queryKey: ['next', classId, sets, by],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/next', {
          params: { path: { id: classId }, query: { set: sets, by: by || undefined } },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  if (next.error) return <ProblemNote error={next.error} retry={() => next.refetch()} />
  if (!next.data) return <p>Reading the records …</p>
  const {
    skills,
    cues,
    groupedBy,
    groups,
    helpFirst,
    lesson,
    signOff,
    cameTrue,
    catchUps,
    agreements,
    calls,
    names,
  } = next.data
  const call = (cue: string) => `“${calls[cue] ?? cue}”`
  const people = (ids: string[]) => ids.map((id) => names[id]).join(', ')
  const isSoon = (c: Schemas['CatchUpView']) => !lesson || lesson.skills.includes(c.skill)
  const soon = catchUps.filter(isSoon)
  const later = catchUps.filter((c) => !isSoon(c))
  const catchUp = (c: Schemas['CatchUpView']) => (
    <div key={c.cue} className={styles.catchUp}>
      <b>{call(c.cue)}</b> {people(c.children)}
      <details>
        <summary>
          {c.forClass
            ? 'So many that the class comes back to it for five minutes'
            : 'Five minutes beside the others, with a card each'}
        </summary>
        <ol>
          {c.steps.map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ol>
      </details>
    </div>
  )
  return (
    <div className={styles.columns}>
      <section>
        <Steps classId={classId} skills={skills} lesson={lesson} />
        <h2>The cue to come back to</h2>
        {cues.length === 0 && (
          <p className="mute">
            {groups.length === 0 ? 'Nothing was taught yet.' : 'Nothing that was taught is needed any more.'}
          </p>
        )}
        <ol className={styles.cues}>
          {cues.map((c) => (
            <li key={c.cue}>
              <b>{call(c.cue)}</b> <span className="mute">{c.facts.join('; ')}</span>
            </li>
          ))}
        </ol>
        {catchUps.length > 0 && (
          <>
            <h2>Were away when it was taught</h2>
            {soon.map(catchUp)}
            {later.length > 0 && (
              <details>
                <summary>{many(later.length, 'cue')} of other skills</summary>
                {later.map(catchUp)}
              </details>
            )}
            <p>
              <a
                href={`/api/classes/${classId}/catch-up/paper?${new URLSearchParams(sets.map((s) => ['set', s]))}`}
                target="_blank"
                rel="noreferrer"
              >
                Print a card for each of them
              </a>
            </p>
          </>
        )}
      </section>
      <section>
        <h2>Groups by what they need</h2>
        {lesson && groupedBy.length > 0 && (
          <p className="mute">
            For lesson {lesson.number}, {dayWords(lesson.onDate)}: {groupedBy.join(', ')}.
          </p>
        )}
        {groups.length === 0 && <p className="mute">They come with what is taught.</p>}
        {helpFirst && <p>{helpFirst}</p>}
        {groups.map((g) => (
          <p key={g.cue}>
            <b>
              {g.cue ? call(g.cue) : 'With the class'}, {many(g.children.length, 'child', 'children')}
            </b>
            {!g.cue && (
              <span className="mute">
                {' '}
                nothing that was taught stands out; where it is not settled, a look is enough
              </span>
            )}
            <br />
            {people(g.children)}
            {g.steps.map((s) => (
              <span key={s.name} className={styles.groupStep}>
                <b>
                  {s.name}: {s.words}.
                </b>{' '}
                {s.doing} <span className="mute">{s.facts.join('; ')}</span>
              </span>
            ))}
          </p>
        ))}
        {agreements.length > 0 && (
          <>
            <h2>Two pairs of eyes</h2>
            {agreements.map((a) => (
              <p key={`${a.cue} ${a.first} ${a.second}`}>
                <b>{call(a.cue)}</b> {a.first} and {a.second}: {a.sentence}{' '}
                {a.talk && <b>Talk about what you look for.</b>}
              </p>
            ))}
          </>
        )}
      </section>
      <section>
        <h2>Whom to watch</h2>
        {lesson ? (
          <>
            <p>
              <Link to={`/lessons/${lesson.lesson}`}>
                Lesson {lesson.number}, {dayWords(lesson.onDate)}
              </Link>
              : {lesson.reason} <span className="mute">{lesson.ownLooks}</span>
            </p>
            <Watched watches={lesson.watches} call={call} names={names} />
            {lesson.check && <p>{lesson.check}</p>}
            {lesson.enough.length > 0 && (
              <p className="mute">Enough was looked at: {lesson.enough.map((c) => `“${c}”`).join(', ')}.</p>
            )}
            <Ahead unit={lesson.unit} />
          </>
        ) : (
          <p className="mute">No lesson is planned for this class in the next weeks.</p>
        )}
        {cameTrue && <p className="mute">{cameTrue.sentence}</p>}
        {signOff && <Decided plan={signOff} by={by} setBy={setBy} call={call} />}
      </section>
    </div>
  )
}

interface DecidedProps {
  plan: Schemas['SignOffView']
  by: string
  setBy: (day: string) => void
  call: (cue: string) => string
}

/** What can be decided by a day, cue by cue, and in which lessons to look for it. */
function Decided({ plan, by, setBy, call }: DecidedProps) {
  const isPlanned = (c: Schemas['SignOffLine']) => c.planned.length > 0 || c.decided === c.children
  const planned = plan.cues.filter(isPlanned)
  const rest = plan.cues.filter((c) => !isPlanned(c))
  const line = (c: Schemas['SignOffLine']) => (
    <li key={c.cue}>
      <b>{call(c.cue)}</b>{' '}
      <span className="mute">
        {c.decided} of {c.children} decided
        {c.likely > 0 && `, ${c.likely} more likely`}
        {c.planned.length > 0
          ? `: ${c.planned.map((p) => `${many(p.looks, 'look')} on ${dayWords(p.onDate)}`).join(', ')}`
          : c.needed > 0
            ? `; ${many(c.needed, 'look')} would be needed`
            : c.decided < c.children && '; the others would take a check each'}
      </span>
    </li>
  )
  return (
    <>
      <h2>
        What can be decided by{' '}
        <DateInput
          aria-label="Decided by"
          style={{ width: 150 }}
          min={todayHere()}
          value={by || plan.by}
          onChange={setBy}
        />
      </h2>
      <p className="mute">
        {many(plan.lessons, 'lesson')}, {many(plan.looks, 'look')}; {plan.used} of them help to decide.
      </p>
      <ul className={styles.cues}>{planned.map(line)}</ul>
      {rest.length > 0 && (
        <details>
          <summary>{many(rest.length, 'cue')} not looked for until then</summary>
          <ul className={styles.cues}>{rest.map(line)}</ul>
        </details>
      )}
    </>
  )
}

interface WatchedProps {
  watches: Schemas['WatchView'][]
  call: (cue: string) => string
  names: Record<string, string>
}

/** What a teacher can keep in mind on her feet. */
const CUES = 2
const NAMES = 5

/** The first two cues with five names each, in the order of the plan of looks; all others one press away. */
function Watched({ watches, call, names }: WatchedProps) {
  const byCue = new Map<string, Schemas['WatchView'][]>()
  for (const w of watches) byCue.set(w.cue, [...(byCue.get(w.cue) ?? []), w])
  const cues = [...byCue]
  const list = (all: Schemas['WatchView'][]) =>
    all.map((w) => names[w.child] + (w.looks > 1 ? ` (${w.looks} looks)` : '')).join(', ')
  const rest = watches.length - cues.slice(0, CUES).reduce((n, [, all]) => n + Math.min(NAMES, all.length), 0)
  return (
    <>
      {cues.slice(0, CUES).map(([cue, all]) => (
        <p key={cue}>
          <b>{call(cue)}</b>
          <br />
          {list(all.slice(0, NAMES))}
        </p>
      ))}
      {rest > 0 && (
        <details>
          <summary>{many(rest, 'more child to look at', 'more to look at')} if there is time</summary>
          {cues.map(([cue, all], i) => {
            const left = i < CUES ? all.slice(NAMES) : all
            return left.length === 0 ? null : (
              <p key={cue}>
                <b>{call(cue)}</b>
                <br />
                {list(left)}
              </p>
            )
          })}
        </details>
      )}
    </>
  )
}
