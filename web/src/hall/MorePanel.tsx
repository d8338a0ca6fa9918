import { useState } from 'react'
import styles from './Bars.module.css'
import { isOutdoors, setOutdoors } from './screen'
import type { HallStore, Panel } from './store'
import { useHall } from './useHall'
import { cuesFor, useWatch } from './watching'

/** Everything that is not needed all the time, in four groups; over the tiles, never beside them. */
export function MorePanel({ store }: { store: HallStore }) {
  const hall = useHall(store, (s) => s.hall)
  const mode = useHall(store, (s) => s.mode)
  const segment = useHall(store, (s) => s.segment)
  const here = useHall(store, (s) => s.hall.grid.rows.length - s.away.size)
  const { cue, cues, planned } = useWatch(store)
  const [outdoors, setBright] = useState(isOutdoors)
  const offered = cuesFor(cues, planned)
  const second = mode.kind === 'watch' && mode.way === 'all' ? mode.second : null
  const opens = (kind: Exclude<Panel['kind'], 'held' | 'figure'>, name: string) => (
    <button type="button" onClick={() => store.open({ kind })}>
      {name}
    </button>
  )
  return (
    <section
      className={styles.panel}
      role="dialog"
      aria-label="More"
      onKeyDown={(e) => e.key === 'Escape' && store.open(null)}
    >
      <div>
        <h2>Watch</h2>
        <label>
          <span className="visually-hidden">What is watched</span>
          <select value={segment} onChange={(e) => store.chooseSegment(e.target.value)}>
            {hall.lesson.segments
              .filter((s) => s.focus.length > 0)
              .map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}, {s.minutes} min{s.setting === 'GAME' ? ', play' : ''}
                </option>
              ))}
          </select>
        </label>
        {offered.map((c) => (
          <button
            key={c.key}
            type="button"
            aria-pressed={c.key === cue}
            onClick={() => store.chooseCue(c.key)}
          >
            “{c.call.notSettled}”
          </button>
        ))}
        <button
          type="button"
          aria-pressed={second !== null}
          disabled={offered.length < 2}
          onClick={() => store.watchTwo(second ? null : (offered.find((c) => c.key !== cue)?.key ?? null))}
        >
          Two cues
        </button>
        <button type="button" aria-pressed={mode.kind === 'check'} onClick={store.toggleCheck}>
          {mode.kind === 'check' ? 'End the check' : 'Check: five each'}
        </button>
      </div>
      <div>
        <h2>Count</h2>
        {opens('score', 'Score')}
        <button
          type="button"
          aria-pressed={mode.kind === 'hits'}
          onClick={() => store.countHits(mode.kind === 'hits' ? null : { of: 5, side: 'own' })}
        >
          Hits
        </button>
        {opens('count', 'Count')}
        <button type="button" aria-pressed={mode.kind === 'goes'} onClick={store.toggleGoes}>
          Goes
        </button>
      </div>
      <div>
        <h2>Children</h2>
        <button type="button" aria-pressed={mode.kind === 'register'} onClick={store.toggleRegister}>
          {mode.kind === 'register' ? 'Close the register' : `Register: ${here} here`}
        </button>
        {opens('sides', 'Sides')}
        {opens('note', 'Note')}
        {opens('talk', 'Talk')}
        {opens('history', 'History')}
      </div>
      <div>
        <h2>Lesson</h2>
        {opens('end', 'End of the lesson')}
        {opens('signals', 'Signals')}
        {hall.wet && opens('rain', 'Rain')}
        <button
          type="button"
          aria-pressed={outdoors}
          onClick={() => {
            setOutdoors(!outdoors)
            setBright(!outdoors)
          }}
        >
          Outdoors
        </button>
        <a href={`/lessons/${hall.lesson.lesson}`}>Sheet</a>
        <button type="button" onClick={() => store.open(null)}>
          Close
        </button>
      </div>
    </section>
  )
}
