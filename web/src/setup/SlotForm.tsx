import { useQuery } from '@tanstack/react-query'
import { Button, Form, Input, InputNumber, Select } from 'antd'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { timeWords, type Weekday, weekdayOptions } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'

interface Fields {
  classId: string
  day: Weekday
  /** further days of a new lesson */
  also?: Weekday[]
  weeks: 'EVERY' | 'A' | 'B'
  starts: string
  minutes: number
  spaceId: string
}

interface SlotFormProps {
  /** the lesson that is changed; a new one without it */
  slot?: Schemas['SlotView']
  /** where a new one was drawn */
  drawn?: { day: Weekday; starts: string; minutes: number }
  saved: (calendar: Schemas['CalendarView']) => void
  /** @default 'Save' */
  okText?: string
}

/** One lesson of the timetable: who, when, where, how long. */
export function SlotForm(props: SlotFormProps) {
  const classes = useQuery(reads.classes)
  const spaces = useQuery(reads.spaces)
  if (!classes.data || !spaces.data) return null
  return <SlotFields {...props} classes={classes.data} spaces={spaces.data} />
}

interface SlotFieldsProps extends SlotFormProps {
  classes: Schemas['ClassLine'][]
  spaces: Schemas['SpaceView'][]
}

function SlotFields({ slot, drawn, saved, okText = 'Save', classes, spaces }: SlotFieldsProps) {
  const { error, busy, attempt } = useAttempt()
  const initial: Partial<Fields> = slot
    ? {
        classId: slot.classId,
        day: slot.day,
        weeks: slot.weeks,
        starts: timeWords(slot.starts),
        minutes: slot.minutes,
        spaceId: slot.spaceId,
      }
    : {
        classId: classes.length === 1 ? classes[0].id : undefined,
        day: 'MONDAY',
        weeks: 'EVERY',
        starts: '09:00',
        minutes: 45,
        spaceId: spaces[0]?.id,
        also: [],
        ...drawn,
      }
  const kept = useKeptForm(slot ? `slot-${slot.id}` : drawn ? 'slot-drawn' : 'slot')
  const keeping = kept.useFields<Fields>(initial)
  // What was drawn goes before what was typed for another place of the week.
  const fields = drawn ? { initialValues: initial } : keeping
  const save = (f: Fields) =>
    attempt(async () => {
      const header = slot ? ifMatch(slot.version) : {}
      const { also = [], ...one } = f
      let now: Schemas['CalendarView'] | undefined
      for (const day of [f.day, ...also.filter((d) => d !== f.day)])
        now = await take(
          api.PUT('/api/calendar/slots/{id}', {
            params: { path: { id: slot?.id ?? uuid7() }, header },
            body: { ...one, day, starts: `${f.starts}:00` },
          }),
        )
      kept.forget()
      if (now) saved(now)
    })
  return (
    <Form layout="vertical" requiredMark={false} onFinish={save} {...fields}>
      <Form.Item name="classId" label="Class" rules={[{ required: true, message: 'Which class?' }]}>
        <Select
          showSearch={{ optionFilterProp: 'label' }}
          autoFocus
          options={classes.map((c) => ({ value: c.id, label: `${c.name}, ${c.year}` }))}
        />
      </Form.Item>
      <Form.Item name="day" label="Day">
        <Select options={weekdayOptions} />
      </Form.Item>
      {!slot && (
        <Form.Item name="also" label="Also on">
          <Select mode="multiple" options={weekdayOptions} placeholder="no other day" />
        </Form.Item>
      )}
      <Form.Item name="weeks" label="In">
        <Select
          options={[
            { value: 'EVERY', label: 'every week' },
            { value: 'A', label: 'A weeks: the first of a term, and every other' },
            { value: 'B', label: 'B weeks' },
          ]}
        />
      </Form.Item>
      <Form.Item name="starts" label="Starts at" rules={[{ required: true, message: 'When?' }]}>
        <Input type="time" />
      </Form.Item>
      <Form.Item
        name="minutes"
        label="Minutes in the timetable"
        rules={[{ required: true, message: 'How long?' }]}
      >
        <InputNumber min={10} max={120} />
      </Form.Item>
      <Form.Item name="spaceId" label="Where" rules={[{ required: true, message: 'Where?' }]}>
        <Select options={spaces.map((s) => ({ value: s.id, label: s.name }))} />
      </Form.Item>
      {error !== null && <ProblemNote error={error} />}
      <Button type="primary" htmlType="submit" loading={busy}>
        {okText}
      </Button>
    </Form>
  )
}
