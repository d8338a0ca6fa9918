import { Button, Checkbox, Collapse, Form, type FormInstance, Input, InputNumber, Select } from 'antd'
import type { Document } from './document'
import styles from './Editor.module.css'
import { families, slug, small } from './words'

const option = (value: string, label = value) => ({ value, label })
const bodyPhases = [
  option('ready'),
  option('wind-up'),
  option('action'),
  option('release', 'release or contact'),
  option('follow-through'),
]
const conditions = [
  option('target', 'a target'),
  option('partner', 'a partner'),
  option('object', 'something in the hands or at the feet'),
  option('moving-ball', 'a ball that comes'),
]

const newCue = (): Document => ({
  phase: 'action',
  'from-age': 5,
  faults: [{}, {}],
  short: false,
  components: true,
})

export const newSkill: Document = {
  name: '',
  ladder: 'sending',
  action: 'throw',
  'lead-ups': 'sometimes',
  'play-without': true,
  variants: [],
  cues: [newCue(), newCue(), newCue(), newCue()],
  sets: [],
}

export const newActivity: Document = {
  name: '',
  phases: ['practise', 'teach'],
  ages: [5, 12],
  minutes: [5, 8],
  formation: { kind: 'scatter', sizes: [1, 1, 1] },
  space: { long: 6, each: 1.8 },
  'set-up': 0,
  layout: 'clear',
  scoring: 'none',
  gather: 'where-they-are',
  'sits-out': 'Watches one child for the call and tells what was seen.',
  kit: [],
  levers: [],
  cautions: ['head-up'],
}

const feature = (key: string) => key.slice(key.indexOf('/') + 1)

/** In the form a cue says which sets it is in; in the file the sets list their cues. */
export const inSets = (document: Document): Document => ({
  ...document,
  cues: document.cues.map((cue: Document) => ({
    ...cue,
    feature: cue.key && feature(cue.key),
    short: isIn(document, 'short', cue.key) || cue.short,
    components: isIn(document, 'components', cue.key) || cue.components,
  })),
})

const isIn = (document: Document, kind: string, key?: string) =>
  key !== undefined &&
  document.sets.some(
    (s: Document) => s.kind === kind && s.cues.some((c: string) => feature(c) === feature(key)),
  )

/** A skill's document under its key: cues named after it, and the sets written from what each cue says. */
export function renamed(document: Document, key: string): Document {
  const old: string = document.cues.find((c: Document) => c.key)?.key ?? ''
  const prefix = old.slice(0, old.indexOf('/') + 1)
  const own = (name: string) => (prefix !== '' && name.startsWith(prefix) ? `${key}/${feature(name)}` : name)
  const cues = document.cues.map((cue: Document) => {
    const { feature: named, short, components, ...rest } = cue
    const name = named || (cue.key ? feature(cue.key) : slug(cue.call ?? ''))
    return { ...rest, key: `${key}/${name}`, prerequisites: (cue.prerequisites ?? []).map(own) }
  })
  const listed = (kind: 'short' | 'components') =>
    document.cues
      .map((cue: Document, i: number) => ({ on: cue[kind], age: cue['from-age'] ?? 0, key: cues[i].key }))
      .filter((c: Document) => c.on)
      .sort((a: Document, b: Document) => a.age - b.age)
      .map((c: Document) => c.key)
  const others = (document.sets ?? [])
    .filter((s: Document) => s.kind === 'two-trial')
    .map((s: Document) => ({ ...s, key: `${key}/two-trial`, cues: s.cues.map(own) }))
  return {
    ...document,
    key,
    cues,
    sets: [
      { key: `${key}/components`, kind: 'components', name: 'Components', cues: listed('components') },
      { key: `${key}/short`, kind: 'short', name: 'Calls', cues: listed('short') },
      ...others,
    ],
  }
}

interface SkillFormProps {
  form: FormInstance
  /** true where records may speak of its cues */
  used: boolean
}

