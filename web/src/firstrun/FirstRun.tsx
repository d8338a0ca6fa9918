import { useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input, Select } from 'antd'
import { useNavigate, useSearchParams } from 'react-router'
import { api, take } from '../api/client'
import styles from '../session/SignIn.module.css'
import { yearNamings } from '../setup/namings'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptOf } from '../shared/useKeptForm'

interface Fields {
  school: string
  yearNaming: 'YEARS' | 'GRADES' | 'PRIMARIES' | 'AGES'
  name: string
  signIn: string
  password: string
}

/** Step one of six, on an empty database: the school and its lead. */
export function FirstRun() {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [search] = useSearchParams()
  const { error, busy, attempt } = useAttempt()
  const code = search.get('code') ?? ''
  const kept = useKeptOf('nobody', 'first-run')
  const fields = kept.useFields<Fields>({ yearNaming: 'YEARS' }, ['password'])
  const start = (f: Fields) =>
    attempt(async () => {
      const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone
      await take(api.POST('/api/first-run', { body: { ...f, code, timeZone } }))
      const session = await take(
        api.POST('/api/session', { body: { signIn: f.signIn, password: f.password } }),
      )
      kept.forget()
      navigate('/first-steps', { replace: true })
      queries.setQueryData(['session'], session)
    })
  const needed = (message: string) => [{ required: true, message }]
  return (
    <main className={styles.page}>
      <div className={styles.card}>
        <img src="/mark.svg" width={44} height={44} alt="" />
        <Heading>Welcome to Isokinet</Heading>
        <p className="mute">Step 1 of 6: your school and you. All of it can be changed later.</p>
        {!code && (
          <ProblemNote
            error={
              new Error(
                'Open the address that the start command printed: it carries the code that lets you begin.',
              )
            }
          />
        )}
        <Form layout="vertical" onFinish={start} requiredMark={false} {...fields}>
          <Form.Item name="school" label="Name of the school" rules={needed('Type its name.')}>
            <Input autoFocus maxLength={120} />
          </Form.Item>
          <Form.Item name="yearNaming" label="Its years are called">
            <Select options={yearNamings.filter((n) => n.value !== 'OWN')} />
          </Form.Item>
          <Form.Item name="name" label="Your name" rules={needed('Type your name.')}>
            <Input autoComplete="name" maxLength={120} />
          </Form.Item>
          <Form.Item name="signIn" label="Sign-in name" rules={needed('Choose a name to sign in with.')}>
            <Input autoComplete="username" maxLength={120} />
          </Form.Item>
          <Form.Item
            name="password"
            label="Password, ten characters or more"
            rules={[
              { required: true, message: 'Choose a password.' },
              { min: 10, message: 'Ten characters or more.' },
            ]}
          >
            <Input type="password" autoComplete="new-password" />
          </Form.Item>
          {error !== null && <ProblemNote error={error} />}
          <Button type="primary" htmlType="submit" loading={busy} block style={{ marginTop: 12 }}>
            Go on
          </Button>
        </Form>
      </div>
    </main>
  )
}
