import { type PointerEvent, useRef } from 'react'
import { useDrag } from '../shared/useDrag'
import type { Draft } from './draft'
import { type Feature, FloorShape } from './Floor'
import styles from './SpaceEditor.module.css'

const DRAWING_PX = 760
const SNAP_CM = 10

/** The floor to scale, whose things can be dragged and stretched. */
export function EditFloor({ draft }: { draft: Draft }) {
  const { now, lead, selected, setFeature, select } = draft
  const svg = useRef<SVGSVGElement>(null)
  /** Centimetres on the floor that a pixel stands for. */
  const scale = () => 1 / (svg.current?.getScreenCTM()?.a ?? 1)
  const drag = useDrag<{ from: Feature; at: number; end: boolean }>({
    move: (_, { what: { from, at, end }, dx, dy }) => {
      const snap = (v: number) => Math.round((v * scale()) / SNAP_CM) * SNAP_CM
      setFeature(at, (end ? stretched : moved)(from, snap(dx), snap(dy), now))
    },
    drop: () => {},
  })
  const down = (e: PointerEvent<SVGElement>, at: number, end: boolean) => {
    if (!lead) return
    e.stopPropagation()
    select(at)
    drag.begin(e, { from: now.features[at], at, end })
  }
  const pixel = (now.lengthCm + 160) / DRAWING_PX
  return (
    <svg
      ref={svg}
      className={styles.floor}
      viewBox={`-80 -80 ${now.lengthCm + 160} ${now.widthCm + 160}`}
      style={{ maxHeight: '66vh' }}
      role="img"
      aria-label={`${now.name} to scale, with ${now.features.length} things on its floor`}
      onPointerDown={() => select(undefined)}
      {...drag.handlers}
    >
      <FloorShape space={now} pixel={pixel} selected={selected} />
      {lead &&
        now.features.map((f, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a feature is its place in the list
          <g key={i}>
            <Handle feature={f} pixel={pixel} down={(e) => down(e, i, false)} />
            {i === selected && (
              <circle
                cx={f.xCm + f.dxCm}
                cy={f.yCm + f.dyCm}
                r={7 * pixel}
                fill="#AD4510"
                style={{ cursor: 'crosshair' }}
                onPointerDown={(e) => down(e, i, true)}
              />
            )}
          </g>
        ))}
    </svg>
  )
}

const between = (least: number, v: number, most: number) => Math.max(least, Math.min(most, v))

function stretched(f: Feature, dx: number, dy: number, now: Draft['now']) {
  if (f.kind === 'CIRCLE') return { dxCm: Math.max(20, f.dxCm + dx) }
  return {
    dxCm: between(0, f.xCm + f.dxCm + dx, now.lengthCm) - f.xCm,
    dyCm: between(0, f.yCm + f.dyCm + dy, now.widthCm) - f.yCm,
  }
}

function moved(f: Feature, dx: number, dy: number, now: Draft['now']) {
  const across = f.kind === 'CIRCLE' ? 0 : f.dxCm
  const down = f.kind === 'CIRCLE' ? 0 : f.dyCm
  return {
    xCm: between(Math.max(0, -across), f.xCm + dx, now.lengthCm - Math.max(0, across)),
    yCm: between(Math.max(0, -down), f.yCm + dy, now.widthCm - Math.max(0, down)),
  }
}

interface HandleProps {
  feature: Feature
  pixel: number
  down: (e: PointerEvent<SVGElement>) => void
}

/** What is caught by the pointer: wider than what is drawn. */
function Handle({ feature: f, pixel, down }: HandleProps) {
  const common = { style: { cursor: 'move' }, onPointerDown: down } as const
  if (f.kind === 'HAZARD')
    return (
      <rect
        x={Math.min(f.xCm, f.xCm + f.dxCm)}
        y={Math.min(f.yCm, f.yCm + f.dyCm)}
        width={Math.abs(f.dxCm)}
        height={Math.abs(f.dyCm)}
        fill="transparent"
        {...common}
      />
    )
  if (f.kind === 'CIRCLE')
    return (
      <circle
        cx={f.xCm}
        cy={f.yCm}
        r={f.dxCm}
        fill="none"
        stroke="transparent"
        strokeWidth={14 * pixel}
        {...common}
      />
    )
  return (
    <path
      d={`M${f.xCm} ${f.yCm}l${f.dxCm} ${f.dyCm}`}
      stroke="transparent"
      strokeWidth={14 * pixel}
      {...common}
    />
  )
}
