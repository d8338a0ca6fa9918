import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Input, Modal, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { reads } from '../api/reads'
import { useSession } from '../session/useSession'
import { Dialog } from '../shared/Dialog'
import { dayWords } from '../shared/dates'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { useKeptForm } from '../shared/useKeptForm'
import styles from './setup.module.css'

type Role = Schemas['PersonView']['role']

const roles: { value: Role; label: string; may: string }[] = [
  { value: 'LEAD', label: 'lead', may: 'everything' },
  { value: 'TEACHER', label: 'teacher', may: 'the classes given, the know-how and the cupboard' },
  { value: 'ASSISTANT', label: 'assistant', may: 'the hall and what is seen there, of the classes given' },
  { value: 'VIEWER', label: 'viewer', may: 'reports and pictures of the classes, to read' },
]
const needsClasses = (role: Role) => role === 'TEACHER' || role === 'ASSISTANT'

interface Shown {
  title: string
  path: string
  until: string
}

/** Who is in the school, as what, with which classes. */
export function PeopleSection() {
  const me = useSession()
  const queries = useQueryClient()
  const people = useQuery({ queryKey: ['people'], queryFn: () => take(api.GET('/api/people')) })
  const classes = useQuery(reads.classes)
  const [link, setLink] = useState<Shown | null>(null)
  const { error, attempt } = useAttempt()
  const refresh = () => queries.invalidateQueries({ queryKey: ['people'] })
  const change = (id: string, role: Role, classes: string[]) =>
    attempt(async () => {
      queries.setQueryData(
        ['people'],
        await take(api.PUT('/api/people/{id}', { params: { path: { id } }, body: { role, classes } })),
      )
    })
  const reset = (id: string, name: string) =>
    attempt(async () => {
      const made = await take(api.POST('/api/people/{id}/reset', { params: { path: { id } } }))
      setLink({ title: `A new password for ${name}`, path: `/join/${made.secret}`, until: made.expiresAt })
    })
  const remove = (id: string, name: string) =>
    Modal.confirm({
      title: `Does ${name} leave the school?`,
      content: 'They cannot sign in any more. What they saw and planned keeps their name.',
      okText: 'Yes, leaves',
      onOk: () =>
        attempt(async () => {
          await take(api.DELETE('/api/people/{id}', { params: { path: { id } } }))
          refresh()
        }),
    })
  const options = classes.data?.map((c) => ({ value: c.id, label: c.name }))
  return (
    <div className={styles.columns}>
      <div>
        {error !== null && <ProblemNote error={error} />}
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">As</th>
              <th scope="col">Classes given</th>
              <th scope="col">
                <span className="visually-hidden">Change</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {people.data?.people.map(({ person, classes: own }) => (
              <PersonRow
                key={person.id}
                person={person}
                own={own}
                me={person.id === me.person}
                options={options}
                change={change}
                reset={reset}
                remove={remove}
              />
            ))}
          </tbody>
        </table>
        {(people.data?.invitations.length ?? 0) > 0 && (
          <>
            <h2>Invited, not here yet</h2>
            <table className={styles.table}>
              <tbody>
                {people.data?.invitations.map((i) => (
                  <tr key={i.id}>
                    <td>
                      {i.name}, {i.role.toLowerCase()}, until {dayWords(i.expiresAt.slice(0, 10))}
                    </td>
                    <td>
                      <Button
                        size="small"
                        onClick={() =>
                          attempt(async () => {
                            await take(
                              api.DELETE('/api/invitations/{id}', { params: { path: { id: i.id } } }),
                            )
                            refresh()
                          })
                        }
                      >
                        Take back
                      </Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </>
        )}
        <Permissions />
      </div>
      <Invite options={options} shown={setLink} refresh={refresh} />
      {link && <OneTimeLink link={link} close={() => setLink(null)} />}
    </div>
  )
}

type Options = { value: string; label: string }[] | undefined

interface PersonRowProps {
  person: Schemas['PersonView']
  /** ids of the classes given */
  own: string[]
  /** true for who is signed in */
  me: boolean
  options: Options
  change: (id: string, role: Role, classes: string[]) => void
  reset: (id: string, name: string) => void
  remove: (id: string, name: string) => void
}

function PersonRow({ person: p, own, me, options, change, reset, remove }: PersonRowProps) {
  return (
    <tr>
      <th scope="row">
        {p.name}
        {me && <span className="mute"> (you)</span>}
        <br />
        <small className="mute">
          {p.signIn}
          {p.locked && ' · locked for five minutes after failed tries'}
        </small>
      </th>
      <td>
        <Select
          aria-label={`Role of ${p.name}`}
          value={p.role}
          onChange={(r) => change(p.id, r, own)}
          options={roles.map(({ value, label }) => ({ value, label }))}
          style={{ width: 110 }}
        />
      </td>
      <td>
        {needsClasses(p.role) ? (
          <Select
            mode="multiple"
            aria-label={`Classes of ${p.name}`}
            value={own}
            onChange={(c) => change(p.id, p.role, c)}
            options={options}
            placeholder="none yet"
            style={{ minWidth: 180 }}
          />
        ) : (
          <span className="mute">all</span>
        )}
      </td>
      <td>
        <Button size="small" onClick={() => reset(p.id, p.name)}>
          New password
        </Button>{' '}
        {!me && (
          <Button size="small" onClick={() => remove(p.id, p.name)}>
            Leaves
          </Button>
        )}
      </td>
    </tr>
  )
}

function Permissions() {
  return (
    <>
      <h2>Permissions</h2>
      <ul>
        {roles.map((r) => (
          <li key={r.value}>
            <b>{r.label}</b>: {r.may}
          </li>
        ))}
      </ul>
    </>
  )
}

interface InviteProps {
  options: Options
  shown: (link: Shown) => void
  refresh: () => void
}

function Invite({ options, shown, refresh }: InviteProps) {
  const { useKept, forget } = useKeptForm('invite')
  const [name, setName] = useKept('name', '')
  const [role, setRole] = useState<Role>('TEACHER')
  const [given, setGiven] = useState<string[]>([])
  const { error, busy, attempt } = useAttempt()
  const invite = () =>
    attempt(async () => {
      const made = await take(
        api.POST('/api/invitations', { body: { name, role, classes: needsClasses(role) ? given : [] } }),
      )
      shown({ title: `The link for ${name}`, path: `/join/${made.secret}`, until: made.expiresAt })
      setName('')
      forget()
      refresh()
    })
  return (
    <div className={styles.add} style={{ display: 'grid', gap: 8 }}>
      <h2>Invite someone</h2>
      {error !== null && <ProblemNote error={error} />}
      <label htmlFor="invite-name">Name</label>
      <Input id="invite-name" value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
      <label htmlFor="invite-role">As</label>
      <Select
        id="invite-role"
        aria-label="As"
        value={role}
        onChange={setRole}
        options={roles.map(({ value, label }) => ({ value, label }))}
      />
      {needsClasses(role) && (
        <Select
          mode="multiple"
          aria-label="Classes given"
          placeholder="Classes given"
          value={given}
          onChange={setGiven}
          options={options}
        />
      )}
      <Button type="primary" disabled={!name.trim()} loading={busy} onClick={invite}>
        Make a link
      </Button>
      <p className="mute">No mail is sent: you see a link once, and pass it on yourself.</p>
    </div>
  )
}

function OneTimeLink({ link, close }: { link: Shown; close: () => void }) {
  return (
    <Dialog
      open
      title={link.title}
      onCancel={close}
      footer={
        <Button type="primary" onClick={close}>
          I have passed it on
        </Button>
      }
    >
      <p>
        Pass it on now; it is shown only this once and works once, until {dayWords(link.until.slice(0, 10))}.
      </p>
      <code className={styles.secret}>{window.location.origin + link.path}</code>
      <Button
        style={{ marginTop: 8 }}
        onClick={() => navigator.clipboard?.writeText(window.location.origin + link.path)}
      >
        Copy
      </Button>
    </Dialog>
  )
}
