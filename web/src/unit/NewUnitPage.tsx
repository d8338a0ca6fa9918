import { Button, Input } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { Problem, type Schemas } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { HowFields, WhatFields, WhenFields } from './NewUnitFields'
import styles from './NewUnitPage.module.css'
import { Best, Progress } from './Progress'
import { type NewUnit, useNewUnit } from './useNewUnit'
import { type Wishes, WishesForm } from './WishesForm'

/** What can be said before it is planned: why it cannot be so, and which wishes cannot be had. */
function Ahead({
  said,
  error,
  take,
}: {
  said?: Schemas['AheadView']
  error: unknown
  take: (wishes: Wishes) => void
}) {
  if (error instanceof Problem && error.status === 400) return <ProblemNote error={error} />
  if (!said || (said.questions.length === 0 && said.wishes.length === 0)) return null
  return (
    <section aria-label="Before you plan">
      <h2>Before you plan</h2>
      <ul className={styles.ahead}>
        {said.questions.map((q) => (
          <li key={q} className={styles.question}>
            {q}
          </li>
        ))}
        {said.wishes.map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
      {said.instead && <Button onClick={() => said.instead && take(said.instead)}>Give that up</Button>}
    </section>
  )
}

/** Beside the form: what can be said ahead, the lessons, or the best plan so far. */
function Aside({ u }: { u: NewUnit }) {
  return (
    <aside className={styles.aside}>
      {u.missing === null && <Ahead said={u.ahead.data} error={u.ahead.error} take={u.setWishes} />}
      {u.planning.progress?.lessons ? (
        <>
          <h2>The best so far</h2>
          <Best lessons={u.planning.progress.lessons} />
        </>
      ) : (
        <>
          <h2>The lessons</h2>
          <ol>
            {u.lessons.map((l) => (
              <li key={l.key}>{l.words}</li>
            ))}
          </ol>
        </>
      )}
      <p className="mute">
        {u.reason ? `${u.reason} ` : "Usable minutes are the timetable's less walking, changing and shoes. "}
        Closures and other lessons of the class are passed over. The plan takes what your cupboard has and
        says what it puts in the place of what is missing.
      </p>
    </aside>
  )
}

/** A class, skills and lessons in; a planned unit out. */
export default function NewUnitPage() {
  const u = useNewUnit()
  const [more, setMore] = useState(false)
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Plan a unit</Heading>
      </div>
      <div className={styles.columns}>
        <form
          className={styles.form}
          onSubmit={(e) => {
            e.preventDefault()
            u.plan()
          }}
        >
          <WhatFields u={u} />
          <HowFields u={u} more={() => setMore(true)} />
          <WhenFields u={u} />
          <label htmlFor="title">Title</label>
          <Input
            id="title"
            value={u.title}
            maxLength={120}
            onChange={(e) => u.setTitle(e.target.value)}
            placeholder="Made from the skills if left empty"
          />
          <span />
          <span className={styles.row}>
            <Button
              type="primary"
              htmlType="submit"
              disabled={u.missing !== null}
              loading={u.planning.progress !== null}
            >
              Plan it
            </Button>
            {u.planning.progress && (
              <Progress unit={u.id} line={u.planning.progress} cancel={u.planning.cancel} />
            )}
            <span className="mute">{u.missing}</span>
            {u.planning.error !== null && <ProblemNote error={u.planning.error} />}
            {u.empty && (
              <span>
                The cupboard is empty: <Link to="/cupboard">count what you have</Link> first, or nearly
                nothing fits.
              </span>
            )}
          </span>
        </form>
        <Aside u={u} />
      </div>
      {more && (
        <Dialog
          open
          title="Preferences for this unit"
          width={720}
          onOk={() => setMore(false)}
          onCancel={() => setMore(false)}
          cancelButtonProps={{ style: { display: 'none' } }}
        >
          <WishesForm value={u.wishes} onChange={u.setWishes} />
        </Dialog>
      )}
    </div>
  )
}
