import { Button, Input, Select } from 'antd'
import type { Draft } from './draft'
import { type Feature, lineColours } from './Floor'
import { Length } from './Length'
import styles from './SpaceEditor.module.css'

const kinds: { value: Feature['kind']; label: string }[] = [
  { value: 'WALL', label: 'usable wall' },
  { value: 'DOOR', label: 'door' },
  { value: 'HAZARD', label: 'fixed hazard' },
  { value: 'LINE', label: 'painted line' },
  { value: 'CIRCLE', label: 'painted circle' },
]

/** What is on the floor of a space, and the measures of what is chosen of it. */
export function FeatureFields({ draft }: { draft: Draft }) {
  const { now, lead, selected, select, add } = draft
  const feature = selected === undefined ? undefined : now.features[selected]
  return (
    <>
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
              onClick={() => select(i === selected ? undefined : i)}
            >
              {kinds.find((k) => k.value === f.kind)?.label}
              {f.colour && `, ${f.colour.toLowerCase()}`} {f.label && <b>{f.label}</b>}
            </button>
          </li>
        ))}
      </ul>
      {feature && selected !== undefined && <Measures draft={draft} feature={feature} at={selected} />}
    </>
  )
}

function Measures({ draft, feature, at }: { draft: Draft; feature: Feature; at: number }) {
  const { now, lead, set, setFeature, select } = draft
  return (
    <div className={styles.fields}>
      {(feature.kind === 'LINE' || feature.kind === 'CIRCLE') && (
        <label>
          Colour
          <Select
            aria-label="Colour"
            disabled={!lead}
            value={feature.colour}
            onChange={(colour) => setFeature(at, { colour })}
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
          onChange={(e) => setFeature(at, { label: e.target.value })}
        />
      </label>
      <div className={styles.pair}>
        <Length
          label="From the left"
          cm={feature.xCm}
          disabled={!lead}
          change={(xCm) => xCm !== undefined && setFeature(at, { xCm })}
        />
        <Length
          label="From the top"
          cm={feature.yCm}
          disabled={!lead}
          change={(yCm) => yCm !== undefined && setFeature(at, { yCm })}
        />
      </div>
      <div className={styles.pair}>
        {feature.kind === 'CIRCLE' ? (
          <Length
            label="Radius"
            cm={feature.dxCm}
            disabled={!lead}
            change={(dxCm) => dxCm !== undefined && setFeature(at, { dxCm })}
          />
        ) : (
          <>
            <Length
              label="To the right"
              cm={feature.dxCm}
              least={-200}
              disabled={!lead}
              change={(dxCm) => dxCm !== undefined && setFeature(at, { dxCm })}
            />
            <Length
              label="Down"
              cm={feature.dyCm}
              least={-200}
              disabled={!lead}
              change={(dyCm) => dyCm !== undefined && setFeature(at, { dyCm })}
            />
          </>
        )}
      </div>
      {lead && (
        <Button
          size="small"
          onClick={() => {
            set({ features: now.features.filter((_, i) => i !== at) })
            select(undefined)
          }}
        >
          Take it off the floor
        </Button>
      )}
    </div>
  )
}
