import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input } from 'antd'
import { useState } from 'react'
import { api, take } from '../api/client'
import { useSession } from '../session/useSession'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './setup.module.css'

const when = (at: string) => new Date(at).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** One's own password, sessions and calendar address. */
export function YouSection() {
  const me = useSession()
  const queries = useQueryClient()
  const [form] = Form.useForm<{ now: string; password: string }>()
  const [done, setDone] = useState('')
  const [address, setAddress] = useState('')
  const { error, attempt } = useAttempt()
  const sessions = useQuery({ queryKey: ['sessions'], queryFn: () => take(api.GET('/api/me/sessions')) })
  const feed = useQuery({ queryKey: ['feed'], queryFn: () => take(api.GET('/api/me/feed')) })
  const act = (work: () => Promise<unknown>, words: string) =>
    attempt(async () => {
      setDone('')
      await work()
      setDone(words)
      queries.invalidateQueries({ queryKey: ['sessions'] })
      queries.invalidateQueries({ queryKey: ['feed'] })
    })
  const password = (body: { now: string; password: string }) =>
    act(async () => {
      await take(api.PUT('/api/me/password', { body }))
      form.resetFields()
    }, 'The password is changed; everywhere else you are signed out.')
  const makeFeed = () =>
    act(async () => {
      const made = await take(api.POST('/api/me/feed'))
      setAddress(window.location.origin + made.path)
    }, 'Copy the address now; it is shown only this once.')
  return (
    <div className={styles.columns}>
      <div>
        {error !== null && <ProblemNote error={error} />}
        {done && <p role="status">{done}</p>}
        <h2>Your lessons in another calendar</h2>
        <p className="mute">
          Subscribe to a private address, or take a file. No child is named in it.
          {feed.data?.madeAt && ` There is an address, made on ${when(feed.data.madeAt)}.`}
        </p>
        {address && <code className={styles.secret}>{address}</code>}
        <p className={styles.row}>
          <Button onClick={makeFeed}>{feed.data?.madeAt ? 'Make a new address' : 'Make an address'}</Button>
          {feed.data?.madeAt && (
            <Button
              onClick={() => {
                setAddress('')
                act(() => take(api.DELETE('/api/me/feed')), 'The address has ended.')
              }}
            >
              End the address
            </Button>
          )}
          <Button href="/api/calendar.ics">Download (ICS)</Button>
        </p>
        <h2 style={{ marginTop: 22 }}>Where you are signed in</h2>
        <table className={styles.table}>
          <tbody>
            {sessions.data?.map((s) => (
              <tr key={s.key}>
                <td>
                  {s.device}
                  {s.here && <b> · here</b>}
                </td>
                <td style={{ textAlign: 'left' }}>
                  since {when(s.since)}, last used {when(s.lastUsed)}
                </td>
                <td>
                  {!s.here && (
                    <Button
                      size="small"
                      onClick={() =>
                        act(
                          () =>
                            take(api.DELETE('/api/me/sessions/{key}', { params: { path: { key: s.key } } })),
                          'Signed out there.',
                        )
                      }
                    >
                      Sign out
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <Button
          disabled={(sessions.data?.length ?? 0) < 2}
          onClick={() => act(() => take(api.DELETE('/api/me/sessions')), 'Signed out everywhere else.')}
        >
          Sign out everywhere else
        </Button>
      </div>
      <Form form={form} className={styles.add} layout="vertical" requiredMark={false} onFinish={password}>
        <h2>Your password</h2>
        <p className="mute">
          {me.name}, {me.role.toLowerCase()}
        </p>
        <Form.Item name="now" label="Now" rules={[{ required: true, message: 'Type the one of now.' }]}>
          <Input type="password" autoComplete="current-password" />
        </Form.Item>
        <Form.Item
          name="password"
          label="New, ten characters or more"
          rules={[{ required: true, min: 10, message: 'Ten characters or more.' }]}
        >
          <Input type="password" autoComplete="new-password" />
        </Form.Item>
        <Button htmlType="submit">Change it</Button>
      </Form>
    </div>
  )
}
