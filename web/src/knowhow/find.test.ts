import { expect, test } from 'vitest'
import type { Schemas } from '../api/client'
import { findActivities, findSymptoms, holds, symptoms } from './find'

const same = (text: string) => ({ right: text, left: text, notSettled: text })

const activity = (key: string, more: Partial<Schemas['ActivityView']>): Schemas['ActivityView'] => ({
  key,
  name: key,
  phases: ['PRACTISE'],
  formation: 'in pairs',
  minutesLeast: 5,
  minutesMost: 9,
  ageFrom: 5,
  ageTo: 12,
  how: '',
  hosts: [],
  shows: [],
  metresLong: 5,
  each: 1.4,
  needs: [],
  levers: [],
  cautions: [],
  ...more,
})

const activities = [
  activity('Wide Lock', {
    skill: 'pass',
    level: 2,
    how: 'Pass the ball through the lock.',
    needs: [{ what: 'ball', like: 'foam ball (20 cm)', count: 1, per: 'group' }],
    shows: ['pass/beside'],
  }),
  activity('Broom Steps', { skill: 'pass', level: 1, formation: 'scattered', shows: ['pass/beside'] }),
  activity('Pilot Passes', { skill: 'pass', level: 3, phases: ['PLAY'], ageFrom: 7 }),
  activity('Harbour Talk', { phases: ['GATHER'] }),
]

const names = (wanted: Partial<Parameters<typeof findActivities>[1]>) =>
  findActivities(activities, { text: '', ...wanted }).map((a) => a.name)

test('words are found in any order, whatever their case', () => {
  expect(holds('Foam ball (20 cm)', 'BALL foam')).toBe(true)
  expect(holds('Foam ball', 'ball bag')).toBe(false)
  expect(holds('anything', '  ')).toBe(true)
})

test('drills and games come before what serves any skill', () => {
  const talk = activity('Harbour Talk', { phases: ['GATHER'] })
  const drill = activity('Broom Steps', { skill: 'pass', level: 1 })
  expect(findActivities([talk, drill], { text: '' })).toEqual([drill, talk])
})

test('activities are found by what is wished, all wishes together', () => {
  expect(names({})).toHaveLength(4)
  expect(names({ skill: 'pass' })).toEqual(['Wide Lock', 'Broom Steps', 'Pilot Passes'])
  expect(names({ skill: 'pass', level: 2 })).toEqual(['Wide Lock'])
  expect(names({ phase: 'PLAY' })).toEqual(['Pilot Passes'])
  expect(names({ age: 6, skill: 'pass' })).toEqual(['Wide Lock', 'Broom Steps'])
  expect(names({ formation: 'scattered' })).toEqual(['Broom Steps'])
  expect(names({ text: 'foam lock' })).toEqual(['Wide Lock'])
  expect(names({ text: 'foam', phase: 'PLAY' })).toEqual([])
})

const skill = {
  key: 'pass',
  name: 'Inside-foot pass',
  cues: [
    {
      key: 'pass/beside',
      call: same('Stand beside it'),
      body: 'standing foot',
      view: same('from behind'),
      faults: [
        { seen: same('The foot stays behind the ball'), fix: same('Step on a spot marker') },
        { seen: same('The foot lands in front'), fix: same('Small steps') },
      ],
    },
  ],
} as unknown as Schemas['SkillView']

test('a symptom leads to its cue and to where the cue is seen, the lowest rung first', () => {
  const all = symptoms([skill], activities)
  expect(all).toHaveLength(2)
  const [found] = findSymptoms(all, 'behind ball')
  expect(found.cue.call.notSettled).toBe('Stand beside it')
  expect(found.use.map((a) => a.name)).toEqual(['Broom Steps', 'Wide Lock'])
  expect(findSymptoms(all, 'behind', 'another')).toEqual([])
})
