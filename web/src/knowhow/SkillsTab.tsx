import { useQuery } from '@tanstack/react-query'
import { Segmented } from 'antd'
import { useState } from 'react'
import { Link } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { faultsOf } from '../figure/faults'
import { Shown } from '../figure/Shown'
import { ProblemNote } from '../shared/ProblemNote'
import { rungFill, rungInk } from '../shared/tokens'
import { featureRows, type Kind, kinds } from './featureRows'
import shared from './KnowHow.module.css'
import { OwnButtons } from './OwnButtons'
import styles from './Skills.module.css'
import type { TabProps } from './tab'
import { Workbench } from './Workbench'
import { families } from './words'

type View = keyof Schemas['Mirrored']
type Page = Schemas['SkillPage']

const kindWords: Record<Kind, string> = {
  SHORT: 'Short set: what the child is told',
  COMPONENTS: 'Component set: what is observed',
  TWO_TRIAL: 'Two-trial test: 0 or 1, twice',
}

/** A list of skills by family, and one of them in full. */
export function SkillsTab(props: TabProps & { chosen?: string }) {
  const { skills, openSkill } = props
  const chosen = skills.find((s) => s.key === props.chosen) ?? skills.find((s) => !s.aside) ?? skills[0]
  const ladders = Object.keys(families) as (keyof typeof families)[]
  return (
    <div className={styles.shelf}>
      <nav aria-label="Skills" className={styles.skills}>
        {ladders.map((ladder) => (
          <section key={ladder} aria-label={families[ladder]}>
            <h3>{families[ladder]}</h3>
            {skills
              .filter((s) => s.ladder === ladder)
              .map((s) => (
                <button
                  key={s.key}
                  type="button"
                  aria-current={s.key === chosen.key}
                  className={s.key === chosen.key ? styles.chosen : ''}
                  onClick={() => openSkill(s.key)}
                >
                  {s.name}
                  {s.own && <i> ours</i>}
                  {s.aside && <i> aside</i>}
                </button>
              ))}
          </section>
        ))}
      </nav>
      <SkillInFull key={chosen.key} {...props} about={chosen.key} />
    </div>
  )
}

function SkillInFull({ about, openActivity, openSkill, edit, plans }: TabProps & { about: string }) {
  const [view, setView] = useState<View>('right')
  const [cue, setCue] = useState<string>()
  const found = useQuery({
    queryKey: ['skill', about],
    queryFn: () => take(api.GET('/api/skills/{key}', { params: { path: { key: about } } })),
  })
  if (found.error) return <ProblemNote error={found.error} retry={() => found.refetch()} />
  const page = found.data
  if (!page) return <p>Opening …</p>
  const rows = featureRows(page.skill.sets, page.crosswalk)
  const first = rows[0].cues
  const shown = page.cues.find((c) => c.key === (cue ?? first.COMPONENTS ?? first.SHORT))
  return (
    <article className={styles.skill}>
      <header>
        <h2>{page.skill.name}</h2>
        <span className="mute">
          Lead-up games need it {page.leadUps.toLowerCase()};{' '}
          {page.playStartsWithout ? 'play can start before it is learnt.' : 'learn it before the game.'}
        </span>
        <Segmented
          size="small"
          aria-label="Worded for"
          value={view}
          onChange={setView}
          options={[
            { value: 'right', label: 'right-handers' },
            { value: 'left', label: 'left-handers' },
            { value: 'notSettled', label: 'not settled' },
          ]}
        />
        {plans && (
          <OwnButtons
            about={about}
            own={page.skill.own}
            aside={page.skill.aside}
            edit={edit}
            removed={() => openSkill('')}
          />
        )}
      </header>
      {page.gaps.length > 0 && <p className={styles.gap}>Still needed: {page.gaps.join(' ')}</p>}
      <Progression page={page} openActivity={openActivity} />
      <Workbench skill={about} />
      <div className={styles.sets}>
        <Features page={page} rows={rows} view={view} shown={shown?.key} show={setCue} />
        {shown && <CueCard cue={shown} view={view} page={page} />}
      </div>
      {page.skill.sets.some((s) => s.kind === 'TWO_TRIAL') && (
        <p className="mute">
          The test is for a sitting of its own, marked as such; it is not taught to, and there are no norms.
        </p>
      )}
      <Neighbours page={page} openSkill={openSkill} />
    </article>
  )
}

function Progression({ page, openActivity }: { page: Page; openActivity: (key: string) => void }) {
  return (
    <section
      className={styles.ladder}
      aria-label="Progression"
      style={{ gridTemplateColumns: `repeat(${page.rungs.length}, minmax(0, 1fr))` }}
    >
      {page.rungs.map((rung) => (
        <div key={rung.level} className={styles.rung}>
          <h3 style={{ background: rungFill[rung.level - 1], color: rungInk(rung.level) }}>
            {rung.level} {rung.name}
          </h3>
          {rung.activities
            .filter((a) => !a.aside)
            .map((a) => (
              <p key={a.key}>
                <button type="button" className={shared.link} onClick={() => openActivity(a.key)}>
                  {a.name}
                </button>
                {a.phases.includes('PLAY') && <span className="mute"> play</span>}
              </p>
            ))}
        </div>
      ))}
    </section>
  )
}

interface FeaturesProps {
  page: Page
  rows: ReturnType<typeof featureRows>
  view: View
  /** key of the cue that is open */
  shown?: string
  show: (cue: string) => void
}

