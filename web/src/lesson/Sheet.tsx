import type { ReactNode } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { dayWords, timeWords } from '../shared/dates'
import { useMeasures } from '../shared/measures'
import { rungFill } from '../shared/tokens'
import styles from './LessonPage.module.css'

interface SheetProps {
  sheet: Schemas['SheetView']
  /** buttons beside the heading; none on paper */
  actions?: ReactNode
}

/** One lesson on one page, for the screen and for a back pocket. */
export function Sheet({ sheet: s, actions }: SheetProps) {
  const { inText } = useMeasures()
  const call = (key: string) => s.cues.find((c) => c.key === key)?.call.notSettled ?? key
  let minute = 0
  return (
    <article className={styles.sheet}>
      <header className={styles.head}>
        <div>
          <h1>
            {s.className} · lesson {s.number} of {s.of}
          </h1>
          <p className="mute">
            <Link to={`/units/${s.unit}`}>{s.unitTitle}</Link> · {dayWords(s.onDate)}
            {s.starts && ` ${timeWords(s.starts)}`} · {s.minutes} min · {s.space} · {s.year} · {s.children}{' '}
            children
            {s.leftHanded.length > 0 && <> · left-handed: {s.leftHanded.join(', ')}</>}
          </p>
        </div>
        {actions && <div className={styles.actions}>{actions}</div>}
      </header>
      {s.segments.length === 0 && <p>Nothing is planned for this lesson.</p>}
      <div className={styles.columns}>
        <section aria-label="Minutes">
          {s.segments.map((g) => {
            const from = minute
            minute += g.minutes
            return (
              <div key={g.id} className={styles.segment}>
                <div
                  className={styles.time}
                  style={{ borderLeftColor: g.level ? rungFill[g.level - 1] : '#E4DCCB' }}
                >
                  <b>{g.minutes}′</b>
                  <small>
                    {from}–{minute}
                  </small>
                </div>
                <div>
                  <h2>
                    {g.name}{' '}
                    <span className="mute">
                      {g.play ? 'play' : phases(g)} · {g.formation}
                      {g.tries > 0 && ` · ${g.tries} tries`}
                    </span>
                  </h2>
                  <p>{g.how}</p>
                  {g.focus.length > 0 && (
                    <p className={styles.cues}>
                      {g.focus.map((key) => (
                        <b key={key}>
                          “{call(key)}”{g.introduces.includes(key) && <i> new</i>}
                          {g.watch === key && <i> watch</i>}
                        </b>
                      ))}
                    </p>
                  )}
                  <dl className={styles.facts}>
                    {g.kit.length > 0 && (
                      <div>
                        <dt>Kit</dt>
                        <dd>
                          <Kit lines={g.kit} />
                        </dd>
                      </div>
                    )}
                    {(g.easier || g.harder) && (
                      <div>
                        <dt>{g.lever}</dt>
                        <dd>
                          {g.setting && inText(g.setting)}
                          {g.easier && <> · easier: {inText(g.easier)}</>}
                          {g.harder && <> · harder: {inText(g.harder)}</>}
                        </dd>
                      </div>
                    )}
                    {g.countsAsOne && (
                      <div>
                        <dt>Counts</dt>
                        <dd>{g.countsAsOne}</dd>
                      </div>
                    )}
                    {g.question && (
                      <div>
                        <dt>Ask</dt>
                        <dd>{g.question}</dd>
                      </div>
                    )}
                  </dl>
                </div>
              </div>
            )
          })}
        </section>
        <aside className={styles.side}>
          <h2>Fetch once</h2>
          <ul>
            {s.layOut.map((k) => (
              <li key={k.item}>{k.words}</li>
            ))}
          </ul>
          <h2>Cues</h2>
          {s.cues.map((c) => (
            <div key={c.key} className={styles.cue}>
              <b>“{c.call.notSettled}”</b>
              <p>{c.question.notSettled}</p>
              {c.question.left !== c.question.right && (
                <p className="mute">Left-handers: {c.question.left}</p>
              )}
              <p className="mute">Stand {c.view.notSettled}.</p>
              <p className="mute">
                {c.faults[0].seen.notSettled}: {lower(c.faults[0].fix.notSettled)}.
              </p>
            </div>
          ))}
          <h2>Cautions</h2>
          <ul>
            {s.cautions.map((c) => (
              <li key={c.key + c.text}>{c.text}</li>
            ))}
            {s.setUpCheck.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </aside>
      </div>
    </article>
  )
}

const phases = (g: Schemas['SegmentView']) => {
  const words: Record<string, string> = {
    GATHER: 'opening talk',
    WARM: 'warm-up',
    RECAP: 'recap',
    TEACH: '',
    PRACTISE: 'practise',
    TIDY: 'tidy',
    COOL: 'cool down',
    CLOSE: 'closing talk',
  }
  return g.phases
    .map((p) => words[p])
    .filter(Boolean)
    .join(', ')
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** What to take, and what stands in for what is missing, with why. */
function Kit({ lines }: { lines: Schemas['KitLine'][] }) {
  return (
    <>
      {lines.map((k) => k.words).join(', ')}
      {lines
        .filter((k) => k.reason)
        .map((k) => (
          <span key={k.item} className={styles.reason}>
            {k.words}: {k.reason}
          </span>
        ))}
    </>
  )
}
