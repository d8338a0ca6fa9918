import type { Schemas } from '../api/client'

/** Made-up units for the tests of the board. */
type Segment = Schemas['SegmentView']
type Lesson = Schemas['LessonView']

export const segment = (id: string, more: Partial<Segment> = {}): Segment => ({
  id,
  activity: id,
  name: id,
  how: '',
  phases: ['PRACTISE'],
  play: false,
  locked: false,
  minutes: 10,
  changeSeconds: 0,
  introduces: [],
  focus: [],
  tries: 20,
  looks: 5,
  motionPercent: 50,
  formation: '',
  kit: [],
  cautions: [],
  step: 0,
  reasons: [],
  stations: [],
  ...more,
})

export const lesson = (position: number, state: Lesson['state'], segments: Segment[]): Lesson => ({
  id: `lesson-${position}`,
  position,
  onDate: '2026-10-06',
  minutes: 30,
  space: 'Hall',
  state,
  fits: true,
  tries: 40,
  motionPercent: 50,
  looks: 10,
  changes: 2,
  changeSeconds: 50,
  segments,
})

export const unit = (lessons: Lesson[]): Schemas['UnitView'] => ({
  id: 'u',
  title: 'T',
  schoolClass: { id: 'c', name: 'Curlews', yearAge: 7, year: 'Year 3', children: 27, leftHanded: 5 },
  head: 'h',
  cause: 'Planned',
  canUndo: false,
  canRedo: false,
  wishes: {
    order: 'INTERLEAVED',
    tempo: 'AS_IT_COMES',
    taste: 'AS_IT_COMES',
    fewLayouts: false,
    skipsRungs: false,
    repeats: false,
    favourites: [],
    bans: [],
    weights: {},
    ending: 'AS_IT_COMES',
  },
  wished: [],
  lessons,
  threads: [
    {
      skill: 'roll',
      name: 'Underarm roll',
      cueSet: 'roll/five',
      setName: 'Five',
      picked: false,
      leftOut: [],
      cues: [
        {
          key: 'roll/a',
          call: 'Other foot',
          question: 'Does it step?',
          waits: false,
          totals: { exposures: 3, lessons: 2, gap: 1, looks: 12 },
          marks: [
            { lesson: 0, segment: 'b', kind: 'INTRODUCED', tries: 20 },
            { lesson: 0, segment: 'b', kind: 'PRACTISED', tries: 20 },
          ],
        },
        {
          key: 'roll/b',
          call: 'Finish',
          question: 'Does it point?',
          waits: true,
          marks: [],
          totals: { exposures: 0, lessons: 0, gap: 0, looks: 0 },
          why: '“Finish” builds on “Other foot”, which waits too.',
        },
      ],
    },
  ],
  said: [],
  strains: [{ rule: 'R', level: 'HARD', lesson: 0, segment: 'c', cost: 1, sentence: 'Broken.' }],
  score: { hard: 1, medium: 0, soft: 0 },
  changes: [],
  leftOver: ['Finish'],
})
