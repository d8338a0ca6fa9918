import { api, type Schemas, take } from '../api/client'

export type FigureView = Schemas['FigureView']
export type ClipView = Schemas['ClipView']
type Spot = ClipView['spots'][number]

/** A point as it is drawn, in millimetres. near: the greater, the more it covers */
export interface Drawn {
  right: number
  down: number
  near: number
}

/** Degrees round the child: 0 from the target, 90 from the side that does it, 180 from behind. */
export const places = { FRONT: 0, SIDE: 90, BEHIND: 180, OTHER_SIDE: 270 } as const

const kept = new Map<string, Promise<FigureView>>()

/** Loaded when it is asked for, once. */
export function loadFigure(
  cue: string,
  fault: number | undefined,
  age: number,
  variant?: string,
): Promise<FigureView> {
  const key = `${cue} ${fault} ${age} ${variant}`
  const before = kept.get(key)
  if (before) return before
  const now = take(api.GET('/api/figures', { params: { query: { cue, fault, age, variant } } }))
  kept.set(key, now)
  now.catch(() => kept.delete(key))
  return now
}

/** How long it lasts, in seconds. */
export const seconds = (clip: ClipView) => (clip.frames.length - 1) / clip.rate

/** Where a spot is at a time: ahead, to the side that does it, up; undefined where there is no such thing. */
export function spotAt(clip: ClipView, spot: Spot, at: number): [number, number, number] | undefined {
  const s = clip.spots.indexOf(spot)
  if (s < 0) return undefined
  const f = Math.max(0, Math.min(clip.frames.length - 1, at * clip.rate))
  const before = Math.min(Math.floor(f), clip.frames.length - 2)
  const share = f - before
  const a = clip.frames[before]
  const b = clip.frames[before + 1]
  const mix = (i: number) => a[3 * s + i] * (1 - share) + b[3 * s + i] * share
  return [mix(0), mix(1), mix(2)]
}

/** Seen from so many degrees round the child; mirrored for a left-hander, whose own side is the left one. */
export function project(p: readonly [number, number, number], degrees: number, mirrored: boolean): Drawn {
  const turn = ((mirrored ? -degrees : degrees) * Math.PI) / 180
  const right = mirrored ? -p[1] : p[1]
  return {
    right: p[0] * Math.sin(turn) - right * Math.cos(turn),
    down: -p[2],
    near: p[0] * Math.cos(turn) + right * Math.sin(turn),
  }
}

/** What is drawn at a time, the farther first. */
export function sketch(clip: ClipView, at: number, degrees: number, mirrored: boolean) {
  const spot = (s: Spot) => {
    const p = spotAt(clip, s, at)
    return p && project(p, degrees, mirrored)
  }
  const lines = clip.bones.flatMap((b) => {
    const from = spot(b.from)
    const to = spot(b.to)
    return from && to ? [{ of: b.of as string, wide: b.wide, from, to, near: (from.near + to.near) / 2 }] : []
  })
  const [butt, tip] = [spot('BUTT'), spot('TIP')]
  if (butt && tip)
    lines.push({ of: 'THING', wide: 30, from: butt, to: tip, near: (butt.near + tip.near) / 2 })
  lines.sort((a, b) => a.near - b.near)
  const balls = (['BALL', 'SECOND_BALL', 'THIRD_BALL'] as const)
    .slice(0, clip.balls.length)
    .map((s, i) => ({ ...(spot(s) as Drawn), radius: clip.balls[i] }))
  return {
    lines,
    balls,
    head: spot('HEAD') as Drawn,
    nose: spot('NOSE') as Drawn,
    hips: spot('HIPS') as Drawn,
  }
}

/** Whether the child travels, so that the picture goes along. */
export function travels(clip: ClipView) {
  const first = spotAt(clip, 'HIPS', 0)
  const last = spotAt(clip, 'HIPS', seconds(clip))
  return !!first && !!last && Math.hypot(last[0] - first[0], last[1] - first[1]) > 0.55 * clip.stature
}
