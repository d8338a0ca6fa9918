import { act, fireEvent, render, screen } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { passingOutbox } from './outbox'
import { Scoreboard } from './Scoreboard'
import * as scores from './scores'
import { gameOf, gamesWith, PINS, readStanding } from './scores'
import { createHallStore, type HallStore } from './store'
import { hall, keepingServer, settle } from './testing'

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
  const make = () => {
    server = keepingServer()
    store = createHallStore({
      hall: hall(['Ada']),
      person: 'me',
      device: 'd',
      outbox: passingOutbox(),
      send: server.send,
      pauses: [5],
    })
  }
  const press = (name: string | RegExp) =>
    act(async () => fireEvent.click(screen.getByRole('button', { name })))

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
    await press('2 sides')
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

  it('computes the score of a log, with undo and the other side, and keeps each event', async () => {
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('2 sides')
    await press('Six pins, one roll a turn')
    await press('4')
    await press(/^Orange/)
    await press('3')
    expect(screen.getByRole('button', { name: 'Blue: 4, in front' })).toBeInTheDocument()
    await press('It was the next side’s')
    expect(screen.getByRole('button', { name: 'Blue: 7, in front' })).toBeInTheDocument()
    await press('Undo')
    expect(screen.getByRole('button', { name: 'Orange: 3' })).toBeInTheDocument()
    await press('Undo')
    expect(screen.getByRole('button', { name: 'Orange: 0' })).toBeInTheDocument()
    await act(() => settle(() => store.get().sending.status === 'saved'))
    const told = server.batches.flatMap((b) => b.events ?? []).map((e) => e.body.event ?? e.body.game)
    expect(told.map((t) => String(t).split(' ')[0])).toEqual(['pins', 's', 's', 'o', 'u', 'u'])
  })

  it('says what cannot be, and shows neither marks nor notes', async () => {
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('Six pins, one roll a turn')
    for (let i = 0; i < 3; i++) await press('6')
    expect(screen.getByRole('status')).toHaveTextContent('More fell than stood.')
    expect(screen.queryByText('Ada')).not.toBeInTheDocument()
    expect(screen.queryByLabelText('Note')).not.toBeInTheDocument()
  })

  it('takes measured throws in fields and goes on after a reload', async () => {
    const view = render(<Scoreboard store={store} close={vi.fn()} />)
    await press('Nearest to the target, the winner begins')
    fireEvent.change(screen.getByLabelText('cm to the target'), { target: { value: '35' } })
    await press('For Blue')
    view.unmount()
    make()
    render(<Scoreboard store={store} close={vi.fn()} />)
    expect(await screen.findByRole('button', { name: 'Blue: 35, in front' })).toBeInTheDocument()
    await press('Another game')
    expect(screen.getByText('Which game?')).toBeInTheDocument()
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

  it('knows the game of every log that it begins, with as many pins as were set up', async () => {
    for (const pins of PINS)
      for (const g of gamesWith(pins)) expect(gameOf(g.text)).toMatchObject({ text: g.text, name: g.name })
    expect(gameOf('pins ONE_ROLL 10')?.pad).toEqual({ kind: 'numbers', to: 10 })
    render(<Scoreboard store={store} close={vi.fn()} />)
    await press('3 pins')
    await press('Three pins, one roll a turn')
    expect(screen.queryByRole('button', { name: '4' })).not.toBeInTheDocument()
    await press('3')
    expect(store.get().score?.game).toBe('pins ONE_ROLL 3')
  })
})
