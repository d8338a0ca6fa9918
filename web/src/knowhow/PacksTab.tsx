import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Popconfirm } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take, upload } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { FileButton } from '../shared/FileButton'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import styles from './KnowHow.module.css'
import type { TabProps } from './tab'

/** What the school has written, and packs that come and go as one file. */
export function PacksTab({ skills, edit, plans, openSkill }: TabProps) {
  const packs = useQuery({ queryKey: ['packs'], queryFn: () => take(api.GET('/api/packs')) })
  const queries = useQueryClient()
  const [looked, setLooked] = useState<{ file: File; change: Schemas['PackChange'] } | null>(null)
  const { error, busy, attempt } = useAttempt()
  if (packs.error) return <ProblemNote error={packs.error} retry={() => packs.refetch()} />
  const send = (file: File, takeIt: boolean) =>
    upload<Schemas['PackChange']>(`/api/packs?take=${takeIt}`, [file])
  const own = skills.filter((s) => s.own)
  return (
    <>
      {plans && (
        <div className={page.head}>
          <Button type="primary" onClick={() => edit('new-activity', false)}>
            Write an activity
          </Button>
          <Button onClick={() => edit('new-skill', false)}>Write a skill</Button>
          <span className="mute">or open a shipped one and “Copy and change” it</span>
          <div className={page.end}>
            <FileButton
              label="Pack file"
              accept=".zip"
              busy={busy}
              chosen={(file) => attempt(async () => setLooked({ file, change: await send(file, false) }))}
            >
              Import a pack
            </FileButton>
          </div>
        </div>
      )}
      {error !== null && <ProblemNote error={error} />}
      <table className={styles.symptoms}>
        <thead>
          <tr>
            <th scope="col">Pack</th>
            <th scope="col">Version</th>
            <th scope="col">Skills</th>
            <th scope="col">Activities</th>
            <th scope="col">Still needed</th>
            <th scope="col">Hand on</th>
          </tr>
        </thead>
        <tbody>
          {packs.data?.map((p) => (
            <PackRow
              key={p.name}
              pack={p}
              plans={plans}
              takeOut={() =>
                attempt(async () => {
                  await take(api.DELETE('/api/packs/{name}', { params: { path: { name: p.name } } }))
                  await queries.invalidateQueries()
                })
              }
            />
          ))}
        </tbody>
      </table>
      {packs.data?.every((p) => p.shipped) && (
        <p className="mute">
          Nothing of our own yet. Copy a drill that almost fits and change what does not; it is checked like
          the shipped ones, planned with, and can be handed on to another school as a file.
        </p>
      )}
      {own.length > 0 && (
        <p>
          Skills of our own:{' '}
          {own.map((s, i) => (
            <span key={s.key}>
              {i > 0 && ', '}
              <button type="button" className={styles.link} onClick={() => openSkill(s.key)}>
                {s.name}
              </button>
            </span>
          ))}
        </p>
      )}
      {looked && (
        <Dialog
          open
          title={`Import “${looked.change.title}”, version ${looked.change.number}?`}
          okText="Import"
          cancelText="Leave it"
          confirmLoading={busy}
          onCancel={() => setLooked(null)}
          onOk={() =>
            attempt(async () => {
              await send(looked.file, true)
              await queries.invalidateQueries()
            }).then((well) => well && setLooked(null))
          }
        >
          <Keys what="New" keys={looked.change.added} />
          <Keys what="Changed" keys={looked.change.changed} />
          <Keys what="No longer in it" keys={looked.change.gone} />
          {error !== null && <ProblemNote error={error} />}
        </Dialog>
      )}
    </>
  )
}

interface PackRowProps {
  pack: Schemas['PackView']
  plans: boolean
  takeOut: () => void
}

function PackRow({ pack: p, plans, takeOut }: PackRowProps) {
  return (
    <tr>
      <th scope="row">
        <b>{p.title}</b>{' '}
        <span className="mute">{p.shipped ? 'comes with the product' : p.own ? 'ours' : 'taken in'}</span>
      </th>
      <td>{p.number}</td>
      <td>{p.skills}</td>
      <td>{p.activities}</td>
      <td>{p.gaps.join(' ')}</td>
      <td>
        <a href={`/api/packs/${p.name}.zip`} download>
          as a file
        </a>
        {plans && !p.shipped && (
          <>
            {' · '}
            <Popconfirm
              title={`Take “${p.title}” out?`}
              okText="Take it out"
              cancelText="Keep it"
              onConfirm={takeOut}
            >
              <button type="button" className={styles.link}>
                take out
              </button>
            </Popconfirm>
          </>
        )}
      </td>
    </tr>
  )
}

function Keys({ what, keys }: { what: string; keys: string[] }) {
  return (
    keys.length > 0 && (
      <p>
        {what} ({keys.length}):{' '}
        <span className="mute">{keys.map((k) => k.replaceAll('-', ' ')).join(', ')}</span>
      </p>
    )
  )
}
