import { QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen, waitFor } from '@testing-library/react'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { api, take, upload } from '../api/client'
import { atTheDesk, useDoor } from '../api/door'
import { signedIn } from '../api/testing'
import { planned } from '../unit/planning'
import { SignInOver } from './SignInOver'

const json = (status: number, body: unknown) => new Response(JSON.stringify(body), { status })

/** A server whose session has ended; Robin and Maren can sign in. */
let session: string | null
let taken: [string, string][]

beforeEach(() => {
  session = null
  taken = []
  atTheDesk('robin')
  vi.stubGlobal('fetch', async (input: Request | string, init?: RequestInit) => {
    const request = typeof input === 'string' ? new Request(new URL(input, 'http://localhost'), init) : input
    const path = new URL(request.url).pathname
    const body = await request.text()
    if (path === '/api/session' && request.method === 'POST') {
      const { signIn, password } = JSON.parse(body)
      if (password !== 'right')
        return json(401, { title: 'Not signed in', detail: 'Name or password are not right.' })
      session = signIn
      return json(200, { person: signIn, name: signIn, role: 'LEAD' })
    }
    if (path === '/api/session') {
      session = null
      return new Response(null, { status: 204 })
    }
    if (session === null) return json(401, { title: 'Sign in first', detail: 'Sign in first.' })
    taken.push([path, body])
    return path.endsWith('/planning') ? new Response('{"evaluations":1,"made":"u1"}\n') : json(200, {})
  })
  render(
    <QueryClientProvider client={signedIn()}>
      <SignInOver name="Robin" />
    </QueryClientProvider>,
  )
})
afterEach(() => {
  atTheDesk(null)
  vi.unstubAllGlobals()
})

async function type(name: string, password: string) {
  fireEvent.change(await screen.findByLabelText('Name'), { target: { value: name } })
  fireEvent.change(screen.getByLabelText('Password'), { target: { value: password } })
  fireEvent.click(screen.getByRole('button', { name: 'Sign in' }))
}

const term = { name: 'Herring term', first: '2026-09-07', last: '2026-12-18' }
const save = () => take(api.PUT('/api/calendar/terms/{id}', { params: { path: { id: 't1' } }, body: term }))

it('signs in over the page, and sends every request that was refused once more, whole', async () => {
  const all = Promise.all([
    save(),
    upload('/api/roster', [new File(['given,family'], 'roster.csv')], { map: 'x' }),
    planned('PUT', '/api/units/u1/planning', { title: 'Rolls' }, () => {}, new AbortController().signal),
  ])
  await type('robin', 'wrong')
  expect(await screen.findByText('Name or password are not right.')).toBeInTheDocument()
  expect(taken).toEqual([])
  await type('robin', 'right')
  await all
  const bodies = new Map(taken)
  expect(JSON.parse(bodies.get('/api/calendar/terms/t1') ?? '')).toEqual(term)
  expect(JSON.parse(bodies.get('/api/units/u1/planning') ?? '')).toEqual({ title: 'Rolls' })
  expect(bodies.get('/api/roster')).toContain('name="map"')
  await waitFor(() => expect(useDoor.getState().asked).toBeNull())
})

it('lets nobody else send what was typed', async () => {
  const saving = save().catch((e: Error) => e.message)
  await type('maren', 'right')
  expect(await screen.findByText(/belongs to Robin/)).toBeInTheDocument()
  expect(session).toBeNull()
  expect(taken).toEqual([])
  fireEvent.click(screen.getByRole('button', { name: 'Not now' }))
  expect(await saving).toBe('Sign in first.')
})

it('asks nobody who has not signed in', async () => {
  atTheDesk(null)
  await expect(save()).rejects.toThrow('Sign in first.')
  expect(screen.queryByLabelText('Password')).toBeNull()
})
