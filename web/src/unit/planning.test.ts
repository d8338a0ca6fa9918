import { afterEach, describe, expect, it, vi } from 'vitest'
import { Problem } from '../api/client'
import { words } from './Progress'
import { type ProgressLine, planned } from './planning'

const answer = (chunks: string[], status = 200) => {
  const encoder = new TextEncoder()
  return new Response(
    new ReadableStream({
      start(controller) {
        for (const c of chunks) controller.enqueue(encoder.encode(c))
        controller.close()
      },
    }),
    { status },
  )
}

describe('planning over a stream', () => {
  afterEach(() => vi.unstubAllGlobals())

  const run = async (chunks: string[], status = 200) => {
    vi.stubGlobal(
      'fetch',
      vi.fn(async () => answer(chunks, status)),
    )
    const told: ProgressLine[] = []
    const made = await planned('POST', '/x', {}, (l) => told.push(l), new AbortController().signal)
    return { told, made }
  }

  it('tells each line, also one that comes in pieces, and gives what was made', async () => {
    const { told, made } = await run(['{"evaluations":1}\n{"evalu', 'ations":2,"made":"u1"}\n'])
    expect(told.map((l) => l.evaluations)).toEqual([1, 2])
    expect(made).toBe('u1')
  })

  it('throws the problem of the last line with its findings', async () => {
    const problem = {
      status: 400,
      title: 'There is no such plan',
      detail: 'x',
      findings: [{ where: 'unit', message: 'why' }],
    }
    const failed = run([`{"evaluations":1}\n${JSON.stringify({ evaluations: 1, problem })}\n`])
    await expect(failed).rejects.toMatchObject({ title: 'There is no such plan', findings: problem.findings })
  })

  it('says when it was cut off, and when it was refused at once', async () => {
    await expect(run(['{"evaluations":1}\n'])).rejects.toMatchObject({ title: 'Cut off' })
    await expect(run(['{"title":"No","detail":"because"}'], 403)).rejects.toBeInstanceOf(Problem)
  })

  it('says how it goes in words', () => {
    expect(words({ evaluations: 0 })).toBe('Planning …')
    expect(words({ evaluations: 12000, score: { hard: 0, medium: 0, soft: 65 } })).toBe(
      '12,000 plans looked at; the best so far fits; it is made better.',
    )
    expect(words({ evaluations: 3, score: { hard: 1, medium: 0, soft: 0 } })).toContain('still breaks a rule')
  })
})
