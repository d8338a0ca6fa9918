import { useQuery } from '@tanstack/react-query'
import { Checkbox, InputNumber, Radio, Select } from 'antd'
import { api, type Schemas, take } from '../api/client'
import styles from './Planning.module.css'

export type Wishes = Omit<Schemas['WishesView'], 'newCues'> & { newCues?: number }

/** What is wished of a unit when nothing else is said. */
export const usualWishes: Wishes = {
  order: 'INTERLEAVED',
  tempo: 'AS_IT_COMES',
  taste: 'AS_IT_COMES',
  fewLayouts: false,
  skipsRungs: false,
  repeats: false,
  favourites: [],
  bans: [],
  weights: {},
  ending: 'AS_IT_COMES',
}

/** As the server takes them. */
export const sent = ({ order, newCues, ...more }: Wishes) => ({ order, newCues, more })

/** A few plain wishes; what they are made of stands behind, for who wants to weigh it. */
export function WishesForm({ value: w, onChange }: { value: Wishes; onChange: (now: Wishes) => void }) {
  const activities = useQuery({
    queryKey: ['activities', 'names'],
    queryFn: () => take(api.GET('/api/activities', {})),
    staleTime: 60_000,
  })
  const set = (change: Partial<Wishes>) => onChange({ ...w, ...change })
  const names = activities.data?.found.map((a) => ({ value: a.key, label: a.name })) ?? []
  return (
    <div className={styles.wishes}>
      <Choices value={w} set={set} />
      <label htmlFor="wish-cues">New cues</label>
      <span>
        at most{' '}
        <InputNumber
          id="wish-cues"
          min={1}
          max={5}
          value={w.newCues ?? null}
          placeholder="usual"
          onChange={(v) => set({ newCues: v ?? undefined })}
          style={{ width: 80 }}
        />{' '}
        a lesson
      </span>
      <span>Also</span>
      <span>
        <Checkbox checked={w.fewLayouts} onChange={(e) => set({ fewLayouts: e.target.checked })}>
          few changes of what stands on the floor
        </Checkbox>
        <br />
        <Checkbox checked={w.skipsRungs} onChange={(e) => set({ skipsRungs: e.target.checked })}>
          the class may skip a level; I know it can
        </Checkbox>
        <br />
        <Checkbox checked={w.repeats} onChange={(e) => set({ repeats: e.target.checked })}>
          where little fits, it may come more than three times in six lessons
        </Checkbox>
      </span>
      <label htmlFor="wish-in">Must be in</label>
      <Select
        id="wish-in"
        aria-label="Must be in"
        mode="multiple"
        optionFilterProp="label"
        value={w.favourites}
        onChange={(favourites) => set({ favourites })}
        options={names.filter((n) => !w.bans.includes(n.value))}
        placeholder="favourites"
      />
      <label htmlFor="wish-out">Must not be in</label>
      <Select
        id="wish-out"
        aria-label="Must not be in"
        mode="multiple"
        optionFilterProp="label"
        value={w.bans}
        onChange={(bans) => set({ bans })}
        options={names.filter((n) => !w.favourites.includes(n.value))}
        placeholder="what this class is tired of"
      />
      <Weights value={w} set={set} />
    </div>
  )
}

interface PartProps {
  value: Wishes
  set: (change: Partial<Wishes>) => void
}

function Choices({ value: w, set }: PartProps) {
  return (
    <>
      <span id="wish-order">Skills</span>
      <Radio.Group
        aria-labelledby="wish-order"
        value={w.order}
        onChange={(e) => set({ order: e.target.value })}
        options={[
          { value: 'INTERLEAVED', label: 'mixed in each lesson' },
          { value: 'BLOCKED', label: 'one a lesson' },
          { value: 'MIXED', label: 'one a lesson at first, mixed later' },
        ]}
      />
      <span id="wish-tempo">Lively or calm</span>
      <Radio.Group
        aria-labelledby="wish-tempo"
        value={w.tempo}
        onChange={(e) => set({ tempo: e.target.value })}
        options={[
          { value: 'AS_IT_COMES', label: 'as it comes' },
          { value: 'LIVELY', label: 'lively' },
          { value: 'CALM', label: 'calm' },
        ]}
      />
      <span id="wish-taste">New or familiar</span>
      <Radio.Group
        aria-labelledby="wish-taste"
        value={w.taste}
        onChange={(e) => set({ taste: e.target.value })}
        options={[
          { value: 'AS_IT_COMES', label: 'as it comes' },
          { value: 'NEW', label: 'new to this class' },
          { value: 'FAMILIAR', label: 'what it knows' },
        ]}
      />
      <span id="wish-ending">The last lesson</span>
      <Radio.Group
        aria-labelledby="wish-ending"
        value={w.ending}
        onChange={(e) => set({ ending: e.target.value })}
        options={[
          { value: 'AS_IT_COMES', label: 'as it comes' },
          { value: 'BESTS', label: 'bests to beat' },
          { value: 'TOURNAMENT', label: 'a small tournament' },
          { value: 'FESTIVAL', label: 'a round of stations' },
        ]}
      />
    </>
  )
}

function Weights({ value: w, set }: PartProps) {
  const rules = useQuery({ queryKey: ['unit-rules'], queryFn: () => take(api.GET('/api/unit-rules')) })
  return (
    <details className={styles.weights}>
      <summary>Weigh the rules yourself</summary>
      <p className="mute">
        Ten points are as bad as one missed exposure of a cue. Rules that keep a lesson safe and whole cannot
        be weighed.
      </p>
      <table>
        <tbody>
          {rules.data
            ?.filter((r) => r.level === 'SOFT')
            .map((r) => (
              <tr key={r.key}>
                <td>{r.name}</td>
                <td>
                  <InputNumber
                    size="small"
                    min={0}
                    max={100}
                    aria-label={`Points for: ${r.name}`}
                    value={w.weights[r.key] ?? r.weight}
                    onChange={(v) => {
                      const weights = { ...w.weights }
                      if (v === null || v === r.weight) delete weights[r.key]
                      else weights[r.key] = v
                      set({ weights })
                    }}
                  />
                </td>
                <td className="mute">{r.key in w.weights ? `usually ${r.weight}` : ''}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </details>
  )
}
