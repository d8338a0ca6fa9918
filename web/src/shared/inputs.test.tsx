import { fireEvent, render, screen } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { DateInput } from './DateInput'
import { Failsafe } from './Failsafe'
import { fromCm, lengthWords, toCm } from './measures'

test('a day is told only once its year is whole', () => {
  const told = vi.fn()
  render(<DateInput aria-label="Day" value="2026-09-07" onChange={told} />)
  const field = screen.getByLabelText('Day')
  for (const typed of ['0002-09-08', '0020-09-08', '0202-09-08']) {
    fireEvent.change(field, { target: { value: typed } })
    expect(field).toHaveValue(typed)
  }
  expect(told).not.toHaveBeenCalled()
  fireEvent.change(field, { target: { value: '2027-09-08' } })
  expect(told).toHaveBeenCalledExactlyOnceWith('2027-09-08')
})

function Broken(): never {
  throw new Error('broken on purpose')
}

test('a page that breaks says so, and another page is another try', () => {
  vi.spyOn(console, 'error').mockImplementation(() => {})
  const { rerender } = render(
    <Failsafe place="/a">
      <Broken />
    </Failsafe>,
  )
  expect(screen.getByRole('alert')).toHaveTextContent('This page broke')
  rerender(
    <Failsafe place="/b">
      <p>whole</p>
    </Failsafe>,
  )
  expect(screen.getByText('whole')).toBeInTheDocument()
  vi.restoreAllMocks()
})

// 1 ft is 0.3048 m exactly (international foot).
test.each([
  [1700, '17 m', '55 ft 9 in'],
  [950, '9.5 m', '31 ft 2 in'],
  [3048, '30.48 m', '100 ft'],
])('%i cm is %s, or %s', (cm, metres, feet) => {
  expect(lengthWords(cm, 'METRES')).toBe(metres)
  expect(lengthWords(cm, 'FEET')).toBe(feet)
})

test('what is typed in feet is kept in centimetres and shown as it was typed', () => {
  for (const feet of [10, 31.5, 55.75, 100]) expect(fromCm(toCm(feet, 'FEET'), 'FEET')).toBeCloseTo(feet, 1)
  expect(toCm(9.5, 'METRES')).toBe(950)
})
