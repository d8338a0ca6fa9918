import { Form, Input } from 'antd'
import { api, Problem, take } from '../api/client'
import { useDoor } from '../api/door'
import { signedIn } from '../hall/offline'
import { Dialog } from '../shared/Dialog'
import { EnterSubmits } from '../shared/EnterSubmits'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'

interface Fields {
  signIn: string
  password: string
}

/** A session that has ended: signs in over the page, and what was asked for is asked for again. Nothing on the page is lost. */
export function SignInOver({ name }: { name: string }) {
  const asked = useDoor((d) => d.asked)
  const answer = useDoor((d) => d.answer)
  const [form] = Form.useForm<Fields>()
  const { error, busy, attempt } = useAttempt()
  const signIn = (fields: Fields) =>
    attempt(async () => {
      const session = await take(api.POST('/api/session', { body: fields }))
      if (session.person !== asked) {
        await take(api.DELETE('/api/session'))
        throw new Problem(
          403,
          `This page is ${name}'s`,
          `What is typed here belongs to ${name}. Let them sign in.`,
        )
      }
      signedIn()
      form.resetFields()
      answer(true)
    })
  return (
    <Dialog
      open={asked !== null}
      title="Signed out meanwhile"
      okText="Sign in"
      cancelText="Not now"
      confirmLoading={busy}
      onOk={form.submit}
      onCancel={() => answer(false)}
      destroyOnHidden
    >
      <p>{name}, nothing is lost: sign in, and what you asked for is done.</p>
      <Form form={form} layout="vertical" requiredMark={false} onFinish={signIn}>
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
        <EnterSubmits />
      </Form>
    </Dialog>
  )
}
