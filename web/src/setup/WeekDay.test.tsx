import { fireEvent, render, screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { type Drawn, PIXELS_A_MINUTE, sideBySide, spanOf, TOP_PX, WeekDay } from './WeekDay'

it('takes what is drawn for a lesson, and a press for a usual one', () => {
  expect(spanOf('MONDAY', 540, 575)).toEqual({ day: 'MONDAY', starts: '09:00', minutes: 35 })
  expect(spanOf('MONDAY', 575, 540)).toEqual({ day: 'MONDAY', starts: '09:00', minutes: 35 })
  expect(spanOf('MONDAY', 605, 605)).toEqual({ day: 'MONDAY', starts: '10:05', minutes: 45 })
  expect(spanOf('MONDAY', 480, 720).minutes).toBe(120)
})

it('is drawn into by the pointer, in steps of five minutes', () => {
  const drawn: Drawn[] = []
  const { container } = render(
    <WeekDay day="FRIDAY" slots={[]} first={480} height={600} edit={() => {}} drawn={(d) => drawn.push(d)} />,
  )
  const day = container.firstElementChild as Element
  const at = (minutes: number) => ({
    clientY: (minutes - 480) * PIXELS_A_MINUTE + TOP_PX,
    button: 0,
    pointerId: 1,
  })
  fireEvent.pointerDown(day, at(551))
  fireEvent.pointerMove(day, at(579))
  expect(screen.getByText('09:10, 30 min')).toBeInTheDocument()
  fireEvent.pointerUp(day, at(579))
  expect(drawn).toEqual([{ day: 'FRIDAY', starts: '09:10', minutes: 30 }])
  expect(screen.queryByText(/min$/)).toBeNull()
})

it('lays lessons at one time side by side, and others over the whole day', () => {
  const slot = (id: string, starts: string, minutes: number) =>
    ({ id, starts: `${starts}:00`, minutes }) as Parameters<typeof sideBySide>[0][number]
  const laid = sideBySide([
    slot('d', '11:00', 30),
    slot('b', '09:20', 40),
    slot('a', '09:00', 40),
    slot('c', '09:40', 30),
  ])
  expect(laid.map((l) => [l.slot.id, l.lane, l.lanes])).toEqual([
    ['a', 0, 2],
    ['b', 1, 2],
    ['c', 0, 2],
    ['d', 0, 1],
  ])
})
