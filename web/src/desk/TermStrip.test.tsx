import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { answering } from '../api/testing'
import { ChangeNote } from '../changes/ChangeNote'
import { putAway } from '../changes/changed'
import { TermStrip } from './TermStrip'

const bead = (
  lesson: string,
  onDate: string,
  more: Partial<Schemas['BeadView']> = {},
): Schemas['BeadView'] => ({
  lesson,
  unit: 'u',
  title: 'Roll it',
  number: 1,
  onDate,
  starts: '09:10:00',
  minutes: 30,
  space: 'Hall',
  bead: 'FITS',
  ...more,
})

const line = (name: string, beads: Schemas['BeadView'][], step?: Schemas['Step']): Schemas['ClassBeads'] => ({
  schoolClass: { id: name, name, yearAge: 7, year: 'Year 3', children: 20, leftHanded: 2 },
  beads,
  open: [{ day: '2026-09-16', starts: '09:10:00' }],
  days: [],
  step,
})

// 7 September 2026 is a Monday.
const strip: Schemas['StripView'] = {
  from: '2026-09-07',
  term: 'Herring term',
  today: '2026-09-09',
  weeks: [
    { from: '2026-09-07', label: 'A' },
    { from: '2026-09-14', label: 'B' },
  ],
  closed: [{ name: 'Regatta', first: '2026-09-17', last: '2026-09-18' }],
  classes: [
    line(
      'Terns',
      [
        bead('t1', '2026-09-08', { bead: 'TAUGHT' }),
        bead('t2', '2026-09-11', { number: 2 }),
        bead('t3', '2026-09-17', { number: 3, clash: 'Regatta' }),
      ],
      { ahead: 1, words: '1 lesson ahead of Auks' },
    ),
    line('Auks', [
      bead('a1', '2026-09-10', { bead: 'STRAINED' }),
      bead('a2', '2026-09-15', { bead: 'LOST' }),
    ]),
  ],
}

const change: Schemas['LessonChangeView'] = {
  id: 'c1',
  lesson: 't2',
  unit: 'u',
  kind: 'MOVED',
  why: '',
  words: ['Lesson 2 moves from Fri 11 Sep to Mon 14 Sep.'],
  at: '2026-09-09T10:00:00Z',
  undone: false,
  canUndo: true,
}

interface Sent {
  path: string
  params: { path: Record<string, string> }
  body: unknown
}

let sent: Sent[]
let shown: Schemas['StripView']
let answers: { status: number; body: unknown }[]

beforeEach(() => {
  sent = []
  shown = strip
  answers = []
  answering('GET').mockImplementation(async (path: string) => ({
    data: path === '/api/term' ? shown : [],
    response: { ok: true },
  }))
  answering('POST').mockImplementation(async (path: string, init: Omit<Sent, 'path'>) => {
    sent.push({ path, params: init.params, body: init.body })
    const { status, body } = answers.shift() ?? { status: 200, body: change }
    return status < 400
      ? { data: body, response: { ok: true } }
      : { error: body, response: { ok: false, status } }
  })
})

afterEach(() => {
  putAway()
})

async function show(role: Schemas['SessionView']['role'] = 'LEAD', at = '/today') {
  const queries = new QueryClient()
  queries.setQueryData(['session'], { person: 'p', school: 's', name: 'Robin', role })
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={[at]}>
        <TermStrip />
        <ChangeNote />
      </MemoryRouter>
    </QueryClientProvider>,
  )
  await screen.findByRole('link', { name: /Terns, Fri 11 Sep/ })
}

const bead2 = () => screen.getByRole('link', { name: /^Terns, Fri 11 Sep/ })

test('a bead says class, day, time, number, how it stands and what is in its way', async () => {
  await show()
  expect(bead2()).toHaveAccessibleName('Terns, Fri 11 Sep 09:10, lesson 2, planned, fits')
  expect(
    screen.getByRole('link', { name: 'Terns, Thu 17 Sep 09:10, lesson 3, planned, fits, but Regatta' }),
  ).toBeInTheDocument()
  expect(screen.getByRole('link', { name: /Auks, Tue 15 Sep/ })).toHaveAccessibleName(/lost$/)
})

test('a class out of step says so beside its name', async () => {
  await show()
  expect(screen.getByRole('link', { name: /Terns, 1 lesson ahead of Auks/ })).toHaveTextContent('+1')
})

test('arrows walk from bead to bead and to the nearest one in the next line', async () => {
  await show()
  bead2().focus()
  fireEvent.keyDown(bead2(), { key: 'ArrowRight' })
  expect(screen.getByRole('link', { name: /Thu 17 Sep/ })).toHaveFocus()
  fireEvent.keyDown(document.activeElement as Element, { key: 'ArrowLeft' })
  expect(bead2()).toHaveFocus()
  fireEvent.keyDown(bead2(), { key: 'ArrowDown' })
  expect(document.activeElement).toHaveAccessibleName(/^Auks/)
})

