import { Button } from 'antd'
import { many } from '../shared/many'
import styles from './Lesson.module.css'
import { type SettingBody, type Stretch, type StretchWatch, settingOf } from './useLesson'

interface WatchFromProps {
  stretch: Stretch
  watch: StretchWatch
  /** left out where nothing may be changed */
  set?: (body: SettingBody) => void
  busy: boolean
}

/** From where to watch in a stretch, in the order of the numbers on its floor, and who could change places for it. */
export function WatchFrom({ stretch, watch, set, busy }: WatchFromProps) {
  const from = watch.from
  const label = (group: number) => stretch.floor?.groups[group]?.label
  return (
    <>
      <div>{watch.reason}</div>
      {from && (
        <>
          <div>{from.reason}</div>
          {from.stands.length > 0 && (
            <ol aria-label="Where to stand" className={styles.stands}>
              {from.stands.map((s) => (
                <li key={`${s.x} ${s.y}`}>
                  by {s.groups.length === 1 ? 'group' : 'groups'} {s.groups.map(label).join(', ')}:{' '}
                  {many(s.looks, 'look')}
                </li>
              ))}
            </ol>
          )}
          {from.swaps.length > 0 && (
            <div>
              Could change places:{' '}
              {from.swaps.map((s) => `group ${label(s.group)} and group ${label(s.with)}`).join('; ')}.{' '}
              {set && (
                <Button
                  size="small"
                  disabled={busy}
                  onClick={() => set({ ...settingOf(stretch), places: from.places })}
                >
                  Let them change places
                </Button>
              )}
            </div>
          )}
        </>
      )}
      {stretch.byHand.places.length > 0 && set && (
        <Button size="small" disabled={busy} onClick={() => set({ ...settingOf(stretch), places: [] })}>
          Back to their own places
        </Button>
      )}
    </>
  )
}
