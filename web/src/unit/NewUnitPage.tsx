import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Checkbox, Input, InputNumber, Radio, Select } from 'antd'
import { useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import { api, Problem, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { families } from '../knowhow/words'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { addDays, dayWords, timeWords, todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'
import { type CueChoice, CueChoices } from './CueChoices'
import styles from './NewUnitPage.module.css'
import { Best, Progress } from './Progress'
import { usePlanning } from './usePlanning'
import { sent, usualWishes, type Wishes, WishesForm } from './WishesForm'

interface Slot {
  key: number
  onDate: string
  starts?: string
  minutes: number
  spaceId: string
  words: string
}

const ladders = Object.keys(families) as (keyof typeof families)[]

/** What can be said before it is planned: why it cannot be so, and which wishes cannot be had. */
function Ahead({
  said,
  error,
  take,
}: {
  said?: Schemas['AheadView']
  error: unknown
  take: (wishes: Wishes) => void
}) {
  if (error instanceof Problem && error.status === 400) return <ProblemNote error={error} />
  if (!said || (said.questions.length === 0 && said.wishes.length === 0)) return null
  return (
    <section aria-label="Before you plan">
      <h2>Before you plan</h2>
      <ul className={styles.ahead}>
        {said.questions.map((q) => (
          <li key={q} className={styles.question}>
            {q}
          </li>
        ))}
        {said.wishes.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      {said.instead && <Button onClick={() => said.instead && take(said.instead)}>Give that up</Button>}
    </section>
  )
}

/** A class, skills and lessons in; a planned unit out. */
export default function NewUnitPage() {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [search] = useSearchParams()
  const { words } = useMeasures()
  const classes = useQuery(reads.classes)
  const skills = useQuery(reads.skills)
  const spaces = useQuery(reads.spaces)
  const [id] = useState(() => uuid7())
  const { useKept, forget } = useKeptForm('plan-unit')
  const [chosenClass, setClassId] = useKept<string | null>('class', null, search.get('class'))
  const only = classes.data?.length === 1 ? (classes.data[0]?.id ?? null) : null
  const classId = chosenClass ?? only
  const [title, setTitle] = useKept('title', '')
  const asked = search.getAll('skill')
  const [chosen, setChosen] = useKept<string[]>('skills', [], asked.length > 0 ? asked : null)
  const [kind, setKind] = useKept<'components' | 'short'>('kind', 'components')
  const [wishes, setWishes] = useKept<Wishes>('wishes', usualWishes)
  const [more, setMore] = useState(false)
  const [cues, setCues] = useKept<Record<string, CueChoice | undefined>>('cues', {})
  const [shares, setShares] = useKept<Record<string, number>>('shares', {})
  const planning = usePlanning()
  const [count, setCount] = useKept('lessons', 4, Number(search.get('lessons')) || null)
  const [first, setFirst] = useKept('from', addDays(todayHere(), 1), search.get('from'))
  const [byHand, setByHand] = useKept('by-hand', false)
  const [everyDays, setEveryDays] = useKept('every', 7)
  const [minutes, setMinutes] = useKept('minutes', 30)
  const [space, setSpace] = useKept<string | null>('place', null)
  const spaceId = space ?? spaces.data?.find((s) => s.ceilingCm !== undefined)?.id ?? spaces.data?.[0]?.id
  const dates = useQuery({
    queryKey: ['dates', classId, first, count],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/dates', {
          params: { path: { id: classId as string }, query: { from: first, most: count } },
        }),
      ),
    enabled: classId !== null,
  })
  const timetabled = (dates.data?.length ?? 0) > 0
  const fromTimetable = timetabled && !byHand
  const spaceName = spaces.data?.find((s) => s.id === spaceId)?.name ?? ''
  const lessons: Slot[] = fromTimetable
    ? (dates.data ?? []).map((d, i) => ({
        key: i,
        onDate: d.day,
        starts: d.starts,
        minutes: d.minutes,
        spaceId: d.spaceId,
        words: `${dayWords(d.day)} ${timeWords(d.starts)}, ${d.minutes} of ${d.timetabled} min, ${d.space}`,
      }))
    : Array.from({ length: count }, (_, i) => ({
        key: i,
        onDate: addDays(first, i * everyDays),
        minutes,
        spaceId: spaceId ?? '',
        words: `${dayWords(addDays(first, i * everyDays))}, ${minutes} minutes, ${spaceName}`,
      }))
  const short = lessons.find((l) => l.minutes < 10)
  const cupboard = useQuery(reads.cupboard)
  const empty = cupboard.data?.every((l) => l.count === 0) ?? false
  const group = classes.data?.find((c) => c.id === classId)
  const missing = !classId
    ? 'Choose a class.'
    : group?.children === 0
      ? 'This class has nobody in it; add children first.'
      : // Before its dates are known, lessons would be put a week apart, closed days or not.
        dates.isPending
        ? 'Reading the timetable …'
        : chosen.length === 0
          ? 'Choose one or two skills.'
          : !spaceId
            ? 'There is no space yet.'
            : short
              ? 'A lesson has fewer than ten minutes to teach in; look at the timetable.'
              : null
  const names = skills.data?.filter((s) => chosen.includes(s.key)).map((s) => s.name) ?? []
  const form = {
    classId: classId ?? '',
    title: title.trim() || names.join(' and '),
    cueSets: chosen.map((s) => `${s}/${kind}`),
    shares: chosen.map((s) => shares[s] ?? 1),
    cues: chosen.flatMap((s) => cues[`${s}/${kind}`] ?? []),
    ...sent(wishes),
    lessons: lessons.map(({ onDate, starts, minutes, spaceId }) => ({ onDate, starts, minutes, spaceId })),
  }
  const ahead = useQuery({
    // A title changes nothing about what can be had.
    queryKey: ['ahead', { ...form, title: '' }],
    queryFn: () =>
      take(api.POST('/api/classes/{id}/ahead', { params: { path: { id: form.classId } }, body: form })),
    enabled: missing === null && planning.progress === null,
    retry: false,
  })
  const plan = async () => {
    if (!classId || !spaceId) return
    const made = await planning.plan('PUT', `/api/units/${id}/planning`, form)
    if (!made) return
    forget()
    changed(queries, 'lessons')
    navigate(`/units/${id}`)
  }
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Plan a unit</Heading>
      </div>
      <div className={styles.columns}>
        <form
          className={styles.form}
          onSubmit={(e) => {
            e.preventDefault()
            plan()
          }}
        >
          <label htmlFor="class">Class</label>
          <Select
            id="class"
            aria-label="Class"
            value={classId}
            onChange={setClassId}
            placeholder="Which class?"
            options={classes.data?.map((c) => ({
              value: c.id,
              label: `${c.name} · ${c.year} · ${c.children} children`,
            }))}
          />
          <span id="skills">Skills</span>
          <Checkbox.Group
            aria-labelledby="skills"
            value={chosen}
            onChange={(v) => setChosen(v as string[])}
            className={styles.skills}
          >
            {ladders.map((ladder) => (
              <fieldset key={ladder}>
                <legend>{families[ladder]}</legend>
                {skills.data
                  ?.filter((s) => s.ladder === ladder && !s.aside)
                  .map((s) => (
                    <Checkbox key={s.key} value={s.key}>
                      {s.name}
                    </Checkbox>
                  ))}
              </fieldset>
            ))}
          </Checkbox.Group>
          <span id="kind">Cues</span>
          <Radio.Group
            aria-labelledby="kind"
            value={kind}
            onChange={(e) => setKind(e.target.value)}
            options={[
              { value: 'components', label: 'component sets, four to eight observed cues' },
              { value: 'short', label: 'short sets, two to four calls for the young' },
            ]}
          />
          {chosen.length > 0 && (
            <>
              <span />
              <details className={styles.cues}>
                <summary>
                  {Object.values(cues).some((c) => c !== undefined)
                    ? 'Cues as you decided'
                    : 'Which cues, in which order'}
                </summary>
                {chosen.map((key) => (
                  <CueChoices
                    key={`${key}/${kind}`}
                    skill={key}
                    cueSet={`${key}/${kind}`}
                    age={group?.yearAge ?? null}
                    lessons={lessons.map((_, i) => i + 1)}
                    value={cues[`${key}/${kind}`]}
                    onChange={(now) => setCues({ ...cues, [`${key}/${kind}`]: now })}
                  />
                ))}
              </details>
            </>
          )}
          <span id="order">Order</span>
          <span className={styles.row}>
            <Radio.Group
              aria-labelledby="order"
              value={wishes.order}
              onChange={(e) => setWishes({ ...wishes, order: e.target.value })}
              options={[
                { value: 'INTERLEAVED', label: 'skills mixed in each lesson' },
                { value: 'BLOCKED', label: 'one skill a lesson' },
                { value: 'MIXED', label: 'one at first, mixed later' },
              ]}
            />
            <Button onClick={() => setMore(true)}>More preferences …</Button>
          </span>
          {chosen.length > 1 && (
            <>
              <span>Shares</span>
              <span className={styles.row}>
                {chosen.map((key) => {
                  const name = skills.data?.find((s) => s.key === key)?.name ?? key
                  return (
                    <span key={key}>
                      {name}{' '}
                      <InputNumber
                        min={1}
                        max={9}
                        aria-label={`Share of ${name}`}
                        value={shares[key] ?? 1}
                        onChange={(v) => setShares({ ...shares, [key]: v ?? 1 })}
                        style={{ width: 60 }}
                      />
                    </span>
                  )
                })}
              </span>
            </>
          )}
          <label htmlFor="count">Lessons</label>
          <span className={styles.row}>
            <InputNumber id="count" min={1} max={16} value={count} onChange={(v) => setCount(v ?? 1)} />
            {timetabled && (
              <Radio.Group
                aria-label="When"
                value={byHand}
                onChange={(e) => setByHand(e.target.value)}
                options={[
                  { value: false, label: 'in the timetable' },
                  { value: true, label: 'on other dates' },
                ]}
              />
            )}
          </span>
          {!fromTimetable && (
            <>
              <span>Each of</span>
              <span className={styles.row}>
                <InputNumber
                  min={15}
                  max={120}
                  value={minutes}
                  onChange={(v) => setMinutes(v ?? 30)}
                  aria-label="Usable minutes of each lesson"
                />
                usable minutes
              </span>
            </>
          )}
          <label htmlFor="first">From</label>
          <span className={styles.row}>
            <DateInput
              id="first"
              value={first}
              onChange={(day) => day && setFirst(day)}
              style={{ width: 150 }}
            />
            {!fromTimetable && (
              <Select
                aria-label="How often"
                value={everyDays}
                onChange={setEveryDays}
                options={[
                  { value: 7, label: 'every week' },
                  { value: 14, label: 'every two weeks' },
                  { value: 1, label: 'every day' },
                ]}
                style={{ width: 150 }}
              />
            )}
          </span>
          {!fromTimetable && (
            <>
              <label htmlFor="space">In</label>
              <Select
                id="space"
                aria-label="In"
                value={spaceId}
                onChange={setSpace}
                options={spaces.data?.map((s) => ({
                  value: s.id,
                  label: `${s.name}, ${words(s.lengthCm)} × ${words(s.widthCm)}`,
                }))}
              />
            </>
          )}
          <label htmlFor="title">Title</label>
          <Input
            id="title"
            value={title}
            maxLength={120}
            onChange={(e) => setTitle(e.target.value)}
            placeholder="Made from the skills if left empty"
          />
          <span />
          <span className={styles.row}>
            <Button
              type="primary"
              htmlType="submit"
              disabled={missing !== null}
              loading={planning.progress !== null}
            >
              Plan it
            </Button>
            {planning.progress && <Progress unit={id} line={planning.progress} cancel={planning.cancel} />}
            <span className="mute">{missing}</span>
            {planning.error !== null && <ProblemNote error={planning.error} />}
            {empty && (
              <span>
                The cupboard is empty: <Link to="/cupboard">count what you have</Link> first, or nearly
                nothing fits.
              </span>
            )}
          </span>
        </form>
        <aside className={styles.aside}>
          {missing === null && <Ahead said={ahead.data} error={ahead.error} take={setWishes} />}
          {planning.progress?.lessons ? (
            <>
              <h2>The best so far</h2>
              <Best lessons={planning.progress.lessons} />
            </>
          ) : (
            <>
              <h2>The lessons</h2>
              <ol>
                {lessons.map((l) => (
                  <li key={l.key}>{l.words}</li>
                ))}
              </ol>
            </>
          )}
          <p className="mute">
            {fromTimetable && dates.data?.[0]
              ? `${dates.data[0].reason} `
              : "Usable minutes are the timetable's less walking, changing and shoes. "}
            Closures and other lessons of the class are passed over. The plan takes what your cupboard has and
            says what it puts in the place of what is missing.
          </p>
        </aside>
      </div>
      {more && (
        <Dialog
          open
          title="Preferences for this unit"
          width={720}
          onOk={() => setMore(false)}
          onCancel={() => setMore(false)}
          cancelButtonProps={{ style: { display: 'none' } }}
        >
          <WishesForm value={wishes} onChange={setWishes} />
        </Dialog>
      )}
    </div>
  )
}
