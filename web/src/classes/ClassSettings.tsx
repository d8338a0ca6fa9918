import { useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input, InputNumber, Select } from 'antd'
import { useNavigate } from 'react-router'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { changed } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { EnterSubmits } from '../shared/EnterSubmits'
import { useMeasures } from '../shared/measures'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { leaveClass } from './leaving'

interface Fields {
  name: string
  yearAge: number
  changingMinutes: number
  shoesMinutes: number
}

/** A class's name, year, and the minutes its lessons lose. */
export function ClassSettings({ group, close }: { group: Schemas['ClassView']; close: () => void }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const { school } = useMeasures()
  const [form] = Form.useForm<Fields>()
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm(`class-${group.id}`)
  const fields = kept.useFields<Fields>(group)
  const save = async (body: Fields) => {
    const done = await attempt(() =>
      take(
        api.PUT('/api/classes/{id}', {
          params: { path: { id: group.id }, header: ifMatch(group.version) },
          body,
        }),
      ),
    )
    changed(queries, 'classes')
    if (!done) return
    kept.forget()
    close()
  }
  const leave = async () => {
    if (await attempt(() => leaveClass(queries, group))) navigate('/classes')
  }
  return (
    <Dialog
      open
      title={group.name}
      onCancel={() => {
        kept.forget()
        close()
      }}
      onOk={form.submit}
      okText="Save"
      confirmLoading={busy}
      footer={(_, { OkBtn, CancelBtn }) => (
        <>
          <Button danger disabled={busy} onClick={leave} style={{ float: 'left' }}>
            Take it off the list
          </Button>
          <CancelBtn />
          <OkBtn />
        </>
      )}
    >
      <Form form={form} layout="vertical" requiredMark={false} onFinish={save} {...fields}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give it a name.' }]}>
          <Input maxLength={60} />
        </Form.Item>
        <Form.Item name="yearAge" label="Year">
          <Select
            options={school?.years.map((y) => ({
              value: y.age,
              label: `${y.label} (age ${y.age} to ${y.age + 1})`,
            }))}
          />
        </Form.Item>
        <Form.Item name="changingMinutes" label="Minutes for changing, both ends together">
          <InputNumber min={0} max={40} />
        </Form.Item>
        <Form.Item name="shoesMinutes" label="Minutes for shoes, both ends together">
          <InputNumber min={0} max={20} />
        </Form.Item>
        {error !== null && <ProblemNote error={error} />}
        <EnterSubmits />
      </Form>
    </Dialog>
  )
}
