import { Button, Form, type FormInstance, Input, InputNumber, Select } from 'antd'
import type { Schemas } from '../api/client'
import styles from './Editor.module.css'
import { phases, small } from './words'

const option = (value: string, label = value) => ({ value, label })
/** As the files of a pack write them. */
const inFiles = (words: Schemas['Word'][]) => words.map((w) => option(small(w.value), w.label))
const allPhases = [
  ...phases.map((p) => option(small(p.value), p.label)),
  option('recap'),
  option('teach'),
  option('tidy'),
]
const roles = [
  option('sent', 'rolled, thrown, kicked, struck'),
  option('held', 'held in the hand'),
  option('toppled', 'to be knocked down'),
  option('aimed-at', 'aimed at'),
  option('marker', 'shows a place'),
]

interface ActivityFormProps {
  form: FormInstance
  skills: Schemas['SkillView'][]
  vocabulary: Schemas['Vocabulary']
}

/** The fields of an activity. */
export function ActivityForm({ form, skills, vocabulary }: ActivityFormProps) {
  const skillKey = Form.useWatch('skill', form)
  const hosts: string[] = Form.useWatch('hosts', form) ?? []
  const skill = skills.find((s) => s.key === skillKey)
  const cues =
    skill?.cues.map((c) => ({ value: c.key, label: `${c.call.notSettled} (${c.key.split('/')[1]})` })) ?? []
  return (
    <>
      <div className={styles.fields}>
        <Form.Item name="name" label="Name" rules={[{ required: true, message: 'needs a name' }]}>
          <Input maxLength={60} />
        </Form.Item>
        <Form.Item name="plain" label="What it is, in plain words" className={styles.wide}>
          <Input maxLength={120} placeholder="underarm throw at pins, near to far" />
        </Form.Item>
        <Form.Item name="also" label="Also looked for as" className={styles.wide}>
          <Select mode="tags" open={false} placeholder="bowling, subtraction" />
        </Form.Item>
        <Form.Item
          name="phases"
          label="Serves"
          rules={[{ required: true, message: 'needs a part of a lesson' }]}
        >
          <Select mode="multiple" options={allPhases} />
        </Form.Item>
        <Form.Item name="skill" label="Skill">
          <Select
            allowClear
            options={skills.map((s) => option(s.key, s.name))}
            onChange={() => form.setFieldsValue({ rung: undefined, hosts: [], shows: [] })}
          />
        </Form.Item>
        {skill && (
          <Form.Item name="rung" label="Level" rules={[{ required: true, message: 'needs a level' }]}>
            <Select options={skill.rungs.map((r, i) => ({ value: i + 1, label: `${i + 1} ${r}` }))} />
          </Form.Item>
        )}
        <Form.Item
          name="how"
          label="What happens, in two or three sentences"
          className={styles.whole}
          rules={[{ required: true, message: 'needs to be told' }]}
        >
          <Input.TextArea rows={3} maxLength={400} showCount />
        </Form.Item>
        {skill && (
          <>
            <Form.Item name="hosts" label="Cues that can be worked on" className={styles.wide}>
              <Select mode="multiple" options={cues} />
            </Form.Item>
            <Form.Item name="shows" label="Of them, seen well" className={styles.wide}>
              <Select mode="multiple" options={cues.filter((c) => hosts.includes(c.value))} />
            </Form.Item>
          </>
        )}
        <HowItRuns vocabulary={vocabulary} />
        <WhatIsTold vocabulary={vocabulary} />
        {skill && (
          <Form.Item name="difficulty" label="Difficulty (0: half of eight-year-olds succeed)">
            <InputNumber min={-5} max={5} step={0.1} />
          </Form.Item>
        )}
      </div>
      <KitRows form={form} vocabulary={vocabulary} />
      <LeverRows form={form} />
    </>
  )
}

