import { Input, InputNumber, Select } from 'antd'
import type { Draft } from './draft'
import type { Space } from './Floor'
import { Length } from './Length'
import styles from './SpaceEditor.module.css'

/** What is typed about a space as a whole. */
export function SpaceFields({ draft, others }: { draft: Draft; others: Space[] }) {
  const { now, lead, wallsTyped, set } = draft
  return (
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
        <Length
          label="Length"
          cm={now.lengthCm}
          disabled={!lead}
          change={(lengthCm) => lengthCm !== undefined && set({ lengthCm })}
        />
        <Length
          label="Width"
          cm={now.widthCm}
          disabled={!lead}
          change={(widthCm) => widthCm !== undefined && set({ widthCm })}
        />
      </div>
      <div className={styles.pair}>
        <Length
          label="Ceiling, empty outdoors"
          cm={now.ceilingCm}
          disabled={!lead}
          change={(ceilingCm) => set({ ceilingCm })}
        />
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
  )
}
