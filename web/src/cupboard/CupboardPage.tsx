import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, InputNumber } from 'antd'
import { useState } from 'react'
import { api, ifMatch, type Schemas, take } from '../api/client'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './CupboardPage.module.css'
import { NewSpace } from './NewSpace'

const metres = (cm: number) => `${(cm / 100).toLocaleString('en-GB')} m`

/** What there is to teach with, and where. A count is saved when the field is left. */
export default function CupboardPage() {
  const queries = useQueryClient()
  const cupboard = useQuery({ queryKey: ['cupboard'], queryFn: () => take(api.GET('/api/cupboard')) })
  const spaces = useQuery({ queryKey: ['spaces'], queryFn: () => take(api.GET('/api/spaces')) })
  const [error, setError] = useState<unknown>(null)
  const [adding, setAdding] = useState(false)
  const count = async (line: Schemas['CupboardLine'], count: number | null) => {
    if (count === null || count === line.count) return
    try {
      setError(null)
      await take(
        api.PUT('/api/cupboard/{item}', {
          params: {
            path: { item: line.key },
            header: line.version === undefined ? {} : ifMatch(line.version),
          },
          body: { count },
        }),
      )
    } catch (e) {
      setError(e)
    }
    queries.invalidateQueries({ queryKey: ['cupboard'] })
    queries.invalidateQueries({ queryKey: ['unit'] })
  }
  if (cupboard.error) return <ProblemNote error={cupboard.error} retry={() => cupboard.refetch()} />
  return (
    <div className={page.page}>
      <div className={page.head}>
        <h1>Cupboard & spaces</h1>
        <span className="mute">Count what can be used today; leave out what is flat or broken.</span>
      </div>
      {error !== null && <ProblemNote error={error} />}
      <div className={styles.columns}>
        <table className={styles.table}>
          <caption className="visually-hidden">Kit</caption>
          <thead>
            <tr>
              <th scope="col">Thing</th>
              <th scope="col">Usable</th>
              <th scope="col">Size</th>
              <th scope="col">Mass</th>
              <th scope="col">What it is like</th>
            </tr>
          </thead>
          <tbody>
            {cupboard.data?.map((line) => (
              <tr key={line.key}>
                <th scope="row">
                  {line.name}
                  {line.homeMade && <span className="mute"> home-made</span>}
                </th>
                <td>
                  <InputNumber
                    key={line.version}
                    size="small"
                    min={0}
                    max={10000}
                    defaultValue={line.count}
                    aria-label={`How many: ${line.name}`}
                    onBlur={(e) => count(line, e.target.value === '' ? null : Number(e.target.value))}
                    onPressEnter={(e) => e.currentTarget.blur()}
                    style={{ width: 74 }}
                  />
                </td>
                <td>{(line.widthMm / 10).toLocaleString('en-GB')} cm</td>
                <td>{line.grams.toLocaleString('en-GB')} g</td>
                <td className="mute">{line.traits.join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <aside>
          <div className={page.head}>
            <h2>Spaces</h2>
            <div className={page.end}>
              <Button size="small" onClick={() => setAdding(true)}>
                New space
              </Button>
            </div>
          </div>
          {spaces.data?.map((s) => (
            <div key={s.id} className={styles.space}>
              <b>{s.name}</b>
              <Floor space={s} />
              <p className="mute">
                {metres(s.lengthCm)} × {metres(s.widthCm)},{' '}
                {s.ceilingCm ? `ceiling ${metres(s.ceilingCm)}` : 'outdoors'}, {s.floor.toLowerCase()},{' '}
                {s.wallSpots === 0 ? 'no wall' : `${s.wallSpots} places at a wall`}
              </p>
            </div>
          ))}
        </aside>
      </div>
      {adding && <NewSpace close={() => setAdding(false)} />}
    </div>
  )
}

/** The outline to one scale for all spaces, with a five-metre bar. */
function Floor({ space }: { space: Schemas['SpaceView'] }) {
  const scale = 4.6 / 100
  const w = space.lengthCm * scale
  const h = space.widthCm * scale
  return (
    <svg width="100%" viewBox={`0 0 240 ${h + 18}`} role="img" aria-label={`${space.name} to scale`}>
      <rect x="1" y="1" width={w} height={h} fill="#EFE9DB" stroke="#22302E" strokeWidth="1.4" />
      <path d={`M2 ${h + 10}h${500 * scale}`} stroke="#AD4510" strokeWidth="2" />
      <text x={500 * scale + 8} y={h + 14} fontSize="11" fill="#5A6663">
        5 m
      </text>
    </svg>
  )
}
