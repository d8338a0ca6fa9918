import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { InputNumber, Select } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { many } from '../shared/many'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './AimLines.module.css'

interface AimLinesProps {
  classId: string
  /** skills that can be chosen, by key */
  skills: { key: string; name: string }[]
}

/** Three lines to start from that fit the class, to scale, and who stands at which. */
export function AimLines({ classId, skills }: AimLinesProps) {
  const [chosen, setChosen] = useState<string>()
  const [width, setWidth] = useState(0.6)
  const [near, setNear] = useState(1.5)
  const [far, setFar] = useState(8)
  const skill = chosen ?? skills[0]?.key
  const aim = useQuery({
    queryKey: ['aim', classId, skill, width, near, far],
    enabled: skill !== undefined,
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/aim', {
          params: { path: { id: classId }, query: { skill: skill ?? '', width, near, far } },
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
  })
  if (!skill) return <p className="mute">Plan a unit that sends something at a target first.</p>
  const a = aim.data
  // Where everybody is alike there is one line, and nothing to say of two more.
  const lines = a?.lines.filter((l) => l.children.length > 0) ?? []
  return (
    <>
      <div className={styles.fields}>
        <Select
          aria-label="Skill"
          value={skill}
          onChange={setChosen}
          options={skills.map((s) => ({ value: s.key, label: s.name }))}
          style={{ minWidth: 180 }}
        />
        <label>
          target and ball together{' '}
          <InputNumber
            aria-label="Width in metres"
            min={0.05}
            max={5}
            step={0.1}
            value={width}
            onChange={(v) => setWidth(v ?? 0.6)}
          />{' '}
          m wide
        </label>
        <label>
          lines from{' '}
          <InputNumber
            aria-label="Nearest in metres"
            min={0.5}
            max={20}
            step={0.5}
            value={near}
            onChange={(v) => setNear(v ?? 1.5)}
          />{' '}
          to{' '}
          <InputNumber
            aria-label="Farthest in metres"
            min={2}
            max={40}
            step={0.5}
            value={far}
            onChange={(v) => setFar(v ?? 8)}
          />{' '}
          m
        </label>
      </div>
      {aim.error && <ProblemNote error={aim.error} />}
      {a && !aim.error && (
        <>
          <p>
            {lines.length === 1 ? `Everybody starts from ${lines[0].metres} m.` : a.reason}{' '}
            <span className="mute">
              {a.tried === 0
                ? 'Nobody’s tries were counted with distance and target yet, so all go by their age.'
                : `${a.tried} of ${a.children} by their own tries, the others by their age.`}{' '}
              Six to eight hits in ten are near enough to succeed and far enough to have to work.
            </span>
          </p>
          <ToScale lines={lines} far={far} says={a.reason} />
          <div className={styles.lines}>
            {lines.map((l) => (
              <section key={l.metres}>
                <h2>
                  From {l.metres} m: {many(l.children.length, 'child', 'children')}
                </h2>
                <ul>
                  {l.children.map((c) => (
                    <li key={c.name}>
                      {c.name}{' '}
                      <span className="mute">
                        {c.percent} in 100{!c.own && ' by age'}
                        {c.nextTime && `; last ${c.nextTime}`}
                      </span>
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </>
      )}
    </>
  )
}

interface ToScaleProps {
  lines: Schemas['StartLine'][]
  /** metres of floor that are drawn */
  far: number
  says: string
}

function ToScale({ lines, far, says }: ToScaleProps) {
  return (
    <svg
      viewBox={`0 0 ${far * 60 + 60} 46`}
      className={styles.floor}
      preserveAspectRatio="xMinYMid"
      role="img"
      aria-label={says}
    >
      <rect x={6} y={8} width={8} height={26} className={styles.target} />
      <text x={2} y={44}>
        target
      </text>
      {lines.map((l) => (
        <g key={l.metres}>
          <line x1={10 + l.metres * 60} x2={10 + l.metres * 60} y1={6} y2={34} className={styles.line} />
          <text x={10 + l.metres * 60} y={44} textAnchor="middle">
            {l.metres} m
          </text>
        </g>
      ))}
    </svg>
  )
}