function HowItRuns({ vocabulary }: Pick<ActivityFormProps, 'vocabulary'>) {
  return (
    <>
      <Two name="ages" label="Ages, from and to" least={3} most={14} />
      <Two name="minutes" label="Minutes, fewest and most" least={1} most={30} />
      <Form.Item name={['formation', 'kind']} label="Formation">
        <Select options={inFiles(vocabulary.formations)} />
      </Form.Item>
      <Form.Item label="Group: least, usual, most">
        {[0, 1, 2].map((i) => (
          <Form.Item key={i} name={['formation', 'sizes', i]} noStyle>
            <InputNumber min={1} max={60} style={{ width: 68 }} aria-label={['least', 'usual', 'most'][i]} />
          </Form.Item>
        ))}
      </Form.Item>
      <Form.Item label="A turn in seconds: act, fetch, back, reset">
        {(['act', 'fetch', 'back', 'reset'] as const).map((part) => (
          <Form.Item key={part} name={['cycle', part]} noStyle>
            <InputNumber min={0} max={120} style={{ width: 60 }} aria-label={part} />
          </Form.Item>
        ))}
      </Form.Item>
      <Form.Item name={['space', 'long']} label="Clear length (m)">
        <InputNumber min={1} max={60} step={0.5} />
      </Form.Item>
      <Form.Item name={['space', 'each']} label="Width for each (m)">
        <InputNumber min={0.3} max={20} step={0.1} />
      </Form.Item>
      <Form.Item name={['space', 'ceiling']} label="Ceiling (m), if it matters">
        <InputNumber min={2} max={20} step={0.5} />
      </Form.Item>
      <Form.Item name="set-up" label="Setting out (s)">
        <InputNumber min={0} max={600} />
      </Form.Item>
      <Form.Item name="layout" label="What stands on the floor">
        <Select
          showSearch={{ optionFilterProp: 'label' }}
          options={vocabulary.layouts.map((l) => option(l.key, l.name))}
        />
      </Form.Item>
      <Form.Item name="scoring" label="Scoring">
        <Select options={inFiles(vocabulary.scorings)} />
      </Form.Item>
      <Form.Item name="gather" label="At the stop signal">
        <Select options={inFiles(vocabulary.gatherings)} />
      </Form.Item>
    </>
  )
}

function WhatIsTold({ vocabulary }: Pick<ActivityFormProps, 'vocabulary'>) {
  return (
    <>
      <Form.Item name="counts" label="What counts as one" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="odd" label="An odd child" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="absent" label="Who has no partner" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="sits-out" label="Who cannot take part" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="question" label="A question to ask" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="home" label="At home" className={styles.wide}>
        <Input maxLength={400} />
      </Form.Item>
      <Form.Item name="cautions" label="Cautions" className={styles.wide}>
        <Select
          mode="multiple"
          options={Object.entries(vocabulary.cautions).map(([key, text]) => ({
            value: key,
            label: key.replaceAll('-', ' '),
            title: text,
          }))}
        />
      </Form.Item>
    </>
  )
}

