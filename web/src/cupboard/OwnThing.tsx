import { Button, Checkbox, Form, Input, InputNumber } from 'antd'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { EnterSubmits } from '../shared/EnterSubmits'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'

type Line = Schemas['CupboardLine']
type Trait = Line['traits'][number]

const traits: { value: Trait; label: string }[] = [
  { value: 'ROLLS', label: 'rolls' },
  { value: 'BOUNCES', label: 'bounces' },
  { value: 'FLOATS', label: 'floats down slowly' },
  { value: 'STANDS', label: 'stands by itself' },
  { value: 'SOFT', label: 'is soft' },
  { value: 'GRIPS', label: 'is easy to grip' },
  { value: 'FLAT', label: 'lies flat' },
  { value: 'RING', label: 'can be stepped or thrown into' },
  { value: 'STRIKES', label: 'can be struck with' },
  { value: 'WORN', label: 'is worn or tucked in' },
  { value: 'HANGS', label: 'can be hung up or leant' },
  { value: 'LONG', label: 'is long and thin' },
]

interface Fields {
  name: string
  many: string
  grams: number
  widthCm: number
  heightCm?: number
  baseCm?: number
  traits: Trait[]
  homeMade: boolean
}

interface OwnThingProps {
  /** the thing that is described anew; a new one without it */
  line?: Line
  close: () => void
  saved: () => void
}

/** A thing of the school's own, by what it is like: that decides what it can stand in for. */
export function OwnThing({ line, close, saved }: OwnThingProps) {
  const [form] = Form.useForm<Fields>()
  const stands = Form.useWatch('traits', form)?.includes('STANDS')
  const { error, busy, attempt } = useAttempt()
  const kept = useKeptForm(`thing-${line?.key ?? 'new'}`)
  const fields = kept.useFields<Fields>({
    name: line?.name,
    many: line?.many,
    grams: line?.grams,
    widthCm: line && line.widthMm / 10,
    heightCm: line?.heightMm && line.heightMm / 10,
    baseCm: line?.baseMm && line.baseMm / 10,
    traits: line?.traits ?? [],
    homeMade: line?.homeMade ?? true,
  })
  const save = (f: Fields) =>
    attempt(async () => {
      const item =
        line?.key ??
        `own-${f.name
          .toLowerCase()
          .replace(/[^a-z0-9]+/g, '-')
          .replace(/^-|-$/g, '')
          .slice(0, 50)}`
      const mm = (cm?: number) => (stands && cm ? cm * 10 : undefined)
      await take(
        api.PUT('/api/cupboard/own/{item}', {
          params: { path: { item }, header: line?.version === undefined ? {} : ifMatch(line.version) },
          body: {
            name: f.name,
            many: f.many,
            grams: f.grams,
            widthMm: f.widthCm * 10,
            heightMm: mm(f.heightCm),
            baseMm: mm(f.baseCm),
            traits: f.traits,
            homeMade: f.homeMade,
            pieces: line?.pieces ?? 1,
          },
        }),
      )
      kept.forget()
      saved()
    })
  const remove = () =>
    attempt(async () => {
      if (line) await take(api.DELETE('/api/cupboard/own/{item}', { params: { path: { item: line.key } } }))
      saved()
    })
  const needed = (message: string) => [{ required: true, message }]
  return (
    <Dialog
      open
      title={line ? line.name : 'A thing of our own'}
      onCancel={close}
      footer={[
        line && (
          <Button key="remove" danger onClick={remove} style={{ float: 'left' }}>
            We have none any more
          </Button>
        ),
        <Button key="cancel" onClick={close}>
          Cancel
        </Button>,
        <Button key="save" type="primary" loading={busy} onClick={form.submit}>
          Save
        </Button>,
      ]}
    >
      <Form form={form} layout="vertical" requiredMark={false} onFinish={save} {...fields}>
        <Form.Item name="name" label="One is called" rules={needed('Give it a name.')}>
          <Input autoFocus maxLength={60} placeholder="taped sock" />
        </Form.Item>
        <Form.Item name="many" label="Several are called" rules={needed('As in “12 taped socks”.')}>
          <Input maxLength={60} placeholder="taped socks" />
        </Form.Item>
        <Form.Item name="grams" label="Mass in grams: weigh it" rules={needed('Weigh it.')}>
          <InputNumber min={1} max={20000} />
        </Form.Item>
        <Form.Item name="widthCm" label="Width in cm" rules={needed('Measure it.')}>
          <InputNumber min={0.5} max={500} />
        </Form.Item>
        <Form.Item name="traits" label="It …">
          <Checkbox.Group options={traits} />
        </Form.Item>
        {stands && (
          <>
            <Form.Item name="heightCm" label="Height in cm" rules={needed('Measure it.')}>
              <InputNumber min={0.5} max={500} />
            </Form.Item>
            <Form.Item name="baseCm" label="Width of its foot in cm" rules={needed('Measure it.')}>
              <InputNumber min={0.5} max={500} />
            </Form.Item>
          </>
        )}
        <Form.Item name="homeMade" valuePropName="checked">
          <Checkbox>home-made: weighed, and checked before each use</Checkbox>
        </Form.Item>
        {error !== null && <ProblemNote error={error} />}
        <EnterSubmits />
      </Form>
    </Dialog>
  )
}
