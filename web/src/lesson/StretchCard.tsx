import { useQuery } from '@tanstack/react-query'
import { Button } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { between } from '../shared/many'
import { useMeasures } from '../shared/measures'
import { cost } from '../unit/cost'
import { FloorDrawing } from './FloorDrawing'
import styles from './Lesson.module.css'
import { type SettingBody, type Sheet, type Stretch, type StretchWatch, settingOf } from './useLesson'
import { WatchFrom } from './WatchFrom'

/** A change to the stretch of the card, which need not be named. */
type StretchEdit = Omit<Schemas['AdjustForm'], 'segment'> | Omit<Schemas['SwapForm'], 'segment'>

interface StretchCardProps {
  sheet: Sheet
  stretch: Stretch
  /** whom to watch in it; left out where it works on no cue, and for who may not know */
  watch?: StretchWatch
  /** true where nothing may be changed */
  fixed: boolean
  busy: boolean
  set: (body: SettingBody) => void
  edit: (body: StretchEdit) => void
}

/** One stretch of a lesson: its floor, groups, kit, cues and ladder, and what can be changed about it. */
export function StretchCard(card: StretchCardProps) {
  const { sheet, stretch: s, watch, fixed, busy, set, edit } = card
  const cue = (key: string) => sheet.cues.find((c) => c.key === key)
  return (
    <section aria-label={s.plan.name} className={styles.stretch}>
      <h2>
        {s.plan.name}{' '}
        <span className="mute">
          {s.floor?.formation ?? 'does not fit'}
          {s.plan.rung && ` · level ${s.plan.level}, ${s.plan.rung}`}
        </span>
      </h2>
      {s.whyNot.map((w) => (
        <p key={w} className={styles.bad} role="alert">
          {w}
        </p>
      ))}
      <div className={styles.two}>
        <OnTheFloor {...card} />
        <div className={styles.facts}>
          <p className={styles.how}>{s.task.how}</p>
          {s.plan.focus.length > 0 && (
            <p className={styles.cues}>
              {s.plan.focus.map((key) => (
                <b key={key}>
                  “{cue(key)?.call.notSettled ?? key}”{s.plan.introduces.includes(key) && <i> new</i>}
                  {s.plan.watch === key && <i> watch, {cue(key)?.view.notSettled}</i>}
                </b>
              ))}
            </p>
          )}
          <dl>
            <Work {...card} />
            {s.task.lever && <Ladder {...card} />}
            {s.work && s.work.pinTurns.length > 0 && (
              <div>
                <dt>Turns</dt>
                <dd>
                  {s.work.pinTurns.map((t) => (
                    <div key={t}>{t}</div>
                  ))}
                </dd>
              </div>
            )}
            {(!!s.things?.kit.length || s.byHand.without.length > 0) && <Kit {...card} />}
            {watch && (
              <div>
                <dt>Watch</dt>
                <dd>
                  <WatchFrom stretch={s} watch={watch} set={fixed ? undefined : set} busy={busy} />
                </dd>
              </div>
            )}
            <Fact name="Adapted" text={s.task.adapted.join('; ')} />
            <Fact name="Counts" text={s.task.countsAsOne && `${s.task.countsAsOne}; ${s.task.scoring}`} />
            <Fact name="Parts" text={s.floor?.parts} />
            <Fact name="Turns" text={s.floor?.stations} />
            <Fact name="At the signal" text={s.task.gathering} />
            <Fact name="Sits out" text={s.task.sitsOut} />
            <Fact name="Ask" text={s.task.question} />
            <Fact
              name="Talk"
              text={s.work?.explainSeconds ? `at most ${s.work.explainSeconds} s at once` : undefined}
            />
          </dl>
        </div>
      </div>
      <details className={styles.more}>
        <summary>Why, and what could stand instead</summary>
        <ul>
          {s.plan.reasons.map((r) => (
            <li key={r}>{r}</li>
          ))}
          {s.work?.cautions.map((c) => (
            <li key={c.key + c.text} className={c.weight === 'FORBIDS' ? styles.bad : ''}>
              {c.text} {c.remedy}
            </li>
          ))}
        </ul>
        {!fixed && !s.plan.locked && <Instead sheet={sheet} stretch={s} busy={busy} edit={edit} />}
      </details>
    </section>
  )
}

function OnTheFloor({ sheet, stretch: s, watch, fixed, busy, set }: StretchCardProps) {
  return (
    <div>
      {s.floor ? (
        <>
          <FloorDrawing
            floor={s.floor.drawing}
            spots={watch?.from?.stands}
            busy={busy}
            move={fixed ? undefined : (moved) => set({ ...settingOf(s), moved })}
          />
          <p className={styles.exports}>
            <a
              href={`/api/lessons/${sheet.lesson}/segments/${s.id}/floor.svg`}
              target="_blank"
              rel="noreferrer"
            >
              To scale (SVG)
            </a>
            <a
              href={`/api/lessons/${sheet.lesson}/segments/${s.id}/floor.png`}
              target="_blank"
              rel="noreferrer"
            >
              Picture (PNG)
            </a>
          </p>
        </>
      ) : (
        <p className="mute">No floor plan: it does not fit who is here.</p>
      )}
      {s.floor && s.floor.groups.length > 0 && (
        <ol className={styles.groups} aria-label="Groups">
          {s.floor.groups.map((g) => (
            <li key={g.label}>
              <b>{g.label}</b> {g.children.map((c) => c.name + (c.leftHanded ? ' (L)' : '')).join(', ')}
            </li>
          ))}
        </ol>
      )}
    </div>
  )
}

