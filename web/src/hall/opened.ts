import type { Schemas } from '../api/client'
import { Problem } from '../api/client'
import { todayHere } from '../shared/dates'
import { get } from './http'
import { OPEN } from './names'
import { afterSignOut, namesBelongTo } from './offline'

type HallView = Schemas['HallView']

const KEY = '/open-lesson'

interface Kept {
  person: string
  hall: HallView
  /** the day on which it was opened, as this device knows it */
  day: string
}

/** A lesson with whose it is. */
export type Opened = Omit<Kept, 'day'>

/**
 * Opens a lesson. After the session has ended the one that was open here today is still there: it goes on, and who opened it signs in
 * again over the page.
 *
 * @throws Problem if it cannot be had
 */
export async function openLesson(lesson: string): Promise<Opened> {
  await afterSignOut()
  try {
    const [session, hall] = await Promise.all([
      get<Schemas['SessionView']>('/api/session'),
      get<HallView>(`/api/hall/${lesson}`),
    ])
    if (!readable(hall)) throw new Problem(0, 'Open it with the network', OLD)
    await namesBelongTo(session.person)
    const opened = { person: session.person, hall }
    await keepOpen(opened)
    return opened
  } catch (e) {
    const kept = e instanceof Problem && e.status === 401 ? await stillOpen(lesson) : null
    if (!kept) throw e
    return kept
  }
}

const OLD =
  'This device kept the lesson as the programme had it before it was renewed. What was pressed is safe; open the lesson once with the network.'

/** False for a lesson that was kept by a version from before stretches came in parts. */
const readable = (hall: HallView) => hall.stretches.every((s) => 'plan' in s && 'task' in s)

/** Keeps the lesson as it is now. */
export async function keepOpen(opened: Opened): Promise<void> {
  if (!('caches' in window)) return
  const kept: Kept = { ...opened, day: todayHere() }
  await (await caches.open(OPEN)).put(KEY, new Response(JSON.stringify(kept)))
}

async function stillOpen(lesson: string): Promise<Opened | null> {
  if (!('caches' in window)) return null
  const found = await (await caches.open(OPEN)).match(KEY)
  if (!found) return null
  const kept: Kept = await found.json()
  if (kept.day === todayHere() && kept.hall.lesson.lesson === lesson && readable(kept.hall)) return kept
  if (kept.day !== todayHere()) await caches.delete(OPEN)
  return null
}
