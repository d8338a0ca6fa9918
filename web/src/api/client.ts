import createClient from 'openapi-fetch'
import { signInAgain } from './door'
import type { components, paths } from './schema'

export type Schemas = components['schemas']

/** One row of what the server found wrong. */
export type Finding = Schemas['Finding']

/** A failed request, as problem details (RFC 9457). Status 0: the server was not reached. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly findings: Finding[] = [],
  ) {
    super(detail)
  }
}

const cookie = (name: string) =>
  document.cookie
    .split('; ')
    .find((c) => c.startsWith(`${name}=`))
    ?.slice(name.length + 1)

/** The header that proves a request comes from our own page. */
export const csrf = (): Record<string, string> => {
  const token = cookie('XSRF-TOKEN')
  return token ? { 'X-XSRF-TOKEN': token } : {}
}

/** Who signs in, or asks whether anybody is, is not asked to sign in first. */
const OPEN_TO_ALL = /^\/api\/(session|first-run|links|cover)\b/

/** Sends a request; where the session has ended meanwhile, once more after signing in over the page. */
export async function sent(path: string, send: () => Promise<Response>): Promise<Response> {
  const response = await send()
  return response.status === 401 && !OPEN_TO_ALL.test(path) && (await signInAgain()) ? send() : response
}

export const api = createClient<paths>({
  baseUrl: location.origin,
  fetch: (request) =>
    sent(new URL(request.url).pathname, () => {
      const copy = request.clone()
      if (copy.method !== 'GET') for (const [k, v] of Object.entries(csrf())) copy.headers.set(k, v)
      return fetch(copy)
    }),
})

type Answer<T> = { data?: T; error?: unknown; response: Response }

/** The data of an answer, or a Problem thrown. */
export async function take<T>(answer: Promise<Answer<T>>): Promise<T> {
  let got: Answer<T>
  try {
    got = await answer
  } catch {
    throw new Problem(0, 'Not reached', 'The server was not reached. Check the connection and try again.')
  }
  if (got.response.ok) return got.data as T
  throw toProblem(got.response.status, got.error)
}

export function toProblem(status: number, body: unknown): Problem {
  const b = (typeof body === 'object' && body !== null ? body : {}) as Partial<Problem> & { detail?: string }
  return new Problem(
    status,
    b.title ?? 'It did not work',
    b.detail ?? 'The server answered with nothing that can be read. Try again.',
    b.findings ?? [],
  )
}

/** If-Match for an edit made on a version. */
export const ifMatch = (version: number | string | undefined) => ({ 'If-Match': `"${version}"` })

/** Sends files and fields; the answer's data, or a Problem thrown. */
export async function upload<T>(
  path: string,
  files: File[],
  fields: Record<string, string | undefined> = {},
) {
  const form = new FormData()
  for (const file of files) form.append('files', file)
  for (const [name, value] of Object.entries(fields)) if (value !== undefined) form.append(name, value)
  const answer = sent(path, () => fetch(path, { method: 'POST', body: form, headers: csrf() }))
  return take<T>(
    answer.then(async (response) => {
      const body = await response.json().catch(() => null)
      return response.ok ? { data: body as T, response } : { error: body, response }
    }),
  )
}
