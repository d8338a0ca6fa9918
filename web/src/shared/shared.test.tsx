import { render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { addDays, daysBetween, dayWords } from './dates'
import { Mark, markWords, Pips } from './Mark'
import { between, many } from './many'
import { rungFill, rungInk, tokens } from './tokens'
import { uuid7 } from './uuid7'

/** Relative luminance and contrast: WCAG 2.2, 1.4.3. */
function contrast(a: string, b: string) {
  const luminance = (hex: string) => {
    const [r, g, b] = [1, 3, 5]
      .map((i) => Number.parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
    return 0.2126 * r + 0.7152 * g + 0.0722 * b
  }
  const [hi, lo] = [luminance(a), luminance(b)].sort((x, y) => y - x)
  return (hi + 0.05) / (lo + 0.05)
}

describe('numbers in words', () => {
  it('count one as one, and say sizes that differ', () => {
    expect([0, 1, 2].map((n) => many(n, 'look'))).toEqual(['0 looks', '1 look', '2 looks'])
    expect(many(2, 'child', 'children')).toBe('2 children')
    expect([[3], [3, 3], [3, 2], [2, 5, 3]].map(between)).toEqual(['3', '3', '2 or 3', '2 to 5'])
  })
})

describe('ids', () => {
  it('are version 7, in the order of time, and never twice', () => {
    const early = uuid7(1_000)
    const late = uuid7(1_700_000_000_000)
    expect(early).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/)
    expect(early < late).toBe(true)
    expect(late.slice(0, 13).replace('-', '')).toBe((1_700_000_000_000).toString(16).padStart(12, '0'))
    expect(new Set(Array.from({ length: 2000 }, () => uuid7())).size).toBe(2000)
  })
})

describe('days', () => {
  it('are said as a teacher would', () => {
    expect(dayWords('2026-10-06')).toBe('Tue 6 Oct')
    expect(dayWords('2026-09-04')).toBe('Fri 4 Sep')
  })
  it('are counted over months and the change of the clock', () => {
    expect(addDays('2026-10-24', 2)).toBe('2026-10-26')
    expect(addDays('2026-12-30', 7)).toBe('2027-01-06')
    expect(daysBetween('2026-10-19', '2026-11-02')).toBe(14)
  })
})

describe('colours', () => {
  it('are measured right', () => {
    // The lightest grey at or over 4.5:1 on white: WCAG 2.2.
    expect(contrast('#767676', '#FFFFFF')).toBeCloseTo(4.54, 2)
  })
  it('keep text readable on every ground', () => {
    for (const text of [tokens.ink, tokens.mute, tokens.evidence, tokens.tape, tokens.play])
      for (const ground of [tokens.paper, tokens.panel])
        expect(contrast(text, ground)).toBeGreaterThanOrEqual(4.5)
    rungFill.forEach((fill, i) => {
      expect(contrast(rungInk(i + 1), fill)).toBeGreaterThanOrEqual(4.5)
    })
  })
})

describe('the mastery mark', () => {
  it.each([
    'NOT_TAUGHT',
    'NOT_SEEN',
    'EMERGING',
    'NEAR',
    'SECURE',
    'MASTERED',
    'DUE',
    'NOT_APPLYING',
  ] as const)('says %s in words and by its shape', (mark) => {
    const { container } = render(<Mark mark={mark} fill={40} />)
    expect(screen.getByRole('img', { name: markWords(mark) })).toBeInTheDocument()
    expect(container.querySelectorAll('rect, path').length).toBeGreaterThan(0)
  })
  it('has a shape of its own for each state', () => {
    const shapes = (['NOT_TAUGHT', 'NOT_SEEN', 'EMERGING', 'NEAR', 'SECURE', 'MASTERED', 'DUE'] as const).map(
      (mark) => {
        const { container, unmount } = render(<Mark mark={mark} fill={40} />)
        const shape = container.querySelector('svg')?.innerHTML
        unmount()
        return shape
      },
    )
    expect(new Set(shapes).size).toBe(7)
  })
  it('never looks full while it is only emerging', () => {
    const { container } = render(<Mark mark="EMERGING" fill={100} />)
    expect(Number(container.querySelector('rect')?.getAttribute('height'))).toBeLessThan(13)
  })
})

describe('pips', () => {
  it('say how many of the last were shown', () => {
    render(<Pips pips={[true, false, true]} />)
    expect(screen.getByRole('img', { name: '2 of the last 3 shown' }).querySelectorAll('rect')).toHaveLength(
      3,
    )
  })
  it('are not there before the first look', () => {
    const { container } = render(<Pips pips={[]} />)
    expect(container).toBeEmptyDOMElement()
  })
})
