import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { InputNumber, Select, Slider } from 'antd'
import { useState } from 'react'
import { api, type Schemas, take } from '../api/client'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './Workbench.module.css'

type Task = Schemas['TaskName']['task']

const tosses = ['two-hand-catch', 'one-hand-catch']

/** The small sum that belongs to a skill, drawn to scale; nothing for most. */
export function Workbench({ skill }: { skill: string }) {
  if (tosses.includes(skill)) return <Toss />
  if (skill === 'three-object-juggling') return <Beat />
  if (skill === 'bounce-pass') return <Bounce />
  return null
}

/** Pixels a metre. */
const SCALE = 52
const FLOOR = 210

function Toss() {
  const [task, setTask] = useState<Task>('CLAP')
  const [age, setAge] = useState(7)
  const [ceiling, setCeiling] = useState<number | null>(4.8)
  const [more, setMore] = useState(0)
  const toss = useQuery({
    queryKey: ['toss', task, age, ceiling, more],
    queryFn: () =>
      take(
        api.GET('/api/workbench/toss', {
          params: { query: { task, age, more, ceiling: ceiling ?? undefined } },
        }),
      ),
    placeholderData: keepPreviousData,
  })
  const t = toss.data?.toss
  const y = (metres: number) =>
    FLOOR - metres * (FLOOR / Math.max(4, (ceiling ?? 0) + 0.4, (t?.top ?? 0) + 0.4))
  return (
    <section className={styles.bench}>
      <h3>How high must the toss go?</h3>
      <div className={styles.fields}>
        <Select
          aria-label="What is done meanwhile"
          value={task}
          onChange={setTask}
          options={toss.data?.tasks.map((x) => ({ value: x.task, label: x.label }))}
          style={{ minWidth: 160 }}
        />
        <label>
          age <InputNumber aria-label="Age" min={4} max={12} value={age} onChange={(v) => setAge(v ?? 7)} />
        </label>
        <label>
          ceiling{' '}
          <InputNumber
            aria-label="Ceiling in metres"
            min={2}
            max={20}
            step={0.1}
            value={ceiling}
            onChange={setCeiling}
          />{' '}
          m
        </label>
        <span className={styles.slider}>
          higher by{' '}
          <Slider
            ariaLabelForHandle="Metres higher"
            min={0}
            max={2}
            step={0.1}
            value={more}
            onChange={setMore}
          />
        </span>
      </div>
      {toss.error && <ProblemNote error={toss.error} />}
      {t && (
        <>
          <svg
            viewBox={`0 0 320 ${FLOOR + 12}`}
            className={styles.drawing}
            preserveAspectRatio="xMinYMid"
            role="img"
            aria-label={t.sentence}
          >
            <line x1={0} x2={320} y1={FLOOR} y2={FLOOR} className={styles.ground} />
            {ceiling !== null && (
              <>
                <line x1={0} x2={320} y1={y(ceiling)} y2={y(ceiling)} className={styles.ceiling} />
                <text x={4} y={y(ceiling) + 13}>
                  ceiling {ceiling.toFixed(1)} m
                </text>
              </>
            )}
            <line x1={160} x2={160} y1={y(t.hand)} y2={y(t.top)} className={styles.path} />
            <circle cx={160} cy={y(t.top)} r={7} className={t.fits ? styles.ball : styles.stopped} />
            <line x1={146} x2={174} y1={y(t.hand)} y2={y(t.hand)} className={styles.hand} />
            <text x={182} y={y(t.top) + 4}>
              {t.top.toFixed(1)} m
            </text>
            <text x={182} y={y(t.hand) + 4}>
              hand {t.hand.toFixed(1)} m, {t.seconds.toFixed(1)} s in the air
            </text>
          </svg>
          <p>{t.sentence}</p>
        </>
      )}
    </section>
  )
}

