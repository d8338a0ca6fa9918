import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Checkbox, Space } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Lesson.module.css'
import type { Sheet } from './useLesson'

type State = Schemas['StateBody']['state']

/** How a lesson ended, for whoever did not say it in the hall; what is proposed for the next one; and the way back, on the same day. */
export function HowItWent({ sheet: s, close }: { sheet: Sheet; close: () => void }) {
  const queries = useQueryClient()
  const { attempt, error, busy } = useAttempt()
  const say = (state: State, ran?: string[]) =>
    attempt(async () => {
      await take(
        api.PUT('/api/lessons/{id}/state', { params: { path: { id: s.lesson } }, body: { state, ran } }),
      )
      await queries.invalidateQueries()
    })
  return (
    <Dialog open title={`${s.className}, lesson ${s.number}: how it went`} onCancel={close} footer={null}>
      {error !== null && <ProblemNote error={error} />}
      {s.state === 'PLANNED' ? (
        <WhatRan sheet={s} busy={busy} say={say} />
      ) : (
        <>
          <p>{s.state === 'TAUGHT' ? 'It was taught.' : 'It was not taught.'}</p>
          <Button disabled={busy} onClick={() => say('PLANNED')}>
            Take it back
          </Button>
          {s.state === 'TAUGHT' && <EveningLines lesson={s.lesson} />}
        </>
      )}
    </Dialog>
  )
}

interface WhatRanProps {
  sheet: Sheet
  busy: boolean
  say: (state: State, ran?: string[]) => void
}

function WhatRan({ sheet: s, busy, say }: WhatRanProps) {
  const [ran, setRan] = useState<string[]>(s.segments.map((x) => x.id))
  const all = ran.length === s.segments.length
  return (
    <>
      <p>What ran? Only that counts as taught.</p>
      <Checkbox.Group
        className={styles.ran}
        value={ran}
        onChange={setRan}
        options={s.segments.map((x) => ({ value: x.id, label: `${x.plan.name}, ${x.plan.minutes} min` }))}
      />
      <Space>
        <Button
          type="primary"
          disabled={busy || ran.length === 0}
          onClick={() => say('TAUGHT', all ? undefined : ran)}
        >
          {all ? 'Taught' : 'Cut short'}
        </Button>
        <Button disabled={busy} onClick={() => say('LOST')}>
          Not taught
        </Button>
      </Space>
    </>
  )
}

/** At most three sentences on the next lesson, each yes or no. */
function EveningLines({ lesson }: { lesson: string }) {
  const queries = useQueryClient()
  const { attempt, error, busy } = useAttempt()
  const evening = useQuery({
    queryKey: ['evening', lesson],
    queryFn: () => take(api.GET('/api/lessons/{id}/evening', { params: { path: { id: lesson } } })),
  })
  const lines = evening.data?.lines ?? []
  const answer = (about: Schemas['EveningLine']['about'], yes: boolean) =>
    attempt(async () => {
      const now = await take(
        api.PUT('/api/lessons/{id}/evening/{about}', {
          params: { path: { id: lesson, about } },
          body: { yes },
        }),
      )
      if (about === 'CHANGE' && yes) await queries.invalidateQueries()
      queries.setQueryData(['evening', lesson], now)
    })
  if (lines.length === 0) return null
  return (
    <section aria-label="For the next lesson">
      <h2>For the next lesson</h2>
      {error !== null && <ProblemNote error={error} />}
      {lines.map((l) => (
        <div key={l.about} className={styles.evening}>
          <p>
            {l.sentence} <small className="mute">{l.why}</small>
          </p>
          {[true, false].map((yes) => (
            <Button
              key={String(yes)}
              type={l.answer === yes ? 'primary' : 'default'}
              aria-pressed={l.answer === yes}
              disabled={busy || (l.about === 'CHANGE' && l.answer !== undefined)}
              onClick={() => answer(l.about, yes)}
            >
              {yes ? 'Yes' : 'No'}
            </Button>
          ))}
        </div>
      ))}
    </section>
  )
}
