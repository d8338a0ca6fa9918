import { Button } from 'antd'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { arrow } from '../shared/arrows'
import { type Dragged, useDrag } from '../shared/useDrag'
import styles from './Lesson.module.css'

type Floor = Schemas['FloorView']
type Moved = { group: number; x: number; y: number }

interface FloorDrawingProps {
  floor: Floor
  /** where to stand to watch, in order, in metres; numbered on the floor */
  spots?: { x: number; y: number }[]
  /** puts a group elsewhere; left out where nothing may be changed */
  move?: (moved: Moved[]) => void
  busy: boolean
}

/** One press of an arrow key, in metres. */
const STEP = 0.5

/** A floor to scale, as it is on paper; groups that may stand elsewhere can be dragged, or moved by the arrow keys. */
export function FloorDrawing({ floor, spots, move, busy }: FloorDrawingProps) {
  const overlay = useRef<HTMLFieldSetElement>(null)
  const [drag, setDrag] = useState<{ group: number; dx: number; dy: number }>()
  const [left, top, wide, high] = floor.viewBox.split(' ').map(Number)
  const across = (metres: number) => `${((metres * 100 - left) * 100) / wide}%`
  const down = (metres: number) => `${((metres * 100 - top) * 100) / high}%`
  const metresPerPixel = () => wide / 100 / (overlay.current?.clientWidth || wide / 100)
  // Where groups were put while an earlier move is still being saved: the next press goes on from there.
  const asked = useRef(new Map<number, Moved>())
  useEffect(() => {
    if (!busy) asked.current.clear()
  }, [busy])
  const put = (group: number, dx: number, dy: number) => {
    const from = asked.current.get(group) ?? floor.areas.find((a) => a.group === group)
    if (!from) return
    asked.current.set(group, {
      group,
      x: Math.round((from.x + dx) * 10) / 10,
      y: Math.round((from.y + dy) * 10) / 10,
    })
    move?.(
      floor.areas
        .filter((a) => asked.current.has(a.group) || floor.moved.includes(a.group))
        .map((a) => asked.current.get(a.group) ?? { group: a.group, x: a.x, y: a.y }),
    )
  }
  const metres = (d: Dragged<number>) => ({ dx: d.dx * metresPerPixel(), dy: d.dy * metresPerPixel() })
  const dragging = useDrag<number>({
    move: (_, d) => setDrag({ group: d.what, ...metres(d) }),
    drop: (_, d) => {
      const { dx, dy } = metres(d)
      if (Math.hypot(dx, dy) > 0.1) put(d.what, dx, dy)
      setDrag(undefined)
    },
    cancel: () => setDrag(undefined),
  })
  const keys = (group: number) => (e: KeyboardEvent) => {
    const by = arrow(e.key)
    if (!by) return
    e.preventDefault()
    e.stopPropagation()
    put(group, STEP * by.across, STEP * by.down)
  }
  return (
    <figure className={styles.floor} aria-busy={busy}>
      <div className={styles.drawing}>
        <div
          // biome-ignore lint/security/noDangerouslySetInnerHtml: our own server's drawing, in which every text is escaped
          dangerouslySetInnerHTML={{ __html: floor.svg }}
        />
        {spots?.map((s, i) => (
          <span
            key={`${s.x} ${s.y}`}
            className={styles.spot}
            style={{ left: across(s.x), top: down(s.y) }}
            aria-hidden="true"
          >
            {i + 1}
          </span>
        ))}
        {move && floor.areas.length > 1 && (
          <fieldset ref={overlay} className={styles.overlay} aria-label="Groups that can be put elsewhere">
            {floor.areas.map((a) => (
              <button
                key={a.group}
                type="button"
                className={styles.area}
                style={{
                  left: across(a.x + (drag?.group === a.group ? drag.dx : 0)),
                  top: down(a.y + (drag?.group === a.group ? drag.dy : 0)),
                  width: `${(a.w * 10000) / wide}%`,
                  height: `${(a.h * 10000) / high}%`,
                }}
                aria-label={`Group ${a.group + 1}, ${a.x.toFixed(1)} m from the left, ${a.y.toFixed(1)} m from the top`}
                aria-keyshortcuts="ArrowLeft ArrowRight ArrowUp ArrowDown"
                onPointerDown={(e) => dragging.begin(e, a.group)}
                {...dragging.handlers}
                onKeyDown={keys(a.group)}
              />
            ))}
          </fieldset>
        )}
      </div>
      <figcaption>
        {floor.distance && <b>{floor.distance}. </b>}
        {floor.findings.map((f) => (
          <span key={f} className={styles.bad}>
            {f}{' '}
          </span>
        ))}
        {floor.reasons.join(' ')}
        {floor.moved.length > 0 && move && (
          <Button size="small" onClick={() => move([])} disabled={busy}>
            Back to the usual places
          </Button>
        )}
      </figcaption>
    </figure>
  )
}
