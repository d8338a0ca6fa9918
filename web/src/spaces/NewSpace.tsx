import { useQueryClient } from '@tanstack/react-query'
import { Form, Input, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, take } from '../api/client'
import { changed } from '../api/reads'
import { Dialog } from '../shared/Dialog'
import { EnterSubmits } from '../shared/EnterSubmits'
import { toCm, useMeasures } from '../shared/measures'
import { ProblemNote } from '../shared/ProblemNote'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'

interface Fields {
  name: string
  length: number
  width: number
  ceiling?: number
  floor: 'CARPET' | 'WOOD' | 'TARMAC' | 'GRASS'
  wallSpots: number
}

/** A hall, yard or field, by its measures in the school's unit. */
export function NewSpace({ close }: { close: () => void }) {
  const queries = useQueryClient()
  const { unit, sign } = useMeasures()
  const cm = (length: number) => toCm(length, unit)
  const [form] = Form.useForm<Fields>()
  const [error, setError] = useState<unknown>(null)
  const kept = useKeptForm('space')
  const fields = kept.useFields<Fields>({ floor: 'WOOD', wallSpots: 0 })
  const save = async (f: Fields) => {
    try {
      await take(
        api.PUT('/api/spaces/{id}', {
          params: { path: { id: uuid7() } },
          body: {
            name: f.name,
            lengthCm: cm(f.length),
            widthCm: cm(f.width),
            ceilingCm: f.ceiling == null ? undefined : cm(f.ceiling),
            floor: f.floor,
            wallSpots: f.wallSpots,
          },
        }),
      )
      kept.forget()
      changed(queries, 'spaces')
      close()
    } catch (e) {
      setError(e)
    }
  }
  const length = (name: keyof Fields, label: string, required = true) => (
    <Form.Item name={name} label={label} rules={[{ required, message: `Measure it, in ${sign}.` }]}>
      <InputNumber min={0} max={700} step={0.1} suffix={sign} />
    </Form.Item>
  )
  return (
    <Dialog open title="New space" onCancel={close} onOk={form.submit} okText="Add the space">
      <Form form={form} layout="vertical" onFinish={save} requiredMark={false} {...fields}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'Give it a name.' }]}>
          <Input autoFocus maxLength={60} />
        </Form.Item>
        {length('length', 'Length, the longer side')}
        {length('width', 'Width')}
        {length('ceiling', 'Ceiling, empty outdoors', false)}
        <Form.Item name="floor" label="Floor">
          <Select
            options={['WOOD', 'CARPET', 'TARMAC', 'GRASS'].map((value) => ({
              value,
              label: value.toLowerCase(),
            }))}
          />
        </Form.Item>
        <Form.Item name="wallSpots" label="Places at a wall that may be used">
          <InputNumber min={0} max={200} />
        </Form.Item>
        {error !== null && <ProblemNote error={error} />}
        <EnterSubmits />
      </Form>
    </Dialog>
  )
}
