import { expect, test } from 'vitest'
import { featureRows } from './featureRows'

const sets = [
  { key: 's/short', kind: 'SHORT' as const, name: 'Two', cues: ['s/look', 's/step'] },
  { key: 's/components', kind: 'COMPONENTS' as const, name: 'Three', cues: ['s/eyes', 's/foot', 's/arm'] },
  { key: 's/two-trial', kind: 'TWO_TRIAL' as const, name: 'Two', cues: ['s/foot', 's/only'] },
]
const links = [{ from: 's/foot', to: 's/step', relation: 'NARROWER' as const }]

test('a row is one feature in each set that has it', () => {
  expect(featureRows(sets, links)).toEqual([
    { cues: { COMPONENTS: 's/eyes' } },
    { cues: { COMPONENTS: 's/foot', TWO_TRIAL: 's/foot', SHORT: 's/step' }, relation: 'NARROWER' },
    { cues: { COMPONENTS: 's/arm' } },
    { cues: { TWO_TRIAL: 's/only' } },
    { cues: { SHORT: 's/look' } },
  ])
})

test('no cue is lost and none stands twice', () => {
  const shown = featureRows(sets, links).flatMap((r) => [...new Set(Object.values(r.cues))])
  expect(shown.sort()).toEqual(['s/arm', 's/eyes', 's/foot', 's/look', 's/only', 's/step'])
})

test('a skill without a test has rows all the same', () => {
  expect(featureRows(sets.slice(0, 2), [])).toHaveLength(5)
})
