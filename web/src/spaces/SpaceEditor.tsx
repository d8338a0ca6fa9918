import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, InputNumber, Select } from 'antd'
import { type PointerEvent, useRef, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, ifMatch, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { useSession } from '../session/useSession'
import { Heading } from '../shared/Heading'
import { fromCm, toCm, useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { type Feature, FloorShape, lineColours, type Space } from './Floor'
import styles from './SpaceEditor.module.css'

const kinds: { value: Feature['kind']; label: string }[] = [
  { value: 'WALL', label: 'usable wall' },
  { value: 'DOOR', label: 'door' },
  { value: 'HAZARD', label: 'fixed hazard' },
  { value: 'LINE', label: 'painted line' },
  { value: 'CIRCLE', label: 'painted circle' },
]

const DRAWING_PX = 760
const SNAP_CM = 10

/** A space to scale, by its measures and by what is on its floor. */
export default function SpaceEditor() {
  const { id = '' } = useParams()
  const spaces = useQuery(reads.spaces)
  if (spaces.error)
    return (
      <div className={page.page}>
        <ProblemNote error={spaces.error} retry={() => spaces.refetch()} />
      </div>
    )
  if (!spaces.data) return <p className={page.page}>Opening …</p>
  const space = spaces.data.find((s) => s.id === id)
  if (!space)
    return (
      <p className={page.page}>
        There is no such space any more. <Link to="/cupboard">Back to the spaces</Link>
      </p>
    )
  return (
    <Editor
      key={`${space.id}${space.version}`}
      space={space}
      others={spaces.data.filter((s) => s !== space)}
    />
  )
}

function Editor({ space, others }: { space: Space; others: Space[] }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const lead = useSession().role === 'LEAD'
  const { unit, sign, words, paces, school } = useMeasures()
  const [now, setNow] = useState(space)
  const [wallsTyped, setWallsTyped] = useState(!space.features.some((f) => f.kind === 'WALL'))
  const [selected, setSelected] = useState<number>()
  const { error, busy, attempt } = useAttempt()
  const svg = useRef<SVGSVGElement>(null)
  const drag = useRef<{ from: Feature; x: number; y: number; end: boolean } | null>(null)
  const set = (part: Partial<Space>) => setNow({ ...now, ...part })
  const setFeature = (at: number, part: Partial<Feature>) =>
    set({ features: now.features.map((f, i) => (i === at ? { ...f, ...part } : f)) })
  const feature = selected === undefined ? undefined : now.features[selected]
  const dirty =
    JSON.stringify(now) !== JSON.stringify(space) ||
    wallsTyped === space.features.some((f) => f.kind === 'WALL')
  const save = () =>
    attempt(async () => {
      await take(
        api.PUT('/api/spaces/{id}', {
          params: { path: { id: space.id }, header: ifMatch(space.version) },
          body: {
            name: now.name,
            lengthCm: now.lengthCm,
            widthCm: now.widthCm,
            ceilingCm: now.ceilingCm,
            floor: now.floor,
            wallSpots: wallsTyped ? now.wallSpots : undefined,
            walkingMinutes: now.walkingMinutes,
            wetSpaceId: now.wetSpaceId,
            features: now.features,
          },
        }),
      )
      changed(queries, 'spaces')
    })
  const remove = () =>
    attempt(async () => {
      await take(api.DELETE('/api/spaces/{id}', { params: { path: { id: space.id } } }))
      changed(queries, 'spaces')
      navigate('/cupboard')
    })
  const add = (kind: Feature['kind']) => {
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
    set({ features: [...now.features, { kind, label: '', colour, ...at[kind] }] })
    setSelected(now.features.length)
    if (kind === 'WALL') setWallsTyped(false)
  }
  const place = (e: PointerEvent) => {
    const point = svg.current?.getScreenCTM()?.inverse()
    if (!point) return { x: 0, y: 0 }
    const p = new DOMPoint(e.clientX, e.clientY).matrixTransform(point)
    return { x: p.x, y: p.y }
  }
  const down = (e: PointerEvent<SVGElement>, at: number, end: boolean) => {
    if (!lead) return
    e.stopPropagation()
    setSelected(at)
    drag.current = { from: now.features[at], ...place(e), end }
    svg.current?.setPointerCapture(e.pointerId)
  }
  const move = (e: PointerEvent) => {
    if (!drag.current || selected === undefined) return
    const p = place(e)
    const snap = (v: number) => Math.round(v / SNAP_CM) * SNAP_CM
    const dx = snap(p.x - drag.current.x)
    const dy = snap(p.y - drag.current.y)
    const f = drag.current.from
    const inX = (v: number) => Math.max(0, Math.min(now.lengthCm, v))
    const inY = (v: number) => Math.max(0, Math.min(now.widthCm, v))
    if (drag.current.end) {
      if (f.kind === 'CIRCLE') setFeature(selected, { dxCm: Math.max(20, f.dxCm + dx) })
      else
        setFeature(selected, {
          dxCm: inX(f.xCm + f.dxCm + dx) - f.xCm,
          dyCm: inY(f.yCm + f.dyCm + dy) - f.yCm,
        })
    } else {
      const round = f.kind === 'CIRCLE'
      const left = Math.max(0, round ? 0 : -f.dxCm)
      const right = now.lengthCm - (round ? 0 : Math.max(0, f.dxCm))
      const top = Math.max(0, round ? 0 : -f.dyCm)
      const bottom = now.widthCm - (round ? 0 : Math.max(0, f.dyCm))
      setFeature(selected, {
        xCm: Math.max(left, Math.min(right, f.xCm + dx)),
        yCm: Math.max(top, Math.min(bottom, f.yCm + dy)),
      })
    }
  }
  const up = () => {
    drag.current = null
  }
  const pixel = (now.lengthCm + 160) / DRAWING_PX
  const number = (label: string, cm: number | undefined, change: (cm: number) => void, least = 0) => (
    <label>
      {label}
      <InputNumber
        aria-label={label}
        disabled={!lead}
        min={least}
        value={cm === undefined ? undefined : fromCm(cm, unit)}
        onChange={(v) => v !== null && change(toCm(v, unit))}
        suffix={sign}
        style={{ width: 116 }}
      />
    </label>
  )
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>{space.name}</Heading>
        <span className={page.chip}>
          {words(now.lengthCm)} × {words(now.widthCm)}
        </span>
        <span className={page.chip}>
          {paces(now.lengthCm)} × {paces(now.widthCm)} of {school?.paceWhose}
        </span>
        {lead && (
          <div className={page.end}>
            <Button onClick={remove}>Remove the space</Button>
            <Button type="primary" disabled={!dirty} loading={busy} onClick={save}>
              Save
            </Button>
          </div>
        )}
      </div>
      {error !== null && <ProblemNote error={error} />}
      <div className={styles.columns}>
        <div>
          <svg
            ref={svg}
            className={styles.floor}
            viewBox={`-80 -80 ${now.lengthCm + 160} ${now.widthCm + 160}`}
            style={{ maxHeight: '66vh' }}
            role="img"
            aria-label={`${now.name} to scale, with ${now.features.length} things on its floor`}
            onPointerDown={() => setSelected(undefined)}
            onPointerMove={move}
            onPointerUp={up}
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
          <p className="mute">
            Thick green: a wall that may be used. Dotted gap: a door. Brown: a fixed hazard. Drag a thing to
            move it, its round handle to stretch it; or type its measures on the right.
          </p>
        </div>
        <aside className={styles.side}>
          <h2>The space</h2>
          <div className={styles.fields}>
            <label>
              Name
              <Input
                disabled={!lead}
                value={now.name}
                maxLength={60}
                onChange={(e) => set({ name: e.target.value })}
              />
            </label>
            <div className={styles.pair}>
              {number('Length', now.lengthCm, (lengthCm) => set({ lengthCm }))}
              {number('Width', now.widthCm, (widthCm) => set({ widthCm }))}
            </div>
            <div className={styles.pair}>
              <label>
                Ceiling, empty outdoors
                <InputNumber
                  aria-label="Ceiling, empty outdoors"
                  disabled={!lead}
                  min={0}
                  value={now.ceilingCm === undefined ? null : fromCm(now.ceilingCm, unit)}
                  onChange={(v) => set({ ceilingCm: v === null ? undefined : toCm(v, unit) })}
                  suffix={sign}
                  style={{ width: 116 }}
                />
              </label>
              <label>
                Floor
                <Select
                  aria-label="Floor"
                  disabled={!lead}
                  value={now.floor}
                  onChange={(floor) => set({ floor })}
                  options={(['WOOD', 'CARPET', 'TARMAC', 'GRASS'] as const).map((value) => ({
                    value,
                    label: value.toLowerCase(),
                  }))}
                />
              </label>
            </div>
            <div className={styles.pair}>
              <label>
                Places at a wall
                <InputNumber
                  aria-label="Places at a wall"
                  disabled={!lead || !wallsTyped}
                  min={0}
                  max={200}
                  value={now.wallSpots}
                  onChange={(v) => set({ wallSpots: v ?? 0 })}
                  style={{ width: 116 }}
                />
                {!wallsTyped && <small className="mute">counted along the usable walls</small>}
              </label>
              <label>
                Minutes to walk there
                <InputNumber
                  aria-label="Minutes to walk there"
                  disabled={!lead}
                  min={0}
                  max={30}
                  value={now.walkingMinutes}
                  onChange={(v) => set({ walkingMinutes: v ?? 0 })}
                  style={{ width: 116 }}
                />
              </label>
            </div>
            <label>
              When it rains, lessons go to
              <Select
                aria-label="When it rains, lessons go to"
                disabled={!lead}
                allowClear
                placeholder="nowhere: they stay"
                value={now.wetSpaceId}
                onChange={(wetSpaceId) => set({ wetSpaceId })}
                options={others.filter((s) => s.ceilingCm).map((s) => ({ value: s.id, label: s.name }))}
              />
            </label>
          </div>
          <h2>On the floor</h2>
          {lead && (
            <div className={styles.add}>
              {kinds.map((k) => (
                <Button key={k.value} size="small" onClick={() => add(k.value)}>
                  + {k.label}
                </Button>
              ))}
            </div>
          )}
          <ul className={styles.list}>
            {now.features.map((f, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a feature is its place in the list
              <li key={i}>
                <button
                  type="button"
                  aria-pressed={i === selected}
                  className={i === selected ? styles.chosen : ''}
                  onClick={() => setSelected(i === selected ? undefined : i)}
                >
                  {kinds.find((k) => k.value === f.kind)?.label}
                  {f.colour && `, ${f.colour.toLowerCase()}`} {f.label && <b>{f.label}</b>}
                </button>
              </li>
            ))}
          </ul>
          {feature && selected !== undefined && (
            <div className={styles.fields}>
              {(feature.kind === 'LINE' || feature.kind === 'CIRCLE') && (
                <label>
                  Colour
                  <Select
                    aria-label="Colour"
                    disabled={!lead}
                    value={feature.colour}
                    onChange={(colour) => setFeature(selected, { colour })}
                    options={Object.keys(lineColours).map((value) => ({ value, label: value.toLowerCase() }))}
                  />
                </label>
              )}
              <label>
                What it is called
                <Input
                  disabled={!lead}
                  value={feature.label}
                  maxLength={60}
                  onChange={(e) => setFeature(selected, { label: e.target.value })}
                />
              </label>
              <div className={styles.pair}>
                {number('From the left', feature.xCm, (xCm) => setFeature(selected, { xCm }))}
                {number('From the top', feature.yCm, (yCm) => setFeature(selected, { yCm }))}
              </div>
              <div className={styles.pair}>
                {feature.kind === 'CIRCLE' ? (
                  number('Radius', feature.dxCm, (dxCm) => setFeature(selected, { dxCm }))
                ) : (
                  <>
                    {number('To the right', feature.dxCm, (dxCm) => setFeature(selected, { dxCm }), -200)}
                    {number('Down', feature.dyCm, (dyCm) => setFeature(selected, { dyCm }), -200)}
                  </>
                )}
              </div>
              {lead && (
                <Button
                  size="small"
                  onClick={() => {
                    set({ features: now.features.filter((_, i) => i !== selected) })
                    setSelected(undefined)
                  }}
                >
                  Take it off the floor
                </Button>
              )}
            </div>
          )}
        </aside>
      </div>
    </div>
  )
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
