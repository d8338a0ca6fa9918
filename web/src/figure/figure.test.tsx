import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, fireEvent, render, screen, waitFor, within } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../api/client'
import { type ClipView, type FigureView, project, sketch, spotAt, travels } from './clip'
import EyePage from './EyePage'
import { Figure } from './Figure'
import OpeningPage from './OpeningPage'
import { Shown } from './Shown'

/** A body of a few spots that goes a metre ahead in a second; its own hand is 300 mm to its own side. */
const clip: ClipView = {
  stature: 1200,
  rate: 2,
  spots: ['HIPS', 'HEAD', 'NOSE', 'OWN_HAND', 'OTHER_HAND', 'BALL'],
  frames: [0, 500, 1000].map((x) => [
    ...[x, 0, 600],
    ...[x, 0, 1100],
    ...[x + 80, 0, 1100],
    ...[x, 300, 600],
    ...[x, -300, 600],
    ...[x + 200, 0, 40],
  ]),
  moments: [{ name: 'ready', at: 0 }],
  bones: [
    { from: 'HIPS', to: 'HEAD', of: 'MIDDLE', wide: 100 },
    { from: 'HIPS', to: 'OWN_HAND', of: 'OWN', wide: 50 },
    { from: 'HIPS', to: 'OTHER_HAND', of: 'OTHER', wide: 50 },
  ],
  head: 80,
  balls: [40],
}

const shown: FigureView = {
  cue: 'toss/step',
  unseen: '',
  from: 'SIDE',
  clip,
  shown: true,
  at: 0.5,
  why: { right: 'the left toes are ahead', left: 'the right toes are ahead', notSettled: 'toes are ahead' },
  looksAt: ['OWN_HAND', 'OTHER_HAND'],
  variants: [],
}

const answer = (data: unknown) => Promise.resolve({ data, response: new Response() }) as never

describe('a figure', () => {
  it('is where its pictures say, and between two of them', () => {
    expect(spotAt(clip, 'HIPS', 0)).toEqual([0, 0, 600])
    expect(spotAt(clip, 'HIPS', 0.25)).toEqual([250, 0, 600])
    expect(spotAt(clip, 'HIPS', 9)).toEqual([1000, 0, 600])
    expect(spotAt(clip, 'TIP', 0)).toBeUndefined()
    expect(travels(clip)).toBe(true)
  })

  it('is seen from the front, from its own side and from behind, and a left-hander in the mirror', () => {
    const own: [number, number, number] = [100, 300, 0]
    expect(project(own, 0, false).right).toBeCloseTo(-300)
    expect(project(own, 90, false)).toMatchObject({ right: expect.closeTo(100), near: expect.closeTo(300) })
    expect(project(own, 180, false).right).toBeCloseTo(300)
    expect(project(own, 0, true).right).toBeCloseTo(300)
    // From its own side a left-hander goes to the left.
    expect(project(own, 90, true)).toMatchObject({ right: expect.closeTo(-100), near: expect.closeTo(300) })
  })

  it('draws what is nearer over what is farther', () => {
    const from = sketch(clip, 0, 90, false).lines.map((l) => l.of)
    expect(from).toEqual(['OTHER', 'MIDDLE', 'OWN'])
    expect(sketch(clip, 0, 270, false).lines.map((l) => l.of)).toEqual(['OWN', 'MIDDLE', 'OTHER'])
  })

  it('marks what the cue is about and says in words what is seen', () => {
    const { container } = render(
      <Figure clip={clip} at={0} degrees={90} marks={['OWN_HAND']} words="the hand is low" />,
    )
    expect(screen.getByRole('img', { name: 'the hand is low' })).toBeInTheDocument()
    expect(container.querySelectorAll('circle')).toHaveLength(4)
    expect(container.querySelectorAll('line').length).toBeGreaterThan(4)
  })
})

