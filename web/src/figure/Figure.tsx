import { useEffect, useRef } from 'react'
import { type ClipView, type FigureView, project, sketch, spotAt, travels } from './clip'
import styles from './Figure.module.css'

interface FigureProps {
  clip: ClipView
  /** seconds from the start */
  at: number
  /** round the child; 0 from the target, 90 from the side that does it */
  degrees: number
  mirrored?: boolean
  /** spots that are marked in the colour of what counts */
  marks?: FigureView['looksAt']
  /** in words, for who cannot see it */
  words: string
}

const SVG = 'http://www.w3.org/2000/svg'

/** A child as plain shapes. It is drawn past React: pictures follow each other forty times a second. */
export function Figure({ clip, at, degrees, mirrored = false, marks = [], words }: FigureProps) {
  const drawn = useRef<SVGGElement>(null)
  useEffect(() => {
    if (drawn.current) draw(drawn.current, clip, at, degrees, mirrored, marks)
  }, [clip, at, degrees, mirrored, marks])
  const high = clip.stature * 1.36
  const wide = clip.stature * 1.36
  return (
    <svg
      className={styles.figure}
      viewBox={`${-wide / 2} ${-high} ${wide} ${high + clip.stature * 0.12}`}
      role="img"
      aria-label={words}
    >
      <g ref={drawn} />
    </svg>
  )
}

function draw(
  into: SVGGElement,
  clip: ClipView,
  at: number,
  degrees: number,
  mirrored: boolean,
  marks: FigureView['looksAt'],
) {
  const s = sketch(clip, at, degrees, mirrored)
  const middle = travels(clip) ? s.hips.right : startOf(clip, degrees, mirrored)
  const parts: SVGElement[] = []
  const add = (tag: string, kind: string, of: Record<string, number>) => {
    const e = document.createElementNS(SVG, tag)
    e.setAttribute('class', styles[kind])
    for (const [k, v] of Object.entries(of)) e.setAttribute(k, v.toFixed(0))
    parts.push(e)
  }
  const wide = clip.stature * 0.68
  add('line', 'floor', { x1: -wide, y1: 0, x2: wide, y2: 0 })
  for (let m = Math.ceil((middle - wide) / 500) * 500; m < middle + wide; m += 500)
    add('line', 'floor', { x1: m - middle, y1: 0, x2: m - middle - 30, y2: 40 })
  const ball = (b: (typeof s.balls)[number]) =>
    add('circle', 'ball', { cx: b.right - middle, cy: b.down, r: b.radius })
  for (const b of s.balls) if (b.near < s.hips.near) ball(b)
  const head = () => {
    add('circle', 'head', { cx: s.head.right - middle, cy: s.head.down, r: clip.head })
    if (s.nose.near > s.head.near - clip.head * 0.6)
      add('circle', 'nose', { cx: s.nose.right - middle, cy: s.nose.down, r: clip.head * 0.22 })
  }
  let headDrawn = false
  for (const l of s.lines) {
    if (!headDrawn && l.near > s.head.near + clip.head * 0.5) {
      head()
      headDrawn = true
    }
    const e = { x1: l.from.right - middle, y1: l.from.down, x2: l.to.right - middle, y2: l.to.down }
    add('line', l.of.toLowerCase(), { ...e, 'stroke-width': l.wide })
  }
  if (!headDrawn) head()
  for (const b of s.balls) if (b.near >= s.hips.near) ball(b)
  for (const m of marks) {
    const p = spotAt(clip, m, at)
    if (!p) continue
    const d = project(p, degrees, mirrored)
    add('circle', 'mark', { cx: d.right - middle, cy: d.down, r: clip.stature * 0.045 })
  }
  into.replaceChildren(...parts)
}

/** Where the middle of the picture is for who stays where it is: between where it starts and where it ends. */
function startOf(clip: ClipView, degrees: number, mirrored: boolean) {
  const ends = [0, (clip.frames.length - 1) / clip.rate].map((t) => spotAt(clip, 'HIPS', t))
  const right = ends.flatMap((p) => (p ? [project(p, degrees, mirrored).right] : []))
  return right.reduce((a, b) => a + b, 0) / right.length
}