/** Cues of each set side by side, one feature of the movement a row. */
function Features({ page, rows, view, shown, show }: FeaturesProps) {
  const present = kinds.filter((k) => page.skill.sets.some((s) => s.kind === k))
  return (
    <table className={styles.features} aria-label="Cues in each set, one feature a row">
      <thead>
        <tr>
          {present.map((k) => (
            <th key={k} scope="col">
              {kindWords[k]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={Object.values(row.cues).join()}>
            {present.map((k) => {
              const key = row.cues[k]
              const named = page.cues.find((c) => c.key === key)
              return (
                <td key={k}>
                  {named && (
                    <button
                      type="button"
                      aria-pressed={named.key === shown}
                      className={named.key === shown ? styles.pressed : ''}
                      onClick={() => show(named.key)}
                    >
                      <b className={styles.call}>
                        {k === 'SHORT'
                          ? `“${named.call[view]}”`
                          : k === 'COMPONENTS'
                            ? named.call[view]
                            : 'scored 0 / 1'}
                      </b>
                      {k === 'COMPONENTS' && <span className={styles.asked}>{named.question[view]}</span>}
                    </button>
                  )}
                  {k === 'SHORT' && row.relation && (
                    <i className="mute">
                      {row.relation === 'SAME'
                        ? '= the same, trials carry both ways'
                        : '← implied by what stands beside it'}
                    </i>
                  )}
                </td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

/** Variants, what is lent and borrowed, outcomes and games. */
function Neighbours({ page, openSkill }: { page: Page; openSkill: (key: string) => void }) {
  const lent = (list: Page['lends'], verb: string) =>
    list.length > 0 && (
      <section>
        <h3>{verb}</h3>
        {list.map((t) => (
          <p key={t.cue + t.skill + t.otherCue}>
            “{t.cue}” {verb === 'Lends' ? '→' : '←'}{' '}
            <button type="button" className={shared.link} onClick={() => openSkill(t.skill)}>
              {t.skillName}
            </button>{' '}
            “{t.otherCue}”. <span className="mute">{t.how}</span>
          </p>
        ))}
      </section>
    )
  return (
    <div className={styles.neighbours}>
      {page.variants.length > 0 && (
        <section>
          <h3>Ways of doing it</h3>
          {page.variants.map((v) => (
            <p key={v.name}>
              <b>{v.name}</b>, for {v.purpose}: <span className="mute">{v.how}</span>
              {v.looks.map((l) => (
                <span key={l.call}>
                  <br />“{l.call}” <span className="mute">{l.question}</span>
                </span>
              ))}
            </p>
          ))}
        </section>
      )}
      {lent(page.lends, 'Lends')}
      {lent(page.borrows, 'Borrows')}
      {page.outcomes.length > 0 && (
        <section>
          <h3>Outcomes it speaks to</h3>
          {page.outcomes.map((o) => (
            <p key={o.set + o.code}>
              <b>{o.code}</b> {o.text}{' '}
              <span className="mute">
                age {o.ageFrom} to {o.ageTo}
              </span>
            </p>
          ))}
        </section>
      )}
      {page.games.length > 0 && (
        <section>
          <h3>What remains of a game cut down</h3>
          {page.games.map((g) => (
            <p key={g.key}>
              <b>{g.name}</b>: {g.decision} <span className="mute">{g.core}</span>
            </p>
          ))}
        </section>
      )}
    </div>
  )
}

const conditionWords: Record<string, string> = {
  TARGET: 'where there is a target',
  PARTNER: 'where there is a partner',
  OBJECT: 'where there is something in the hands or at the feet',
  MOVING_BALL: 'where a ball comes',
}

function CueCard({ cue, view, page }: { cue: Schemas['CueView']; view: View; page: Page }) {
  const call = (key: string) => page.cues.find((c) => c.key === key)?.call[view] ?? key.split('/')[1]
  return (
    <aside className={styles.cue} aria-label="One cue">
      <header>
        <b>“{cue.call[view]}”</b>
        <span className="mute">
          {cue.phase} · {cue.body}
        </span>
      </header>
      <p>{cue.question[view]}</p>
      <Shown
        key={cue.key}
        cue={cue.key}
        call={`“${cue.call[view]}”`}
        faults={faultsOf(cue, view)}
        mirrored={view === 'left'}
        age={Math.max(5, cue.fromAge)}
      />
      <p>
        <Link to={`/eye?skill=${cue.skill}&cue=${cue.key}`}>
          Train the eye on it, or spot it with a class
        </Link>
      </p>
      {cue.atSpeed && (
        <p>
          At full speed: “{cue.atSpeed.call[view]}” {cue.atSpeed.question[view]}
        </p>
      )}
      <p className="mute">
        Stand {cue.view[view]}. From age {cue.fromAge}
        {conditionWords[cue.condition] && `, ${conditionWords[cue.condition]}`}.
        {cue.prerequisites.length > 0 && ` After “${cue.prerequisites.map(call).join('”, “')}”.`}
      </p>
      <dl>
        {cue.faults.map((f) => (
          <div key={f.seen.right}>
            <dt>{f.seen[view]}</dt>
            <dd>{f.fix[view]}</dd>
          </div>
        ))}
      </dl>
      <p className="mute">Tell me: {cue.tellMe}</p>
    </aside>
  )
}
