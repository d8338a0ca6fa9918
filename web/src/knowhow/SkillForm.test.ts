import { expect, test } from 'vitest'
import { clean } from './Editor'
import { inSets, renamed } from './SkillForm'

const hop = {
  key: 'hop',
  name: 'Hop',
  cues: [
    { key: 'hop/low', call: 'Low', 'from-age': 6, prerequisites: ['hop/foot', 'leap/push-off'] },
    { key: 'hop/foot', call: 'One foot', 'from-age': 4 },
    { key: 'hop/arms', call: 'Arms', 'from-age': 5 },
  ],
  sets: [
    { key: 'hop/components', kind: 'components', name: 'Three', cues: ['hop/foot', 'hop/arms', 'hop/low'] },
    { key: 'hop/short', kind: 'short', name: 'One', cues: ['hop/foot'] },
    { key: 'hop/two-trial', kind: 'two-trial', name: 'Test', cues: ['hop/low', 'hop/arms'] },
  ],
}

test('a copy has keys of its own, and refers to other skills as before', () => {
  const copy = renamed(inSets(hop), 'our-hop')
  expect(copy.key).toBe('our-hop')
  expect(copy.cues.map((c: { key: string }) => c.key)).toEqual([
    'our-hop/low',
    'our-hop/foot',
    'our-hop/arms',
  ])
  expect(copy.cues[0].prerequisites).toEqual(['our-hop/foot', 'leap/push-off'])
  expect(copy.sets.map((s: { key: string }) => s.key)).toEqual([
    'our-hop/components',
    'our-hop/short',
    'our-hop/two-trial',
  ])
  expect(copy.sets[2].cues).toEqual(['our-hop/low', 'our-hop/arms'])
})

test('sets are written youngest first from what each cue says', () => {
  const form = inSets(hop)
  expect(form.cues.map((c: { short: boolean }) => Boolean(c.short))).toEqual([false, true, false])
  form.cues[2].short = true
  const saved = renamed(form, 'hop')
  expect(saved.sets[0].cues).toEqual(['hop/foot', 'hop/arms', 'hop/low'])
  expect(saved.sets[1].cues).toEqual(['hop/foot', 'hop/arms'])
  expect(saved.cues[0]).not.toHaveProperty('short')
})

test('a new cue is named after its call', () => {
  const form = inSets(hop)
  form.cues.push({ call: 'Quiet feet', 'from-age': 7, components: true })
  expect(renamed(form, 'hop').cues[3].key).toBe('hop/quiet-feet')
})

test('what was left empty is left out, and false and nought stay', () => {
  expect(clean({ a: '', b: null, c: [], d: { e: undefined }, f: false, g: 0, h: [{ i: '' }, 'x'] })).toEqual({
    c: [],
    f: false,
    g: 0,
    h: ['x'],
  })
})
