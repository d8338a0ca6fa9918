import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { api } from '../api/client'
import { type ClipView, type FigureView, project, sketch, spotAt, travels } from './clip'
import EyePage from './EyePage'
import { Figure } from './Figure'
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

  it('shows the movement where the cue itself is too small to draw, and says so', async () => {
    render(<Shown cue="toss/fingers" call="“Spread”" faults={[{ fault: 0, seen: 'Closed' }]} />)
    expect(await screen.findByText('This itself is not drawn: fingers are not drawn.')).toBeInTheDocument()
    expect(screen.getAllByRole('img')).toHaveLength(1)
    expect(screen.queryByText('Not yet:')).not.toBeInTheDocument()
  })
})

describe('the eye', () => {
  it('is asked of one child after the other, told at once what was there, and counted at the end', async () => {
    vi.restoreAllMocks()
    const child = { clip, left: false, beside: 0, times: 1, at: 0.5, why: 'the toes are ahead' }
    const round = {
      cue: 'toss/step',
      call: { right: 'Step', left: 'Step', notSettled: 'Step' },
      question: { right: 'Does a foot step?', left: 'Does a foot step?', notSettled: 'Does a foot step?' },
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
    vi.spyOn(api, 'GET').mockImplementation(((path: string) =>
      answer(path === '/api/skills' ? skills : round)) as never)
    const post = vi.spyOn(api, 'POST').mockImplementation((() =>
      answer({
        looks: 2,
        right: { of: 1, all: 2, low: 0.09, high: 0.91 },
        misses: { of: 0, all: 1, low: 0, high: 0.79 },
        alarms: { of: 1, all: 1, low: 0.2, high: 1 },
        kappa: 0,
        kappaWithin: { low: -1, high: 1 },
        seconds: 2,
        sentence: 'Right 1 of 2.',
      })) as never)
    render(
      <QueryClientProvider client={new QueryClient()}>
        <MemoryRouter>
          <EyePage />
        </MemoryRouter>
      </QueryClientProvider>,
    )
    fireEvent.click(await screen.findByRole('button', { name: 'Begin' }))
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
    const body = (post.mock.calls[0] as unknown as [string, { body: { answers: { shown: boolean }[] } }])[1]
      .body
    expect(body.answers.map((a) => a.shown)).toEqual([true, true])
    expect(screen.getByRole('button', { name: 'Harder: as in the hall' })).toBeInTheDocument()
  })
})
