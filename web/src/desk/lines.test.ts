import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { AT_ONCE, childOf, classesOn, linesFor } from './lines'

const lines: Schemas['ClassBeads'][] = ['Auks', 'Dunlins', 'Gulls', 'Knots', 'Terns', 'Stilts'].map(
  (name) => ({
    schoolClass: { id: name, name, yearAge: 7, year: 'Year 3', children: 20, leftHanded: 2 },
    beads: [],
    open: [],
    days: [],
  }),
)
const names = (shown: Schemas['ClassBeads'][]) => shown.map((l) => l.schoolClass.name)

test('the class of the child that a page is about comes first', () => {
  const enrolments = [
    { schoolClass: 'Gulls', name: 'Gulls', from: '2025-09-01', to: '2026-08-31' },
    { schoolClass: 'Stilts', name: 'Stilts', from: '2026-09-01' },
  ]
  const path = '/children/c1'
  expect(childOf(path)).toBe('c1')
  expect(childOf('/classes/c1')).toBeUndefined()
  const its = classesOn('2026-11-30', enrolments)
  expect(its).toEqual(['Stilts'])
  const shown = names(linesFor(lines, '2026-11-30', path, false, its))
  expect(shown).toHaveLength(AT_ONCE)
  expect(shown[0]).toBe('Stilts')
})
