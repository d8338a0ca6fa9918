import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Form, Input, Select } from 'antd'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { api, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { usePlans } from '../session/useSession'
import { Dialog } from '../shared/Dialog'
import { EnterSubmits } from '../shared/EnterSubmits'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'
import { LeftClasses } from './LeftClasses'
import { RosterImport } from './RosterImport'

/** The classes of the school. */
export default function ClassesPage() {
  const queries = useQueryClient()
  const plans = usePlans()
  const [making, setMaking] = useState(false)
  const [importing, setImporting] = useState(false)
  const classes = useQuery(reads.classes)
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Classes</Heading>
        {plans && (
          <div className={page.end}>
            <Button onClick={() => setImporting(true)}>Import a roster</Button>
            <Button type="primary" onClick={() => setMaking(true)}>
              New class
            </Button>
          </div>
        )}
      </div>
      {classes.error && <ProblemNote error={classes.error} retry={() => classes.refetch()} />}
      {classes.data?.length === 0 && (
        <div className={page.empty}>
          <h2>No class yet</h2>
          <p className="mute">Make one and type the names, or import a roster from your school's system.</p>
        </div>
      )}
      <div className={page.cards}>
        {classes.data?.map((c) => (
          <Link key={c.id} to={`/classes/${c.id}`} className={page.card}>
            <h2>{c.name}</h2>
            <p>
              {c.year} · age {c.yearAge} to {c.yearAge + 1}
            </p>
            <p>
              {c.children} children, {c.leftHanded} left-handed
            </p>
          </Link>
        ))}
      </div>
      {plans && <LeftClasses />}
      {making && <NewClass close={() => setMaking(false)} />}
      {importing && (
        <RosterImport
          close={() => setImporting(false)}
          taken={() => {
            setImporting(false)
            changed(queries, 'classes')
          }}
        />
      )}
    </div>
  )
}

function NewClass({ close }: { close: () => void }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const [form] = Form.useForm<{ name: string; yearAge: number }>()
  const [error, setError] = useState<unknown>(null)
  const school = useQuery(reads.school)
  const kept = useKeptForm('class')
  const fields = kept.useFields<{ name: string; yearAge: number }>({ yearAge: 7 })
  const save = async (body: { name: string; yearAge: number }) => {
    try {
      const made = await take(api.PUT('/api/classes/{id}', { params: { path: { id: uuid7() } }, body }))
      kept.forget()
      changed(queries, 'classes')
      navigate(`/classes/${made.id}?tab=children`)
    } catch (e) {
      setError(e)
    }
  }
  return (
    <Dialog open title="New class" onCancel={close} onOk={form.submit} okText="Make the class">
      <Form form={form} layout="vertical" onFinish={save} requiredMark={false} {...fields}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give the class a name.' }]}>
          <Input autoFocus maxLength={60} />
        </Form.Item>
        <Form.Item name="yearAge" label="Year">
          <Select
            options={school.data?.years.map((y) => ({
              value: y.age,
              label: `${y.label} (age ${y.age} to ${y.age + 1})`,
            }))}
          />
        </Form.Item>
        {error !== null && <ProblemNote error={error} />}
        <EnterSubmits />
      </Form>
    </Dialog>
  )
}
