import { useQuery, useQueryClient } from '@tanstack/react-query'
import { InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

type Line = Schemas['CupboardLine']

const WORD: Record<Schemas['FallView']['verdict'], string> = {
  LIKELY: 'Likely',
  DOUBTFUL: 'Doubtful',
  NO: 'No',
}

/** Will it topple? What the computation says, and what three rolls on the floor said. */
export function Falls({ lines, close }: { lines: Line[]; close: () => void }) {
  const queries = useQueryClient()
  const balls = lines.filter((l) => l.traits.includes('ROLLS'))
  const targets = lines.filter((l) => l.traits.includes('STANDS'))
  const owned = (list: Line[]) => list.find((l) => l.count > 0) ?? list[0]
  // The cupboard may still be on its way when this opens.
  const [chosenBall, setBall] = useState<string>()
  const [chosenTarget, setTarget] = useState<string>()
  const ball = chosenBall ?? owned(balls)?.key ?? ''
  const target = chosenTarget ?? owned(targets)?.key ?? ''
  const [age, setAge] = useState(8)
  const { error, attempt } = useAttempt()
  const key = ['falls', ball, target, age]
  const fall = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/cupboard/falls', { params: { query: { ball, target, age } } })),
    enabled: ball !== '' && target !== '',
    placeholderData: (before) => before,
  })
  const roll = (fell: number | undefined) =>
    attempt(async () => {
      await take(api.PUT('/api/cupboard/rolls', { body: { ball, target, fell } }))
      queries.invalidateQueries({ queryKey: ['falls'] })
      queries.invalidateQueries({ queryKey: ['sheet'] })
    })
  const options = (list: Line[]) =>
    list.map((l) => ({ value: l.key, label: l.count > 0 ? `${l.name} (${l.count})` : l.name }))
  const f = fall.data
  return (
    <Dialog open title="Will it topple?" onCancel={close} footer={null} width={560}>
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <Select
          aria-label="Ball"
          showSearch
          optionFilterProp="label"
          value={ball}
          onChange={setBall}
          options={options(balls)}
          style={{ width: 190 }}
        />
        <Select
          aria-label="Target"
          showSearch
          optionFilterProp="label"
          value={target}
          onChange={setTarget}
          options={options(targets)}
          style={{ width: 200 }}
        />
        <InputNumber
          aria-label="Age"
          min={3}
          max={14}
          value={age}
          onChange={(v) => setAge(v ?? 8)}
          suffix="years"
          style={{ width: 100 }}
        />
      </div>
      {fall.error && <ProblemNote error={fall.error} />}
      {error !== null && <ProblemNote error={error} />}
      {f && (
        <div role="status" style={{ marginTop: 12 }}>
          <h2 style={{ margin: 0 }}>{WORD[f.verdict]}</h2>
          <p>{f.reason}</p>
          {f.fell !== undefined && <p className="mute">Computed: {f.computed}</p>}
          {f.fill && <p>{f.fill}</p>}
          {f.others.length > 0 && <p>What you have that falls to it: {f.others.join(', ')}.</p>}
        </div>
      )}
      <p style={{ marginTop: 12 }}>
        <label htmlFor="falls-tried">Three rolls on your floor: </label>
        <Select
          id="falls-tried"
          aria-label="How many of three test rolls felled it"
          value={f?.fell ?? -1}
          onChange={(v) => roll(v < 0 ? undefined : v)}
          options={[
            { value: -1, label: 'not tried' },
            ...[0, 1, 2, 3].map((n) => ({ value: n, label: `${n} of 3 fell` })),
          ]}
          style={{ width: 140 }}
        />
      </p>
      <p className="mute">What you tried outranks the computation, in every plan from now on.</p>
    </Dialog>
  )
}
