import { InputNumber, Radio, Select } from 'antd'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { DateInput } from '../shared/DateInput'
import { Dialog } from '../shared/Dialog'
import { todayHere } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './ChildPage.module.css'
import { record } from './record'

interface BesideProps {
  picture: Schemas['ChildPicture']
  close: () => void
  added: () => void
}

type Kind = 'SAID' | 'SELF' | 'PARTNER' | 'HOME' | 'TRIES'

const kinds: { value: Kind; label: string }[] = [
  { value: 'TRIES', label: 'tries at home' },
  { value: 'SAID', label: 'could tell the cue' },
  { value: 'SELF', label: 'ticked it itself' },
  { value: 'PARTNER', label: 'a partner saw it' },
  { value: 'HOME', label: 'seen at home' },
]

/** What stands beside the teacher's looks and never in the mark: what the child said, ticks of others, and tries at home. */
export function Beside({ picture, close, added }: BesideProps) {
  const [kind, setKind] = useState<Kind>('TRIES')
  const [skill, setSkill] = useState(picture.skills[0]?.skill)
  const [cue, setCue] = useState(picture.skills[0]?.cues[0]?.cue)
  const [shown, setShown] = useState(true)
  const [hits, setHits] = useState(0)
  const [tries, setTries] = useState(10)
  const [day, setDay] = useState(todayHere())
  const { error, busy, attempt } = useAttempt()
  const child = picture.child.id
  const at = day === todayHere() ? undefined : new Date(`${day}T18:00`).toISOString()
  const save = async () => {
    const well = await attempt(() =>
      kind === 'TRIES'
        ? record({
            hits: [
              {
                child,
                kind: 'HOME',
                skill,
                hits,
                missed: tries - hits,
                missedLeft: 0,
                missedRight: 0,
                missedShort: 0,
                missedLong: 0,
                ...(at ? { at } : {}),
              },
            ],
          })
        : record({ trials: [{ child, cue, shown, kind, setting: 'DRILL' }] }),
    )
    if (well) added()
  }
  return (
    <Dialog
      open
      title={`${picture.child.given}: beside what you saw`}
      okText="Add it"
      okButtonProps={{ loading: busy, disabled: kind === 'TRIES' && (hits > tries || tries === 0) }}
      onOk={save}
      onCancel={close}
    >
      {error !== null && <ProblemNote error={error} />}
      <p className="mute">It stands beside your looks and never changes a mark.</p>
      <Radio.Group
        aria-label="What it is"
        value={kind}
        onChange={(e) => setKind(e.target.value)}
        options={kinds}
      />
      {kind === 'TRIES' ? (
        <p className={styles.fields}>
          <Select
            aria-label="Skill"
            value={skill}
            onChange={setSkill}
            options={picture.skills.map((s) => ({ value: s.skill, label: s.name }))}
            style={{ minWidth: 180 }}
          />
          <InputNumber aria-label="Hits" min={0} max={100} value={hits} onChange={(v) => setHits(v ?? 0)} />{' '}
          of{' '}
          <InputNumber
            aria-label="Tries"
            min={1}
            max={100}
            value={tries}
            onChange={(v) => setTries(v ?? 0)}
          />
          <DateInput
            aria-label="Day"
            style={{ width: 150 }}
            max={todayHere()}
            value={day}
            onChange={(d) => setDay(d || todayHere())}
          />
        </p>
      ) : (
        <p className={styles.fields}>
          <Select
            aria-label="Cue"
            value={cue}
            onChange={setCue}
            options={picture.skills.map((s) => ({
              label: s.name,
              options: s.cues.map((c) => ({ value: c.cue, label: c.call })),
            }))}
            style={{ minWidth: 220 }}
          />
          <Radio.Group
            aria-label="Yes or no"
            value={shown}
            onChange={(e) => setShown(e.target.value)}
            options={[
              { value: true, label: 'yes' },
              { value: false, label: 'not yet' },
            ]}
          />
        </p>
      )}
    </Dialog>
  )
}
