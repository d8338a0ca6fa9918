import { useState } from 'react'
import type { Schemas } from '../api/client'
import { countWords, numbersFor, type Party, partiesOf, WHATS, type What } from './counts'
import styles from './Panels.module.css'
import type { HallStore } from './store'
import { useHall } from './useHall'

interface CountPadProps {
  /** those who are here, in the order in which they stand */
  here: readonly { id: string; name: string }[]
  /** groups of what runs now */
  groups: readonly Schemas['GroupView'][]
  store: HallStore
  close: () => void
}

/** Counts by number: who is asked stands large, one press takes it and goes on. Play need not stop. */
export function CountPad({ here, groups, store, close }: CountPadProps) {
  const counts = useHall(store, (s) => s.counts)
  const [what, setWhat] = useState<What>('together')
  const [at, setAt] = useState(0)
  const [more, setMore] = useState(0)
  const [other, setOther] = useState(false)
  const chosen = WHATS.find((w) => w.what === what) ?? WHATS[0]
  const parties = partiesOf(what, here, groups)
  const now: Party | undefined = parties[at]
  const mine = counts.filter((c) => c.what === what)
  const of = (p: Party) => mine.filter((c) => c.children.join() === p.children.join())
  const sum = mine.reduce((all, c) => all + c.count, 0)
  const last = mine[mine.length - 1]
  const press = (count: number) => {
    if (!now) return
    store.count(what, now.children, count + more, other)
    setMore(0)
    setAt(at + 1)
  }
  return (
    <section
      className={styles.pad}
      role="dialog"
      aria-label="Count"
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <div className={styles.counting}>
        {WHATS.map((w) => (
          <button
            key={w.what}
            type="button"
            aria-pressed={w.what === what}
            onClick={() => {
              setWhat(w.what)
              setAt(0)
              setMore(0)
            }}
          >
            {w.name}
          </button>
        ))}
        {what === 'throw' && (
          <button type="button" aria-pressed={other} onClick={() => setOther(!other)}>
            other hand
          </button>
        )}
        <button
          type="button"
          disabled={!last}
          onClick={() => {
            if (!last) return
            store.uncount(last.id)
            setAt(
              Math.max(
                0,
                parties.findIndex((p) => p.children.join() === last.children.join()),
              ),
            )
          }}
        >
          ↶ the last
        </button>
        <button type="button" onClick={close}>
          Close
        </button>
      </div>
      {now ? (
        <>
          <h2>
            {now.name}{' '}
            <small>
              {chosen.ask} {at + 1} of {parties.length}
            </small>
          </h2>
          <Numbers
            what={what}
            name={now.name}
            more={more}
            addMore={() => setMore(more + 30)}
            press={press}
            skip={() => setAt(at + 1)}
          />
        </>
      ) : (
        <h2>
          That is everyone{' '}
          <button type="button" className={styles.button} onClick={() => setAt(0)}>
            Once more
          </button>
        </h2>
      )}
      {mine.length > 0 && what !== 'throw' && what !== 'streak' && (
        <p>
          {sum} in all, from {mine.length} counts
        </p>
      )}
      <ol className={styles.parties}>
        {parties.map((p, i) => (
          <li key={p.children.join()}>
            <button type="button" aria-current={i === at ? 'step' : undefined} onClick={() => setAt(i)}>
              {p.name}{' '}
              <b>
                {of(p)
                  .slice(-3)
                  .map((c) => countWords(what, c.count))
                  .join(', ')}
              </b>
            </button>
          </li>
        ))}
      </ol>
    </section>
  )
}

interface NumbersProps {
  what: What
  name: string
  /** added to each number */
  more: number
  addMore: () => void
  press: (count: number) => void
  skip: () => void
}

function Numbers({ what, name, more, addMore, press, skip }: NumbersProps) {
  return (
    <fieldset className={styles.numbers} aria-label={name}>
      {numbersFor(what).map((n) => (
        <button key={n.count} type="button" onClick={() => press(n.count)}>
          {what === 'throw' ? n.label : n.count + more}
        </button>
      ))}
      {(what === 'together' || what === 'streak') && (
        <button type="button" onClick={addMore}>
          + 30
        </button>
      )}
      <button type="button" onClick={skip}>
        skip
      </button>
    </fieldset>
  )
}
