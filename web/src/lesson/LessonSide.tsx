import { Segmented } from 'antd'
import { useState } from 'react'
import { OnAFigure } from '../figure/OnAFigure'
import { useMeasures } from '../shared/measures'
import { FromTheHall } from './FromTheHall'
import styles from './Lesson.module.css'
import type { Sheet } from './useLesson'

type Side = 'Kit' | 'Cues' | 'Cautions'

/** What is true of the whole lesson: kit over its minutes, cues with their faults, cautions and the look round. */
export function LessonSide({ sheet: s }: { sheet: Sheet }) {
  const [side, setSide] = useState<Side>('Kit')
  const { words } = useMeasures()
  return (
    <aside className={styles.side} aria-label="Whole lesson">
      <Segmented<Side> block options={['Kit', 'Cues', 'Cautions']} value={side} onChange={setSide} />
      {side === 'Kit' && (
        <>
          <h2>Fetch once</h2>
          {s.storage.map((p) => (
            <div key={p.place}>
              {p.place && <p className="mute">{p.place}</p>}
              <ul>
                {p.kit.map((k) => (
                  <li key={k.item}>{k.words}</li>
                ))}
              </ul>
            </div>
          ))}
          {s.layOut.length === 0 && <p className="mute">Nothing.</p>}
          {s.helpers.length > 0 && <p className="mute">Tidy today: {s.helpers.join(', ')}.</p>}
          <h2>Kit out and in</h2>
          <ul className={styles.moves}>
            {[...new Set(s.moves.map((m) => m.minute))].map((minute) => (
              <li key={minute}>
                <b>{minute}′</b>{' '}
                {s.moves
                  .filter((m) => m.minute === minute)
                  .map((m) => m.words)
                  .join('; ')}
              </li>
            ))}
          </ul>
          <h2>The body</h2>
          <p>
            In motion {s.motionPercent} % of the lesson, moderate to vigorous about {s.vigorousPercent} %;
            half a lesson is what is asked for.
          </p>
          <p>
            {[
              s.load.metres > 0 && `runs about ${words(s.load.metres * 100)}`,
              s.load.toll.overarm > 0 && `${s.load.toll.overarm} overarm throws`,
              s.load.toll.otherArm > 0 && `${s.load.toll.otherArm} with the other arm`,
              s.load.toll.holds + s.load.toll.otherHolds > 0 &&
                `${s.load.toll.holds} holds on one side, ${s.load.toll.otherHolds} on the other`,
              s.load.toll.pushes > 0 && `${s.load.toll.pushes} heavy pushes`,
              s.load.toll.landings > 0 && `${s.load.toll.landings} jumps`,
            ]
              .filter(Boolean)
              .join(', ')}
          </p>
          {s.load.flags.map((f) => (
            <p key={f} className={styles.bad}>
              {f}
            </p>
          ))}
        </>
      )}
      {side === 'Cues' &&
        s.cues.map((c) => (
          <div key={c.key} className={styles.cue}>
            <b>“{c.call.notSettled}”</b>
            <p>{c.question.notSettled}</p>
            <OnAFigure cue={c} age={s.age} />
            {c.question.left !== c.question.right && <p className="mute">Left-handers: {c.question.left}</p>}
            <p className="mute">Stand {c.view.notSettled}.</p>
            {c.faults.map((f) => (
              <p key={f.seen.notSettled} className="mute">
                {f.seen.notSettled}: {f.fix.notSettled.charAt(0).toLowerCase() + f.fix.notSettled.slice(1)}.
              </p>
            ))}
          </div>
        ))}
      {side === 'Cautions' && (
        <>
          <h2>Before it begins</h2>
          <ul>
            {s.setUpCheck.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
          <h2>Cautions</h2>
          <ul>
            {s.cautions.map((c) => (
              <li key={c.key + c.text} className={c.weight === 'FORBIDS' ? styles.bad : ''}>
                {c.text} {c.remedy}
              </li>
            ))}
          </ul>
        </>
      )}
      <FromTheHall lesson={s.lesson} />
    </aside>
  )
}