function Beat() {
  const [rise, setRise] = useState(0.6)
  const [dwell, setDwell] = useState(0.4)
  const beat = useQuery({
    queryKey: ['beat', rise, dwell],
    queryFn: () => take(api.GET('/api/workbench/beat', { params: { query: { objects: 3, rise, dwell } } })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const b = beat.data
  const width = 480
  const all = b ? b.between * 6 + b.flight : 1
  const x = (seconds: number) => 20 + (seconds / all) * (width - 40)
  return (
    <section className={styles.bench}>
      <h3>The beat of three</h3>
      <div className={styles.fields}>
        <span className={styles.slider}>
          height{' '}
          <Slider
            ariaLabelForHandle="Height in metres"
            min={0.2}
            max={2}
            step={0.05}
            value={rise}
            onChange={setRise}
          />{' '}
          {rise.toFixed(2)} m
        </span>
        <span className={styles.slider}>
          held for{' '}
          <Slider
            ariaLabelForHandle="Seconds in the hand"
            min={0.1}
            max={1}
            step={0.05}
            value={dwell}
            onChange={setDwell}
          />{' '}
          {dwell.toFixed(2)} s
        </span>
      </div>
      {beat.error && <ProblemNote error={beat.error} />}
      {b && !beat.error && (
        <>
          <svg
            viewBox={`0 0 ${width} 120`}
            className={styles.drawing}
            preserveAspectRatio="xMinYMid"
            role="img"
            aria-label={b.sentence}
          >
            <line x1={0} x2={width} y1={100} y2={100} className={styles.ground} />
            {[0, 1, 2, 3, 4, 5].map((throwNumber) => {
              const from = x(throwNumber * b.between)
              const to = x(throwNumber * b.between + b.flight)
              return (
                <path
                  key={throwNumber}
                  d={`M ${from} 100 Q ${(from + to) / 2} ${-60} ${to} 100`}
                  className={throwNumber % 2 ? styles.other : styles.path}
                />
              )
            })}
            {[0, 1, 2, 3, 4, 5].map((throwNumber) => (
              <text key={throwNumber} x={x(throwNumber * b.between)} y={115} textAnchor="middle">
                {throwNumber % 2 ? 'L' : 'R'}
              </text>
            ))}
          </svg>
          <p>{b.sentence}</p>
        </>
      )}
    </section>
  )
}

function Bounce() {
  const [metres, setMetres] = useState(3)
  const [age, setAge] = useState(8)
  const [speed, setSpeed] = useState(3)
  const bounce = useQuery({
    queryKey: ['bounce', metres, age, speed],
    queryFn: () => take(api.GET('/api/workbench/bounce', { params: { query: { metres, age, speed } } })),
    placeholderData: keepPreviousData,
  })
  const b = bounce.data
  const at = (share: number) => 20 + share * metres * SCALE
  return (
    <section className={styles.bench}>
      <h3>Where must it bounce?</h3>
      <div className={styles.fields}>
        <span className={styles.slider}>
          apart{' '}
          <Slider
            ariaLabelForHandle="Metres apart"
            min={1}
            max={8}
            step={0.5}
            value={metres}
            onChange={setMetres}
          />{' '}
          {metres} m
        </span>
        <span className={styles.slider}>
          speed{' '}
          <Slider
            ariaLabelForHandle="Metres a second"
            min={2}
            max={10}
            step={0.5}
            value={speed}
            onChange={setSpeed}
          />{' '}
          {speed} m/s
        </span>
        <label>
          age <InputNumber aria-label="Age" min={4} max={12} value={age} onChange={(v) => setAge(v ?? 8)} />
        </label>
      </div>
      {bounce.error && <ProblemNote error={bounce.error} />}
      {b && (
        <>
          <svg
            viewBox={`0 0 ${metres * SCALE + 40} 110`}
            className={styles.drawing}
            preserveAspectRatio="xMinYMid"
            role="img"
            aria-label={b.sentence}
          >
            <line x1={0} x2={metres * SCALE + 40} y1={96} y2={96} className={styles.ground} />
            <polyline
              points={b.path.map((h, i) => `${at(i / (b.path.length - 1))},${96 - h * SCALE}`).join(' ')}
              className={styles.path}
            />
            <line x1={at(b.point)} x2={at(b.point)} y1={90} y2={102} className={styles.hand} />
            <text x={at(b.point)} y={109} textAnchor="middle">
              {(b.point * metres).toFixed(1)} m
            </text>
          </svg>
          <p>{b.sentence} Common practice says three quarters of the way, others two thirds.</p>
        </>
      )}
    </section>
  )
}
