import { useQuery } from '@tanstack/react-query'
import { Button, Form, Input, Select } from 'antd'
import { useState } from 'react'
import { api, ifMatch, Problem, type Schemas, take, upload } from '../api/client'
import { reads } from '../api/reads'
import { sayDone } from '../changes/changed'
import { DateInput } from '../shared/DateInput'
import { dayWords, timeWords } from '../shared/dates'
import { FileButton } from '../shared/FileButton'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'
import { ClosedLessons } from './ClosedLessons'
import { Subscriptions } from './Subscriptions'
import styles from './setup.module.css'
import { useCalendar } from './useCalendar'

/** Terms, closures, and what others have booked. */
export function TermsSection() {
  const { calendar, changed } = useCalendar()
  const { error, attempt } = useAttempt()
  const [asked, setAsked] = useState<{ id: string; name: string; quiet?: boolean } | null>(null)
  if (!calendar) return null
  const remove = (work: () => Promise<Schemas['CalendarView']>) => attempt(async () => changed(await work()))
  const removeTerm = ({ id, name, first, last }: Schemas['TermView']) => {
    const params = { path: { id } }
    const body = { name, first, last }
    return remove(async () => {
      const now = await take(api.DELETE('/api/calendar/terms/{id}', { params }))
      sayDone({
        words: [`${name} is removed.`],
        undo: async () => changed(await take(api.PUT('/api/calendar/terms/{id}', { params, body }))),
      })
      return now
    })
  }
  const removeClosure = ({ id, name, first, last, from }: Schemas['ClosureView']) => {
    const params = { path: { id } }
    const body = { name, first, last, from }
    return remove(async () => {
      const now = await take(api.DELETE('/api/calendar/closures/{id}', { params }))
      sayDone({
        words: [`${name} is removed.`],
        undo: async () => changed(await take(api.PUT('/api/calendar/closures/{id}', { params, body }))),
      })
      return now
    })
  }
  return (
    <div className={styles.columns}>
      <div>
        {error !== null && <ProblemNote error={error} />}
        <h2>Terms</h2>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">First day</th>
              <th scope="col">Last day</th>
              <th scope="col">
                <span className="visually-hidden">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {calendar.terms.map((t) => (
              <TermRow key={`${t.id}${t.version}`} term={t} changed={changed} remove={() => removeTerm(t)} />
            ))}
          </tbody>
        </table>
        <Closures closures={calendar.closures} ask={setAsked} remove={removeClosure} />
        <Booked bookings={calendar.bookings} remove={remove} />
      </div>
      <div style={{ display: 'grid', gap: 14 }}>
        <NewTerm changed={changed} />
        <NewClosure changed={changed} added={(id, name) => setAsked({ id, name, quiet: true })} />
        <BookingsImport done={changed} />
        <Subscriptions done={changed} />
      </div>
      {asked && (
        <ClosedLessons key={asked.id} closure={asked} quiet={asked.quiet} close={() => setAsked(null)} />
      )}
    </div>
  )
}

interface ClosuresProps {
  closures: Schemas['ClosureView'][]
  /** asks what becomes of its lessons */
  ask: (closure: Schemas['ClosureView']) => void
  remove: (closure: Schemas['ClosureView']) => void
}

