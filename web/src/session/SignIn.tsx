import { useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input } from 'antd'
import { useState } from 'react'
import { api, take } from '../api/client'
import { signedIn } from '../hall/offline'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './SignIn.module.css'

/** Sign in; the page that was asked for opens afterwards. */
export function SignIn() {
  const queries = useQueryClient()
  const [error, setError] = useState<unknown>(null)
  const [busy, setBusy] = useState(false)
  const submit = async (body: { signIn: string; password: string }) => {
    setBusy(true)
    setError(null)
    try {
      queries.setQueryData(['session'], await take(api.POST('/api/session', { body })))
      signedIn()
    } catch (e) {
      setError(e)
    } finally {
      setBusy(false)
    }
  }
  return (
    <main className={styles.page}>
      <div className={styles.card}>
        <img src="/mark.svg" width={44} height={44} alt="" />
        <Heading>Isokinet</Heading>
        <p className="mute">Units of movement skill lessons: planned, taught, seen.</p>
        <Form layout="vertical" onFinish={submit} requiredMark={false}>
          <Form.Item
            name="signIn"
            label="Name"
            rules={[{ required: true, message: 'Type your sign-in name.' }]}
          >
            <Input autoComplete="username" autoFocus />
          </Form.Item>
          <Form.Item
            name="password"
            label="Password"
            rules={[{ required: true, message: 'Type your password.' }]}
          >
            <Input type="password" autoComplete="current-password" />
          </Form.Item>
          {error !== null && <ProblemNote error={error} />}
          <Button type="primary" htmlType="submit" loading={busy} block style={{ marginTop: 12 }}>
            Sign in
          </Button>
        </Form>
      </div>
    </main>
  )
}
