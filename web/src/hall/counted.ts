/** The way a miss went. */
export type Miss = 'left' | 'right' | 'short' | 'long' | 'missed'

/** What is counted now, by every child. */
export interface Counting {
  /** tries in a set */
  of: number
  side: 'own' | 'other'
  /** what is sent, where it was said: key of a thing */
  item?: string
}

/** A running set of tries. */
export type Tries = readonly ('hit' | Miss)[]

/** Finished sets by child, newest last. */
export type Sets = Readonly<Record<string, readonly { id: string; hits: number; of: number }[]>>

/** A game at the score desk: its text, its sides, and its log. */
export interface ScoreLog {
  id: string
  game: string
  sides: readonly string[]
  /** the part of the lesson in which it began */
  segment?: string
  events: readonly string[]
}