function Closures({ closures, ask, remove }: ClosuresProps) {
  return (
    <>
      <h2>Closures and short days</h2>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">Name</th>
            <th scope="col">Days</th>
            <th scope="col">Takes</th>
            <th scope="col">
              <span className="visually-hidden">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {closures.map((c) => (
            <tr key={c.id}>
              <td>{c.name}</td>
              <td>
                {dayWords(c.first)}
                {c.last !== c.first && ` to ${dayWords(c.last)}`}
                {c.from && `, from ${timeWords(c.from)} on`}
              </td>
              <td>
                {c.lessons === 0 ? (
                  'no lesson'
                ) : (
                  <Button size="small" type="link" onClick={() => ask(c)}>
                    {many(c.lessons, 'lesson')} of the timetable
                  </Button>
                )}
              </td>
              <td>
                <Button size="small" aria-label={`Remove ${c.name}`} onClick={() => remove(c)}>
                  Remove
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}

interface BookedProps {
  bookings: Schemas['CalendarView']['bookings']
  remove: (work: () => Promise<Schemas['CalendarView']>) => void
}

function Booked({ bookings, remove }: BookedProps) {
  return (
    <>
      <h2>Booked by others</h2>
      <table className={styles.table}>
        <thead>
          <tr>
            <th scope="col">From</th>
            <th scope="col">Place</th>
            <th scope="col">Times</th>
            <th scope="col">
              <span className="visually-hidden">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {bookings.map((b) => (
            <tr key={b.source + b.spaceId}>
              <td>{b.source}</td>
              <td>{b.space}</td>
              <td>
                {b.count}, the first on {dayWords(b.next.slice(0, 10))}
              </td>
              <td>
                <Button
                  size="small"
                  onClick={() =>
                    remove(() =>
                      take(
                        api.DELETE('/api/calendar/bookings', {
                          params: { query: { space: b.spaceId, source: b.source } },
                        }),
                      ),
                    )
                  }
                >
                  Remove
                </Button>
              </td>
            </tr>
          ))}
          {bookings.length === 0 && (
            <tr>
              <td colSpan={4} className="mute" style={{ textAlign: 'left' }}>
                Nothing. If others use the hall, import their calendar on the right.
              </td>
            </tr>
          )}
        </tbody>
      </table>
    </>
  )
}

interface Changes {
  changed: (now: Schemas['CalendarView']) => void
}

function TermRow({ term, changed, remove }: Changes & { term: Schemas['TermView']; remove: () => void }) {
  const [now, setNow] = useState(term)
  const { error, busy, attempt } = useAttempt()
  const dirty = now.name !== term.name || now.first !== term.first || now.last !== term.last
  const save = () =>
    attempt(async () =>
      changed(
        await take(
          api.PUT('/api/calendar/terms/{id}', {
            params: { path: { id: term.id }, header: ifMatch(term.version) },
            body: { name: now.name, first: now.first, last: now.last },
          }),
        ),
      ),
    )
  return (
    <>
      <tr>
        <td>
          <Input
            aria-label="Name of the term"
            value={now.name}
            onChange={(e) => setNow({ ...now, name: e.target.value })}
          />
        </td>
        <td>
          <DateInput
            aria-label={`First day of ${term.name}`}
            value={now.first}
            onChange={(first) => setNow({ ...now, first })}
          />
        </td>
        <td>
          <DateInput
            aria-label={`Last day of ${term.name}`}
            value={now.last}
            onChange={(last) => setNow({ ...now, last })}
          />
        </td>
        <td>
          {dirty ? (
            <Button size="small" type="primary" loading={busy} onClick={save}>
              Save
            </Button>
          ) : (
            <Button size="small" onClick={remove} aria-label={`Remove ${term.name}`}>
              Remove
            </Button>
          )}
        </td>
      </tr>
      {error !== null && (
        <tr>
          <td colSpan={4}>
            <ProblemNote error={error} />
          </td>
        </tr>
      )}
    </>
  )
}

interface TermFields {
  name: string
  first: string
  last: string
}

function NewTerm({ changed }: Changes) {
  const [form] = Form.useForm<TermFields>()
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm('term')
  const fields = kept.useFields<TermFields>({})
  const save = (f: TermFields) =>
    attempt(async () => {
      changed(await take(api.PUT('/api/calendar/terms/{id}', { params: { path: { id: uuid7() } }, body: f })))
      kept.forget()
      form.setFieldsValue({ name: undefined, first: undefined, last: undefined })
    })
  return (
    <Form
      form={form}
      name="new-term"
      className={styles.add}
      layout="vertical"
      requiredMark={false}
      onFinish={save}
      {...fields}
    >
      <h2>New term</h2>
      <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give it a name.' }]}>
        <Input maxLength={60} />
      </Form.Item>
      <Form.Item name="first" label="First day" rules={[{ required: true, message: 'Choose a day.' }]}>
        <DateInput />
      </Form.Item>
      <Form.Item name="last" label="Last day" rules={[{ required: true, message: 'Choose a day.' }]}>
        <DateInput />
      </Form.Item>
      {error !== null && <ProblemNote error={error} />}
      <Button htmlType="submit" loading={busy}>
        Add the term
      </Button>
    </Form>
  )
}

interface ClosureFields {
  name: string
  first: string
  last?: string
  from?: string
}

/** @param added asks about the lessons that it falls on */
function NewClosure({ changed, added }: Changes & { added: (id: string, name: string) => void }) {
  const [form] = Form.useForm<ClosureFields>()
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm('closure')
  const fields = kept.useFields<ClosureFields>({})
  const save = (f: ClosureFields) =>
    attempt(async () => {
      const id = uuid7()
      changed(
        await take(
          api.PUT('/api/calendar/closures/{id}', {
            params: { path: { id } },
            body: {
              name: f.name,
              first: f.first,
              last: f.last || f.first,
              from: f.from ? `${f.from}:00` : undefined,
            },
          }),
        ),
      )
      added(id, f.name)
      kept.forget()
      form.setFieldsValue({ name: undefined, first: undefined, last: undefined, from: undefined })
    })
  return (
    <Form
      form={form}
      name="new-closure"
      className={styles.add}
      layout="vertical"
      requiredMark={false}
      onFinish={save}
      {...fields}
    >
      <h2>New closure</h2>
      <Form.Item name="name" label="What" rules={[{ required: true, message: 'Say what it is.' }]}>
        <Input maxLength={60} placeholder="holiday, staff training …" />
      </Form.Item>
      <Form.Item name="first" label="From" rules={[{ required: true, message: 'Choose a day.' }]}>
        <DateInput />
      </Form.Item>
      <Form.Item name="last" label="To, empty for one day">
        <DateInput />
      </Form.Item>
      <Form.Item name="from" label="Only from this time on, empty for the whole day">
        <Input type="time" />
      </Form.Item>
      {error !== null && <ProblemNote error={error} />}
      <Button htmlType="submit" loading={busy}>
        Add the closure
      </Button>
    </Form>
  )
}

function BookingsImport({ done }: { done: (now: Schemas['CalendarView']) => void }) {
  const spaces = useQuery(reads.spaces)
  const [space, setSpace] = useState<string>()
  const [file, setFile] = useState<File | null>(null)
  const [read, setRead] = useState<Schemas['Read'] | null>(null)
  const { error, busy, attempt } = useAttempt()
  const send = (chosen: File, into: string, takeIt: boolean) =>
    upload<Schemas['Read']>(`/api/calendar/bookings?space=${into}&take=${takeIt}`, [chosen])
  const choose = (chosen: File) => {
    if (!space) return
    setFile(chosen)
    setRead(null)
    attempt(async () => setRead(await send(chosen, space, false)))
  }
  const takeIt = () =>
    attempt(async () => {
      if (!file || !space) return
      await send(file, space, true)
      setRead(null)
      setFile(null)
      done(await take(api.GET('/api/calendar')))
    })
  return (
    <section className={styles.add}>
      <h2>Other people's bookings</h2>
      <p className="mute">A calendar file (ICS) of whoever else uses a place.</p>
      <Select
        aria-label="Of which place"
        placeholder="Of which place?"
        value={space}
        onChange={setSpace}
        style={{ width: '100%', marginBottom: 8 }}
        options={spaces.data?.map((s) => ({ value: s.id, label: s.name }))}
      />
      <FileButton
        label="Calendar file"
        accept=".ics,text/calendar"
        busy={busy}
        disabled={!space}
        chosen={choose}
      >
        Choose a file
      </FileButton>
      {error !== null && <ProblemNote error={error} />}
      {read && read.findings.length > 0 && (
        <ProblemNote error={new Problem(400, 'Please fix these first', '', read.findings)} />
      )}
      {read && read.findings.length === 0 && (
        <>
          <p>
            {file?.name}: {read.events.length} times
            {read.outside > 0 && `, ${read.outside} events outside the terms left out`}.
          </p>
          <Button type="primary" onClick={takeIt} disabled={read.events.length === 0}>
            Take them
          </Button>
        </>
      )}
    </section>
  )
}
