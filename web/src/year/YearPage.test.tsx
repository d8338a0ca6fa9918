import { QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { afterEach, beforeEach, expect, it } from 'vitest'
import { answering, ok, signedIn } from '../api/testing'
import { ChangeNote } from '../changes/ChangeNote'
import { putAway } from '../changes/changed'
import YearPage from './YearPage'

const AUTUMN = '2026-09-07'
const ADVENT = '2026-10-31'
const cell = (from: string, skills: [string, string][], units: object[] = []) => ({
  from,
  lessons: 7,
  skills: skills.map(([key, name]) => ({ key, name })),
  units,
})
const year = {
  halves: [
    { name: 'Herring, 1 of 2', from: AUTUMN, to: '2026-10-25', weeks: 7, over: false },
    { name: 'Herring, 2 of 2', from: ADVENT, to: '2026-12-18', weeks: 7, over: false },
  ],
  classes: [
    {
      id: 'terns',
      name: 'Terns',
      year: 'Year 3',
      cells: [
        cell(AUTUMN, [['roll', 'Underarm roll']], [{ id: 'u1', title: 'Rolls', skills: ['Underarm roll'] }]),
        cell(ADVENT, [['hop', 'Hop']]),
      ],
      lacks: [{ code: 'A2', text: 'Catches a ball.', skills: ['Two-hand catch'] }],
    },
    {
      id: 'auks',
      name: 'Auks',
      year: 'Year 3',
      cells: [cell(AUTUMN, []), cell(ADVENT, [])],
      lacks: [],
    },
  ],
  shared: [{ from: ADVENT, skill: 'Hop', classes: ['Terns', 'Auks'], places: ['Hall'] }],
}
const proposed = [
  {
    classId: 'auks',
    className: 'Auks',
    from: AUTUMN,
    skills: [{ key: 'roll', name: 'Underarm roll' }],
    why: 'Brings in A1.',
  },
]

let sent: [string, string, string[]][]

beforeEach(() => {
  sent = []
  answering('GET').mockImplementation((path: string) => ok(path.endsWith('proposal') ? proposed : year))
  answering('PUT').mockImplementation(
    (_: string, asked: { params: { path: { id: string; day: string } }; body: { skills: string[] } }) => {
      sent.push([asked.params.path.id, asked.params.path.day, asked.body.skills])
      return ok(year)
    },
  )
  render(
    <QueryClientProvider client={signedIn()}>
      <MemoryRouter>
        <ChangeNote />
        <YearPage />
      </MemoryRouter>
    </QueryClientProvider>,
  )
})
afterEach(() => putAway())

/** jsdom lays nothing out, so it is told what lies under the pointer. */
function drag(from: Element, to: Element) {
  document.elementsFromPoint = () => [to]
  fireEvent.pointerDown(from, { button: 0, pointerId: 1, clientX: 0, clientY: 0 })
  fireEvent.pointerMove(from, { pointerId: 1, clientX: 90, clientY: 20 })
  fireEvent.pointerUp(from, { pointerId: 1, clientX: 90, clientY: 20 })
}

it('shows units, what is to be planned, what is lacking and what one lay-out serves', async () => {
  expect(await screen.findByRole('link', { name: 'Rolls' })).toHaveAttribute('href', '/units/u1')
  expect(screen.getByText('A2')).toBeInTheDocument()
  expect(screen.getByText(/Hop for Terns, Auks \(Hall\)/)).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'plan' })).toHaveAttribute(
    'href',
    `/units/new?class=terns&from=${ADVENT}&skill=hop&lessons=7`,
  )
})

it('moves a skill within its class, copies it to another one, and takes both back', async () => {
  const hop = await screen.findByText('Hop')
  const autumn = screen
    .getByRole('button', { name: 'Skills of Terns from Mon 7 Sep' })
    .closest('td') as Element
  drag(hop, autumn)
  await waitFor(() => expect(sent).toHaveLength(2))
  expect(sent).toEqual([
    ['terns', AUTUMN, ['roll', 'hop']],
    ['terns', ADVENT, []],
  ])
  fireEvent.click(await screen.findByRole('button', { name: 'Undo' }))
  await waitFor(() => expect(sent).toHaveLength(4))
  expect(sent.slice(2)).toEqual([
    ['terns', ADVENT, ['hop']],
    ['terns', AUTUMN, ['roll']],
  ])
  drag(
    screen.getByText('Hop'),
    screen.getByRole('button', { name: 'Skills of Auks from Sat 31 Oct' }).closest('td') as Element,
  )
  await waitFor(() => expect(sent).toHaveLength(5))
  expect(sent[4]).toEqual(['auks', ADVENT, ['hop']])
})

it('proposes what is empty, and writes it down only when it is taken', async () => {
  fireEvent.click(await screen.findByRole('button', { name: 'Propose the empty ones' }))
  expect(await screen.findByText('Brings in A1.')).toBeInTheDocument()
  expect(sent).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Take it' }))
  await waitFor(() => expect(sent).toEqual([['auks', AUTUMN, ['roll']]]))
})
