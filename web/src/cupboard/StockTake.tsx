import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Select } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, ifMatch, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { Heading } from '../shared/Heading'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './StockTake.module.css'
import { WalkRound } from './WalkRound'

type Line = Schemas['CupboardLine']

/** Counting in front of the cupboard, a phone in one hand: large buttons, each press saved. */
export default function StockTake() {
  const queries = useQueryClient()
  const cupboard = useQuery(reads.cupboard)
  const [storage, setStorage] = useState('')
  const [error, setError] = useState<unknown>(null)
  const [walking, setWalking] = useState(false)
  const classes = useQuery(reads.classes)
  const pupils = Math.max(1, ...(classes.data ?? []).map((c) => c.children))
  const lines = cupboard.data ?? []
  const places = [...new Set(lines.map((l) => l.storage).filter(Boolean))]
  const shown = lines.filter((l) => (storage ? l.storage === storage : l.count > 0 || l.broken > 0))
  const set = async (line: Line, count: number, broken: number) => {
    if (count < 0 || broken < 0) return
    setError(null)
    queries.setQueryData<Line[]>(['cupboard'], (all) =>
      all?.map((l) => (l.key === line.key ? { ...l, count, broken } : l)),
    )
    try {
      const now = await take(
        api.PUT('/api/cupboard/{item}', {
          params: {
            path: { item: line.key },
            header: line.version === undefined ? {} : ifMatch(line.version),
          },
          body: { count, broken },
        }),
      )
      queries.setQueryData<Line[]>(['cupboard'], (all) => all?.map((l) => (l.key === now.key ? now : l)))
    } catch (e) {
      setError(e)
      changed(queries, 'cupboard')
    }
  }
  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <Heading>Stock-take</Heading>
        <Select
          aria-label="Kept in"
          value={storage}
          onChange={setStorage}
          options={[
            { value: '', label: 'all that we have' },
            ...places.map((value) => ({ value, label: value })),
          ]}
          style={{ minWidth: 170 }}
        />
        <Button onClick={() => setWalking(!walking)}>{walking ? 'Count' : 'Walk round'}</Button>
        <Link to="/cupboard">Done</Link>
      </header>
      {walking && classes.data && (
        <WalkRound
          pupils={pupils}
          done={() => {
            setWalking(false)
            changed(queries, 'cupboard')
          }}
        />
      )}
      {error !== null && <ProblemNote error={error} />}
      {(walking ? [] : shown).map((l) => (
        <section key={l.key} className={styles.line} aria-label={l.name}>
          <b>{l.name}</b>
          <div className={styles.count}>
            <Button
              size="large"
              aria-label={`One ${l.name} less`}
              onClick={() => set(l, l.count - 1, l.broken)}
            >
              −
            </Button>
            <output>{l.count}</output>
            <Button
              size="large"
              aria-label={`One ${l.name} more`}
              onClick={() => set(l, l.count + 1, l.broken)}
            >
              +
            </Button>
          </div>
          <Button
            size="large"
            disabled={l.count === 0}
            onClick={() => set(l, l.count - 1, l.broken + 1)}
            aria-label={`One ${l.name} is broken`}
          >
            broken: {l.broken}
          </Button>
        </section>
      ))}
      {!walking && shown.length === 0 && (
        <p className="mute">Nothing is counted here yet. Begin in Cupboard & spaces.</p>
      )}
    </div>
  )
}
