import { useEffect, useState } from 'react'
import { type FigureView, loadFigure, places, seconds } from './clip'
import { Figure } from './Figure'
import styles from './Figure.module.css'
import type { Beside } from './faults'
import { still, useTicks } from './useTicks'

interface ShownProps {
  cue: string
  /** what it is called, for who cannot see it */
  call: string
  /** faults that can be shown beside it; the first of them is at first */
  faults: readonly Beside[]
  mirrored?: boolean
  /** of the child, in years */
  age?: number
  /** false where it stands still until it is asked to move */
  moves?: boolean
}

const speeds = { quarter: 0.25, half: 0.5, full: 1 } as const
const angles = {
  FRONT: 'from the front',
  SIDE: 'from the side',
  BEHIND: 'from behind',
  OTHER_SIDE: 'from the other side',
}

/** A cue on a figure, as it is shown and beside it with a fault: slowly, step by step, and from where one stands. */
export function Shown({ cue, call, faults, mirrored = false, age = 8, moves = true }: ShownProps) {
  const [fault, setFault] = useState(faults.at(0)?.fault)
  const [variant, setVariant] = useState<string>()
  const [views, setViews] = useState<FigureView[]>()
  const [failed, setFailed] = useState('')
  useEffect(() => {
    let here = true
    const asked = [undefined, ...(fault === undefined ? [] : [fault])]
    Promise.all(asked.map((f) => loadFigure(cue, f, age, f === undefined ? variant : undefined))).then(
      (v) => here && setViews(v),
      (e: Error) => here && setFailed(e.message),
    )
    return () => {
      here = false
    }
  }, [cue, fault, age, variant])
  if (failed) return <p role="alert">The figure could not be loaded. {failed}</p>
  if (!views) return <p className="mute">Drawing …</p>
  if (!views[0].clip) return <p className="mute">No figure shows this: {views[0].unseen}.</p>
  return (
    <div className={styles.shown}>
      <Player
        key={cue}
        views={views[0].unseen ? views.slice(0, 1) : views}
        names={[call, ...faults.filter((f) => f.fault === fault).map((f) => f.seen)]}
        mirrored={mirrored}
        moves={moves}
      />
      <div className={styles.bar}>
        {faults.length > 0 && !views[0].unseen && (
          <label>
            Not yet:{' '}
            <select
              value={fault ?? ''}
              onChange={(e) => setFault(e.target.value === '' ? undefined : Number(e.target.value))}
            >
              <option value="">nothing beside it</option>
              {faults.map((f) => (
                <option key={f.fault} value={f.fault}>
                  {f.seen}
                </option>
              ))}
            </select>
          </label>
        )}
        {views[0].variants.length > 0 && (
          <label>
            Done:{' '}
            <select value={variant ?? ''} onChange={(e) => setVariant(e.target.value || undefined)}>
              <option value="">as usual</option>
              {views[0].variants.map((v) => (
                <option key={v} value={v}>
                  {v}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
    </div>
  )
}

interface PlayerProps {
  views: readonly FigureView[]
  names: readonly string[]
  mirrored: boolean
  moves: boolean
}

/** Moves one figure or two at the same time. */
function Player({ views, names, mirrored, moves }: PlayerProps) {
  const long = Math.max(...views.map((v) => (v.clip ? seconds(v.clip) : 0)))
  const decides = views[views.length - 1].clip ? views[views.length - 1].at : views[0].at
  const [playing, setPlaying] = useState(moves && !still())
  const [at, setAt] = useState(decides)
  const [speed, setSpeed] = useState<keyof typeof speeds>('half')
  const [from, setFrom] = useState<keyof typeof angles>(views[0].from)
  useTicks(playing, (past) => setAt((t) => (t > long + 0.5 ? 0 : t + past * speeds[speed])))
  const shown = Math.min(at, long)
  const step = (by: number) => {
    setPlaying(false)
    setAt(Math.max(0, Math.min(long, Math.round((shown + by) * 20) / 20)))
  }
  return (
    <>
      <div className={styles.pair}>
        {views.map((v, i) => (
          <figure key={names[i]}>
            {v.clip ? (
              <Figure
                clip={v.clip}
                at={Math.min(shown, seconds(v.clip))}
                degrees={places[from]}
                mirrored={mirrored}
                marks={v.looksAt}
                words={`${names[i]}, ${angles[from]}: ${v.why?.[mirrored ? 'left' : 'right'] ?? ''}`}
              />
            ) : null}
            <figcaption>
              <b className={v.unseen ? undefined : v.shown ? styles.yes : styles.not}>
                {v.clip && !v.unseen && (v.shown ? '● shown: ' : '○ not yet: ')}
                {names[i]}
              </b>
              {v.unseen ? `This itself is not drawn: ${v.unseen}.` : v.why?.[mirrored ? 'left' : 'right']}
            </figcaption>
          </figure>
        ))}
      </div>
      <div className={styles.bar}>
        <button type="button" onClick={() => setPlaying(!playing)}>
          {playing ? 'Stop' : 'Move'}
        </button>
        <button type="button" aria-label="A picture back" onClick={() => step(-0.05)}>
          ‹
        </button>
        <button type="button" aria-label="A picture on" onClick={() => step(0.05)}>
          ›
        </button>
        <button
          type="button"
          onClick={() => {
            setPlaying(false)
            setAt(decides)
          }}
        >
          What decides
        </button>
        <select
          aria-label="How fast"
          value={speed}
          onChange={(e) => setSpeed(e.target.value as keyof typeof speeds)}
        >
          <option value="quarter">a quarter as fast</option>
          <option value="half">half as fast</option>
          <option value="full">as fast as it is</option>
        </select>
        <select
          aria-label="Seen"
          value={from}
          onChange={(e) => setFrom(e.target.value as keyof typeof angles)}
        >
          {Object.entries(angles).map(([k, words]) => (
            <option key={k} value={k}>
              {words}
            </option>
          ))}
        </select>
        <input
          type="range"
          aria-label="When"
          min={0}
          max={long}
          step={0.025}
          value={shown}
          onChange={(e) => {
            setPlaying(false)
            setAt(Number(e.target.value))
          }}
        />
      </div>
    </>
  )
}
