import { useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, take } from '../api/client'
import { changed } from '../api/reads'
import { SlotForm } from '../setup/SlotForm'
import { DateInput } from '../shared/DateInput'
import { addDays, todayHere } from '../shared/dates'
import { Heading } from '../shared/Heading'
import { toCm, useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'
import { CupboardStep } from './CupboardStep'
import styles from './FirstStepsPage.module.css'
import { type StepKey, useFirstSteps } from './useFirstSteps'

/** Steps two to six. Each saves what it has; whoever leaves comes back to the first that is not done. */
export default function FirstStepsPage() {
  const { ready, steps, next, children } = useFirstSteps()
  const queries = useQueryClient()
  const refresh = () => {
    for (const what of ['spaces', 'classes', 'cupboard'] as const) changed(queries, what)
  }
  if (!ready) return <p className={page.page}>Opening …</p>
  return (
    <div className={page.page}>
      <ol className={styles.trail} aria-label="Steps">
        {steps.map((s, i) => (
          <li
            key={s.key}
            className={s.done ? styles.done : s === next ? styles.here : ''}
            aria-current={s === next ? 'step' : undefined}
          >
            {i + 1} {s.title}
          </li>
        ))}
      </ol>
      {next ? (
        <section className={`${styles.step} ${next.key === 'cupboard' ? styles.wide : ''}`} key={next.key}>
          <Heading>{next.title}</Heading>
          <StepForm step={next.key} pupils={children} done={refresh} />
          <p className="mute">
            You can leave now and go on later: <Link to="/today">to Today</Link>.
          </p>
        </section>
      ) : (
        <section className={styles.step}>
          <Heading>Ready</Heading>
          <p>The first class has its children and its timetable. Now plan what it will learn.</p>
          <Link to="/units/new">
            <Button type="primary" tabIndex={-1} autoFocus>
              Plan the first unit
            </Button>
          </Link>{' '}
          <Link to="/set-up/timetable">
            <Button tabIndex={-1}>More of the timetable</Button>
          </Link>{' '}
          <Link to="/today">
            <Button tabIndex={-1}>To Today</Button>
          </Link>
        </section>
      )}
    </div>
  )
}

interface StepProps {
  done: () => void
}

function StepForm({ step, pupils, done }: StepProps & { step: StepKey; pupils: number }) {
  if (step === 'term') return <TermStep done={done} />
  if (step === 'place') return <PlaceStep done={done} />
  if (step === 'class') return <ClassStep done={done} />
  if (step === 'cupboard') return <CupboardStep pupils={pupils} done={done} />
  return <SlotForm saved={done} okText="Save and finish" />
}

interface TermFields {
  name: string
  first: string
  last: string
}

function TermStep({ done }: StepProps) {
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm('first-term')
  const fields = kept.useFields<TermFields>({
    name: 'This term',
    first: todayHere(),
    last: addDays(todayHere(), 84),
  })
  const save = (f: TermFields) =>
    attempt(async () => {
      await take(api.PUT('/api/calendar/terms/{id}', { params: { path: { id: uuid7() } }, body: f }))
      kept.forget()
      done()
    })
  return (
    <Form layout="vertical" onFinish={save} requiredMark={false} {...fields}>
      <p className="mute">Closures, holidays and further terms come later, in Set-up.</p>
      <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give it a name.' }]}>
        <Input autoFocus maxLength={60} />
      </Form.Item>
      <Form.Item name="first" label="First day">
        <DateInput />
      </Form.Item>
      <Form.Item name="last" label="Last day">
        <DateInput />
      </Form.Item>
      {error !== null && <ProblemNote error={error} />}
      <Button type="primary" htmlType="submit" loading={busy}>
        Save and go on
      </Button>
    </Form>
  )
}

interface PlaceFields {
  name: string
  length: number
  width: number
  ceiling?: number
  floor: 'WOOD' | 'CARPET' | 'TARMAC' | 'GRASS'
}

function PlaceStep({ done }: StepProps) {
  const { unit, sign } = useMeasures()
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm('first-place')
  const fields = kept.useFields<PlaceFields>({ name: 'Hall', floor: 'WOOD' })
  const save = (f: PlaceFields) =>
    attempt(async () => {
      const [long, wide] = f.length >= f.width ? [f.length, f.width] : [f.width, f.length]
      await take(
        api.PUT('/api/spaces/{id}', {
          params: { path: { id: uuid7() } },
          body: {
            name: f.name,
            lengthCm: toCm(long, unit),
            widthCm: toCm(wide, unit),
            ceilingCm: f.ceiling == null ? undefined : toCm(f.ceiling, unit),
            floor: f.floor,
            wallSpots: 0,
          },
        }),
      )
      kept.forget()
      done()
    })
  const length = (name: 'length' | 'width' | 'ceiling', label: string, required: boolean) => (
    <Form.Item name={name} label={label} rules={[{ required, message: `Measure it, in ${sign}.` }]}>
      <InputNumber min={0} suffix={sign} />
    </Form.Item>
  )
  return (
    <Form layout="vertical" onFinish={save} requiredMark={false} {...fields}>
      <p className="mute">Pace it out if there is no tape. Walls, doors and lines come later.</p>
      <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give it a name.' }]}>
        <Input autoFocus maxLength={60} />
      </Form.Item>
      {length('length', 'Length', true)}
      {length('width', 'Width', true)}
      {length('ceiling', 'Ceiling, empty outdoors', false)}
      <Form.Item name="floor" label="Floor">
        <Select
          options={['WOOD', 'CARPET', 'TARMAC', 'GRASS'].map((value) => ({
            value,
            label: value.toLowerCase(),
          }))}
        />
      </Form.Item>
      {error !== null && <ProblemNote error={error} />}
      <Button type="primary" htmlType="submit" loading={busy}>
        Save and go on
      </Button>
    </Form>
  )
}

interface ClassFields {
  name: string
  yearAge: number
  names: string
}

function ClassStep({ done }: StepProps) {
  const { school } = useMeasures()
  const { error, busy, attempt } = useAttempt()
  // The class is made once, also if its names need a second try.
  const [id] = useState(() => uuid7())
  const [made, setMade] = useState(false)
  const kept = useKeptForm('first-class')
  const fields = kept.useFields<ClassFields>({ yearAge: 7 })
  const save = (f: ClassFields) =>
    attempt(async () => {
      if (!made) {
        await take(
          api.PUT('/api/classes/{id}', {
            params: { path: { id } },
            body: { name: f.name, yearAge: f.yearAge },
          }),
        )
        setMade(true)
      }
      await take(
        api.POST('/api/classes/{id}/children', {
          params: { path: { id } },
          body: { names: f.names.split(/\r?\n|,/).filter((n) => n.trim()) },
        }),
      )
      kept.forget()
      done()
    })
  return (
    <Form layout="vertical" onFinish={save} requiredMark={false} {...fields}>
      <Form.Item
        name="name"
        label="Name of the class"
        rules={[{ required: true, message: 'Give it a name.' }]}
      >
        <Input autoFocus maxLength={60} disabled={made} />
      </Form.Item>
      <Form.Item name="yearAge" label="Year">
        <Select
          disabled={made}
          options={school?.years.map((y) => ({
            value: y.age,
            label: `${y.label} (age ${y.age} to ${y.age + 1})`,
          }))}
        />
      </Form.Item>
      <Form.Item
        name="names"
        label="Children, one a line: given name, then family name"
        rules={[{ required: true, message: 'Type or paste the names.' }]}
      >
        <Input.TextArea rows={8} />
      </Form.Item>
      <p className="mute">
        Or leave here and import a roster under <Link to="/classes">Classes</Link>.
      </p>
      {error !== null && <ProblemNote error={error} />}
      <Button type="primary" htmlType="submit" loading={busy}>
        Save and go on
      </Button>
    </Form>
  )
}
