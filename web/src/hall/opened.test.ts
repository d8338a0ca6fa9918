import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { OPEN } from './names'
import { forgetNames } from './offline'
import { openLesson } from './opened'
import { hall } from './testing'

/** Caches of a browser, by name; each holds texts by path. */
const kept = new Map<string, Map<string, string>>()
const lesson = hall(['Ada'])
let status = 200

beforeEach(() => {
  kept.clear()
  localStorage.clear()
  status = 200
  vi.stubGlobal('caches', {
    open: async (name: string) => {
      const cache = kept.get(name) ?? new Map<string, string>()
      kept.set(name, cache)
      return {
        put: async (path: string, answer: Response) => void cache.set(path, await answer.text()),
        match: async (path: string) => (cache.has(path) ? new Response(cache.get(path)) : undefined),
      }
    },
    delete: async (name: string) => kept.delete(name),
  })
  vi.stubGlobal('fetch', async (path: string) =>
    status === 200
      ? new Response(JSON.stringify(path === '/api/session' ? { person: 'me' } : lesson))
      : new Response('{"title":"Sign in","detail":"Sign in."}', { status }),
  )
})
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

it('opens the lesson that was open today after the session has ended, and no other', async () => {
  expect((await openLesson('lesson-1')).person).toBe('me')
  status = 401
  expect((await openLesson('lesson-1')).hall.lesson.lesson).toBe('lesson-1')
  await expect(openLesson('lesson-2')).rejects.toThrow('Sign in.')
})

it('knows nothing of it on the next day, or after somebody signed out', async () => {
  await openLesson('lesson-1')
  status = 401
  vi.useFakeTimers({ now: Date.now() + 86_400_000, toFake: ['Date'] })
  await expect(openLesson('lesson-1')).rejects.toThrow('Sign in.')
  expect(kept.has(OPEN)).toBe(false)
  vi.useRealTimers()
  status = 200
  await openLesson('lesson-1')
  await forgetNames()
  status = 401
  await expect(openLesson('lesson-1')).rejects.toThrow('Sign in.')
})

it('asks for the network where the device kept it as a version from before had it', async () => {
  const before = { ...lesson, stretches: [{ id: 'drill', name: 'drill', minutes: 8 }] }
  vi.stubGlobal('fetch', async (path: string) =>
    Promise.resolve(new Response(JSON.stringify(path === '/api/session' ? { person: 'me' } : before))),
  )
  await expect(openLesson('lesson-1')).rejects.toThrow('open the lesson once with the network')
})

it('does not open it where the server fails in another way', async () => {
  await openLesson('lesson-1')
  status = 500
  await expect(openLesson('lesson-1')).rejects.toThrow()
})