test('Alt and an arrow lift a lesson over the weekend, Enter lets it down, and the words come with an undo', async () => {
  await show()
  fireEvent.keyDown(bead2(), { key: 'ArrowRight', altKey: true })
  expect(bead2()).toHaveAccessibleName(/moving to Mon 14 Sep$/)
  fireEvent.keyDown(bead2(), { key: 'Enter' })
  await screen.findByText('Lesson 2 moves from Fri 11 Sep to Mon 14 Sep.')
  expect(sent[0]).toEqual({
    path: '/api/lessons/{id}/changes',
    params: { path: { id: 't2' } },
    body: { kind: 'MOVED', why: '', onDate: '2026-09-14', anyway: false },
  })
  answers.push({ status: 200, body: { ...change, undone: true } })
  fireEvent.click(screen.getByRole('button', { name: 'Undo' }))
  await screen.findByText('Taken back: everything is as it was.')
  expect(sent[1]).toMatchObject({ path: '/api/changes/{id}/undo', params: { path: { id: 'c1' } } })
})

test('Escape leaves a lifted lesson where it was', async () => {
  await show()
  fireEvent.keyDown(bead2(), { key: 'ArrowLeft', altKey: true })
  expect(bead2()).toHaveAccessibleName(/moving to Thu 10 Sep$/)
  fireEvent.keyDown(bead2(), { key: 'Escape' })
  expect(bead2()).toHaveAccessibleName(/fits$/)
  expect(sent).toHaveLength(0)
})

test('what the server asks is asked, and done only after a yes', async () => {
  const asked = {
    title: 'Please check what is marked',
    status: 400,
    findings: [
      {
        rule: 'closed-day',
        where: 'onDate',
        message: 'Mon 14 Sep is no school day: Regatta. Move it there all the same?',
      },
    ],
  }
  answers.push({ status: 400, body: asked })
  await show()
  fireEvent.keyDown(bead2(), { key: 'ArrowRight', altKey: true })
  fireEvent.keyDown(bead2(), { key: 'Enter' })
  fireEvent.click(await screen.findByRole('button', { name: 'Yes, all the same' }))
  await waitFor(() => expect(sent).toHaveLength(2))
  expect(sent[1].body).toMatchObject({ anyway: true })
})

test('what was taught is not lifted', async () => {
  await show()
  const taught = screen.getByRole('link', { name: /taught$/ })
  fireEvent.keyDown(taught, { key: 'ArrowRight', altKey: true })
  expect(taught).toHaveAccessibleName(/taught$/)
})

test('who only looks lifts nothing', async () => {
  await show('VIEWER')
  fireEvent.keyDown(bead2(), { key: 'ArrowRight', altKey: true })
  expect(bead2()).toHaveAccessibleName(/fits$/)
})

test('a lesson of the timetable that nothing is planned for is a place to plan from', async () => {
  await show()
  expect(screen.getAllByTitle('Terns, Wed 16 Sep 09:10: nothing planned yet')).toHaveLength(1)
})

test('a lifted lesson goes to the next day that the timetable knows', async () => {
  shown = {
    ...strip,
    // On the seventeenth the class has another lesson already.
    classes: [{ ...strip.classes[0], days: ['2026-09-10', '2026-09-15', '2026-09-17'] }],
  }
  await show()
  fireEvent.keyDown(bead2(), { key: 'ArrowRight', altKey: true })
  expect(bead2()).toHaveAccessibleName(/moving to Tue 15 Sep$/)
  fireEvent.keyDown(bead2(), { key: 'ArrowRight', altKey: true })
  expect(bead2()).toHaveAccessibleName(/moving to Tue 15 Sep$/)
})

const large: Schemas['StripView'] = {
  ...strip,
  classes: [
    strip.classes[0],
    ...Array.from({ length: 12 }, (_, i) => ({
      ...line(`Class ${i}`, [
        bead(`l${i}`, i === 7 ? '2026-09-09' : i === 3 ? '2026-09-10' : '2026-09-19', { unit: `u${i}` }),
      ]),
      open: [],
    })),
  ],
}
const names = () =>
  screen
    .getAllByRole('link')
    .filter((l) => l.getAttribute('href')?.startsWith('/classes/'))
    .map((l) => l.textContent)

test('of many classes those that are taught next are there, and all others behind a press', async () => {
  shown = large
  await show()
  expect(names()).toEqual(['Class 7', 'Class 3', '+1Terns, 1 lesson ahead of Auks', 'Class 0'])
  fireEvent.click(screen.getByRole('button', { name: 'All 13 classes' }))
  expect(names()).toHaveLength(13)
  fireEvent.click(screen.getByRole('button', { name: 'Fewer classes' }))
  expect(names()).toHaveLength(4)
})

test("a page's own class comes first", async () => {
  shown = large
  await show('LEAD', '/units/u11')
  expect(names()[0]).toBe('Class 11')
})

test('where the strip is only where one is in the term it is one line high', async () => {
  shown = large
  const queries = new QueryClient()
  queries.setQueryData(['session'], { person: 'p', school: 's', name: 'Robin', role: 'LEAD' })
  render(
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={['/cupboard']}>
        <TermStrip />
      </MemoryRouter>
    </QueryClientProvider>,
  )
  fireEvent.click(await screen.findByRole('button', { name: 'All 13 classes' }))
  expect(names()).toHaveLength(13)
  fireEvent.click(screen.getByRole('button', { name: 'Fewer classes' }))
  expect(screen.queryAllByRole('link')).toHaveLength(0)
})