function KitRows({ form, vocabulary }: Omit<ActivityFormProps, 'skills'>) {
  /** A thing that is named brings what is asked of it; others do as well if they are alike. */
  const like = (index: number, key: string) => {
    const thing = vocabulary.things.find((t) => t.key === key)
    if (!thing) return
    const role = form.getFieldValue(['kit', index, 'role'])
    const asked = thing.traits.filter((t) => role !== 'marker' || t === 'FLAT' || t === 'STANDS')
    form.setFieldValue(['kit', index, 'traits'], asked.map(small))
    form.setFieldValue(
      ['kit', index, 'width'],
      [Math.max(1, Math.round(thing.widthMm * 0.6)), Math.round(thing.widthMm * 1.6)],
    )
  }
  return (
    <>
      <h2>Kit</h2>
      <Form.List name="kit">
        {(rows, { add, remove }) => (
          <>
            {rows.map((row) => (
              <div key={row.key} className={styles.fields}>
                <Form.Item
                  name={[row.name, 'what']}
                  label="Called"
                  rules={[{ required: true, message: 'needs a word' }]}
                >
                  <Input maxLength={60} />
                </Form.Item>
                <Form.Item name={[row.name, 'role']} label="It is">
                  <Select options={roles} />
                </Form.Item>
                <Form.Item
                  name={[row.name, 'like']}
                  label="Such as"
                  rules={[{ required: true, message: 'needs a thing' }]}
                >
                  <Select
                    showSearch={{ optionFilterProp: 'label' }}
                    options={vocabulary.things.map((t) => option(t.key, t.name))}
                    onChange={(key) => like(row.name, key)}
                  />
                </Form.Item>
                <Form.Item name={[row.name, 'traits']} hidden>
                  <Select mode="multiple" />
                </Form.Item>
                <Form.Item name={[row.name, 'width']} hidden>
                  <Input />
                </Form.Item>
                <Form.Item name={[row.name, 'count']} label="How many">
                  <InputNumber min={1} max={40} />
                </Form.Item>
                <Form.Item name={[row.name, 'per']} label="for each">
                  <Select options={[option('child'), option('group'), option('class')]} />
                </Form.Item>
                <Button onClick={() => remove(row.name)}>Take out</Button>
              </div>
            ))}
            <Button onClick={() => add({ role: 'sent', count: 1, per: 'group', traits: [] })}>
              Add a thing
            </Button>
          </>
        )}
      </Form.List>
    </>
  )
}

function LeverRows({ form }: { form: FormInstance }) {
  return (
    <>
      <h2>Easier and harder</h2>
      <Form.List name="levers">
        {(rows, { add, remove }) => (
          <>
            {rows.map((row) => (
              <div key={row.key} className={styles.fields}>
                <Form.Item
                  name={[row.name, 'name']}
                  label="What is changed"
                  rules={[{ required: true, message: 'needs a name' }]}
                >
                  <Input maxLength={60} placeholder="distance" />
                </Form.Item>
                <Form.Item
                  name={[row.name, 'steps']}
                  label="Steps from easy to hard"
                  className={styles.wide}
                  rules={[{ required: true, message: 'two or more' }]}
                >
                  <Select
                    mode="tags"
                    open={false}
                    suffixIcon={null}
                    onChange={() => {
                      // What the steps add and set is theirs: other steps begin anew, by their words.
                      form.setFieldValue(['levers', row.name, 'logits'], undefined)
                      form.setFieldValue(['levers', row.name, 'facts'], undefined)
                    }}
                  />
                </Form.Item>
                <Form.Item name={[row.name, 'usual']} label="Start at" normalize={(v) => Number(v)}>
                  <UsualStep form={form} row={row.name} />
                </Form.Item>
                <Button onClick={() => remove(row.name)}>Take out</Button>
              </div>
            ))}
            <Button onClick={() => add({ steps: [], usual: 0 })}>Add one</Button>
          </>
        )}
      </Form.List>
    </>
  )
}

interface UsualStepProps {
  form: FormInstance
  row: number
  value?: number
  onChange?: (value: number) => void
}

function UsualStep({ form, row, value, onChange }: UsualStepProps) {
  const steps: string[] = Form.useWatch(['levers', row, 'steps'], form) ?? []
  return (
    <Select
      aria-label="Start at"
      value={value}
      onChange={(v) => {
        // Each step's difficulty is counted from the usual one.
        form.setFieldValue(['levers', row, 'logits'], undefined)
        onChange?.(v)
      }}
      options={steps.map((step, i) => ({ value: i, label: step }))}
    />
  )
}

function Two({ name, label, least, most }: { name: string; label: string; least: number; most: number }) {
  return (
    <Form.Item label={label}>
      {[0, 1].map((i) => (
        <Form.Item key={i} name={[name, i]} noStyle>
          <InputNumber
            min={least}
            max={most}
            style={{ width: 74 }}
            aria-label={`${label}, ${i === 0 ? 'first' : 'second'}`}
          />
        </Form.Item>
      ))}
    </Form.Item>
  )
}