describe('a cue on a figure', () => {
  beforeEach(() => {
    vi.restoreAllMocks()
    vi.spyOn(api, 'GET').mockImplementation(((
      _: string,
      asked: { params: { query: { cue: string; fault?: number } } },
    ) => {
      const { cue, fault } = asked.params.query
      if (cue.endsWith('fingers'))
        return answer({ ...shown, cue, unseen: 'fingers are not drawn', why: null })
      return answer(fault === undefined ? { ...shown, cue } : { ...shown, cue, fault, shown: false })
    }) as never)
  })

  it('stands beside the fault, slowly, and stops where it is decided', async () => {
    render(
      <Shown
        cue="toss/one"
        call="“Step”"
        faults={[
          { fault: 2, seen: 'No step' },
          { fault: 3, seen: 'Short' },
        ]}
      />,
    )
    expect(await screen.findByText(/○ not yet: No step/)).toBeInTheDocument()
    expect(screen.getByText(/● shown: “Step”/)).toBeInTheDocument()
    expect(screen.getAllByRole('img')).toHaveLength(2)
    fireEvent.click(screen.getByRole('button', { name: 'What decides' }))
    expect(screen.getByRole('slider', { name: 'When' })).toHaveValue('0.5')
    fireEvent.click(screen.getByRole('button', { name: 'A picture on' }))
    expect(screen.getByRole('slider', { name: 'When' })).toHaveValue('0.55')
    expect(screen.getByRole('button', { name: 'Move' })).toBeInTheDocument()
    fireEvent.change(screen.getByRole('combobox', { name: 'Seen' }), { target: { value: 'BEHIND' } })
    expect(screen.getAllByRole('img', { name: /from behind/ })).toHaveLength(2)
  })

  it('stands still for who prefers less motion', async () => {
    vi.mocked(window.matchMedia).mockReturnValueOnce({ matches: true } as MediaQueryList)
    render(<Shown cue="toss/two" call="“Step”" faults={[]} mirrored />)
    expect(await screen.findByRole('button', { name: 'Move' })).toBeInTheDocument()
    expect(screen.getByText(/the right toes are ahead/)).toBeInTheDocument()
  })

  it('is done in other ways too, where their shape differs', async () => {
    const get = vi.spyOn(api, 'GET')
    get.mockImplementation((() => answer({ ...shown, variants: ['on the spot'] })) as never)
    render(<Shown cue="toss/ways" call="“Step”" faults={[]} />)
    fireEvent.change(await screen.findByRole('combobox', { name: 'Done:' }), {
      target: { value: 'on the spot' },
    })
    await waitFor(() =>
      expect(get).toHaveBeenLastCalledWith('/api/figures', {
        params: { query: { cue: 'toss/ways', fault: undefined, age: 8, variant: 'on the spot' } },
      }),
    )
  })

  it('shows the movement where the cue itself is too small to draw, and says so', async () => {
    render(<Shown cue="toss/fingers" call="“Spread”" faults={[{ fault: 0, seen: 'Closed' }]} />)
    expect(await screen.findByText('This itself is not drawn: fingers are not drawn.')).toBeInTheDocument()
    expect(screen.getAllByRole('img')).toHaveLength(1)
    expect(screen.queryByText('Not yet:')).not.toBeInTheDocument()
  })
})

const child = { clip, left: false, beside: 0, times: 1, at: 0.5, why: 'the toes are ahead' }
const both = (words: string) => ({ right: words, left: words, notSettled: words })
const round = {
  cue: 'toss/step',
  call: both('Step'),
  question: both('Does a foot step?'),
  level: 'FIRST',
  seed: 1,
  from: 'SIDE',
  looksAt: ['OWN_HAND'],
  children: [
    { ...child, shown: true },
    { ...child, shown: false, fault: 'No step at all' },
  ],
}
const skills = [
  {
    key: 'toss',
    name: 'Toss',
    aside: false,
    cues: [{ key: 'toss/step', call: round.call, fromAge: 6 }],
  },
]
const share = (of: number, all: number) => ({ of, all, low: 0.09, high: 0.91 })
const truth = { agreed: 1, pairs: 2, kappa: 0, within: { low: -1, high: 1 }, band: 'slight' }
const verdict = {
  looks: 2,
  right: share(1, 2),
  misses: share(0, 1),
  alarms: share(1, 1),
  truth,
  seconds: 2,
  sentence: 'Right 1 of 2.',
}
const none = { rounds: 0, all: verdict, cues: [], stands: [], levels: [], days: [], counts: '', leave: false }

