import { Button } from 'antd'
import styles from './Lesson.module.css'
import { type SettingBody, type Stretch, type StretchWatch, settingOf } from './useLesson'

interface WatchFromProps {
  stretch: Stretch
  watch: StretchWatch
  /** children's names by id */
  names: Record<string, string>
  /** left out where nothing may be changed */
  set?: (body: SettingBody) => void
  busy: boolean
}

/** From where to watch in a stretch, in the order of the numbers on its floor, and who could change places for it. */
export function WatchFrom({ stretch, watch, names, set, busy }: WatchFromProps) {
  const from = watch.from
  const group = (child: string) =>
    stretch.groups.find((g) => g.children.some((c) => c.id === child))?.label ?? names[child]
  const changed = stretch.places.length > 0
  return (
    <>
      <div>{watch.reason}</div>
      {from && from.stands.length > 0 && (
        <ol aria-label="Where to stand" className={styles.stands}>
          {from.stands.map((s) => (
            <li key={`${s.x} ${s.y}`}>
              by {s.groups.length === 1 ? 'group' : 'groups'}{' '}
              {s.groups.map((g) => stretch.groups[g]?.label).join(', ')}: {s.looks} of {from.looks} looks
            </li>
          ))}
        </ol>
      )}
      {from && from.changes.length > 0 && (
        <div>
          From one spot {from.afterChanges} in place of {from.fromOne}, if{' '}
          {from.changes
            .map((c) => `group ${group(c.child)} changes places with ${group(c.with)}`)
            .join(' and ')}
          .{' '}
          {set && (
            <Button
              size="small"
              disabled={busy}
              onClick={() =>
                set({
                  ...settingOf(stretch),
                  places: [
                    ...stretch.places.filter((p) => !from.changes.some((c) => c.child === p.child)),
                    ...from.changes.map(({ child, place }) => ({ child, place })),
                  ],
                })
              }
            >
              Let them change places
            </Button>
          )}
        </div>
      )}
      {changed && set && (
        <Button size="small" disabled={busy} onClick={() => set({ ...settingOf(stretch), places: [] })}>
          Back to their own places
        </Button>
      )}
    </>
  )
}
