import { useStore } from 'zustand'
import type { HallState, HallStore } from './store'

/** A part of the hall's state; who uses it is drawn again when that part is another one. */
export const useHall = <T>(store: HallStore, select: (state: HallState) => T): T => useStore(store, select)