describe('the opening talk', () => {
  const cue = (key: string, call: string, fault: string) => ({
    key,
    skill: 'toss',
    call: both(call),
    question: both(`Is it ${call}?`),
    faults: [{ seen: both(fault), fix: both('') }],
  })
  const sheet = {
    lesson: 'l1',
    age: 8,
    cues: [cue('toss/old', 'Old', 'Not old'), cue('toss/new', 'New', 'Not new')],
    segments: [{ plan: { introduces: ['toss/new'] } }],
  }

  it('begins with what is new, shows what it is not, and goes on to the next', async () => {
    vi.restoreAllMocks()
    vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
      answer(path === '/api/figures' ? shown : sheet)) as never)
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter initialEntries={['/lessons/l1/opening']}>
          <Routes>
            <Route path="/lessons/:id/opening" element={<OpeningPage />} />
            <Route path="/lessons/:id" element={<p>The lesson</p>} />
          </Routes>
        </MemoryRouter>
      </QueryClientProvider>,
    )
    expect(await screen.findByText('“New”')).toBeInTheDocument()
    expect(await screen.findByRole('img', { name: 'the left toes are ahead' })).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'What if not?' }))
    expect(screen.getByRole('status')).toHaveTextContent('Not yet: Not new')
    act(() => {
      fireEvent.keyDown(window, { key: 'ArrowRight' })
    })
    expect(screen.getByText('“Old”')).toBeInTheDocument()
    expect(screen.getByRole('button', { name: 'The next cue' })).toBeDisabled()
    act(() => {
      fireEvent.keyDown(window, { key: 'Escape' })
    })
    expect(screen.getByText('The lesson')).toBeInTheDocument()
  })
})

