import { csrf, Problem, toProblem } from '../api/client'
import { SendError } from './sender'

/** @throws Problem with a status, 0 when the server was not reached */
export async function get<T>(path: string): Promise<T> {
  let response: Response
  try {
    response = await fetch(path)
  } catch {
    throw new Problem(0, 'Not reached', 'The server was not reached. Check the connection and try again.')
  }
  const body = await response.json().catch(() => null)
  if (!response.ok) throw toProblem(response.status, body)
  return body as T
}

/** @throws SendError when the server was not reached */
export async function put(
  path: string,
  method: string,
  body: unknown,
  headers: Record<string, string> = {},
): Promise<Response> {
  try {
    return await fetch(path, {
      method,
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json', ...csrf(), ...headers },
    })
  } catch {
    throw new SendError(0, 'The server was not reached.')
  }
}

/** What the server says of a failure, in its own words. */
export async function reasonOf(response: Response): Promise<string> {
  const problem = await response.json().catch(() => null)
  return problem?.detail ?? 'The server did not take it.'
}
