import type { Schemas } from '../api/client'
import { lengthWords, useMeasures } from '../shared/measures'

export type Space = Schemas['SpaceView']
export type Feature = Schemas['Feature']

/** Painted colours as they look on a warm ground; each line also differs by its dash, for grey and for colour-blind eyes. */
export const lineColours: Record<NonNullable<Feature['colour']>, { stroke: string; dash?: string }> = {
  WHITE: { stroke: '#FFFFFF' },
  YELLOW: { stroke: '#E0B400', dash: '10 4' },
  RED: { stroke: '#B2382B', dash: '3 3' },
  BLUE: { stroke: '#2F5FA8', dash: '14 4 3 4' },
  GREEN: { stroke: '#3B7A45', dash: '6 6' },
  BLACK: { stroke: '#22302E' },
}

interface FloorProps {
  space: Pick<Space, 'name' | 'lengthCm' | 'widthCm' | 'features'>
  /** of the drawing, in pixels; the height follows the scale */
  width: number
}

/** A floor to scale, with what is on it and a bar for the scale. */
export function Floor({ space, width }: FloorProps) {
  const { unit } = useMeasures()
  const bar = unit === 'METRES' ? 500 : 457.2
  const margin = 40
  return (
    <svg
      width={width}
      viewBox={`${-margin} ${-margin} ${space.lengthCm + 2 * margin} ${space.widthCm + 2 * margin + 130}`}
      role="img"
      aria-label={`${space.name} to scale`}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <FloorShape space={space} pixel={space.lengthCm / width} />
      <path
        d={`M0 ${space.widthCm + 90}h${bar}`}
        stroke="#AD4510"
        strokeWidth={2.5}
        vectorEffect="non-scaling-stroke"
      />
      <text
        x={bar + 40}
        y={space.widthCm + 90}
        dominantBaseline="middle"
        fontSize={(12 * space.lengthCm) / width}
        fill="#5A6663"
      >
        {lengthWords(bar, unit)}
      </text>
    </svg>
  )
}

interface FloorShapeProps {
  space: Pick<Space, 'lengthCm' | 'widthCm' | 'features'>
  /** centimetres one pixel stands for, to give texts and lines their size */
  pixel: number
  /** the feature that is being changed */
  selected?: number
}

/** The floor's outline and everything on it, in centimetres. */
export function FloorShape({ space, pixel, selected }: FloorShapeProps) {
  return (
    <>
      <rect
        width={space.lengthCm}
        height={space.widthCm}
        fill="#EFE9DB"
        stroke="#22302E"
        strokeWidth={1.5}
        vectorEffect="non-scaling-stroke"
      />
      {space.features.map((f, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a feature is its place in the list
        <FeatureShape key={i} feature={f} pixel={pixel} selected={i === selected} />
      ))}
    </>
  )
}

function FeatureShape({
  feature: f,
  pixel,
  selected,
}: {
  feature: Feature
  pixel: number
  selected: boolean
}) {
  const line = lineColours[f.colour ?? 'WHITE']
  const halo = selected && (
    <rect
      x={Math.min(f.xCm, f.xCm + f.dxCm) - (f.kind === 'CIRCLE' ? f.dxCm : 0) - 6 * pixel}
      y={Math.min(f.yCm, f.yCm + f.dyCm) - (f.kind === 'CIRCLE' ? f.dxCm : 0) - 6 * pixel}
      width={Math.abs(f.dxCm) * (f.kind === 'CIRCLE' ? 2 : 1) + 12 * pixel}
      height={(f.kind === 'CIRCLE' ? 2 * f.dxCm : Math.abs(f.dyCm)) + 12 * pixel}
      fill="none"
      stroke="#AD4510"
      strokeDasharray="4 3"
      vectorEffect="non-scaling-stroke"
    />
  )
  const path = `M${f.xCm} ${f.yCm}l${f.dxCm} ${f.dyCm}`
  const label = (x: number, y: number) =>
    f.label && (
      <text x={x} y={y} fontSize={11 * pixel} fill="#22302E" textAnchor="middle" dominantBaseline="middle">
        {f.label}
      </text>
    )
  if (f.kind === 'LINE')
    return (
      <g>
        {halo}
        <path d={path} stroke="#8A8371" strokeWidth={3.4} vectorEffect="non-scaling-stroke" />
        <path
          d={path}
          stroke={line.stroke}
          strokeWidth={2.2}
          strokeDasharray={line.dash}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    )
  if (f.kind === 'CIRCLE')
    return (
      <g fill="none">
        {halo}
        <circle
          cx={f.xCm}
          cy={f.yCm}
          r={f.dxCm}
          stroke="#8A8371"
          strokeWidth={3.4}
          vectorEffect="non-scaling-stroke"
        />
        <circle
          cx={f.xCm}
          cy={f.yCm}
          r={f.dxCm}
          stroke={line.stroke}
          strokeWidth={2.2}
          strokeDasharray={line.dash}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    )
  if (f.kind === 'WALL')
    return (
      <g>
        {halo}
        <path d={path} stroke="#0E5A4A" strokeWidth={6} vectorEffect="non-scaling-stroke" />
      </g>
    )
  if (f.kind === 'DOOR')
    return (
      <g>
        {halo}
        <path d={path} stroke="#FFFDF8" strokeWidth={6} vectorEffect="non-scaling-stroke" />
        <path
          d={path}
          stroke="#22302E"
          strokeWidth={2}
          strokeDasharray="2 3"
          vectorEffect="non-scaling-stroke"
        />
      </g>
    )
  return (
    <g>
      {halo}
      <rect
        x={Math.min(f.xCm, f.xCm + f.dxCm)}
        y={Math.min(f.yCm, f.yCm + f.dyCm)}
        width={Math.abs(f.dxCm)}
        height={Math.abs(f.dyCm)}
        fill="#E3C7B4"
        stroke="#AD4510"
        strokeWidth={1.2}
        vectorEffect="non-scaling-stroke"
      />
      {Math.abs(f.dxCm) > 60 * pixel &&
        label(
          f.xCm + f.dxCm / 2,
          // A narrow thing has its name beside it.
          Math.abs(f.dyCm) > 16 * pixel ? f.yCm + f.dyCm / 2 : Math.min(f.yCm, f.yCm + f.dyCm) - 9 * pixel,
        )}
    </g>
  )
}
