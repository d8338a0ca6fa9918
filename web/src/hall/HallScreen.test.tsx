import { act, fireEvent, render, screen, within } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import * as marks from '../shared/Mark'
import { HallScreen } from './HallScreen'
import { type Outbox, passingOutbox } from './outbox'
import { SendError } from './sender'
import { createHallStore, type HallStore } from './store'
import { cell, hall, keepingServer, must, pressing, settle } from './testing'

/** How many looks each tile that was drawn had, as it was drawn. */
const drawn: number[] = []
const { Pips } = marks

const names = ['Ada', 'Ben', 'Cleo', 'Dov']

describe('the hall', () => {
  let server: ReturnType<typeof keepingServer>
  let store: HallStore
  let outbox: Outbox

  const open = (cells = {}, send = server.send, lesson = hall(names, cells)) => {
    store = createHallStore({
      hall: lesson,
      person: 'me',
      device: 'd',
      outbox,
      send,
      pauses: [5],
    })
    store.watch('all')
    return render(<HallScreen store={store} person="me" lasting />)
  }
  const press = pressing(() => store)
  const saved = () => act(() => settle(() => store.get().sending.status === 'saved'))

  beforeEach(() => {
    vi.spyOn(marks, 'Pips').mockImplementation((props) => {
      drawn.push(props.pips.length)
      return Pips(props)
    })
    server = keepingServer()
    outbox = passingOutbox()
  })

  it('starts with the cue of what runs first', () => {
    open()
    expect(screen.getByRole('button', { name: /1 Call roll\/foot/ })).toHaveAttribute('aria-pressed', 'true')
    expect(screen.getByRole('button', { name: /2 Call roll\/low/ })).toHaveTextContent('new today')
    expect(screen.getByTitle('left-handed')).toHaveTextContent('L')
  })

  it('says by whom to stand for the cue that is watched, and nothing where no look of it is planned', async () => {
    const lesson = hall(names)
    const child = (name: string) => ({ id: `id-${name}`, name, leftHanded: false })
    must(lesson.stretches[0].floor).groups = [
      { label: '1', children: [child('Ada'), child('Ben')] },
      { label: '2', children: [child('Cleo'), child('Dov')] },
    ]
    lesson.watch = [
      {
        segment: 'drill',
        watches: [
          { child: 'id-Dov', cue: 'roll/foot', looks: 1 },
          { child: 'id-Ada', cue: 'roll/low', looks: 3 },
        ],
        reason: '',
        from: { stands: [], swaps: [], places: [], byCue: { 'roll/foot': [1], 'roll/low': [0] }, reason: '' },
      },
    ]
    open({}, server.send, lesson)
    expect(screen.getByText(/Stand from the side, by 2\. ◉ 1 first/)).toBeInTheDocument()
    await press('2 Call roll/low new today')
    expect(screen.getByText(/Stand from the side, by 1\. ◉ 1 first/)).toBeInTheDocument()
  })

  it('makes every press a new trial and shows it at once', async () => {
    open()
    await press('Ada: shown')
    await press('Ada: shown')
    await press('Ben: not yet')
    expect(screen.getByRole('img', { name: '2 of the last 2 shown' })).toBeInTheDocument()
    expect(screen.getByRole('img', { name: '0 of the last 1 shown' })).toBeInTheDocument()
    await saved()
    expect(server.trials().map((t) => [t.child, t.shown, t.setting, t.segment, t.lesson])).toEqual([
      ['id-Ada', true, 'DRILL', 'drill', 'lesson-1'],
      ['id-Ada', true, 'DRILL', 'drill', 'lesson-1'],
      ['id-Ben', false, 'DRILL', 'drill', 'lesson-1'],
    ])
  })

  it('takes a tap for a tap where a busy device comes late to the clock, and a resting finger for a hold', async () => {
    open()
    const tile = screen.getByRole('button', { name: 'Ada: shown' })
    let now = 1000
    const clock = vi.spyOn(performance, 'now').mockImplementation(() => now)
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
    const rest = (ms: number) => {
      fireEvent.pointerDown(tile)
      now += ms
      vi.advanceTimersByTime(560)
    }
    try {
      // Two seconds of other work; the finger went at once, which is heard only now.
      rest(2000)
      fireEvent.pointerUp(tile)
      fireEvent.click(tile)
      rest(560)
      fireEvent.pointerUp(tile)
      fireEvent.click(tile)
    } finally {
      vi.useRealTimers()
      clock.mockRestore()
    }
    await saved()
    expect(server.trials()).toHaveLength(1)
  })

  it('counts a look in play as seen in a game', async () => {
    open()
    await press('More')
    fireEvent.change(screen.getByRole('combobox'), { target: { value: 'game' } })
    await press('Close')
    await press('Cleo: shown')
    await saved()
    expect(server.trials()[0]).toMatchObject({ cue: 'roll/low', setting: 'GAME', segment: 'game' })
  })

  it('writes down that a cue was taught with the first look at it, once', async () => {
    open()
    await press('2 Call roll/low new today')
    await press('Ada: shown')
    await press('Ben: shown')
    await saved()
    expect(server.batches.flatMap((b) => b.taught).map((t) => t.cue)).toEqual(['roll/low'])
  })

  it('takes back the latest press, and any of the last by the history', async () => {
    open()
    await press('Ada: shown')
    await press('Ben: not yet')
    await press('↶ Ben, not yet')
    expect(screen.queryByRole('img', { name: '0 of the last 1 shown' })).not.toBeInTheDocument()
    await press('History')
    await act(async () =>
      fireEvent.click(
        within(screen.getByRole('region', { name: 'History' })).getByRole('button', { name: 'Take back' }),
      ),
    )
    await saved()
    const voided = server.batches.flatMap((b) => b.voids).map((v) => v.trial)
    expect(voided).toEqual([server.trials()[1].id, server.trials()[0].id])
  })

  it('leaves out who is away and says who is here', async () => {
    open()
    await press('Register: 4 here')
    await press('Ben here')
    await press('Close the register')
    expect(screen.queryByRole('button', { name: 'Ben: shown' })).not.toBeInTheDocument()
    await press('Say')
    expect(screen.getByRole('button', { name: 'Register: 3 here' })).toBeInTheDocument()
    await saved()
    expect(server.batches.flatMap((b) => b.register)[0]).toMatchObject({ child: 'id-Ben', present: false })
  })

  it('gives each child one sitting of five in a check', async () => {
    open()
    await press('Check: five each')
    for (let i = 0; i < 5; i++) await press('Ada: shown')
    await press('Ben: shown')
    expect(screen.getByRole('button', { name: 'Ada: shown' })).toBeDisabled()
    expect(screen.getByText('5 of 5')).toBeInTheDocument()
    await saved()
    const sittings = (name: string) =>
      server
        .trials()
        .filter((t) => t.child === name)
        .map((t) => t.sitting)
    expect(new Set(sittings('id-Ada')).size).toBe(1)
    expect(sittings('id-Ada')[0]).toBeDefined()
    expect(sittings('id-Ben')[0]).not.toBe(sittings('id-Ada')[0])
  })

  it('draws one tile anew for a press, not all', async () => {
    open()
    expect(drawn).toContain(0)
    drawn.length = 0
    await press('Cleo: shown')
    expect(new Set(drawn)).toEqual(new Set([1]))
  })

  it('says that it waits, keeps the presses, and brings them when the server is back', async () => {
    let down = true
    open({}, async (batch) => {
      if (down) throw new SendError(0, '')
      return server.send(batch)
    })
    await press('Ada: shown')
    await act(() => settle(() => 'why' in store.get().sending))
    expect(screen.getByRole('status')).toHaveTextContent('1 waiting')
    down = false
    await act(async () => store.flush())
    await saved()
    expect(screen.getByRole('status')).toHaveTextContent('all saved')
    expect(server.trials()).toHaveLength(1)
  })

  it('shows and sends what an earlier page could not', async () => {
    open({}, async () => {
      throw new SendError(0, '')
    })
    await press('Ada: shown')
    await act(() => settle(() => 'why' in store.get().sending))
    store.stop()
    document.body.innerHTML = ''
    open()
    await saved()
    expect(server.trials()).toHaveLength(1)
  })

  it('takes the marks that the server answers with', async () => {
    open({}, async (batch) => ({
      ...(await server.send(batch)),
      cells: { 'id-Ada': { 'roll/foot': cell('SECURE', [true, true, true]) } },
    }))
    await press('Ada: shown')
    await saved()
    expect(screen.getByRole('img', { name: 'secure so far' })).toBeInTheDocument()
    expect(screen.getByRole('img', { name: '3 of the last 3 shown' })).toBeInTheDocument()
  })

  it('chooses a cue by its digit and takes back by z', async () => {
    open()
    await act(async () => fireEvent.keyDown(window, { key: '2' }))
    expect(store.get().cue).toBe('roll/low')
    await press('Dov: shown')
    await act(async () => fireEvent.keyDown(window, { key: 'z' }))
    expect(store.get().pressed).toEqual([])
  })

  it('warns where nothing is kept offline', () => {
    store = createHallStore({ hall: hall(names), person: 'me', device: 'd', outbox, send: server.send })
    render(<HallScreen store={store} person="me" lasting={false} />)
    expect(screen.getByText(/nothing is kept offline/)).toBeInTheDocument()
  })

  it('says who has not had a go, and keeps it for today', async () => {
    localStorage.clear()
    open()
    await press('Goes')
    await press('Ada: 0 goes, next')
    await press('Ben: 0 goes, next')
    expect(screen.getByText('2 next')).toBeInTheDocument()
    expect(screen.getByRole('button', { name: 'Ada: 1 go' })).toBeInTheDocument()
    await press('Ben: one go less')
    expect(screen.getByRole('button', { name: 'Ben: 0 goes, next' })).toBeInTheDocument()
    expect(server.trials()).toEqual([])
    const again = createHallStore({
      hall: hall(names, {}),
      person: 'me',
      device: 'd',
      outbox,
      send: server.send,
    })
    expect(again.get().goes).toEqual({ 'id-Ada': 1, 'id-Ben': 0 })
  })
})
