import { fireEvent, render, screen } from '@testing-library/react'
import { MemoryRouter } from 'react-router'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Board } from './Board'
import { lesson, segment, unit } from './testing'

describe('the board', () => {
  const select = vi.fn()
  const move = vi.fn()
  const moveTo = vi.fn()
  const minutes = vi.fn()
  const lessons = [
    lesson(0, 'PLANNED', [
      segment('a'),
      segment('b', { skill: 'roll', level: 3, rung: 'partner' }),
      segment('c', { skill: 'roll', level: 2, rung: 'wall', play: true }),
    ]),
    lesson(1, 'LOST', []),
    lesson(2, 'PLANNED', [segment('d', { locked: true }), segment('e')]),
    lesson(3, 'TAUGHT', [segment('f')]),
  ]
  const draw = (selected?: string) =>
    render(
      <MemoryRouter>
        <Board
          unit={unit(lessons)}
          selected={selected}
          select={select}
          move={move}
          moveTo={moveTo}
          minutes={minutes}
        />
      </MemoryRouter>,
    )
  const block = (name: RegExp) => screen.getByRole('button', { name })

  beforeEach(() => {
    vi.clearAllMocks()
  })

  it('names each block with its minutes, rung, lock and strain', () => {
    draw()
    expect(block(/^b, 10 minutes, level 3, partner$/)).toBeInTheDocument()
    expect(block(/^c, 10 minutes, play, level 2, wall, strained$/)).toBeInTheDocument()
    expect(block(/^d, 10 minutes, practise, locked$/)).toBeInTheDocument()
    expect(screen.getByText(/waits for the next unit/)).toBeInTheDocument()
    expect(screen.getByText('3 × in 2 ↔1')).toBeInTheDocument()
    expect(screen.getAllByText(/2 change-overs, 50 s/)).toHaveLength(3)
  })

  it('has a bar under a thread for each lesson to come, and says the same in words', () => {
    const u = unit(lessons)
    const thread = u.threads[0].cues[0]
    const band = (low: number, high: number) => ({ low, middle: low, high })
    render(
      <MemoryRouter>
        <Board
          unit={u}
          select={select}
          move={move}
          moveTo={moveTo}
          minutes={minutes}
          rehearsal={{
            children: 20,
            classes: 200,
            cues: [
              {
                cue: thread.key,
                call: thread.call,
                before: band(2, 5),
                after: [{ lesson: u.lessons[2].id, number: 3, owned: band(9, 14) }],
              },
            ],
            behind: [],
            sentences: ['Lesson 3 has few tries.'],
            beside: 'Better in 80 of 100 rehearsed classes: about 9 marks more there at the end.',
          }}
        />
      </MemoryRouter>,
    )
    const words = `“${thread.call}” after lesson 3: likely there in 9 to 14 of 20 children`
    expect(screen.getByText(words)).toBeInTheDocument()
    expect(screen.getByText(`${thread.call}: now 2 to 5 of 20, after lesson 3 9 to 14`)).toBeInTheDocument()
    expect(screen.getByRole('region', { name: 'Rehearsed' })).toHaveTextContent(
      'Beside the version before: better in 80 of 100',
    )
  })

  it('is walked by arrows, over a lost lesson too', () => {
    draw('b')
    fireEvent.keyDown(block(/^b,/), { key: 'ArrowDown' })
    expect(select).toHaveBeenLastCalledWith('c')
    fireEvent.keyDown(block(/^b,/), { key: 'ArrowRight' })
    expect(select).toHaveBeenLastCalledWith('e')
    fireEvent.keyDown(block(/^a,/), { key: 'ArrowUp' })
    expect(select).toHaveBeenLastCalledWith('e')
  })

  it('moves a block by Alt and an arrow, not over the edge', () => {
    draw('b')
    fireEvent.keyDown(block(/^b,/), { key: 'ArrowDown', altKey: true })
    expect(move).toHaveBeenCalledWith(lessons[0].segments[1], 2)
    fireEvent.keyDown(block(/^c,/), { key: 'ArrowDown', altKey: true })
    expect(move).toHaveBeenCalledTimes(1)
  })

  it('moves a block by dragging it past the middle of its neighbour', () => {
    draw('a')
    const a = block(/^a,/)
    a.setPointerCapture = () => {}
    fireEvent.pointerDown(a, { button: 0, pointerId: 1, clientY: 0 })
    fireEvent.pointerMove(a, { pointerId: 1, clientY: 60 })
    fireEvent.pointerUp(a, { pointerId: 1, clientY: 60 })
    expect(move).toHaveBeenCalledWith(lessons[0].segments[0], 1)
  })

  it('moves a block to the next planned lesson by Alt and an arrow', () => {
    draw('b')
    fireEvent.keyDown(block(/^b,/), { key: 'ArrowRight', altKey: true })
    expect(moveTo).toHaveBeenCalledWith('b', 2)
  })

  it('draws a block longer by its foot', () => {
    draw('b')
    const b = block(/^b,/)
    b.setPointerCapture = () => {}
    b.getBoundingClientRect = () => ({ bottom: 100, height: 90 }) as DOMRect
    fireEvent.pointerDown(b, { button: 0, pointerId: 1, clientX: 5, clientY: 97 })
    fireEvent.pointerMove(b, { pointerId: 1, clientX: 5, clientY: 97 + 30 })
    fireEvent.pointerUp(b, { pointerId: 1, clientX: 5, clientY: 97 + 30 })
    expect(minutes).toHaveBeenCalledWith(lessons[0].segments[1], 13)
    expect(move).not.toHaveBeenCalled()
  })

  it('does not drag what is locked or taught', () => {
    draw()
    for (const name of [/^d,/, /^f,/]) {
      fireEvent.pointerDown(block(name), { button: 0, pointerId: 1, clientY: 0 })
      fireEvent.pointerUp(block(name), { pointerId: 1, clientY: 300 })
    }
    expect(move).not.toHaveBeenCalled()
  })

  it('is entered at its first block, and left by one Tab', () => {
    draw()
    const inOrder = screen.getAllByRole('button').filter((b) => b.tabIndex === 0)
    expect(inOrder).toHaveLength(1)
  })
})
