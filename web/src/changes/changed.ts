import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { Modal } from 'antd'
import { useSyncExternalStore } from 'react'
import { api, Problem, type Schemas, take } from '../api/client'

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
export function refreshLessons(queries: QueryClient) {
  for (const key of ['term', 'today', 'unit', 'units', 'sheet', 'dates', 'calendar'])
    queries.invalidateQueries({ queryKey: [key] })
}

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

/** Changes a lesson; asks back where the server does. Null if the answer was no. */
export async function changeLesson(
  queries: QueryClient,
  lesson: string,
  body: ChangeBody,
): Promise<Change | null> {
  const send = (anyway: boolean) =>
    take(
      api.POST('/api/lessons/{id}/changes', { params: { path: { id: lesson } }, body: { ...body, anyway } }),
    )
  let change: Change
  try {
    change = await send(false)
  } catch (e) {
    if (!(e instanceof Problem) || !questions.includes(e.findings[0]?.rule)) throw e
    if (!(await ask(e))) return null
    change = await send(true)
  }
  sayDone({ words: change.words, undo: () => undoChange(queries, change.id) })
  refreshLessons(queries)
  return change
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
