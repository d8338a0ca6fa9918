import { Button, InputNumber } from 'antd'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Dialog } from '../shared/Dialog'

/** What to know of a thing before it is given to children, and how a home-made one is made. */
export function ThingCard({ line, close }: { line: Schemas['CupboardLine']; close: () => void }) {
  const { handling: h, recipe } = line
  const [many, setMany] = useState(12)
  const [age, setAge] = useState(8)
  const [makers, setMakers] = useState(1)
  const facts = [
    `${(line.widthMm / 10).toLocaleString('en-GB')} cm, ${line.grams.toLocaleString('en-GB')} g, ${h.hardness.toLowerCase()}`,
    line.heightMm && `stands ${line.heightMm / 10} cm high on a foot of ${(line.baseMm ?? 0) / 10} cm`,
    h.rebound !== undefined && `comes back to ${Math.round(h.rebound * 100)} % of the height it fell from`,
    ...line.motion,
    h.atPeople ? 'may be thrown to people' : 'is not thrown at people',
    h.indoors ? 'indoors and out' : 'outdoors only',
    h.packSize > 1 && `usually ${h.packSize} in a pack`,
    h.fitSeconds > 0 && `takes ${h.fitSeconds} s a child to put on`,
    h.ageFrom > 3 && `from ${h.ageFrom} years`,
  ].filter((f): f is string => typeof f === 'string')
  return (
    <Dialog
      open
      title={line.name}
      onCancel={close}
      footer={
        <Button type="primary" onClick={close}>
          Done
        </Button>
      }
    >
      <ul style={{ paddingLeft: 18 }}>
        {facts.map((f) => (
          <li key={f}>{f}</li>
        ))}
      </ul>
      {h.check && (
        <p>
          <b>Before each use:</b> {h.check}
        </p>
      )}
      {recipe && (
        <>
          <h3>How to make one, about {recipe.minutes} min</h3>
          <p>
            Take{' '}
            {recipe.materials.map((m) => [m.amount, m.unit, m.what].filter(Boolean).join(' ')).join('; ')}.
          </p>
          <ol>
            {recipe.steps.map((s) => (
              <li key={s}>{s}.</li>
            ))}
          </ol>
          <p style={{ display: 'flex', gap: 8, alignItems: 'center' }}>
            <InputNumber
              aria-label="How many to make"
              min={1}
              max={200}
              value={many}
              onChange={(v) => setMany(v ?? 1)}
              style={{ width: 80 }}
            />
            for age
            <InputNumber
              aria-label="For which age"
              min={3}
              max={14}
              value={age}
              onChange={(v) => setAge(v ?? 8)}
              style={{ width: 70 }}
            />
            by
            <InputNumber
              aria-label="How many make them"
              min={1}
              max={40}
              value={makers}
              onChange={(v) => setMakers(v ?? 1)}
              style={{ width: 70 }}
            />
            <Button
              href={`/api/make-sheets/${line.key}/paper?count=${many}&age=${age}&makers=${makers}`}
              target="_blank"
            >
              Print a make-sheet
            </Button>
          </p>
          <p className="mute">
            Weigh what is thrown: about 0.4 kg at most to age 7, 0.6 kg to 9, 1.0 kg to 12. Your school’s own
            rules come first.
          </p>
        </>
      )}
    </Dialog>
  )
}