describe('the eye', () => {
  let mine: object
  let ahead: object[]
  const put = () =>
    vi.spyOn(api, 'PUT').mockImplementation((() => answer({ verdict, next: 'SECOND' })) as never)
  const kept = (calls: ReturnType<typeof put>['mock']['calls']) =>
    (calls[0] as unknown as [string, { body: { answers: object[]; stand: string } }])[1].body
  const open = () =>
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <EyePage />
        </MemoryRouter>
      </QueryClientProvider>,
    )
  const begin = async () => fireEvent.click(await screen.findByRole('button', { name: 'Begin' }))

  beforeEach(() => {
    vi.restoreAllMocks()
    mine = none
    ahead = []
    vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
      answer(
        path === '/api/skills'
          ? skills
          : path === '/api/eye/mine'
            ? mine
            : path === '/api/eye/practise'
              ? ahead
              : round,
      )) as never)
  })

  it('is asked of one child after the other, told at once what was there, and counted at the end', async () => {
    const keeps = put()
    open()
    await begin()
    fireEvent.click(await screen.findByRole('button', { name: 'shown' }))
    expect(screen.getByText('Right: it was there.')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Next child' }))
    act(() => {
      fireEvent.keyDown(window, { key: 's' })
    })
    expect(screen.getByText('Look again: not yet there: no step at all.')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'How was it?' }))
    expect(await screen.findByText('Right 1 of 2.')).toBeInTheDocument()
    expect(screen.getByText('1 of 2 (9 to 91 in a hundred)')).toBeInTheDocument()
    const body = kept(keeps.mock.calls)
    expect(body.answers).toMatchObject([{ shown: true }, { shown: true }])
    expect(body.stand).toBe('BEST')
    // Better than enough: what is harder stands first.
    const go = screen.getAllByRole('button').map((b) => b.textContent)
    expect(go.indexOf('Harder: as in the hall')).toBeLessThan(go.indexOf('Another round'))
  })

  it('lets two judge the same children, and hides what the first pressed from the second', async () => {
    const keeps = put()
    open()
    fireEvent.click(await screen.findByText('two of us'))
    await begin()
    fireEvent.click((await screen.findAllByRole('button', { name: 'shown' }))[0])
    expect(screen.getByText(/The other one still looks/)).toBeInTheDocument()
    expect(screen.queryByText(/Right:/)).not.toBeInTheDocument()
    act(() => {
      fireEvent.keyDown(window, { key: 'ArrowDown' })
    })
    expect(screen.getByText(/Your colleague: look again/)).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Next child' }))
    act(() => {
      fireEvent.keyDown(window, { key: 'n' })
    })
    act(() => {
      fireEvent.keyDown(window, { key: 'ArrowDown' })
    })
    fireEvent.click(screen.getByRole('button', { name: 'How was it?' }))
    await screen.findByText('Right 1 of 2.')
    expect(kept(keeps.mock.calls).answers).toMatchObject([
      { shown: true, second: false },
      { shown: false, second: false },
    ])
  })

  it('puts many on the floor at once, and tells when all were judged', async () => {
    const keeps = put()
    open()
    fireEvent.mouseDown(await screen.findByRole('combobox', { name: 'On the floor' }))
    fireEvent.click(await screen.findByText('four at once'))
    await begin()
    const second = await screen.findByRole('group', { name: 'Child 2' })
    fireEvent.click(within(second).getByRole('button', { name: 'not yet' }))
    expect(within(second).getByRole('button', { name: 'not yet' })).toHaveAttribute('aria-pressed', 'true')
    fireEvent.click(
      within(screen.getByRole('group', { name: 'Child 1' })).getByRole('button', { name: 'not yet' }),
    )
    expect(screen.getByText('1 of 2 right.')).toBeInTheDocument()
    expect(screen.getByText('Look again: it was there.')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'How was it?' }))
    await screen.findByText('Right 1 of 2.')
    expect(kept(keeps.mock.calls).answers).toMatchObject([{ shown: false }, { shown: false }])
  })

  it('counts teams before a wall, and keeps nothing', async () => {
    const keeps = put()
    open()
    fireEvent.click(await screen.findByText('a class, on the wall'))
    await begin()
    fireEvent.click(await screen.findByText('2'))
    fireEvent.click(screen.getByRole('button', { name: 'All have chosen' }))
    expect(screen.getByText('Look: it was there.')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: '2' }))
    fireEvent.click(screen.getByRole('button', { name: 'Next child' }))
    fireEvent.click(screen.getByRole('button', { name: 'All have chosen' }))
    fireEvent.click(screen.getByRole('button', { name: 'Next child' }))
    expect(screen.getByText('You looked at 2 children for “Step”.')).toBeInTheDocument()
    expect(screen.getByText('Team 2:')).toHaveTextContent('Team 2: 1')
    expect(screen.getByText('Team 1:')).toHaveTextContent('Team 1: 0')
    expect(keeps).not.toHaveBeenCalled()
  })

  it('says what to practise, how one does over time, and asks for leave', async () => {
    mine = {
      ...none,
      rounds: 3,
      all: { ...verdict, colleague: { ...truth, agreed: 9, pairs: 12, kappa: 0.5, band: 'moderate' } },
      cues: [{ cue: 'toss/step', call: 'Step', skill: 'toss', skillName: 'Toss', right: share(7, 12) }],
      stands: [{ stand: 'BEHIND', right: share(3, 12) }],
      levels: [{ level: 'SECOND', right: share(8, 12) }],
      days: [
        { on: '2026-11-27', right: share(5, 12) },
        { on: '2026-11-30', right: share(9, 12) },
      ],
      secondsALook: 3.4,
      counts: 'By 24 looks …',
    }
    ahead = [
      {
        cue: 'toss/step',
        call: 'Step',
        skill: 'toss',
        skillName: 'Toss',
        on: '2026-12-02',
        title: 'A unit',
        right: share(0, 0),
        sentence: 'No round yet.',
      },
    ]
    const keeps = put()
    open()
    expect(await screen.findByText('Your eye so far: 3 rounds')).toBeInTheDocument()
    expect(screen.getByRole('img', { name: /5 of 12 .*; .*9 of 12/ })).toBeInTheDocument()
    expect(screen.getByText(/9 of 12 alike/)).toHaveTextContent(
      'beyond chance 0.50 (-1.00 to 1.00), moderate',
    )
    expect(screen.getByText(/You take 3.4 s a child/)).toBeInTheDocument()
    fireEvent.click(screen.getByRole('checkbox', { name: /Read my looks in the hall by this/ }))
    await waitFor(() => expect(keeps).toHaveBeenCalledWith('/api/eye/leave', { body: { given: true } }))
    fireEvent.click(screen.getByRole('button', { name: 'A round of “Step”' }))
    expect(await screen.findByRole('button', { name: 'shown' })).toBeInTheDocument()
  })
})
