import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Form } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import { ActivityForm } from './ActivityForm'
import type { Document } from './document'
import styles from './Editor.module.css'
import { inSets, newActivity, newSkill, renamed, SkillForm } from './SkillForm'
import { slug, vocabularyQuery } from './words'

type Kind = Schemas['DocumentView']['kind']

interface EditorProps {
  /** key of the skill or activity, or "new-skill", "new-activity" */
  about: string
  /** true to start from a copy under a new name */
  copy: boolean
  skills: Schemas['SkillView'][]
  done: (kind: Kind, key: string) => void
  leave: () => void
}

/** Writes a skill or activity of the school's own; the server checks it as it checks the shipped ones. */
export default function Editor({ about, copy, skills, done, leave }: EditorProps) {
  const fresh = about === 'new-skill' || about === 'new-activity'
  const found = useQuery({
    queryKey: ['document', about],
    queryFn: () => take(api.GET('/api/know-how/{key}', { params: { path: { key: about } } })),
    enabled: !fresh,
    staleTime: 0,
    gcTime: 0,
  })
  const vocabulary = useQuery(vocabularyQuery)
  const error = found.error ?? vocabulary.error
  if (error) return <ProblemNote error={error} />
  if (!vocabulary.data || (!fresh && !found.data)) return <p>Opening …</p>
  const kind: Kind = fresh ? (about === 'new-skill' ? 'SKILL' : 'ACTIVITY') : (found.data?.kind ?? 'ACTIVITY')
  const start = fresh
    ? kind === 'SKILL'
      ? newSkill
      : newActivity
    : (found.data?.document as unknown as Document)
  return (
    <Sheet
      kind={kind}
      start={copy ? { ...start, name: '' } : start}
      tag={copy || fresh ? undefined : found.data?.tag}
      from={copy ? about : undefined}
      skills={skills}
      vocabulary={vocabulary.data}
      done={done}
      leave={leave}
    />
  )
}

interface SheetProps extends Pick<EditorProps, 'skills' | 'done' | 'leave'> {
  kind: Kind
  start: Document
  /** of what is changed; undefined for something new */
  tag?: string
  /** key of what is copied */
  from?: string
  vocabulary: Schemas['Vocabulary']
}

function Sheet({ kind, start, tag, from, skills, vocabulary, done, leave }: SheetProps) {
  const [form] = Form.useForm()
  const kept = useKeptForm(`know-how-${kind}-${from ?? start.key ?? 'new'}${tag === undefined ? '-new' : ''}`)
  const fields = kept.useFields<Document>(kind === 'SKILL' ? inSets(start) : start)
  const [dirty, setDirty] = useState(kept.isKept)
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  const save = (fields: Document) =>
    attempt(async () => {
      const key = tag === undefined ? slug(fields.name ?? '') : start.key
      const whole = { ...start, ...form.getFieldsValue(true), ...fields, key }
      // A turn that is told in part has noughts for the rest.
      if (Object.values(whole.cycle ?? {}).some((v) => typeof v === 'number'))
        whole.cycle = { act: 0, fetch: 0, back: 0, reset: 0, ...(clean(whole.cycle) as object) }
      const document = kind === 'SKILL' ? renamed(whole, key) : whole
      await take(
        api.PUT('/api/know-how/{key}', {
          params: { path: { key }, query: { kind }, header: tag === undefined ? {} : ifMatch(tag) },
          body: clean(document) as never,
        }),
      )
      kept.forget()
      await queries.invalidateQueries()
      done(kind, key)
    })
  return (
    <Form
      form={form}
      layout="vertical"
      requiredMark={false}
      {...fields}
      onFinish={save}
      onValuesChange={(changed, all) => {
        setDirty(true)
        fields.onValuesChange(changed, all)
      }}
      className={styles.editor}
      scrollToFirstError
    >
      <div className={page.head}>
        <Heading>
          {tag !== undefined
            ? `Change “${start.name}”`
            : from
              ? `A copy of “${from.replaceAll('-', ' ')}”`
              : kind === 'SKILL'
                ? 'A skill of our own'
                : 'An activity of our own'}
        </Heading>
        <div className={page.end}>
          {dirty && <span className="mute">not saved yet</span>}
          <Button
            onClick={() => {
              kept.forget()
              leave()
            }}
          >
            Leave it
          </Button>
          <Button type="primary" htmlType="submit" loading={busy}>
            Check and save
          </Button>
        </div>
      </div>
      {error !== null && <ProblemNote error={error} />}
      {kind === 'SKILL' ? (
        <SkillForm form={form} used={tag !== undefined} />
      ) : (
        <ActivityForm form={form} skills={skills} vocabulary={vocabulary} />
      )}
    </Form>
  )
}

/** Without what was left empty. */
export function clean(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(clean).filter((v) => v !== undefined)
  if (typeof value !== 'object' || value === null) return value === '' || value === null ? undefined : value
  const entries = Object.entries(value)
    .map(([k, v]) => [k, clean(v)] as const)
    .filter(([, v]) => v !== undefined)
  return entries.length === 0 ? undefined : Object.fromEntries(entries)
}
