import { type QueryClient, useQueryClient } from '@tanstack/react-query'
import { Modal } from 'antd'
import { useSyncExternalStore } from 'react'
import { api, Problem, type Schemas, take } from '../api/client'

export type Change = Schemas['LessonChangeView']
/** What happens to a lesson, by its kind; whether it is done all the same is asked when the server asks. */
export type ChangeBody = Schemas['LessonChangeForm']

let latest: { change: Change; undone: boolean } | null = null
const listeners = new Set<() => void>()

function say(now: typeof latest) {
  latest = now
  for (const listener of listeners) listener()
}

/** The last change of a lesson that has not been put away. */
export const useLatestChange = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => latest,
  )

export const putAway = () => say(null)

/** Everything that shows dates or plans is read again. */
export function refreshLessons(queries: QueryClient) {
  for (const key of ['term', 'today', 'unit', 'units', 'sheet', 'dates', 'calendar'])
    queries.invalidateQueries({ queryKey: [key] })
}

const questions = ['closed-day', 'place-taken']

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
  say({ change, undone: false })
  refreshLessons(queries)
  return change
}

/** Takes a change back and shows that it was. */
export function useUndoChange() {
  const queries = useQueryClient()
  return async (change: Change) => {
    const undone = await take(api.POST('/api/changes/{id}/undo', { params: { path: { id: change.id } } }))
    say({ change: undone, undone: true })
    refreshLessons(queries)
  }
}
