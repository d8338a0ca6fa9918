import { type Mock, vi } from 'vitest'
import { api } from './client'

/** Stands in for one verb of the server for the test that asks for it. */
export const answering = (verb: 'GET' | 'POST' | 'PUT' | 'DELETE') => vi.spyOn(api, verb) as unknown as Mock

export const ok = (data: unknown) => Promise.resolve({ data, response: new Response() })
