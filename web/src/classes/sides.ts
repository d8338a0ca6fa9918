import type { Schemas } from '../api/client'

export type Action = Schemas['SideView']['action']
export type Side = 'LEFT' | 'RIGHT'
