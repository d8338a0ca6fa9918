import type { Schemas } from '../api/client'

type Activity = Schemas['ActivityView']
type Skill = Schemas['SkillView']

export interface Wanted {
  /** words that all must stand in it, in any order */
  text: string
  skill?: string
  level?: number
  phase?: Activity['phases'][number]
  age?: number
  formation?: string
}

const plain = (text: string) => text.toLowerCase().normalize('NFKD')

/** True if every word stands somewhere in the text. */
export const holds = (text: string, words: string) =>
  plain(words)
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => plain(text).includes(word))

/** Activities that meet every wish: drills and games first, then what serves any skill. */
export const findActivities = (activities: Activity[], wanted: Wanted) =>
  activities
    .filter(
      (a) =>
        (wanted.skill === undefined || a.skill === wanted.skill) &&
        (wanted.level === undefined || a.level === wanted.level) &&
        (wanted.phase === undefined || a.phases.includes(wanted.phase)) &&
        (wanted.age === undefined || (a.ageFrom <= wanted.age && wanted.age <= a.ageTo)) &&
        (wanted.formation === undefined || a.formation === wanted.formation) &&
        holds(`${a.name} ${a.how} ${a.needs.map((n) => `${n.what} ${n.like}`).join(' ')}`, wanted.text),
    )
    .sort((a, b) => Number(!a.skill) - Number(!b.skill))

export interface Symptom {
  skill: Skill
  cue: Skill['cues'][number]
  fault: Skill['cues'][number]['faults'][number]
  /** drills and games in which the cue can be seen well, the lowest rung first */
  use: Activity[]
}

/** Every fault that is known, with the cue behind it and where to work on it. */
export const symptoms = (skills: Skill[], activities: Activity[]): Symptom[] =>
  skills.flatMap((skill) =>
    skill.cues.flatMap((cue) =>
      cue.faults.map((fault) => ({
        skill,
        cue,
        fault,
        use: activities
          .filter((a) => a.shows.includes(cue.key))
          .sort((a, b) => (a.level ?? 0) - (b.level ?? 0)),
      })),
    ),
  )

/** Symptoms that hold the words: in what is seen, in the fix, in the cue or its skill. */
export const findSymptoms = (all: Symptom[], words: string, skill?: string) =>
  all.filter(
    (s) =>
      (skill === undefined || s.skill.key === skill) &&
      holds(
        `${s.fault.seen.notSettled} ${s.fault.fix.notSettled} ${s.cue.call.notSettled} ${s.cue.body} ${s.skill.name}`,
        words,
      ),
  )
