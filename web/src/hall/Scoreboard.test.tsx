import { act, fireEvent, render, screen, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { passingOutbox } from './outbox'
import { Scoreboard } from './Scoreboard'
import * as scores from './scores'
import { gameOf, gamesWith, readStanding, TARGETS } from './scores'
import { createHallStore, type HallStore } from './store'
import { hall, keepingServer, must, settle } from './testing'

/** Stands in for the core: the points of a side are the sum of its first numbers; undo and another side count. */
const compute = (_game: string, sides: string[], events: string[]) => {
  const words = events.map((e) => e.split(' '))
  const gone = new Set(words.filter((w) => w[0] === 'u').map((w) => w[2]))
  const points = sides.map(() => 0)
  for (const [kind, id, side, numbers] of words) {
    if (kind !== 's' || gone.has(id)) continue
    const moved = words.filter((w) => w[0] === 'o' && w[2] === id && !gone.has(w[1])).at(-1)
    points[Number(moved?.[3] ?? side)] += Number(numbers.split(',')[0])
  }
  return [
    ...points.map((p) => `line\t${p}\t${p} down`),
    `leads\t${points.indexOf(Math.max(...points))}`,
    'next\t-1',
    'over\tfalse',
    ...(points.some((p) => p > 12) ? ['finding\tMore fell than stood.'] : []),
  ].join('\n')
}

describe('the score desk', () => {
  let store: HallStore
  let server: ReturnType<typeof keepingServer>
  const make = (lesson = hall(['Ada'])) => {
    server = keepingServer()
    store = createHallStore({
      hall: lesson,
      person: 'me',
      device: 'd',
      outbox: passingOutbox(),
      send: server.send,
      pauses: [5],
    })
  }
  const press = (name: string | RegExp) =>
    act(async () => fireEvent.click(screen.getByRole('button', { name })))

  /** What each side scored, event by event. */
  const places = () => store.get().score?.events.map((e) => e.split(' ')[3]) ?? []

  beforeEach(() => {
    localStorage.clear()
    vi.spyOn(scores, 'loadScores').mockResolvedValue(compute)
    make()
  })

  it('gives a quick second press to the side whose turn it is, not to the one that is still drawn', async () => {
    const turns = (game: string, sides: string[], events: string[]) =>
      compute(game, sides, events).replace('next\t-1', `next\t${events.length % 2}`)
    vi.spyOn(scores, 'loadScores').mockImplementation(async () => {
      await new Promise((done) => setTimeout(done, 20))
      return turns
    })
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('Ten frames of ten pins')
    // Three presses before anything is worked out.
    for (const pins of ['10', '7', '3']) fireEvent.click(screen.getByRole('button', { name: pins }))
    await act(() => settle(() => store.get().score?.events.length === 3))
    const scored = store.get().score?.events.map((e) => e.split(' ').slice(2))
    expect(scored).toEqual([
      ['0', '10'],
      ['1', '7'],
      ['0', '3'],
    ])
  })

  it('has the presses of each side inside it, with undo and the other side, and keeps each event', async () => {
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('6 targets, one go a turn')
    await press('4 for Blue')
    await press('3 for Orange')
    expect(screen.getByRole('status', { name: 'Blue: 4, in front' })).toBeInTheDocument()
    expect(screen.queryByRole('button', { name: /next side/ })).not.toBeInTheDocument()
    await press('Undo')
    expect(screen.getByRole('status', { name: 'Orange: 0' })).toBeInTheDocument()
    await act(() => settle(() => store.get().sending.status === 'saved'))
    const told = server.batches.flatMap((b) => b.events ?? []).map((e) => e.kind === 'SCORE' && e.body)
    expect(told.map((t) => t && (t.event ?? t.game)?.split(' ')[0])).toEqual(['pins', 's', 's', 'u'])
  })

  it('gives a press to the next side where there is one row for all', async () => {
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('Ten frames of ten pins')
    await press('7')
    await act(() => settle(() => store.get().score?.events.length === 1))
    await press('Give it to the next side')
    expect(screen.getByRole('button', { name: 'Orange: 7, in front' })).toBeInTheDocument()
    await press('Undo')
    expect(screen.getByRole('button', { name: 'Blue: 7, in front' })).toBeInTheDocument()
  })

  it('says what cannot be, and shows neither marks nor notes', async () => {
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('6 targets, one go a turn')
    for (let i = 0; i < 3; i++) await press('6 for Blue')
    expect(screen.getByText('More fell than stood.')).toBeInTheDocument()
    expect(screen.queryByText('Ada')).not.toBeInTheDocument()
    expect(screen.queryByLabelText('Note')).not.toBeInTheDocument()
  })

  it('takes who lies nearer by pressing, in one round for undo, and goes on after a reload', async () => {
    const view = render(<Scoreboard store={store} close={vi.fn()} />)
    await act(async () =>
      fireEvent.click(within(screen.getByRole('group', { name: 'Sides' })).getByText('3')),
    )
    await press('Nearest to the target, the winner begins')
    const round = () => within(screen.getByRole('group', { name: 'Who lies nearer' }))
    const near = (name: RegExp | string) =>
      act(async () => fireEvent.click(round().getByRole('button', { name })))
    await near(/Green/)
    await near(/Blue/)
    expect(places()).toEqual(['2', '3', '1'])
    await near('all the same')
    expect(places().slice(3)).toEqual(['1', '1', '1'])
    await press('Undo')
    expect(
      store
        .get()
        .score?.events.slice(6)
        .map((e) => e[0]),
    ).toEqual(['u', 'u', 'u'])
    view.unmount()
    make()
    render(<Scoreboard store={store} close={vi.fn()} />)
    expect(await screen.findByRole('status', { name: /^Orange: 3/ })).toBeInTheDocument()
    await press('Another game')
    expect(screen.getByText('Which game?')).toBeInTheDocument()
  })

  it('has a clock where a game is played against time', async () => {
    vi.useFakeTimers()
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('6 targets in a minute')
    await press('Start the minute')
    await act(() => vi.advanceTimersByTimeAsync(20_000))
    expect(screen.getByRole('timer')).toHaveTextContent('0:40')
    await act(() => vi.advanceTimersByTimeAsync(41_000))
    expect(screen.getByText(/count what fell/)).toBeInTheDocument()
    vi.useRealTimers()
  })

  it('opens on the game of what runs, with a side for each lane, and goes on with it', () => {
    const lesson = hall(['Ada'])
    must(lesson.stretches[0].work).game = { text: 'pins ONE_ROLL 3', sides: 8, targets: 3 }
    make(lesson)
    store.open({ kind: 'score' })
    expect(store.get().score).toMatchObject({ game: 'pins ONE_ROLL 3', segment: 'drill' })
    expect(store.get().score?.sides).toHaveLength(8)
    store.addScore('s a 0 2')
    store.open(null)
    store.open({ kind: 'score' })
    expect(store.get().score?.events).toEqual(['s a 0 2'])
  })

  it('reads what the core tells', () => {
    expect(
      readStanding('line\t8\t8, 9\nline\t0\t\nleads\t0,1\nnext\t1\nover\ttrue\nfinding\ta\tb\n'),
    ).toEqual({
      lines: [
        { points: 8, words: '8, 9' },
        { points: 0, words: '' },
      ],
      leads: [0, 1],
      next: 1,
      over: true,
      findings: ['a b'],
    })
    expect(readStanding('error\tThere is no game.').error).toBe('There is no game.')
  })

  it('knows the game of every log that it begins, with as many targets as were set up', async () => {
    for (const targets of TARGETS)
      for (const g of gamesWith(targets)) expect(gameOf(g.text)).toMatchObject({ text: g.text, name: g.name })
    render(<Scoreboard store={store} close={vi.fn()} />)
    await act(async () =>
      fireEvent.click(within(screen.getByRole('group', { name: 'Targets' })).getByText('3')),
    )
    await press('3 targets, one go a turn')
    expect(screen.queryByRole('button', { name: '4 for Blue' })).not.toBeInTheDocument()
    await press('3 for Blue')
    expect(store.get().score?.game).toBe('pins ONE_ROLL 3')
  })
})
