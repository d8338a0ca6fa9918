import type { Feature, Space } from './Floor'

/** A space as it is edited, and what of its floor is chosen. */
export interface Draft {
  now: Space
  /** false for who may only look */
  lead: boolean
  /** true where the places at a wall are typed, not counted */
  wallsTyped: boolean
  selected?: number
  set: (part: Partial<Space>) => void
  setFeature: (at: number, part: Partial<Feature>) => void
  select: (at?: number) => void
  add: (kind: Feature['kind']) => void
}

/** Where a new thing begins: in sight, inside the space. */
export function newFeature(kind: Feature['kind'], now: Space): Feature {
  const w = now.lengthCm
  const h = now.widthCm
  const at: Record<Feature['kind'], Pick<Feature, 'xCm' | 'yCm' | 'dxCm' | 'dyCm'>> = {
    WALL: { xCm: 0, yCm: 0, dxCm: w, dyCm: 0 },
    DOOR: { xCm: 0, yCm: Math.round(h / 3), dxCm: 0, dyCm: Math.min(120, h - Math.round(h / 3)) },
    HAZARD: { xCm: 0, yCm: 0, dxCm: Math.min(150, w), dyCm: Math.min(60, h) },
    LINE: { xCm: Math.round(w / 2), yCm: 0, dxCm: 0, dyCm: h },
    CIRCLE: {
      xCm: Math.round(w / 2),
      yCm: Math.round(h / 2),
      dxCm: Math.min(150, Math.round(h / 2)),
      dyCm: 0,
    },
  }
  const colour = kind === 'LINE' || kind === 'CIRCLE' ? 'WHITE' : undefined
  return { kind, label: '', colour, ...at[kind] }
}
