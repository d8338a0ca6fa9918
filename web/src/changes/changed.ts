import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { Modal } from 'antd'
import { useSyncExternalStore } from 'react'
import { api, Problem, type Schemas, take } from '../api/client'
import { changed } from '../api/reads'

export type Change = Schemas['LessonChangeView']
/** What happens to a lesson, by its kind; whether it is done all the same is asked when the server asks. */
export type ChangeBody = Schemas['LessonChangeForm']

/** Something that was done, in words, and the way back. */
export interface Done {
  words: string[]
  undo: () => Promise<unknown>
}

let latest: (Done & { undone: boolean }) | null = null
const listeners = new Set<() => void>()

function say(now: typeof latest) {
  latest = now
  for (const listener of listeners) listener()
}

/** Says what was done over the page, with an undo, until something else is said. */
export const sayDone = (done: Done) => say({ ...done, undone: false })

/** The last thing done that has not been put away. */
export const useLatest = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => latest,
  )

/** Takes a thing back and says that it was. */
export async function takeBack(done: Done) {
  await done.undo()
  say({ ...done, undone: true })
}

export const putAway = () => say(null)

/** Everything that shows dates or plans is read again. */
export const refreshLessons = (queries: QueryClient) => changed(queries, 'lessons')

const questions = ['closed-day', 'off-timetable', 'place-taken']

/** Asks what the server asked; true for "all the same". */
const ask = (problem: Problem) =>
  new Promise<boolean>((answer) =>
    Modal.confirm({
      title: problem.findings[0].message,
      okText: 'Yes, all the same',
      cancelText: 'No',
      onOk: () => answer(true),
      onCancel: () => answer(false),
    }),
  )

/** Sends a change; asks back where the server does. Null if the answer was no. */
async function sendChange(lesson: string, body: ChangeBody): Promise<Change | null> {
  const send = (anyway: boolean) =>
    take(
      api.POST('/api/lessons/{id}/changes', { params: { path: { id: lesson } }, body: { ...body, anyway } }),
    )
  try {
    return await send(false)
  } catch (e) {
    if (!(e instanceof Problem) || !questions.includes(e.findings[0]?.rule)) throw e
    return (await ask(e)) ? send(true) : null
  }
}

/** Changes a lesson and says so, with an undo. Null if it was asked about and the answer was no. */
export async function changeLesson(
  queries: QueryClient,
  lesson: string,
  body: ChangeBody,
): Promise<Change | null> {
  const change = await sendChange(lesson, body)
  if (!change) return null
  sayDone({ words: change.words, undo: () => undoChange(queries, change.id) })
  refreshLessons(queries)
  return change
}

/**
 * Takes another class along to a lesson. What that class has on the day goes along in its own unit; one undo takes both back.
 *
 * @param theirs the lesson that the other class has on that day, if it has one
 * @param className of the class that it comes along with
 */
export async function changeTogether(
  queries: QueryClient,
  lesson: string,
  other: { id: string; name: string },
  theirs: string | undefined,
  className: string,
) {
  const first = await sendChange(lesson, {
    kind: 'DOORWAY',
    withClass: other.id,
    why: 'two classes',
    anyway: false,
  })
  if (!first) return
  const changes = [{ ...first, words: [`${className}:`, ...first.words] }]
  try {
    if (theirs) {
      const body: ChangeBody = { kind: 'LOST', why: `together with ${className}`, rest: 'ALONG' }
      const second = await sendChange(theirs, body)
      if (second) changes.push({ ...second, words: [`${other.name}:`, ...second.words] })
    }
  } finally {
    sayChanges(queries, changes, [])
  }
}

async function undoChange(queries: QueryClient, id: string) {
  await take(api.POST('/api/changes/{id}/undo', { params: { path: { id } } }))
  refreshLessons(queries)
}

/** Says what became of several units at once; one undo takes all of it back, the last one first. */
export function sayChanges(queries: QueryClient, changes: Change[], left: string[]) {
  sayDone({
    words: [...changes.map((c) => c.words.join(' ')), ...left],
    undo: async () => {
      for (const change of [...changes].reverse()) await undoChange(queries, change.id)
    },
  })
  refreshLessons(queries)
}

/** Takes a change of a lesson back and shows that it was. */
export function useUndoChange() {
  const queries = useQueryClient()
  return (change: Change) => takeBack({ words: change.words, undo: () => undoChange(queries, change.id) })
}
