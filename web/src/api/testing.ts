import { QueryClient } from '@tanstack/react-query'
import { type Mock, vi } from 'vitest'
import { api } from './client'

/** Stands in for one verb of the server for the test that asks for it. */
export const answering = (verb: 'GET' | 'POST' | 'PUT' | 'DELETE') => vi.spyOn(api, verb) as unknown as Mock

export const ok = (data: unknown) => Promise.resolve({ data, response: new Response() })

/** What a page keeps of the server, where Robin, a lead, is signed in. */
export function signedIn(): QueryClient {
  const queries = new QueryClient()
  queries.setQueryData(['session'], { person: 'robin', name: 'Robin', role: 'LEAD' })
  return queries
}
