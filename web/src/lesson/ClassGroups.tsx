import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Lesson.module.css'

interface ClassGroupsProps {
  classId: string
  className: string
  /** cue sets that marks and needs are read from */
  cueSets: string[]
  /** true where nothing may be changed */
  fixed: boolean
  close: () => void
}

/** The groups of a class: kept over a unit, dealt anew by a way, or put together by hand. */
export function ClassGroups({ classId, className, cueSets, fixed, close }: ClassGroupsProps) {
  const queries = useQueryClient()
  const { error, busy, attempt } = useAttempt()
  const key = ['groups', classId]
  const groups = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/classes/{id}/groups', { params: { path: { id: classId } } })),
  })
  const [way, setWay] = useState<Schemas['DealBody']['way']>('MIXED_SIDES')
  const [many, setMany] = useState<number | null>(null)
  const [picked, setPicked] = useState<string>()
  const g = groups.data
  const taken = (now: Schemas['GroupsView']) => {
    queries.setQueryData(key, now)
    queries.invalidateQueries({ queryKey: ['sheet'] })
  }
  const deal = () =>
    attempt(async () =>
      taken(
        await take(
          api.POST('/api/classes/{id}/groups', {
            params: { path: { id: classId } },
            body: { way, groups: many ?? g?.groups.length ?? 4, cueSets },
          }),
        ),
      ),
    )
  /** The picked child goes to this group; onto a child, the two change places. */
  const put = (to: number, other?: string) => {
    if (!g || !picked) return
    const ids = g.groups.map((group) => group.children.map((c) => c.id))
    const from = ids.findIndex((group) => group.includes(picked))
    setPicked(undefined)
    if (from === to) return
    ids[from] = ids[from].filter((c) => c !== picked)
    ids[to] = [...ids[to].filter((c) => c !== other), picked]
    if (other) ids[from].push(other)
    attempt(async () =>
      taken(
        await take(
          api.PUT('/api/classes/{id}/groups', {
            params: { path: { id: classId } },
            body: { groups: ids },
          }),
        ),
      ),
    )
  }
  return (
    <Dialog open width={820} title={`Groups of ${className}`} onCancel={close} footer={null}>
      {!fixed && (
        <div className={styles.deal}>
          <Select
            aria-label="How to group"
            value={g && way}
            disabled={!g}
            onChange={setWay}
            options={g?.ways.map((w) => ({ value: w.way, label: w.label }))}
            style={{ width: 220 }}
          />
          <InputNumber
            aria-label="Number of groups"
            min={1}
            max={30}
            value={many ?? g?.groups.length}
            onChange={setMany}
            suffix="groups"
          />
          <Button type="primary" onClick={deal} loading={busy}>
            Group anew
          </Button>
        </div>
      )}
      {error !== null && <ProblemNote error={error} />}
      {groups.error && <ProblemNote error={groups.error} />}
      <p className="mute" role="status">
        {g?.madeAt ? '' : 'Not grouped yet: this is what a lesson would use. '}
        {g?.reasons.join(' ')}
        {!fixed && ' Pick a child, then a group to put it there, or another child to change places.'}
      </p>
      {g?.findings.map((f) => (
        <p key={f} className={styles.bad}>
          {f}
        </p>
      ))}
      <div className={styles.classGroups}>
        {g?.groups.map((group, i) => (
          <fieldset key={group.label}>
            <legend>
              <button type="button" disabled={fixed || !picked} onClick={() => put(i)}>
                {/^\d/.test(group.label) ? `Group ${group.label}` : group.label}{' '}
                <small>{group.children.length}</small>
              </button>
            </legend>
            {group.children.map((c) => (
              <button
                key={c.id}
                type="button"
                disabled={fixed}
                aria-pressed={picked === c.id}
                onClick={() =>
                  picked && picked !== c.id ? put(i, c.id) : setPicked(picked === c.id ? undefined : c.id)
                }
              >
                {c.name}
                {c.leftHanded && ' (L)'}
              </button>
            ))}
          </fieldset>
        ))}
      </div>
    </Dialog>
  )
}
