import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import styles from './setup.module.css'

type Subscription = Schemas['SubscriptionView']

/** Calendars of others by their addresses, read anew every night. */
export function Subscriptions({ done }: { done: (now: Schemas['CalendarView']) => void }) {
  const queries = useQueryClient()
  const spaces = useQuery(reads.spaces)
  const subscribed = useQuery({
    queryKey: ['subscriptions'],
    queryFn: () => take(api.GET('/api/calendar/subscriptions')),
  })
  const [space, setSpace] = useState<string>()
  const { useKept, forget } = useKeptForm('calendar-address')
  const [address, setAddress] = useKept('address', '')
  const { error, busy, attempt } = useAttempt()
  const then = (work: () => Promise<Subscription[]>) =>
    attempt(async () => {
      queries.setQueryData(['subscriptions'], await work())
      done(await take(api.GET('/api/calendar')))
    })
  const add = async () => {
    if (!space) return
    if (await then(() => take(api.POST('/api/calendar/subscriptions', { body: { space, address } })))) {
      setAddress('')
      forget()
    }
  }
  return (
    <section className={styles.add}>
      <h2>Calendars read every night</h2>
      <p className="mute">The address of a calendar in the school's own network.</p>
      {subscribed.error && <ProblemNote error={subscribed.error} retry={() => subscribed.refetch()} />}
      {subscribed.data?.map((s) => (
        <Line key={s.id} subscription={s} busy={busy} then={then} />
      ))}
      <Select
        aria-label="For which place"
        placeholder="For which place?"
        value={space}
        onChange={setSpace}
        style={{ width: '100%', marginBottom: 8 }}
        options={spaces.data?.map((s) => ({ value: s.id, label: s.name }))}
      />
      <Input
        aria-label="Address of the calendar"
        placeholder="http://…/hall.ics"
        value={address}
        maxLength={400}
        onChange={(e) => setAddress(e.target.value)}
        onPressEnter={add}
        style={{ marginBottom: 8 }}
      />
      <Button disabled={!space || address.trim() === ''} loading={busy} onClick={add}>
        Read it every night
      </Button>
      {error !== null && <ProblemNote error={error} />}
    </section>
  )
}

interface LineProps {
  subscription: Subscription
  busy: boolean
  then: (work: () => Promise<Subscription[]>) => Promise<boolean>
}

function Line({ subscription: s, busy, then }: LineProps) {
  const path = { id: s.id }
  return (
    <div style={{ marginBottom: 10, overflowWrap: 'anywhere' }}>
      <b>{s.spaceName}</b>: {s.address}
      <div className="mute">
        {s.readAt
          ? `read ${new Date(s.readAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}`
          : 'never read yet'}
      </div>
      {s.problem && (
        <div style={{ color: 'var(--tape)' }}>
          {s.problem} {s.readAt && 'What it brought before stays.'}
        </div>
      )}
      <Button
        size="small"
        disabled={busy}
        onClick={() =>
          then(() => take(api.POST('/api/calendar/subscriptions/{id}/read', { params: { path } })))
        }
      >
        Read now
      </Button>{' '}
      <Button
        size="small"
        disabled={busy}
        onClick={() => then(() => take(api.DELETE('/api/calendar/subscriptions/{id}', { params: { path } })))}
      >
        End it
      </Button>
    </div>
  )
}
