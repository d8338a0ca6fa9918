import { describe, expect, it } from 'vitest'
import { type ClockDoes, type ClockEvent, clockAt, clockWords } from './clock'

const plan = [
  { id: 'talk', minutes: 2 },
  { id: 'warm', minutes: 4 },
  { id: 'drill', minutes: 10 },
  { id: 'game', minutes: 10 },
  { id: 'close', minutes: 4 },
].map(({ id, minutes }) => ({ id, plan: { minutes } }))

/** Events by "does at second". */
const log = (...words: string[]): ClockEvent[] =>
  words.map((w, i) => {
    const [does, second] = w.split(' ')
    return { id: String(i), does: does as ClockDoes, at: Number(second) * 1000 }
  })
const at = (second: number, ...words: string[]) => clockAt(plan, log(...words), second * 1000)

describe('the clock of a lesson', () => {
  it('stands before it begins', () => {
    expect(at(99)).toMatchObject({ state: 'before', index: 0, left: 120, lessonLeft: 1800 })
  })

  it('runs through the plan as it is when each stretch ends on time', () => {
    expect(at(70, 'begin 10')).toMatchObject({ state: 'running', index: 0, left: 60, lessonLeft: 1740 })
    const drill = at(400, 'begin 0', 'next 120', 'next 360')
    expect(drill).toMatchObject({ index: 2, left: 560 })
    expect(drill.minutes).toEqual([120, 240, 600, 600, 240])
  })

  it('takes an added minute from what comes, and leaves the closing talk alone', () => {
    const c = at(360, 'begin 0', 'next 120', 'next 360', 'longer 360')
    expect(c.minutes).toEqual([120, 240, 660, 540, 240])
    const cut = at(360, 'begin 0', 'next 120', 'next 360', 'shorter 360')
    expect(cut.minutes).toEqual([120, 240, 540, 660, 240])
  })

  it('takes what runs over from what comes, minute by minute', () => {
    const over = at(1080, 'begin 0', 'next 120', 'next 360')
    expect(over.left).toBe(-120)
    expect(over.minutes[3]).toBe(480)
    expect(over.minutes[4]).toBe(240)
    const next = at(1081, 'begin 0', 'next 120', 'next 360', 'next 1080')
    expect(next.has).toBe(480)
  })

  it('keeps at least a minute of the closing talk when all is late', () => {
    const late = at(1790, 'begin 0', 'next 10', 'next 20', 'next 30', 'next 1790')
    expect(late).toMatchObject({ index: 4, has: 60, left: 60 })
  })

  it('gives what was skipped to what comes', () => {
    const skipped = at(121, 'begin 0', 'next 120', 'next 121')
    expect(skipped.minutes[2] + skipped.minutes[3]).toBeGreaterThanOrEqual(1430)
    expect(skipped.minutes[2] + skipped.minutes[3]).toBeLessThanOrEqual(1440)
    expect(skipped.minutes[4]).toBe(240)
  })

  it('repeats a stretch out of what is left', () => {
    const again = at(960, 'begin 0', 'next 120', 'next 360', 'repeat 960')
    expect(again).toMatchObject({ index: 2, left: again.has })
    expect(again.minutes[2] + again.minutes[3]).toBeCloseTo(600, -1)
  })

  it('stands while it is paused', () => {
    expect(at(300, 'begin 0', 'pause 60', 'resume 200')).toMatchObject({ left: -40, lessonLeft: 1640 })
    expect(at(300, 'begin 0', 'pause 60')).toMatchObject({ state: 'paused', left: 60, lessonLeft: 1740 })
  })

  it('is over after the last stretch and counts on', () => {
    expect(at(40, 'begin 0', 'next 1', 'next 2', 'next 3', 'next 4', 'next 5')).toMatchObject({
      state: 'over',
    })
  })

  it('is the same in whatever order its events come, and undone by leaving out the last', () => {
    const events = log(
      'begin 0',
      'next 100',
      'longer 130',
      'pause 200',
      'resume 260',
      'next 500',
      'shorter 600',
    )
    const shuffled = [3, 0, 6, 2, 5, 1, 4].map((i) => events[i])
    expect(clockAt(plan, shuffled, 700_000)).toEqual(clockAt(plan, events, 700_000))
    expect(clockAt(plan, events.slice(0, -1), 700_000)).toEqual(
      clockAt(
        plan,
        events.filter((e) => e.does !== 'shorter'),
        700_000,
      ),
    )
  })

  it('never promises more than the lesson has, whatever is pressed', () => {
    const kinds: ClockDoes[] = ['next', 'longer', 'shorter', 'pause', 'resume', 'repeat']
    let random = 7
    for (let run = 0; run < 200; run++) {
      const events = [{ id: 'a', does: 'begin' as ClockDoes, at: 0 }]
      let time = 0
      for (let i = 0; i < 12; i++) {
        random = (random * 1103515245 + 12345) % 2147483648
        time += (random % 150) * 1000
        events.push({ id: `b${i}`, does: kinds[random % kinds.length], at: time })
      }
      const c = clockAt(plan, events, time)
      if (c.state !== 'running' && c.state !== 'paused') continue
      const ahead = Math.max(0, c.left) + c.minutes.slice(c.index + 1).reduce((a, b) => a + b, 0)
      // The least of a closing talk, and rounding to five seconds, are all that may be over.
      if (c.lessonLeft > 300 && c.left < c.lessonLeft - 240) expect(ahead).toBeLessThan(c.lessonLeft + 20)
      for (const m of c.minutes) expect(m).toBeGreaterThanOrEqual(0)
    }
  })

  it('is told in minutes and seconds', () => {
    expect([0, 5, 59.2, 60, 334, -0.5, -61].map(clockWords)).toEqual([
      '0:00',
      '0:05',
      '1:00',
      '1:00',
      '5:34',
      '−0:01',
      '−1:01',
    ])
  })
})
