import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { useEffect, useState } from 'react'
import { useParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { timeWords } from '../shared/dates'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './CoverPage.module.css'

type Cover = Schemas['CoverView']

/** A lesson for whoever covers it: large sentences, who is here, a clock; no account and no marks. */
export default function CoverPage() {
  const { code = '' } = useParams()
  const cover = useQuery({
    queryKey: ['cover', code],
    queryFn: () => take(api.GET('/api/cover/{secret}', { params: { path: { secret: code } } })),
    // In a hall with no network what was read stays on the screen.
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  })
  if (cover.error)
    return (
      <main className={styles.page}>
        <ProblemNote error={cover.error} retry={() => cover.refetch()} />
      </main>
    )
  if (!cover.data) return <p className={styles.page}>Opening …</p>
  return <CoveredLesson c={cover.data} code={code} />
}

function CoveredLesson({ c, code }: { c: Cover; code: string }) {
  // 0 is what comes before the first stretch.
  const [at, setAt] = useState(0)
  const step = c.steps[at - 1]
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <Heading>
          {c.className} <span className="mute">{c.year}</span>
        </Heading>
        <span className="mute">
          {c.starts && `${timeWords(c.starts)} · `}
          {c.minutes} min · {c.space}
        </span>
        <a href={`/api/cover/${code}/paper`} target="_blank" rel="noreferrer">
          On paper
        </a>
      </header>
      {step ? <Stretch key={at} step={step} number={at} of={c.steps.length} /> : <Before c={c} code={code} />}
      <nav className={styles.nav} aria-label="Parts of the lesson">
        <Button size="large" disabled={at === 0} onClick={() => setAt(at - 1)}>
          Back
        </Button>
        <Button size="large" type="primary" disabled={at === c.steps.length} onClick={() => setAt(at + 1)}>
          {at === 0 ? 'Begin' : at === c.steps.length ? 'That was all. Thank you!' : 'Next'}
        </Button>
      </nav>
    </main>
  )
}

function Before({ c, code }: { c: Cover; code: string }) {
  const queries = useQueryClient()
  const [away, setAway] = useState(() => c.children.filter((x) => x.away).map((x) => x.id))
  const [kept, setKept] = useState(true)
  const press = async (id: string) => {
    const now = away.includes(id) ? away.filter((x) => x !== id) : [...away, id]
    setAway(now)
    try {
      const params = { path: { secret: code } }
      const told = await take(api.POST('/api/cover/{secret}/away', { params, body: { away: now } }))
      queries.setQueryData(['cover', code], told)
      setKept(true)
    } catch {
      // With no network it stays on the screen, and the office is told.
      setKept(false)
    }
  }
  return (
    <section aria-label="Before they come">
      <h2>Fetch</h2>
      <ul>
        {c.fetch.map((f) => (
          <li key={f}>{f}</li>
        ))}
      </ul>
      <h2>Mind</h2>
      <ul>
        {c.cautions.map((x) => (
          <li key={x}>{x}</li>
        ))}
      </ul>
      <p>
        <b>Stop signal</b> {c.stopSignal}
      </p>
      {c.sitOut.length > 0 && <p>Sits out: {c.sitOut.join(', ')}</p>}
      {c.leftHanded.length > 0 && <p>Left-handed: {c.leftHanded.join(', ')}</p>}
      {c.helpers.length > 0 && <p>Helps with the kit: {c.helpers.join(', ')}</p>}
      <h2>Who is here: {c.children.length - away.length}</h2>
      <p className="mute" role="status">
        {kept
          ? 'Press who is away. The school’s own register comes first.'
          : 'Not stored, there is no network: tell the office who is away.'}
      </p>
      <div className={styles.names}>
        {c.children.map(({ id, name }) => (
          <button key={id} type="button" aria-pressed={away.includes(id)} onClick={() => press(id)}>
            {name}
          </button>
        ))}
      </div>
    </section>
  )
}

function Stretch({ step, number, of }: { step: Cover['steps'][number]; number: number; of: number }) {
  return (
    <section aria-label={step.name}>
      <h2>
        {number} of {of}: {step.name}
      </h2>
      <Clock minutes={step.minutes} />
      <p className="mute">{step.groups}</p>
      {step.say.length > 0 && <p className={styles.say}>Say {step.say.map((s) => `“${s}”`).join(', ')}</p>}
      <p className={styles.big}>{step.what}</p>
      <p className={styles.stop}>
        <b>Stop</b> {step.stop}
      </p>
      {step.floor && (
        <img
          className={styles.floor}
          alt={`The floor of ${step.name}`}
          src={`data:image/svg+xml,${encodeURIComponent(step.floor)}`}
        />
      )}
    </section>
  )
}

/** Minutes and seconds that are left of a stretch, from the moment it is opened. */
function Clock({ minutes }: { minutes: number }) {
  const [ends] = useState(() => Date.now() + minutes * 60_000)
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(tick)
  }, [])
  const left = Math.max(0, Math.ceil((ends - now) / 1000))
  return (
    <p className={styles.clock} role="timer">
      {Math.floor(left / 60)}:{String(left % 60).padStart(2, '0')}
    </p>
  )
}
