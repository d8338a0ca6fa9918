import { useQuery } from '@tanstack/react-query'
import { Checkbox } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { usePlans } from '../session/useSession'
import { Dialog } from '../shared/Dialog'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './Planning.module.css'
import { useRehearsal } from './useRehearsal'

interface CompareProps {
  unit: Schemas['UnitView']
  /** the version beside what is in force */
  version: string
  close: () => void
  taken: (now: Schemas['UnitView']) => void
}

/** Two plans of one unit side by side; lessons of the other one can be taken, all or some. */
export function Compare({ unit, version, close, taken }: CompareProps) {
  const compared = useQuery({
    queryKey: ['compared', unit.id, unit.head, version],
    queryFn: () =>
      take(api.GET('/api/units/{id}/versions/{version}', { params: { path: { id: unit.id, version } } })),
  })
  const plans = usePlans()
  const rehearsal = useRehearsal(unit.id, unit.head, plans, version)
  const [left, setLeft] = useState<string[]>([])
  const { error, busy, attempt } = useAttempt()
  const c = compared.data
  const open = c?.lessons.filter((l) => l.open && l.differs).map((l) => l.lesson) ?? []
  const wanted = open.filter((l) => !left.includes(l))
  const all = wanted.length === open.length
  const accept = () =>
    attempt(async () => {
      // All that differ is all that is open: then the wishes come along.
      const lessons = all ? (c?.lessons.filter((l) => l.open).map((l) => l.lesson) ?? []) : wanted
      taken(
        await take(
          api.POST('/api/units/{id}/versions', {
            params: { path: { id: unit.id }, header: ifMatch(unit.head) },
            body: { version, lessons },
          }),
        ),
      )
    })
  return (
    <Dialog
      open
      title={c?.proposal ? 'The rest, planned anew' : `Now, and “${c?.cause ?? ''}”`}
      width={980}
      onCancel={close}
      onOk={accept}
      okText={all ? 'Take it all' : `Take ${many(wanted.length, 'lesson')}`}
      okButtonProps={{ disabled: wanted.length === 0, loading: busy, autoFocus: true }}
      cancelText="Keep what is"
      footer={plans ? undefined : null}
    >
      {(error !== null || compared.error) && <ProblemNote error={error ?? compared.error} />}
      {c && (
        <>
          {c.why && <p>{c.why}</p>}
          {open.length > 0 && rehearsal.data?.beside && (
            <p>
              <b>Rehearsed with {rehearsal.data.classes} classes.</b> {rehearsal.data.beside}{' '}
              {rehearsal.data.sentences.join(' ')}
            </p>
          )}
          <div className={styles.rules}>
            {c.changes.length === 0 && <span>No rule is better or worse kept.</span>}
            {c.changes.map((r) => (
              <span key={r.rule} className={r.after < r.before ? styles.better : styles.worse}>
                {r.after < r.before ? 'better' : 'worse'}: {r.rule.toLowerCase()} ({r.before} to {r.after})
              </span>
            ))}
            {c.cues.map((q) => (
              <span key={q.cue}>
                “{q.cue}” {q.before} → {q.after} times
              </span>
            ))}
          </div>
          {open.length === 0 && <p>Both are the same where it can still be changed.</p>}
          {c.lessons.some((l) => l.differs) && (
            <table className={styles.side}>
              <thead>
                <tr>
                  <th scope="col">Lesson</th>
                  <th scope="col">Now</th>
                  <th scope="col">Then</th>
                </tr>
              </thead>
              <tbody>
                {c.lessons
                  .filter((l) => l.differs)
                  .map((l) => (
                    <tr key={l.lesson}>
                      <td>
                        {l.open && plans ? (
                          <Checkbox
                            checked={!left.includes(l.lesson)}
                            onChange={(e) =>
                              setLeft(
                                e.target.checked ? left.filter((x) => x !== l.lesson) : [...left, l.lesson],
                              )
                            }
                          >
                            take lesson {l.position + 1}
                          </Checkbox>
                        ) : (
                          `lesson ${l.position + 1}${l.open ? '' : ', taught'}`
                        )}
                      </td>
                      <td>
                        <Parts parts={l.before} />
                      </td>
                      <td>
                        <Parts parts={l.after} />
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
          )}
        </>
      )}
    </Dialog>
  )
}

function Parts({ parts }: { parts: Schemas['ComparedPart'][] }) {
  return (
    <ol>
      {parts.map((p, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a part is its place in the lesson
        <li key={i} className={p.same ? '' : styles.other}>
          {p.minutes} min <b>{p.name}</b>
          {p.level !== undefined && ` · level ${p.level}`}
          {p.play && ' · play'}
          {p.cues && <span className="mute"> {p.cues}</span>}
          {p.locked && ' · locked'}
        </li>
      ))}
    </ol>
  )
}
