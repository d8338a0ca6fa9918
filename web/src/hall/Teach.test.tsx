import { act, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../api/client'
import { HallScreen } from './HallScreen'
import { type Outbox, passingOutbox } from './outbox'
import { createHallStore, type HallStore } from './store'
import { hall, keepingServer, must, pressing, settle } from './testing'

const names = ['Ada', 'Ben']

describe('teaching in the hall', () => {
  let server: ReturnType<typeof keepingServer>
  let store: HallStore
  let outbox: Outbox

  const open = (change: Partial<ReturnType<typeof hall>> = {}) => {
    store = createHallStore({
      hall: { ...hall(names), ...change },
      person: 'me',
      device: 'd',
      outbox,
      send: server.send,
      pauses: [5],
    })
    store.watch('all')
    return render(<HallScreen store={store} person="me" lasting />)
  }
  /** The same device opens the page anew. */
  const again = () => {
    store = createHallStore({
      hall: hall(names),
      person: 'me',
      device: 'd',
      outbox,
      send: server.send,
      pauses: [5],
    })
    return render(<HallScreen store={store} person="me" lasting />)
  }
  const press = pressing(() => store)
  const saved = () => act(() => settle(() => store.get().sending.status === 'saved'))
  const events = () => server.batches.flatMap((b) => b.events ?? [])
  const voids = () => server.batches.flatMap((b) => b.voids)

  beforeEach(() => {
    localStorage.clear()
    server = keepingServer()
    outbox = passingOutbox()
  })
  afterEach(() => vi.useRealTimers())

  it('runs the plan by its clock, follows it with the cues, and writes each press of it down once', async () => {
    open()
    expect(screen.getByRole('timer')).toHaveTextContent('8:00')
    expect(screen.getByText(/next: game, 8 min/)).toBeInTheDocument()
    await press('Start the clock')
    await press('A minute more')
    expect(screen.getByRole('timer')).toHaveTextContent(/^(9:00|8:59)$/)
    await press('Next')
    expect(store.get().segment).toBe('game')
    expect(store.get().mode).toEqual({ kind: 'say' })
    await press('Back')
    await saved()
    expect(events().map((e) => e.kind === 'CLOCK' && e.body.does)).toEqual(['begin', 'longer', 'next'])
    expect(voids().map((v) => v.trial)).toEqual([events()[2].id])
    expect(store.get().clock.map((e) => e.does)).toEqual(['begin', 'longer'])
  })

  it('has the clock again after a reload, without what was taken back', async () => {
    const first = open()
    await press('Start the clock')
    await press('Pause')
    await press('Back')
    await saved()
    first.unmount()
    const kept = events().map((what) => ({
      what,
      by: 'Robin',
      voided: voids().some((v) => v.trial === what.id),
    }))
    localStorage.clear()
    open({ events: kept })
    expect(store.get().clock.map((e) => e.does)).toEqual(['begin'])
    await press('Plan')
    expect(screen.getByRole('button', { name: 'Pause' })).toBeInTheDocument()
  })

  it('tells a clock that is a day off by the server', () => {
    const now = Date.now()
    const before = new Date(now - 86_400_000)
    open({
      now: before.toISOString(),
      events: [
        {
          what: {
            id: 'e',
            kind: 'CLOCK',
            lesson: 'lesson-1',
            body: { does: 'begin' },
            seq: 1,
            at: new Date(before.getTime() - 60_000).toISOString(),
          },
          by: 'Robin',
          voided: false,
        },
      ],
    })
    expect(screen.getByRole('timer')).toHaveTextContent(/^(7:00|6:59)$/)
  })

  it('stops everybody, says where to gather, and stops what runs', async () => {
    open()
    await press('Signals')
    await press('Beat')
    expect(screen.getByRole('button', { name: 'Beat 100: stop, freeze' })).toBeInTheDocument()
    await press('STOP')
    expect(screen.getByRole('alertdialog')).toHaveTextContent('stand still where they are')
    await press('Go on')
    expect(screen.queryByRole('alertdialog')).not.toBeInTheDocument()
    expect(screen.getByRole('button', { name: 'Beat' })).toBeInTheDocument()
  })

  it('starts in three parts with a wait that cannot be guessed', async () => {
    vi.useFakeTimers()
    open()
    act(() => store.open({ kind: 'signals' }))
    fireEvent.click(screen.getByRole('button', { name: 'Ready, set, go' }))
    await act(() => vi.advanceTimersByTimeAsync(1500))
    expect(screen.getByRole('button', { name: 'Set …' })).toBeInTheDocument()
    await act(() => vi.advanceTimersByTimeAsync(900))
    expect(screen.getByRole('button', { name: 'Set …' })).toBeInTheDocument()
    await act(() => vi.advanceTimersByTimeAsync(3200))
    expect(screen.getByRole('button', { name: 'GO' })).toBeInTheDocument()
    await act(() => vi.advanceTimersByTimeAsync(1600))
    expect(screen.getByRole('button', { name: 'Ready, set, go' })).toBeEnabled()
  })

  it('counts a hold slowly and calls the change of side', async () => {
    vi.useFakeTimers()
    open()
    act(() => store.open({ kind: 'signals' }))
    fireEvent.click(screen.getByRole('button', { name: 'Hold and change sides' }))
    expect(screen.getByRole('button', { name: 'First side: 8' })).toBeInTheDocument()
    for (let i = 0; i < 8; i++) await act(() => vi.advanceTimersByTimeAsync(1200))
    expect(screen.getByRole('button', { name: 'Other side: 8' })).toBeInTheDocument()
    for (let i = 0; i < 8; i++) await act(() => vi.advanceTimersByTimeAsync(1200))
    expect(screen.getByRole('button', { name: 'Hold and change sides' })).toBeInTheDocument()
  })

  it('names the fault with one more press, as a press taken back and pressed anew', async () => {
    const base = hall(names)
    base.grid.skills[0].cues[0].faults = ['hips', 'late'].map((f) => ({
      seen: { right: f, left: f, notSettled: f },
      fix: { right: '', left: '', notSettled: '' },
    }))
    open({ grid: base.grid })
    await press('Ada: shown')
    expect(screen.queryByRole('button', { name: 'late' })).not.toBeInTheDocument()
    await press('Ben: not yet')
    await press('late')
    await saved()
    const trials = server.trials()
    expect(trials.map((t) => [t.child, t.shown, t.fault])).toEqual([
      ['id-Ada', true, undefined],
      ['id-Ben', false, undefined],
      ['id-Ben', false, 'late'],
    ])
    expect(voids().map((v) => v.trial)).toEqual([trials[1].id])
    expect(screen.queryByRole('button', { name: 'late' })).not.toBeInTheDocument()
  })

  it('takes a look at the other hand and a note from a held tile, and does not press it', async () => {
    open()
    fireEvent.contextMenu(screen.getByRole('button', { name: 'Ada: shown' }))
    fireEvent.click(screen.getByRole('button', { name: 'Ada: shown' }))
    await press('Other hand: shown')
    fireEvent.contextMenu(screen.getByRole('button', { name: 'Ben: not yet' }))
    fireEvent.change(screen.getByLabelText('Note'), { target: { value: ' Ball too large. ' } })
    await press('Keep the note')
    await saved()
    expect(server.trials().map((t) => [t.child, t.side])).toEqual([['id-Ada', 'RIGHT']])
    expect(events()[0]).toMatchObject({ kind: 'NOTE', body: { text: 'Ball too large.', child: 'id-Ben' } })
  })

  it('counts hits out of five with the way of each miss, and takes a set back', async () => {
    open()
    await press('Hits')
    for (const what of ['hit', 'hit', 'miss']) await press(new RegExp(`^Ada: ${what}`))
    expect(screen.getByText('2 of 3, 2 left')).toBeInTheDocument()
    await press('missed left')
    await press('↶ Ada’s try')
    expect(screen.getByText('2 of 2, 3 left')).toBeInTheDocument()
    await press('Ada: miss')
    await press('missed short')
    await press(/^Ada: hit/)
    await press('Ada: miss')
    // The set was full with it, and still takes the way of its last miss.
    await press('missed left')
    await saved()
    const sets = server.batches.flatMap((b) => b.hits ?? [])
    expect(sets.at(-1)).toMatchObject({
      child: 'id-Ada',
      skill: 'roll',
      hits: 3,
      missed: 0,
      missedShort: 1,
      missedLeft: 1,
      distanceMm: 3000,
      side: 'LEFT',
    })
    expect(voids().map((v) => v.trial)).toEqual([sets[0].id])
    expect(screen.getByText('3 of 5')).toBeInTheDocument()
    await press('↶ Ada’s try')
    await saved()
    expect(voids().map((v) => v.trial)).toEqual(sets.map((s) => s.id))
  })

  it('counts at the distance that was set here', async () => {
    open()
    await press('Start the clock')
    await press('Harder')
    await press('Hits')
    await press('3 tries')
    for (let i = 0; i < 3; i++) await press(/^Ben: hit/)
    await saved()
    expect(server.batches.flatMap((b) => b.hits ?? [])[0]).toMatchObject({ distanceMm: 4000, hits: 3 })
  })

  it('keeps every tile where it is, whoever stands where and whatever is watched', async () => {
    const base = hall(names)
    must(base.stretches[0].floor).groups = ['Ben', 'Ada'].map((name) => ({
      children: [{ id: `id-${name}`, name, leftHanded: false }],
    })) as never
    base.watch = [{ segment: 'drill', watches: [{ child: 'id-Ben', cue: 'roll/low', looks: 3 }], reason: '' }]
    open({ stretches: base.stretches, watch: base.watch })
    const tiles = () =>
      screen.getAllByRole('button', { name: /: shown$/ }).map((b) => b.getAttribute('aria-label'))
    const before = names.map((name) => `${name}: shown`)
    expect(tiles()).toEqual(before)
    fireEvent.keyDown(window, { key: '2' })
    expect(tiles()).toEqual(before)
    act(() => store.chooseSegment('game'))
    expect(tiles()).toEqual(before)
  })

  it('takes the talk, how a question went, and votes in a few taps', async () => {
    const base = hall(names)
    base.stretches[0].task.question = 'Where does it point?'
    base.stretches[0].plan.level = 2
    open({ stretches: base.stretches })
    await press('Talk')
    fireEvent.change(screen.getByLabelText('What was said'), { target: { value: 'The ball hops.' } })
    await press('What did you learn?')
    await press('some knew')
    await press('drill: favourite')
    await press('drill: favourite')
    await press('drill: hardest')
    expect(screen.getByRole('button', { name: 'drill: favourite' })).toHaveTextContent('favourite 2')
    await saved()
    expect(events().map((e) => [e.kind, e.body])).toEqual([
      ['TALK', { part: 'learnt', text: 'The ball hops.' }],
      ['TALK', { part: 'question', question: 'Where does it point?', how: 'some knew' }],
      ['VOTE', { activity: 'drill', what: 'favourite' }],
      ['VOTE', { activity: 'drill', what: 'favourite' }],
      ['VOTE', { activity: 'drill', what: 'hardest' }],
    ])
  })

  it('takes the register with who sits out', async () => {
    open()
    await press(/^Register/)
    await press('Ada sits out')
    await press(/^Ben here/)
    await saved()
    expect(server.batches.flatMap((b) => b.register).map((r) => [r.child, r.present, r.sitsOut])).toEqual([
      ['id-Ada', true, true],
      ['id-Ben', false, false],
    ])
    expect(screen.getByText('sits out', { selector: 'span' })).toBeInTheDocument()
  })

  it('works the lesson out anew once the register is closed', async () => {
    const refit = vi.fn(async () => store.refit({ ...hall(names), stretches: [] }))
    store = createHallStore({
      hall: hall(names),
      person: 'me',
      device: 'd',
      outbox,
      send: server.send,
      pauses: [5],
    })
    render(<HallScreen store={store} person="me" lasting refit={refit} />)
    await press(/^Register/)
    expect(refit).not.toHaveBeenCalled()
    await press('Close the register')
    expect(refit).toHaveBeenCalledTimes(1)
    expect(store.get().hall.stretches).toEqual([])
  })

  it('does not say that all is saved before it has looked what an earlier page left', async () => {
    let look = (_: never[]) => {}
    const slow = { ...outbox, all: () => new Promise<never[]>((done) => (look = done)) }
    store = createHallStore({ hall: hall(names), person: 'me', device: 'd', outbox: slow, send: server.send })
    render(<HallScreen store={store} person="me" lasting />)
    expect(screen.queryByText(/all saved/)).not.toBeInTheDocument()
    // Looked up once to show what waits, once to send it, once to say how it stands.
    for (let i = 0; i < 3; i++) await act(async () => look([]))
    expect(screen.getByText(/all saved/)).toBeInTheDocument()
  })

  it('does not bring back what was taken back when the page is opened anew with no network', async () => {
    const first = open()
    await press('Start the clock')
    await press('Next')
    await saved()
    const kept = events().map((what) => ({
      what,
      by: 'Robin',
      voided: false,
    }))
    await press('Back')
    first.unmount()
    open({ events: kept })
    expect(store.get().clock.map((e) => e.does)).toEqual(['begin'])
  })

  it('keeps a running set of tries over a reload, and writes it down when what is counted changes', async () => {
    const first = open()
    await press('Hits')
    await press(/^Ada: hit/)
    await press(/^Ada: miss/)
    first.unmount()
    again()
    expect(screen.getByText('1 of 2, 3 left')).toBeInTheDocument()
    await press('own hand')
    await press(/^Ada: hit/)
    await press('All')
    await saved()
    expect(server.batches.flatMap((b) => b.hits ?? []).map((h) => [h.hits, h.missed, h.side])).toEqual([
      [1, 1, 'LEFT'],
      [1, 0, 'RIGHT'],
    ])
  })

  it('knows no other hand of a child whose own is not settled', async () => {
    const base = hall(names)
    base.grid.rows[1].child.sides = []
    open({ grid: base.grid })
    fireEvent.contextMenu(screen.getByRole('button', { name: 'Ben: shown' }))
    expect(screen.queryByRole('button', { name: 'Other hand: shown' })).not.toBeInTheDocument()
  })

  it('eases what runs, whatever is watched', async () => {
    open()
    await press('Start the clock')
    act(() => store.chooseSegment('game'))
    await press('Harder')
    expect(store.get().steps).toEqual({ drill: 2 })
  })

  it('takes every pair’s count with one press each, and takes the last back', async () => {
    open()
    await press('Count')
    expect(screen.getByRole('group', { name: 'Ada & Ben' })).toBeInTheDocument()
    await press('+ 30')
    await press('34')
    expect(screen.getByText('That is everyone')).toBeInTheDocument()
    expect(screen.getByText('34 in all, from 1 counts')).toBeInTheDocument()
    await press('↶ the last')
    expect(screen.getByRole('group', { name: 'Ada & Ben' })).toBeInTheDocument()
    await press('Throws by zone')
    await press('other hand')
    await press('2.5')
    await saved()
    expect(events().map((e) => [e.kind, e.body])).toEqual([
      ['COUNT', { what: 'together', children: ['id-Ada', 'id-Ben'], count: 34, side: 'own' }],
      ['COUNT', { what: 'throw', children: ['id-Ada'], count: 2500, side: 'other' }],
    ])
    expect(voids().map((v) => v.trial)).toEqual([events()[0].id])
  })

  it('writes down when the change was done and each go, and takes a go back', async () => {
    const change = hall(names)
    change.stretches[0].plan.changeSeconds = 30
    open({ stretches: change.stretches })
    await press('Start the clock')
    await press('They play')
    expect(screen.queryByRole('button', { name: 'They play' })).not.toBeInTheDocument()
    await press('Goes')
    await press(/^Ada: 0 goes/)
    await press(/^Ada: one go less/)
    await saved()
    expect(events().map((e) => e.body)).toEqual([
      { does: 'begin' },
      { does: 'set' },
      { does: 'turn', child: 'id-Ada' },
    ])
    expect(voids().map((v) => v.trial)).toEqual([events()[2].id])
  })

  it('knows who has not had each role', async () => {
    const roles = hall(names)
    roles.stretches[0].task.roles = ['rolls', 'gathers']
    open({ stretches: roles.stretches })
    await press('Goes')
    await press('Ada: 0 goes, next')
    expect(screen.getByText('1 next')).toBeInTheDocument()
    await press('gathers')
    expect(screen.getByRole('button', { name: 'Ada: 0 goes, next' })).toBeInTheDocument()
    await press('Ben: 0 goes, next')
    await press('rolls')
    expect(screen.getByRole('button', { name: 'Ben: 0 goes, next' })).toBeInTheDocument()
    await saved()
    expect(events().map((e) => e.body)).toEqual([
      { does: 'turn', child: 'id-Ada', role: 'rolls' },
      { does: 'turn', child: 'id-Ben', role: 'gathers' },
    ])
  })

  it('finds a side with one press, as no trial', async () => {
    open()
    await press('Sides')
    await press('foot')
    expect(screen.getByText(/2 not settled yet/)).toBeInTheDocument()
    await press('Ben: left foot')
    expect(screen.getByText(/1 not settled yet/)).toBeInTheDocument()
    await saved()
    expect(events().map((e) => [e.kind, e.body])).toEqual([
      ['SIDE', { child: 'id-Ben', action: 'KICK', side: 'LEFT' }],
    ])
    expect(server.trials()).toEqual([])
  })

  it('watches two cues at once, each with its own halves', async () => {
    open()
    await press('Two cues')
    await press('Ada, Call roll/foot: shown')
    await press('Ada, Call roll/low: not yet')
    await saved()
    expect(server.trials().map((t) => [t.cue, t.shown])).toEqual([
      ['roll/foot', true],
      ['roll/low', false],
    ])
    await press('Two cues')
    expect(screen.getByRole('button', { name: 'Ada: shown' })).toBeInTheDocument()
  })

  it('says which thing hits were counted with, and how wide the target was', async () => {
    const two = hall(names)
    must(two.stretches[0].things).sent = [
      { key: 'foam-ball', name: 'foam ball' },
      { key: 'sock-ball', name: 'sock ball' },
    ]
    must(two.stretches[0].things).targetMm = 300
    open({ stretches: two.stretches })
    await press('Hits')
    await press('sock ball')
    await press('3 tries')
    for (let i = 0; i < 3; i++) await press(/Ada: hit/)
    await saved()
    const [set] = server.batches.flatMap((b) => b.hits ?? [])
    expect([set.item, set.widthMm, set.hits]).toEqual(['sock-ball', 300, 3])
  })

  it('has the game of another device', () => {
    const event = (id: string, body: Schemas['ScoreBody']) => ({
      what: {
        id,
        kind: 'SCORE' as const,
        lesson: 'lesson-1',
        body,
        seq: Number(id),
        at: new Date().toISOString(),
      },
      by: 'Robin',
      voided: false,
    })
    open({
      events: [
        event('1', { score: 'g', game: 'hits 5', sides: ['Blue', 'Orange'] }),
        event('2', { score: 'g', event: 's a 0 4' }),
        event('3', { score: 'other', event: 's b 0 4' }),
      ],
    })
    expect(store.get().score).toEqual({
      id: 'g',
      game: 'hits 5',
      sides: ['Blue', 'Orange'],
      events: ['s a 0 4'],
    })
  })

  it('says what the lesson becomes inside with no network', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('no network')))
    open({
      wet: { to: 'the hall', stretches: [{ id: 'drill', same: true, sentence: 'Drill stays: 6 lanes.' }] },
    })
    await press('Rain')
    expect(screen.getByText('Drill stays: 6 lanes.')).toBeInTheDocument()
    await press('It rains: bring it inside')
    expect(await screen.findByText(/No connection: teach it by the lines above/)).toBeInTheDocument()
    vi.unstubAllGlobals()
  })
})
