import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { Arrival } from './Arrival'
import { type CueChoice, CueChoices } from './CueChoices'
import { Rename } from './Rename'
import { Versions } from './Versions'
import { sent, type Wishes, WishesForm } from './WishesForm'

type Unit = Schemas['UnitView']

/** What can be open over a unit. */
export type Opened = 'versions' | 'wishes' | 'copy' | 'cues' | 'rename'

interface UnitDialogsProps {
  unit: Unit
  open: Opened
  close: () => void
  /** shows a version beside the plan */
  beside: (version: string) => void
  /** has the rest planned by these wishes or cues */
  propose: (body: object) => void
}

/** The dialogs of a unit. */
export function UnitDialogs({ unit: u, open, close, beside, propose }: UnitDialogsProps) {
  const then = (work: () => void) => {
    close()
    work()
  }
  if (open === 'copy') return <Arrival from={u} close={close} />
  if (open === 'rename') return <Rename unit={u} close={close} />
  if (open === 'versions')
    return <Versions unit={u.id} head={u.head} close={close} choose={(v) => then(() => beside(v))} />
  if (open === 'wishes')
    return <WishesDialog unit={u} close={close} taken={(wishes) => then(() => propose(sent(wishes)))} />
  return <CuesDialog unit={u} close={close} taken={(cues) => then(() => propose({ cues }))} />
}

interface OverUnitProps<T> {
  unit: Unit
  close: () => void
  taken: (now: T) => void
}

function WishesDialog({ unit, close, taken }: OverUnitProps<Wishes>) {
  const [wishes, setWishes] = useState<Wishes>(unit.wishes)
  return (
    <Dialog
      open
      title="Preferences for this unit"
      width={720}
      okText="Plan the rest so"
      onCancel={close}
      onOk={() => taken(wishes)}
    >
      <WishesForm value={wishes} onChange={setWishes} />
    </Dialog>
  )
}

function CuesDialog({ unit: u, close, taken }: OverUnitProps<CueChoice[]>) {
  const [cues, setCues] = useState<Record<string, CueChoice | undefined>>(() =>
    Object.fromEntries(u.threads.map((t) => [t.cueSet, decided(t)])),
  )
  return (
    <Dialog
      open
      title="Which cues, in which order"
      width={640}
      okText="Plan the rest so"
      onCancel={close}
      onOk={() => taken(u.threads.map((t) => cues[t.cueSet] ?? { cueSet: t.cueSet }))}
    >
      {u.threads.map((t) => (
        <CueChoices
          key={t.cueSet}
          skill={t.skill}
          cueSet={t.cueSet}
          age={u.schoolClass.yearAge}
          lessons={u.lessons.filter((l) => l.state === 'PLANNED').map((l) => l.position + 1)}
          value={cues[t.cueSet]}
          onChange={(now) => setCues({ ...cues, [t.cueSet]: now })}
        />
      ))}
    </Dialog>
  )
}

/** What is decided about the cues of a skill already; undefined for its set as it is. */
function decided(t: Schemas['ThreadBlock']): CueChoice | undefined {
  const pinned = t.cues.filter((c) => c.pin !== undefined)
  if (!t.picked && pinned.length === 0) return undefined
  return {
    cueSet: t.cueSet,
    ...(t.picked ? { cues: t.cues.map((c) => c.key) } : {}),
    lessons: Object.fromEntries(pinned.map((c) => [c.key, c.pin as number])),
  }
}
