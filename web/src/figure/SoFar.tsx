import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { Button, Checkbox, Popconfirm } from 'antd'
import { api, type Schemas, take } from '../api/client'
import { changed } from '../api/reads'
import { dayWords } from '../shared/dates'
import { many } from '../shared/many'
import { tokens } from '../shared/tokens'
import styles from './Eye.module.css'
import { VerdictTable } from './EyeResult'
import { levels, percent, stands } from './rounds'

interface SoFarProps {
  /** begins a round of a cue */
  train: (skill: string, cue: string) => void
}

/** What to practise before the next lessons, and how one's own eye did so far. Nobody else reads it. */
export function SoFar({ train }: SoFarProps) {
  const mine = useQuery({
    queryKey: ['own-eye', 'mine'],
    queryFn: () => take(api.GET('/api/eye/mine')),
  }).data
  const ahead = useQuery({
    queryKey: ['own-eye', 'practise'],
    queryFn: () => take(api.GET('/api/eye/practise')),
  }).data
  return (
    <div className={styles.soFar}>
      {ahead && ahead.length > 0 && (
        <section aria-label="Before the next lessons">
          <h2>Before the next lessons</h2>
          <ul className={styles.ahead}>
            {ahead.map((p) => (
              <li key={p.cue}>
                <Button size="small" onClick={() => train(p.skill, p.cue)}>
                  A round of “{p.call}”
                </Button>{' '}
                {p.skillName}, {dayWords(p.on)}. <span className="mute">{p.sentence}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {mine && mine.rounds > 0 && <Mine mine={mine} train={train} />}
    </div>
  )
}

function Mine({ mine, train }: { mine: Schemas['EyeView'] } & SoFarProps) {
  const queries = useQueryClient()
  const fresh = () => queries.invalidateQueries({ queryKey: ['own-eye'] })
  const leave = useMutation({
    mutationFn: (given: boolean) => take(api.PUT('/api/eye/leave', { body: { given } })),
    onSuccess: () => {
      fresh()
      // What is believed of classes reads the looks anew.
      changed(queries, 'children')
    },
  })
  const forget = useMutation({
    mutationFn: () => take(api.DELETE('/api/eye/rounds')),
    onSuccess: fresh,
  })
  return (
    <section aria-label="Your eye so far">
      <h2>Your eye so far: {many(mine.rounds, 'round')}</h2>
      <VerdictTable verdict={mine.all} />
      <OverTime days={mine.days} />
      <div className={styles.tables}>
        <Shares
          caption="By cue"
          rows={mine.cues.map((c) => ({
            key: c.cue,
            name: c.call && c.skill ? `“${c.call}”, ${c.skillName}` : c.cue,
            right: c.right,
            press: c.skill ? () => train(c.skill ?? '', c.cue) : undefined,
          }))}
        />
        <Shares
          caption="By place"
          rows={mine.stands.map((s) => ({ key: s.stand, name: stands[s.stand], right: s.right }))}
        />
        <Shares
          caption="By how hard"
          rows={mine.levels.map((l) => ({
            key: l.level,
            name: levels.find((x) => x.value === l.level)?.label ?? l.level,
            right: l.right,
          }))}
        />
      </div>
      {mine.counts !== '' && (
        <p>
          {mine.counts}{' '}
          {mine.secondsALook !== undefined && mine.secondsALook !== null && (
            <>You take {mine.secondsALook.toFixed(1)} s a child.</>
          )}
        </p>
      )}
      <p>
        <Checkbox
          checked={mine.leave}
          disabled={leave.isPending}
          onChange={(e) => leave.mutate(e.target.checked)}
        >
          Read my looks in the hall by this, and plan as many looks as I have time for
        </Checkbox>
      </p>
      <p className="mute">
        These rounds are yours: nobody else sees them, not even who leads the school, leave or not.{' '}
        <Popconfirm
          title="Throw all of your rounds away?"
          okText="Throw away"
          cancelText="Keep"
          onConfirm={() => forget.mutate()}
        >
          <Button type="link" size="small">
            Throw them away …
          </Button>
        </Popconfirm>
      </p>
    </section>
  )
}

interface SharesProps {
  caption: string
  rows: { key: string; name: string; right: Schemas['Share']; press?: () => void }[]
}

function Shares({ caption, rows }: SharesProps) {
  return (
    <table className={styles.counts}>
      <caption>{caption}</caption>
      <tbody>
        {rows.map((r) => (
          <tr key={r.key}>
            <th scope="row">
              {r.press ? (
                <Button type="link" size="small" onClick={r.press}>
                  {r.name}
                </Button>
              ) : (
                r.name
              )}
            </th>
            <td>{percent(r.right)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const WIDE = 44
const HIGH = 72

/** Day by day: the share that was right, with the bounds within which it may be. */
function OverTime({ days }: { days: Schemas['EyeDayLine'][] }) {
  if (days.length < 2) return null
  const y = (share: number) => 4 + (1 - share) * HIGH
  return (
    <figure className={styles.overTime}>
      <figcaption>Day by day, right of a hundred</figcaption>
      <svg
        width={34 + days.length * WIDE}
        height={HIGH + 26}
        role="img"
        aria-label={days.map((d) => `${dayWords(d.on)}: ${percent(d.right)}`).join('; ')}
      >
        {[0, 0.5, 1].map((s) => (
          <g key={s}>
            <path d={`M30 ${y(s)}H${34 + days.length * WIDE}`} stroke={tokens.line} />
            <text x="26" y={y(s) + 4} fontSize="11" textAnchor="end" fill={tokens.mute}>
              {100 * s}
            </text>
          </g>
        ))}
        {days.map((d, i) => {
          const x = 34 + (i + 0.5) * WIDE
          return (
            <g key={d.on}>
              <path
                d={`M${x} ${y(d.right.low)}V${y(d.right.high)}`}
                stroke={tokens.evidence}
                strokeWidth="3"
              />
              <circle cx={x} cy={y(d.right.of / d.right.all)} r="5" fill={tokens.evidence} />
              <text x={x} y={HIGH + 22} fontSize="11" textAnchor="middle" fill={tokens.mute}>
                {dayWords(d.on).slice(4)}
              </text>
            </g>
          )
        })}
      </svg>
    </figure>
  )
}
