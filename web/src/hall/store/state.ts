import type { Schemas } from '../../api/client'
import type { ClockDoes, ClockEvent } from '../clock'
import type { Counting, Miss, ScoreLog, Sets, Tries } from '../counted'
import type { Count, What } from '../counts'
import type { LessonEvent } from '../outbox'
import type { SendState } from '../sender'

export type HallView = Schemas['HallView']
export type Cell = Schemas['Cell']

/** A press that can still be taken back. */
export interface Pressed {
  trial: string
  child: string
  name: string
  cue: string
  shown: boolean
  /** when it was seen */
  at: string
  fault?: string
}

/** What the tiles are for. One at a time; what belongs to one of them cannot be there in another. */
export type Mode =
  /** nothing to see yet: what to do and to say stands large */
  | { kind: 'say' }
  /** every child, for one cue or for two */
  | { kind: 'watch'; way: 'all'; second: string | null }
  /** three names at a time; or whoever stands where the teacher stands */
  | { kind: 'watch'; way: 'ten' | 'place' }
  /** five looks at each; a sitting a child */
  | { kind: 'check'; sittings: Readonly<Record<string, string>> }
  | { kind: 'register' }
  /** who has had a go; empty for a go of any role */
  | { kind: 'goes'; role: string }
  | { kind: 'hits'; counting: Counting }

/** What lies over the tiles. One at a time. */
export type Panel =
  | { kind: 'held'; child: string }
  /** a cue on a figure */
  | { kind: 'figure'; cue: string }
  | {
      kind:
        | 'more'
        | 'plan'
        | 'count'
        | 'sides'
        | 'rain'
        | 'score'
        | 'talk'
        | 'note'
        | 'signals'
        | 'history'
        | 'end'
    }

/** What is offered about the latest press, above the tiles. */
export type Asked =
  | { kind: 'fault'; pressed: Pressed }
  /** which way the latest miss of a child went */
  | { kind: 'way'; child: string; name: string }

/** How the lesson ended, as it was said here or elsewhere. @property id of what was said, where undo can name it */
export interface Ended {
  id: string | null
  how: 'taught' | 'cut' | 'none'
  ran: readonly string[]
}

export interface HallState {
  hall: HallView
  mode: Mode
  panel: Panel | null
  cue: string
  segment?: string
  /** marks by child and cue as the server last said */
  cells: Record<string, Record<string, Cell>>
  /** presses by "child cue" that the server's marks do not hold yet, oldest first */
  fresh: Record<string, boolean[]>
  away: ReadonlySet<string>
  /** here, and not taking part */
  sitsOut: ReadonlySet<string>
  goes: Readonly<Record<string, number>>
  pressed: readonly Pressed[]
  /** since when presses are not in the plan of looks yet, in milliseconds since 1970; 0 as the lesson was opened */
  plannedAt: number
  /** children in the order of their tries that can be taken back, the latest last */
  tried: readonly string[]
  asks: Asked | null
  clock: readonly ClockEvent[]
  /** the stretch whose change was said to be done; null before the first */
  playing: string | null
  /** step of each stretch's lever as it was eased or hardened here */
  steps: Readonly<Record<string, number>>
  /** running sets by child */
  tries: Readonly<Record<string, Tries>>
  /** finished sets of this lesson by child, newest last */
  sets: Sets
  /** what was counted by number in this lesson, newest last */
  counts: readonly Count[]
  /** the game that is scored; null while there is none */
  score: ScoreLog | null
  ended: Ended | null
  sending: SendState
}

export type EventKind = LessonEvent['kind']
export type EventBody<K extends EventKind> = Extract<LessonEvent, { kind: K }>['body']

/** What can be done in the hall. */
export interface HallVerbs {
  /** as {@link HallStore.getState}, for short */
  get: () => HallState
  open: (panel: Panel | null) => void
  say: () => void
  watch: (way: 'all' | 'ten' | 'place') => void
  chooseCue: (cue: string) => void
  chooseSegment: (segment: string) => void
  /** watches a second cue beside the first, or one again */
  watchTwo: (second: string | null) => void
  toggleRegister: () => void
  toggleGoes: () => void
  toggleCheck: () => void
  /** counts hits out of tries; null to watch again */
  countHits: (now: Counting | null) => void
  /** whose goes are counted now: one of the roles of what runs, or empty for any */
  chooseRole: (role: string) => void

  /** @param cue the one that is watched if it is left out */
  press: (child: string, shown: boolean, cue?: string) => void
  /** a press with the hand that is not the child's own */
  pressOther: (child: string, shown: boolean) => void
  /** names the fault of the latest press that was not yet: it is taken back and pressed anew with it */
  blame: (fault: string) => void
  /** takes back the latest press or try, or a given press */
  undo: (trial?: string) => void
  /** whether it is settled which hand or foot a child uses for the cue that is watched */
  hasSide: (child: string) => boolean
  /** a child's side was found out */
  settle: (child: string, action: EventBody<'SIDE'>['action'], side: 'LEFT' | 'RIGHT') => void

  setPresent: (child: string, present: boolean, sitsOut?: boolean) => void
  /** counts a go more, or takes one back */
  went: (child: string, by: 1 | -1) => void

  note: (text: string, child?: string) => void
  /** a child showed the cue that is watched to the others */
  showed: (child: string) => void
  /** what the class said in a talk, or how a closing question went */
  tell: (body: EventBody<'TALK'>) => void
  /** a child's favourite or hardest, one press each */
  vote: (activity: string, what: 'favourite' | 'hardest') => void

  clock: (does: ClockDoes) => void
  /** what had to be changed is changed: they play */
  play: () => void
  /** takes the last thing that happened to the clock back */
  unclock: () => void
  /** eases (-1) or hardens (1) what runs now */
  ease: (by: -1 | 1) => void

  /** a try of a child; a full set is written down */
  tryOf: (child: string, what: 'hit' | Miss) => void
  /** says which way the miss that is asked about went */
  missedTo: (way: Miss) => void
  /** takes the child's last try back, or its last set */
  untried: (child: string) => void
  /** writes a count down. @param other with the hand that is not their own */
  count: (what: What, children: readonly string[], count: number, other?: boolean) => void
  uncount: (id: string) => void

  startScore: (game: string, sides: string[]) => void
  /** begins the game of what runs, unless one of this part goes on already */
  openScore: () => void
  /** adds events to the running game's log, as the core reads them */
  addScore: (...events: string[]) => void
  /** puts the game away; its log stays */
  endScore: () => void

  /** says how the lesson ended. @param ran segments that ran, where it was cut short */
  end: (how: Ended['how'], ran: readonly string[]) => void
  /** takes back how it ended */
  reopen: () => void

  flush: () => void
  /** what is not sent yet, as a file for another device */
  rescue: () => Promise<string>
  /** the lesson worked out anew, for who is here */
  refit: (now: HallView) => void
  stop: () => void
}
