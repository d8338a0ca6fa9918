import { useMutation, useQueryClient } from '@tanstack/react-query'
import { Button, Dropdown } from 'antd'
import { useNavigate } from 'react-router'
import type { Schemas } from '../api/client'
import { usePlans } from '../session/useSession'
import { Heading } from '../shared/Heading'
import { many } from '../shared/many'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { removeUnit } from './removing'
import type { Opened } from './UnitDialogs'
import styles from './UnitPage.module.css'
import type { UnitEdits } from './useUnit'

type Unit = Schemas['UnitView']

const OPENED: Opened[] = ['versions', 'wishes', 'copy', 'cues', 'rename']

interface UnitHeadProps {
  unit: Unit
  step: UnitEdits['step']
  planning: boolean
  showStrains: boolean
  toggleStrains: () => void
  open: (what: Opened) => void
  replan: () => void
}

/** What a unit is called, whether it fits, its files, and all that is done to the whole of it. */
export function UnitHead({
  unit: u,
  step,
  planning,
  showStrains,
  toggleStrains,
  open,
  replan,
}: UnitHeadProps) {
  const plans = usePlans()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const removal = useMutation({
    mutationFn: (gone: Unit) => removeUnit(queries, gone),
    onSuccess: () => navigate('/units'),
  })
  const serious = u.strains.filter((s) => s.level !== 'SOFT')
  return (
    <>
      <div className={`${page.head} ${styles.head}`}>
        <Heading>
          {u.schoolClass.name} · {u.schoolClass.year} · {u.title}
        </Heading>
        <span className={page.chip}>
          {u.schoolClass.children} children · {u.schoolClass.leftHanded} left-handed
        </span>
        <button
          type="button"
          className={`${page.chip} ${styles.strains} ${serious.length > 0 ? styles.bad : ''}`}
          aria-expanded={showStrains}
          onClick={toggleStrains}
        >
          {serious.length > 0 ? `${many(serious.length, 'does', 'do')} not fit` : 'fits'}
          {' · all that was weighed'}
        </button>
        <span className={styles.files}>
          <a href={`/api/units/${u.id}/paper`} target="_blank" rel="noreferrer">
            PDF
          </a>
        </span>
        <div className={page.end}>
          {plans && (
            <>
              <Button
                disabled={!u.canUndo || step.isPending}
                onClick={() => step.mutate({ kind: 'undo' })}
                title={`Undo: ${u.cause}`}
              >
                Undo
              </Button>
              <Button disabled={!u.canRedo || step.isPending} onClick={() => step.mutate({ kind: 'redo' })}>
                Redo
              </Button>
            </>
          )}
          <Dropdown
            trigger={['click']}
            autoFocus
            menu={{
              items: [
                ...(plans
                  ? [
                      { key: 'wishes', label: 'Preferences …' },
                      { key: 'cues', label: 'Cues …' },
                      { key: 'copy', label: 'Copy to another class …' },
                      { key: 'rename', label: 'Rename …' },
                      { key: 'remove', label: 'Remove' },
                    ]
                  : []),
                { key: 'versions', label: 'Versions …' },
                { type: 'divider' as const },
                { key: 'segments.csv', label: 'Table of its parts (CSV)' },
                { key: 'unit.json', label: 'The unit as a file (JSON)' },
                { key: 'lessons.ics', label: 'Its lessons as a calendar (ICS)' },
              ],
              onClick: ({ key, domEvent }) => {
                // A key that opens a dialog must not press its first button as well.
                domEvent.preventDefault()
                if (key === 'remove') removal.mutate(u)
                else if (OPENED.includes(key as Opened)) open(key as Opened)
                else window.location.assign(`/api/units/${u.id}/${key}`)
              },
            }}
          >
            <Button>More</Button>
          </Dropdown>
          {plans && (
            <Button type="primary" loading={planning} onClick={replan}>
              Replan the rest
            </Button>
          )}
        </div>
      </div>
      {removal.error && <ProblemNote error={removal.error} retry={removal.reset} retryWords="Close" />}
    </>
  )
}