/** The fields of a skill. */
export function SkillForm({ form, used }: SkillFormProps) {
  const cues: Document[] = Form.useWatch('cues', form) ?? []
  return (
    <>
      <div className={styles.fields}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'needs a name' }]}>
          <Input maxLength={60} />
        </Form.Item>
        <Form.Item name="ladder" label="Family">
          <Select
            options={Object.entries(families).map(([value, label]) => ({ value: small(value), label }))}
          />
        </Form.Item>
        <Form.Item name="action" label="Left and right follow">
          <Select
            options={[
              option('throw', 'the throwing hand'),
              option('bat', 'the batting hand'),
              option('kick', 'the kicking foot'),
            ]}
          />
        </Form.Item>
        <Form.Item name="lead-ups" label="Lead-up games need it">
          <Select options={[option('often'), option('sometimes'), option('rarely')]} />
        </Form.Item>
        <Form.Item name="play-without" valuePropName="checked">
          <Checkbox>Play can start before it is learnt</Checkbox>
        </Form.Item>
      </div>
      <h2>Cues</h2>
      <p className="mute">
        Write {'{throwing hand}'}, {'{opposite foot}'}, {'{kicking side}'} and the like where left or right
        depends on the child.{' '}
        {used &&
          'A cue that was recorded keeps its phase and part of the body: a new meaning gets a new cue.'}
      </p>
      <Form.List name="cues">
        {(rows, { add, remove }) => (
          <>
            <Collapse
              size="small"
              defaultActiveKey={rows.map((r) => r.key)}
              items={rows.map((row) => ({
                key: row.key,
                forceRender: true,
                label: cues[row.name]?.call ? `“${cues[row.name].call}”` : `Cue ${row.name + 1}`,
                extra: rows.length > 2 && (
                  <Button size="small" type="text" onClick={() => remove(row.name)}>
                    Take out
                  </Button>
                ),
                children: <CueFields row={row.name} cues={cues} />,
              }))}
            />
            <Button onClick={() => add(newCue())} style={{ marginTop: 8 }}>
              One more cue
            </Button>
          </>
        )}
      </Form.List>
      <h2>Ways of doing it</h2>
      <Form.List name="variants">
        {(rows, { add, remove }) => (
          <>
            {rows.map((row) => (
              <div key={row.key} className={styles.fields}>
                <Form.Item name={[row.name, 'name']} label="Name">
                  <Input maxLength={60} />
                </Form.Item>
                <Form.Item name={[row.name, 'for']} label="What it is for">
                  <Input />
                </Form.Item>
                <Form.Item name={[row.name, 'how']} label="What differs">
                  <Input />
                </Form.Item>
                <Button onClick={() => remove(row.name)}>Take out</Button>
              </div>
            ))}
            <Button onClick={() => add({})}>Add a way (two or more)</Button>
          </>
        )}
      </Form.List>
    </>
  )
}

function CueFields({ row, cues }: { row: number; cues: Document[] }) {
  const earlier = cues
    .filter((c, i) => i !== row && (c?.key || c?.call))
    .map((c) => ({ value: c.key ?? slug(c.call), label: c.call }))
  return (
    <div className={styles.fields}>
      <Form.Item
        name={[row, 'call']}
        label="What the child is told, at most four words"
        rules={[
          { required: true, message: 'needs a call' },
          { pattern: /^\S+( \S+){0,3}$/, message: 'has one to four words' },
        ]}
      >
        <Input maxLength={40} />
      </Form.Item>
      <Form.Item
        name={[row, 'question']}
        label="What the observer checks, one yes/no question"
        rules={[{ required: true, message: 'needs a question' }]}
        className={styles.wide}
      >
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name={[row, 'phase']} label="Phase">
        <Select options={bodyPhases} />
      </Form.Item>
      <Form.Item
        name={[row, 'body']}
        label="Part of the body"
        rules={[{ required: true, message: 'needs one' }]}
      >
        <Input maxLength={60} />
      </Form.Item>
      <Form.Item
        name={[row, 'view']}
        label="Stand"
        rules={[{ required: true, message: 'from where is it seen?' }]}
      >
        <Input maxLength={400} placeholder="from the side" />
      </Form.Item>
      <Form.Item name={[row, 'seen']} label="Seen from">
        <Select
          allowClear
          placeholder="as the words begin"
          options={['side', 'front', 'behind'].map((value) => ({ value, label: value }))}
        />
      </Form.Item>
      <Form.Item name={[row, 'from-age']} label="From age">
        <InputNumber min={3} max={12} />
      </Form.Item>
      <Form.Item name={[row, 'condition']} label="Only where there is">
        <Select allowClear options={conditions} />
      </Form.Item>
      <Form.Item name={[row, 'prerequisites']} label="After">
        <Select mode="multiple" options={earlier.filter((e) => e.value.includes('/'))} />
      </Form.Item>
      <Form.Item
        name={[row, 'tell-me']}
        label="Tell me"
        rules={[{ required: true, message: 'needs a question' }]}
        className={styles.wide}
      >
        <Input maxLength={400} placeholder="Which foot steps?" />
      </Form.Item>
      {[0, 1].map((i) => (
        <div key={i} className={styles.pair}>
          <Form.Item
            name={[row, 'faults', i, 'seen']}
            label="You see"
            rules={[{ required: true, message: 'two faults are needed' }]}
          >
            <Input maxLength={400} />
          </Form.Item>
          <Form.Item
            name={[row, 'faults', i, 'fix']}
            label="Then try"
            rules={[{ required: true, message: 'with a fix' }]}
          >
            <Input maxLength={400} />
          </Form.Item>
        </div>
      ))}
      <Form.Item name={[row, 'components']} valuePropName="checked">
        <Checkbox>in the component set</Checkbox>
      </Form.Item>
      <Form.Item name={[row, 'short']} valuePropName="checked">
        <Checkbox>in the short set</Checkbox>
      </Form.Item>
    </div>
  )
}