function Work({ stretch: s, fixed, busy, set }: StretchCardProps) {
  return (
    <>
      {!!s.work?.tries && (
        <div>
          <dt>Each child</dt>
          <dd>
            {s.work.tries} tries
            {s.work.waitingPercent > 0 && `, waits ${s.work.waitingPercent} % of the time`}
          </dd>
        </div>
      )}
      {s.work && (
        <div>
          <dt>Body</dt>
          <dd>
            in motion {s.work.motionPercent} %, moderate to vigorous about {s.work.vigorousPercent} %
          </dd>
        </div>
      )}
      {s.work && s.work.options.length > 1 && (
        <div>
          <dt>Groups</dt>
          <dd className={styles.buttons}>
            {s.work.options.map((o) => (
              <Button
                key={o.groups}
                size="small"
                aria-pressed={o.groups === s.floor?.groupCount}
                type={o.groups === s.floor?.groupCount ? 'primary' : 'default'}
                disabled={fixed || busy}
                title={o.words}
                onClick={() => set({ ...settingOf(s), groups: o.groups, moved: [], places: [] })}
              >
                {o.groups} of {between(o.sizes)}: {o.tries} tries
              </Button>
            ))}
          </dd>
        </div>
      )}
    </>
  )
}

function Ladder({ stretch: s, fixed, busy, edit }: StretchCardProps) {
  const { paces } = useMeasures()
  return (
    <div>
      <dt>{s.task.lever}</dt>
      <dd className={styles.buttons}>
        {s.task.ladder.map((step, i) => (
          <Button
            key={step.words}
            size="small"
            aria-pressed={i === s.task.step}
            type={i === s.task.step ? 'primary' : 'default'}
            disabled={fixed || busy || s.plan.locked || step.whyNot !== undefined}
            title={step.whyNot}
            onClick={() => edit({ kind: 'ADJUST', setting: i })}
          >
            {step.words}
            {step.measured && step.metres && ` (${paces(step.metres * 100)})`}
          </Button>
        ))}
        {s.work?.success && (
          <small className="mute">
            {s.work.success} {s.work.successFrom}
          </small>
        )}
      </dd>
    </div>
  )
}

function Kit({ stretch: s, fixed, busy, set }: StretchCardProps) {
  return (
    <div>
      <dt>Kit</dt>
      <dd>
        {s.things?.kit.map((k) => (
          <div key={k.what + k.item} className={styles.kit}>
            <span>
              {k.words}
              {k.groups && <span className="mute">, {k.groups}</span>}
              {k.effect && <i> {k.effect.toLowerCase()}</i>}
              {k.seconds > 0 && <i> {k.seconds} s to put on</i>}
            </span>
            {!fixed && (
              <Button
                size="small"
                type="text"
                disabled={busy}
                aria-label={`Not ${k.words}`}
                onClick={() =>
                  set({ ...settingOf(s), without: [...s.byHand.without.map((w) => w.key), k.item] })
                }
              >
                not these
              </Button>
            )}
            {k.reason && <small className="mute">{k.reason}</small>}
          </div>
        ))}
        {s.byHand.without.length > 0 && (
          <div className={styles.kit}>
            <small className="mute">Not used: {s.byHand.without.map((w) => w.name).join(', ')}.</small>
            {!fixed && (
              <Button
                size="small"
                type="text"
                disabled={busy}
                onClick={() => set({ ...settingOf(s), without: [] })}
              >
                use them again
              </Button>
            )}
          </div>
        )}
      </dd>
    </div>
  )
}

function Fact({ name, text }: { name: string; text?: string }) {
  if (!text) return null
  return (
    <div>
      <dt>{name}</dt>
      <dd>{text}</dd>
    </div>
  )
}

function Instead({
  sheet,
  stretch,
  busy,
  edit,
}: Pick<StretchCardProps, 'sheet' | 'stretch' | 'busy' | 'edit'>) {
  const alternatives = useQuery({
    queryKey: ['alternatives', sheet.unit, sheet.head, stretch.id],
    queryFn: () =>
      take(
        api.GET('/api/units/{id}/segments/{segment}/alternatives', {
          params: { path: { id: sheet.unit, segment: stretch.id } },
        }),
      ),
  })
  return (
    <div className={styles.buttons}>
      {alternatives.data?.map((a) => (
        <Button
          key={a.activity}
          size="small"
          disabled={busy}
          title={cost(a)}
          onClick={() => edit({ kind: 'SWAP', activities: a.activities })}
        >
          {a.name}
          {a.tries > 0 && ` · ${a.tries} tries`}
        </Button>
      ))}
      {alternatives.data?.length === 0 && <span className="mute">Nothing else does it here.</span>}
    </div>
  )
}
