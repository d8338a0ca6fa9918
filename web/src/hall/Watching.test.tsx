import { act, fireEvent, render, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { HallScreen } from './HallScreen'
import { type Outbox, passingOutbox } from './outbox'
import { SendError } from './sender'
import { createHallStore, type HallStore, type HallView, type Mode, type Panel } from './store'
import { cell, hall, keepingServer, must, pressing, settle } from './testing'

const names = ['Ada', 'Ben', 'Cleo', 'Dov', 'Esme']

describe('what is on the screen', () => {
  let server: ReturnType<typeof keepingServer>
  let store: HallStore
  let outbox: Outbox
  const open = (
    change: Partial<HallView> = {},
    send = server.send,
    plan?: () => Promise<HallView['watch']>,
  ) => {
    store = createHallStore({
      hall: { ...hall(names), ...change },
      person: 'me',
      device: 'd',
      outbox,
      send,
      pauses: [5],
      plan,
    })
    return render(<HallScreen store={store} person="me" lasting />)
  }
  const press = pressing(() => store)
  const saved = () => act(() => settle(() => store.get().sending.status === 'saved'))
  const events = () => server.batches.flatMap((b) => b.events ?? [])
  const shownFor = () =>
    screen
      .queryAllByRole('button', { name: /: shown$/ })
      .map((b) => b.getAttribute('aria-label')?.replace(': shown', ''))

  beforeEach(() => {
    localStorage.clear()
    server = keepingServer()
    outbox = passingOutbox()
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it('is what to do and to say before the lesson and at each change, and the children once they play', async () => {
    const base = hall(names)
    base.stretches[0].plan.focus = ['roll/foot']
    open({ stretches: base.stretches })
    expect(shownFor()).toEqual([])
    expect(screen.getByText('How drill goes.')).toBeInTheDocument()
    expect(within(screen.getByRole('main')).getByText('“Call roll/foot”')).toBeInTheDocument()
    await press('Start the clock')
    await press('They play: show the children')
    expect(shownFor()).toEqual(names)
    expect(store.get().playing).toBe('drill')
    await press('Next')
    expect(screen.getByText('How game goes.')).toBeInTheDocument()
    expect(shownFor()).toEqual([])
  })

  it('strikes off the plan of looks what was made, and plans anew with the looks that came in', async () => {
    const watches = ['Ada', 'Ben'].map((child) => ({ child, cue: 'roll/foot', looks: 1 }))
    const watch = [{ segment: 'drill', watches, reason: '' }]
    const cleo = [{ child: 'Cleo', cue: 'roll/foot', looks: 2 }]
    const plan = vi.fn(async () => [{ segment: 'drill', watches: cleo, reason: '' }])
    open({ watch } as Partial<HallView>, server.send, plan)
    await act(async () => store.watch('all'))
    expect(screen.getByText(/◉ 2 first/)).toBeInTheDocument()
    act(() => store.press('Ada', true))
    // At once, also where nothing can be sent.
    expect(screen.getByText(/◉ 1 first/)).toBeInTheDocument()
    await saved()
    await act(() => settle(() => store.get().plannedAt > 0))
    expect(plan).toHaveBeenCalledTimes(1)
    expect(store.get().hall.watch[0].watches[0].child).toBe('Cleo')
    act(() => store.press('Ben', true))
    await saved()
    // Not with each press.
    expect(plan).toHaveBeenCalledTimes(1)
  })

  it('reads aloud what is to be said, and stops', async () => {
    const speak = vi.fn()
    const cancel = vi.fn()
    vi.stubGlobal('speechSynthesis', { speak, cancel })
    vi.stubGlobal(
      'SpeechSynthesisUtterance',
      class {
        constructor(readonly text: string) {}
      },
    )
    open()
    await press('Read it aloud')
    expect(speak.mock.calls[0][0].text).toContain('How drill goes.')
    cancel.mockClear()
    await press('Stop reading')
    expect(cancel).toHaveBeenCalled()
  })

  it('shows three at a time, those first who would tell most, and the next when each has a look', async () => {
    open({
      firstLooks: [{ child: 'id-Esme', cue: 'roll/foot' }],
      watch: [{ segment: 'drill', watches: [{ child: 'id-Dov', cue: 'roll/foot', looks: 2 }], reason: '' }],
      grid: hall(names, { Ada: cell('EMERGING', [true, true]) }).grid,
    })
    // The clock stands still but where it is moved, however slow the machine is.
    vi.useFakeTimers({ toFake: ['Date'] })
    await press('Three')
    expect(shownFor()).toEqual(['Esme', 'Dov', 'Ben'])
    for (const name of ['Esme', 'Dov']) await press(`${name}: shown`)
    // A second press of the same thumb is none.
    await press('Dov: shown')
    expect(shownFor()).toEqual(['Esme', 'Dov', 'Ben'])
    await press('Ben: not yet')
    expect(shownFor()).toEqual(['Cleo', 'Ada'])
    // What comes within half a second was meant for those before.
    vi.setSystemTime(Date.now() + 500)
    await press('Cleo: shown')
    expect(store.get().pressed.map((p) => p.name)).toEqual(['Esme', 'Dov', 'Ben'])
    vi.setSystemTime(Date.now() + 1)
    await press('Cleo: shown')
    expect(store.get().pressed.map((p) => p.name)).toEqual(['Esme', 'Dov', 'Ben', 'Cleo'])
    await press(/^The next/)
    expect(screen.getByText('That is everyone who is here.')).toBeInTheDocument()
  })

  it('shows who stands where the teacher stands', async () => {
    const base = hall(names)
    const group = (...of: string[]) => ({
      label: of.join(),
      children: of.map((name) => ({ id: `id-${name}`, name, leftHanded: false })),
    })
    must(base.stretches[0].floor).groups = [group('Ada', 'Cleo'), group('Ben'), group('Dov', 'Esme')]
    const from = {
      stands: [
        { x: 1, y: 1, groups: [2, 1], looks: 3 },
        { x: 9, y: 1, groups: [0], looks: 1 },
      ],
      swaps: [],
      places: [],
      byCue: {},
      reason: '',
    }
    open({ stretches: base.stretches, watch: [{ segment: 'drill', watches: [], reason: '', from }] })
    await press('By place')
    expect(shownFor()).toEqual(['Ben', 'Dov', 'Esme'])
    await press(/^spot 2/)
    expect(shownFor()).toEqual(['Ada', 'Cleo'])
  })

  it('says what a swipe over what runs would change, and does it only then', async () => {
    open()
    await press('Start the clock')
    const what = screen.getByRole('heading', { level: 1 }).parentElement as HTMLElement
    const swipe = (from: number, to: number) => {
      fireEvent.pointerDown(what, { clientX: from })
      fireEvent.pointerUp(what, { clientX: to })
    }
    swipe(300, 250)
    expect(screen.queryByRole('alertdialog')).not.toBeInTheDocument()
    swipe(300, 200)
    expect(screen.getByRole('alertdialog')).toHaveTextContent(/drill ends .* early; then game/)
    await press('No')
    expect(store.get().clock.map((e) => e.does)).toEqual(['begin'])
    swipe(200, 300)
    expect(screen.getByRole('alertdialog')).toHaveTextContent(/drill has/)
    await press('Do it')
    expect(store.get().clock.map((e) => e.does)).toEqual(['begin', 'longer'])
  })

  it('says how the lesson ended by what ran, and takes it back', async () => {
    const base = hall(names)
    base.stretches[1].plan.introduces = ['roll/low']
    open({ stretches: base.stretches, lesson: { ...base.lesson, onDate: today() } })
    await press('Start the clock')
    await press('End of the lesson')
    expect(screen.getByRole('dialog')).toHaveTextContent('game did not run')
    expect(screen.getByRole('dialog')).toHaveTextContent('“Call roll/low” was not introduced')
    await press('Cut short here')
    expect(screen.getByRole('dialog')).toHaveTextContent('Cut short. game did not run.')
    await press('Take it back')
    await press(/^game/)
    await press('Taught')
    await saved()
    const ends = events().filter((e) => e.kind === 'END')
    expect(ends.map((e) => e.kind === 'END' && e.body)).toEqual([
      { how: 'cut', ran: ['drill'] },
      { how: 'taught', ran: undefined },
    ])
    expect(server.batches.flatMap((b) => b.voids).map((v) => v.trial)).toEqual([ends[0].id])
  })

  it('asks once more before a lesson of another day ends', async () => {
    open()
    await press('End of the lesson')
    expect(screen.getByRole('dialog')).toHaveTextContent(/It is planned for .*, not for today/)
    expect(screen.queryByRole('button', { name: 'Taught' })).not.toBeInTheDocument()
    await press(/all the same$/)
    expect(screen.getByRole('button', { name: 'Taught' })).toBeInTheDocument()
  })

  it('signs in again over the page and sends, as the same person alone', async () => {
    let signedOut = true
    open({}, async (batch) => {
      if (signedOut) throw new SendError(401, '')
      return server.send(batch)
    })
    await press('All')
    await press('Ada: shown')
    const asked = await screen.findByRole('button', { name: 'Signed out: sign in again' })
    fireEvent.click(asked)
    const answer = (person: string) => async () => {
      signedOut = person !== 'me'
      return new Response(JSON.stringify({ person }))
    }
    const fetched = vi.fn(answer('somebody else'))
    vi.stubGlobal('fetch', fetched)
    fireEvent.change(screen.getByLabelText('Sign-in'), { target: { value: 'robin' } })
    fireEvent.change(screen.getByLabelText('Password'), { target: { value: 'secret' } })
    await press('Sign in')
    expect(screen.getByRole('alert')).toHaveTextContent('somebody else')
    fetched.mockImplementation(answer('me'))
    await press('Sign in')
    await saved()
    expect(server.trials()).toHaveLength(1)
    expect(screen.queryByRole('button', { name: /sign in again/ })).not.toBeInTheDocument()
  })
})

const today = () => {
  const now = new Date()
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
}

// Held by the compiler: each would be a screen that cannot be.
it('has no screen that cannot be', () => {
  const impossible: unknown[] = [
    // @ts-expect-error: a second cue belongs to watching all
    { kind: 'watch', way: 'ten', second: 'roll/low' } satisfies Mode,
    // @ts-expect-error: goes have no sittings
    { kind: 'goes', role: '', sittings: {} } satisfies Mode,
    // @ts-expect-error: hits are counted out of something
    { kind: 'hits' } satisfies Mode,
    // @ts-expect-error: somebody is held
    { kind: 'held' } satisfies Panel,
    // @ts-expect-error: only a held tile has a child
    { kind: 'more', child: 'id-Ada' } satisfies Panel,
  ]
  expect(impossible).toHaveLength(5)
})
