import { useQuery } from '@tanstack/react-query'
import { api, type Schemas, take } from '../api/client'
import { useMeasures } from '../shared/measures'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './KnowHow.module.css'
import { OwnButtons } from './OwnButtons'
import type { TabProps } from './tab'
import { phaseWords } from './words'

interface ActivityCardProps extends TabProps {
  about: string
  /** the class to count for; undefined for none */
  group?: { name: string; children: number; age: number }
  /** id of the place it is counted for */
  space?: string
}

/** One activity in full, counted for a class if one is chosen. */
export function ActivityCard({
  about,
  group,
  space,
  edit,
  plans,
  openSkill,
  openActivity,
}: ActivityCardProps) {
  const found = useQuery({
    queryKey: ['activity', about, group?.children, group?.age, space],
    queryFn: () =>
      take(
        api.GET('/api/activities/{key}', {
          params: { path: { key: about }, query: { children: group?.children, age: group?.age, space } },
        }),
      ),
  })
  if (found.error) return <ProblemNote error={found.error} retry={() => found.refetch()} />
  const a = found.data
  if (!a) return <p>Opening …</p>
  const line = a.activity
  const calls = (cues: Schemas['CueCall'][]) => cues.map((c) => `“${c.call.notSettled}”`).join(' ')
  return (
    <article className={styles.card} aria-label={line.name}>
      <header>
        <h2>{line.name}</h2>
        {plans && (
          <OwnButtons
            about={about}
            own={line.own}
            aside={line.aside}
            edit={edit}
            removed={() => openActivity('')}
          />
        )}
      </header>
      <p className="mute">
        {line.skill ? (
          <>
            <button type="button" className={styles.link} onClick={() => openSkill(line.skill ?? '')}>
              {line.skillName}
            </button>
            , level {line.level}: {line.rung}
          </>
        ) : (
          phaseWords(line)
        )}{' '}
        · {line.formation} · age {line.ageFrom} to {line.ageTo} · {line.minutesLeast} to {line.minutesMost}{' '}
        min
      </p>
      <p className={styles.how}>{a.how}</p>
      {a.shows.length > 0 && (
        <p>
          Shows well: <b className={styles.calls}>{calls(a.shows)}</b>
        </p>
      )}
      {group && a.forClass && <ForClass group={group} counted={a.forClass} />}
      <Levers of={a} />
      <Facts of={a} />
      {a.cautions.length > 0 && (
        <ul className={styles.cautions}>
          {a.cautions.map((c) => (
            <li key={c}>{c}</li>
          ))}
          <li className="mute">The school’s own risk assessment and local rules come first.</li>
        </ul>
      )}
    </article>
  )
}

type Activity = Schemas['ActivityView']
type Counted = NonNullable<Activity['forClass']>

function ForClass({ group, counted }: { group: NonNullable<ActivityCardProps['group']>; counted: Counted }) {
  return (
    <section className={styles.counted} aria-label={`For ${group.name}`}>
      <h3>
        For {group.name}: {group.children} children, age {group.age}
      </h3>
      {counted.works ? (
        <p>
          <b>{counted.formation}.</b> {counted.kit.length > 0 && `Take ${counted.kit.join(', ')}. `}
          {counted.triesInTenMinutes > 0 && `${counted.triesInTenMinutes} tries each in ten minutes, `}
          {counted.motionPercent} % of the time in motion.
        </p>
      ) : (
        <p>It does not work as things are.</p>
      )}
      {counted.rotations.map((r) => (
        <Rotation key={r.children} of={r} />
      ))}
      {counted.reasons.map((r) => (
        <p key={r} className="mute">
          {r}
        </p>
      ))}
    </section>
  )
}

function Rotation({ of: r }: { of: Counted['rotations'][number] }) {
  return (
    <table className={styles.lever}>
      <caption>
        A group of {r.children}: each has each part once in {r.turns.length} turns
        {r.others && `; the others are ${r.others}`}
      </caption>
      <thead>
        <tr>
          <th scope="col">turn</th>
          {r.roles.map((role) => (
            <th key={role} scope="col">
              {role}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {r.turns.map((turn, i) => (
          <tr key={turn.join()}>
            <td>{i + 1}</td>
            {turn.map((child, role) => (
              <td key={r.roles[role]}>{'ABCDEFGHIJ'[child]}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

function Levers({ of: a }: { of: Activity }) {
  const { paces } = useMeasures()
  return (
    <>
      {a.levers.map((l) => (
        <table key={l.name} className={styles.lever}>
          <caption>
            {l.name}, from easy to hard{l.success.length > 0 && ', and how many tries succeed'}
          </caption>
          <tbody title={l.why}>
            <tr>
              {l.steps.map((step, i) => (
                <td key={step.words} className={i === l.usual ? styles.usual : ''}>
                  {step.words}
                  {step.metres && ` (${paces(step.metres * 100)})`}
                  {l.success[i] && <span className={styles.success}>{l.success[i]}</span>}
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      ))}
      {a.levers.some((l) => l.why) && (
        <p className={styles.success}>{[...new Set(a.levers.map((l) => l.why).filter(Boolean))].join(' ')}</p>
      )}
    </>
  )
}

function Facts({ of: a }: { of: Activity }) {
  const { words } = useMeasures()
  const facts: [string, string | undefined][] = [
    [
      'Kit',
      a.needs.map((n) => `${n.what} (${n.count} a ${n.per}), such as a ${n.like}`).join('; ') || undefined,
    ],
    [
      'Room',
      `${words(a.metresLong * 100)} clear, ${words(a.each * 100)} wide for each group${a.ceiling ? `, ${words(a.ceiling * 100)} high` : ''}`,
    ],
    ['Groups', a.sizes[2] > 1 ? `${a.sizes[0]} to ${a.sizes[2]}, ${a.sizes[1]} at best` : undefined],
    ['Parts', a.roles.length > 0 ? a.roles.join(', ') : undefined],
    ['Counts', a.countsAsOne && `${a.countsAsOne} (${a.activity.scoring})`],
    ['Stop', `Signal, then ${a.gathering}.`],
    ['Odd number', a.oddChild],
    ['No partner', a.absentPartner],
    ['Sits out', a.sitsOut],
    ['After it', a.leaves],
    ['Ask', a.question],
    ['At home', a.home],
  ]
  return (
    <dl>
      {facts
        .filter(([, text]) => text)
        .map(([name, text]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      {a.link && (
        <div>
          <dt>{a.link.subject}</dt>
          <dd>
            {a.link.ask} <span className="mute">{a.link.answer}</span>
          </dd>
        </div>
      )}
      {a.card && (
        <div>
          <dt>Set it out</dt>
          <dd>
            {a.card.steps.map((s, i) => (
              <span key={s}>
                {i + 1}. {s}.{' '}
              </span>
            ))}
            Check: {a.card.check}.
          </dd>
        </div>
      )}
    </dl>
  )
}
