import { fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { arrow } from './arrows'
import { useDrag } from './useDrag'

function Thing({ told, slack }: { told: string[]; slack?: number }) {
  const { begin, wasDrag, handlers } = useDrag<string>({
    move: (_, d) => told.push(`${d.what} ${d.dx},${d.dy}`),
    drop: (_, d) => told.push(d.moved ? 'dropped' : 'pressed'),
    cancel: () => told.push('given up'),
    slack,
  })
  return (
    <button
      type="button"
      onPointerDown={(e) => begin(e, 'ball')}
      onClick={() => told.push(wasDrag() ? 'no click' : 'click')}
      {...handlers}
    >
      thing
    </button>
  )
}

const at = (clientX: number, clientY = 0) => ({ clientX, clientY, button: 0, pointerId: 1 })

it('is a drag once it moved farther than a hand trembles, and no click then', () => {
  const told: string[] = []
  render(<Thing told={told} slack={5} />)
  const thing = screen.getByText('thing')
  fireEvent.pointerDown(thing, at(10))
  fireEvent.pointerMove(thing, at(13))
  fireEvent.pointerMove(thing, at(30, 4))
  fireEvent.pointerUp(thing, at(30, 4))
  fireEvent.click(thing)
  fireEvent.click(thing)
  expect(told).toEqual(['ball 20,4', 'dropped', 'no click', 'click'])
})

it('leaves a press, another button and one that was given up alone', () => {
  const told: string[] = []
  render(<Thing told={told} slack={5} />)
  const thing = screen.getByText('thing')
  fireEvent.pointerDown(thing, { ...at(0), button: 2 })
  fireEvent.pointerMove(thing, at(50))
  fireEvent.pointerUp(thing, at(50))
  fireEvent.pointerDown(thing, at(0))
  fireEvent.pointerUp(thing, at(2))
  fireEvent.pointerDown(thing, at(0))
  fireEvent.pointerMove(thing, at(50))
  fireEvent.pointerCancel(thing)
  fireEvent.pointerMove(thing, at(60))
  expect(told).toEqual(['pressed', 'ball 50,0', 'given up'])
})

it('knows where an arrow leads', () => {
  expect(arrow('ArrowUp')).toEqual({ across: 0, down: -1 })
  expect(arrow('ArrowRight')).toEqual({ across: 1, down: 0 })
  expect(arrow('Home')).toBeUndefined()
})
