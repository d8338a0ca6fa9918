import { useQuery } from '@tanstack/react-query'
import { Input, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, Problem, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { timeWords, weekdayOptions } from '../shared/dates'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'

const dayName = (day: string) => weekdayOptions.find((d) => d.value === day)?.label ?? day

/** The week as it stands in a spreadsheet, looked at before it is taken. */
export function PasteTimetable({ close, taken }: { close: () => void; taken: () => void }) {
  const spaces = useQuery(reads.spaces)
  const { useKept, forget } = useKeptForm('paste-timetable')
  const [text, setText] = useKept('text', '')
  const [minutes, setMinutes] = useState<number | null>(45)
  const [space, setSpace] = useState<string>()
  const [read, setRead] = useState<Schemas['PastedTimetable'] | null>(null)
  const { error, busy, attempt } = useAttempt()
  const where = space ?? spaces.data?.[0]?.id
  const send = (takeIt: boolean) =>
    take(
      api.POST('/api/calendar/slots/paste', {
        body: { text, minutes: minutes ?? 45, spaceId: where ?? '', take: takeIt },
      }),
    )
  const look = () => attempt(async () => setRead(await send(false)))
  const ready = read !== null && read.findings.length === 0
  const change =
    <T,>(set: (v: T) => void) =>
    (v: T) => {
      setRead(null)
      set(v)
    }
  return (
    <Dialog
      open
      width={680}
      title="Paste the timetable"
      onCancel={close}
      okText={ready ? `Import ${many(read.lessons.length, 'lesson')}` : 'Look at it'}
      okButtonProps={{ disabled: text.trim() === '' || !where, loading: busy }}
      onOk={() =>
        ready
          ? attempt(async () => {
              await send(true)
              forget()
              taken()
            })
          : look()
      }
    >
      <p className="mute">
        From a spreadsheet: days across, times down, a class in each cell; or a line for each lesson: class,
        day, time, minutes, place. “(A)” or “(B)” after a class means every other week.
      </p>
      <Input.TextArea
        aria-label="Timetable"
        rows={9}
        value={text}
        onChange={(e) => change(setText)(e.target.value)}
        placeholder={'\tMon\tTue\tWed\n9:10-9:40\tTerns\t\tAuks'}
      />
      <p>
        Where only a start is said, a lesson has{' '}
        <InputNumber
          aria-label="Minutes of a lesson"
          min={10}
          max={120}
          value={minutes}
          onChange={change(setMinutes)}
        />{' '}
        minutes; where no place is said it is in{' '}
        <Select
          aria-label="Place"
          value={where}
          onChange={change(setSpace)}
          options={spaces.data?.map((s) => ({ value: s.id, label: s.name }))}
          style={{ minWidth: 140 }}
        />
      </p>
      {error !== null && <ProblemNote error={error} />}
      {read && read.findings.length > 0 && (
        <ProblemNote error={new Problem(400, 'Please fix these first', '', read.findings)} />
      )}
      {ready && (
        <ul style={{ maxHeight: 220, overflow: 'auto' }}>
          {read.lessons.map((l) => (
            <li key={`${l.line}${l.className}${l.day}`}>
              {dayName(l.day)} {timeWords(l.starts)}, {l.minutes} min: <b>{l.className}</b>, {l.space}
              {l.weeks !== 'EVERY' && `, ${l.weeks} weeks`}
            </li>
          ))}
          {read.lessons.length === 0 && <li>All of it is in the timetable already.</li>}
        </ul>
      )}
    </Dialog>
  )
}
