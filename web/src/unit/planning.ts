import { csrf, type Problem, type Schemas, sent, toProblem } from '../api/client'

/** A stretch of the best plan so far. */
export interface SoFar {
  name: string
  minutes: number
  skill?: string
  play: boolean
}

/** How planning goes: a line of the stream. */
export interface ProgressLine {
  /** units that are planned first, where it has to wait */
  waitsFor?: number
  evaluations: number
  score?: Schemas['ScoreView']
  /** what is in the best so far, by lesson; left out where it is as before */
  lessons?: SoFar[][]
  made?: string
  problem?: { status: number; title: string; detail: string; findings?: Problem['findings'] }
}

/**
 * Plans over one streaming request; aborting it cancels.
 *
 * @returns the id of what was made
 */
export async function planned(
  method: 'POST' | 'PUT',
  path: string,
  body: unknown,
  told: (line: ProgressLine) => void,
  signal: AbortSignal,
): Promise<string> {
  const response = await sent(path, () =>
    fetch(path, {
      method,
      body: JSON.stringify(body),
      headers: { 'Content-Type': 'application/json', ...csrf() },
      signal,
    }),
  ).catch((e) => {
    if (signal.aborted) throw e
    throw toProblem(0, {
      title: 'Not reached',
      detail: 'The server was not reached. Check the connection and try again.',
    })
  })
  if (!response.ok || !response.body)
    throw toProblem(response.status, await response.json().catch(() => null))
  let last: ProgressLine | undefined
  for await (const line of lines(response.body)) {
    last = line
    told(line)
  }
  if (last?.problem) throw toProblem(last.problem.status, last.problem)
  if (!last?.made)
    throw toProblem(0, {
      title: 'Cut off',
      detail: 'The connection was cut before the plan was ready. Nothing was changed; try again.',
    })
  return last.made
}

async function* lines(body: ReadableStream<Uint8Array>): AsyncGenerator<ProgressLine> {
  const reader = body.getReader()
  const decoder = new TextDecoder()
  let rest = ''
  for (;;) {
    const { done, value } = await reader.read()
    rest += decoder.decode(value, { stream: !done })
    const parts = rest.split('\n')
    rest = parts.pop() ?? ''
    for (const part of parts) if (part) yield JSON.parse(part)
    if (done) return
  }
}
