import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input } from 'antd'
import { useNavigate, useParams } from 'react-router'
import { api, take } from '../api/client'
import { signedIn } from '../hall/offline'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './SignIn.module.css'

/** Opens a link that works once: to join a school, or to choose a new password. */
export function JoinPage() {
  const { secret = '' } = useParams()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const { error, busy, attempt } = useAttempt()
  const link = useQuery({
    queryKey: ['link', secret],
    queryFn: () => take(api.GET('/api/links/{secret}', { params: { path: { secret } } })),
    retry: false,
  })
  const use = (f: { signIn?: string; password: string }) =>
    attempt(async () => {
      const used = await take(api.POST('/api/links/{secret}', { params: { path: { secret } }, body: f }))
      const session = await take(
        api.POST('/api/session', { body: { signIn: used.signIn, password: f.password } }),
      )
      signedIn()
      navigate('/', { replace: true })
      queries.setQueryData(['session'], session)
    })
  const l = link.data
  return (
    <main className={styles.page}>
      <div className={styles.card}>
        <img src="/mark.svg" width={44} height={44} alt="" />
        <Heading>Isokinet</Heading>
        {link.error && (
          <ProblemNote error={link.error} retry={() => navigate('/')} retryWords="To the sign-in" />
        )}
        {l && (
          <>
            <p>
              {l.purpose === 'INVITE'
                ? `${l.name}, you are invited to ${l.school} as ${l.role?.toLowerCase()}.`
                : `${l.name}, choose a new password for ${l.school}. You sign in as ${l.signIn}.`}
            </p>
            <Form layout="vertical" onFinish={use} requiredMark={false}>
              {l.purpose === 'INVITE' && (
                <Form.Item
                  name="signIn"
                  label="Sign-in name, three characters or more"
                  rules={[{ required: true, min: 3, message: 'Choose a name to sign in with.' }]}
                >
                  <Input autoComplete="username" autoFocus maxLength={120} />
                </Form.Item>
              )}
              <Form.Item
                name="password"
                label="Password, ten characters or more"
                rules={[{ required: true, min: 10, message: 'Ten characters or more.' }]}
              >
                <Input type="password" autoComplete="new-password" />
              </Form.Item>
              {error !== null && <ProblemNote error={error} />}
              <Button type="primary" htmlType="submit" loading={busy} block style={{ marginTop: 12 }}>
                {l.purpose === 'INVITE' ? 'Join' : 'Save and sign in'}
              </Button>
            </Form>
          </>
        )}
      </div>
    </main>
  )
}
