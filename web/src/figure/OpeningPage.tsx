import { Button } from 'antd'
import { useEffect, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import type { Schemas } from '../api/client'
import { useSheet } from '../lesson/useLesson'
import { useKeys } from '../shared/useKeys'
import { type FigureView, loadFigure, places, seconds } from './clip'
import styles from './Eye.module.css'
import { Figure } from './Figure'
import { faultsOf } from './faults'
import { still, useTicks } from './useTicks'

/** Seconds for which it stands at the picture that decides. */
const HOLD = 1.5

/** The opening talk before a wall: the cues of a lesson on a figure, the new ones first, for either hand. Nobody is named. */
export default function OpeningPage() {
  const { id = '' } = useParams()
  const navigate = useNavigate()
  const sheet = useSheet(id).data
  const [number, setNumber] = useState(0)
  const [wrong, setWrong] = useState(false)
  const [unseen, setUnseen] = useState<string>()
  const news = new Set(sheet?.segments.flatMap((s) => s.plan.introduces))
  const cues = [...(sheet?.cues ?? [])].sort((a, b) => Number(news.has(b.key)) - Number(news.has(a.key)))
  const cue = cues[number]
  const go = (to: number) => {
    if (to < 0 || to >= cues.length) return
    setNumber(to)
    setWrong(false)
    setUnseen(undefined)
  }
  const leave = () => navigate(`/lessons/${id}`)
  useKeys((key) => {
    if (key === 'Escape') leave()
    else if (key === 'ArrowRight') go(number + 1)
    else if (key === 'ArrowLeft') go(number - 1)
    else return false
    return true
  })
  if (!sheet) return <p>Opening …</p>
  if (!cue) return <p>No cue is worked on in this lesson.</p>
  const fault = faultsOf(cue).at(0)
  const sided = cue.question.left !== cue.question.right || cue.call.left !== cue.call.right
  return (
    <div className={`${styles.playing} ${styles.wall}`}>
      <header>
        <b>“{cue.call.notSettled}”</b> <span>{cue.question.notSettled}</span>
        <span className="mute">
          {news.has(cue.key) ? 'new · ' : ''}
          {number + 1} of {cues.length}
        </span>
        <Button size="small" onClick={leave}>
          Close
        </Button>
      </header>
      <Both
        key={`${cue.key} ${wrong}`}
        cue={cue}
        fault={wrong ? fault?.fault : undefined}
        age={sheet.age}
        sided={sided}
        loaded={setUnseen}
      />
      <div className={styles.told}>
        <p role="status" className={wrong ? styles.wrong : styles.right}>
          {wrong
            ? `Not yet: ${fault?.seen}`
            : unseen === undefined
              ? 'Drawing …'
              : unseen
                ? `This itself is not drawn: ${unseen}. Show it yourself.`
                : 'So it looks.'}
        </p>
        <p className={styles.form}>
          <Button size="large" disabled={number === 0} onClick={() => go(number - 1)}>
            The cue before
          </Button>
          {fault && unseen === '' && (
            <Button size="large" onClick={() => setWrong(!wrong)}>
              {wrong ? 'So it should look' : 'What if not?'}
            </Button>
          )}
          {unseen === '' && (
            <Button
              size="large"
              onClick={() => navigate(`/eye?skill=${cue.skill}&cue=${encodeURIComponent(cue.key)}&for=WALL`)}
            >
              Spot the cue
            </Button>
          )}
          <Button
            type="primary"
            size="large"
            disabled={number === cues.length - 1}
            onClick={() => go(number + 1)}
          >
            The next cue
          </Button>
        </p>
      </div>
    </div>
  )
}

interface BothProps {
  cue: Schemas['CueView']
  fault?: number
  age: number
  /** true where the hands differ, so that left-handers are shown beside */
  sided: boolean
  /** told why the cue itself is not drawn; empty where it is */
  loaded: (unseen: string) => void
}

/** Round and round, half as fast, with a stop at the picture that decides. */
function Both({ cue, fault, age, sided, loaded }: BothProps) {
  const [view, setView] = useState<FigureView>()
  const [at, setAt] = useState(0)
  const [failed, setFailed] = useState('')
  useEffect(() => {
    let here = true
    loadFigure(cue.key, fault, age).then(
      (v) => {
        if (!here) return
        setView(v)
        if (fault === undefined) loaded(v.unseen)
      },
      (e: Error) => here && setFailed(e.message),
    )
    return () => {
      here = false
    }
  }, [cue.key, fault, age, loaded])
  const clip = view?.clip
  const long = clip ? seconds(clip) : 0
  const [stands] = useState(still)
  useTicks(clip !== undefined && clip !== null && !stands, (past) =>
    setAt((t) => (t > 2 * long + HOLD + 0.6 ? 0 : t + past)),
  )
  if (failed) return <p role="alert">The figure could not be loaded. {failed}</p>
  if (!view) return <div />
  if (!clip) return <p className="mute">No figure shows this: {view.unseen}.</p>
  // Half as fast up to what decides, there it stands, then on.
  const moved = stands || at / 2 < view.at ? at / 2 : Math.max(view.at, (at - HOLD) / 2)
  const shown = stands ? view.at : Math.min(long, moved)
  return (
    <div className={styles.both} style={{ gridTemplateColumns: sided ? '1fr 1fr' : '1fr' }}>
      {(sided ? [false, true] : [false]).map((left) => (
        <figure key={String(left)}>
          <div className={styles.stage}>
            <Figure
              clip={clip}
              at={shown}
              degrees={places[view.from]}
              mirrored={left}
              marks={view.looksAt}
              words={view.why?.[left ? 'left' : 'right'] ?? cue.call.notSettled}
            />
          </div>
          {sided && (
            <figcaption>
              {left ? 'left-handed' : 'right-handed'}: “{cue.call[left ? 'left' : 'right']}”
            </figcaption>
          )}
        </figure>
      ))}
    </div>
  )
}
