import type { Schemas } from '../api/client'
import { many } from '../shared/many'
import { tokens } from '../shared/tokens'
import { LABELS } from './layout'
import { words } from './Rehearsed'

/** Room for what the unit does for a cue, in px. */
export const TOTALS = 64

const ROW = 22
const TITLE = 24

interface CueThreadsProps {
  unit: Schemas['UnitView']
  /** width of a lesson's column in px */
  column: number
  selected?: string
  select: (segment: string) => void
  /** decides which cues are taught; left out where nothing may be changed */
  cues?: () => void
  /** what may come of it; drawn as a bar under each thread and lesson that is still to come */
  rehearsal?: Schemas['RehearsalView']
}

type Mark = Schemas['ThreadMark']

/** One line a cue; where a segment touches the cue, a mark whose shape says how and whose thickness says how often. */
export function CueThreads({ unit, column, selected, select, cues, rehearsal }: CueThreadsProps) {
  const width = LABELS + column * unit.lessons.length
  let y = 0
  const blocks = unit.threads.map((block) => {
    const top = y
    y += TITLE + (block.cues.length + (block.leftOut.length > 0 ? 1 : 0)) * ROW
    return { block, top }
  })
  const most = Math.max(1, ...unit.lessons.flatMap((l) => l.segments.map((s) => s.tries)))
  return (
    <svg
      width={width + TOTALS}
      height={y + 10}
      role="img"
      aria-label="Cue threads: where each cue is introduced, practised, watched and played"
      style={{ display: 'block' }}
    >
      {blocks.map(({ block, top }) => (
        <g key={block.skill}>
          {/* biome-ignore lint/a11y/noStaticElementInteractions: the menu is the keyboard's way to the same */}
          <text
            x={4}
            y={top + 16}
            fontSize="13.5"
            fontWeight="700"
            fill={tokens.ink}
            onClick={cues}
            style={cues && { cursor: 'pointer' }}
          >
            {cues && <title>Which cues, in which order …</title>}
            {block.name}
            {block.picked && (
              <tspan fontSize="12" fontWeight="400" fill={tokens.mute}>
                {'  in your order'}
              </tspan>
            )}
          </text>
          {block.leftOut.length > 0 && (
            <text
              x={LABELS + 8}
              y={top + TITLE + block.cues.length * ROW + ROW / 2 + 2}
              fontSize="12"
              fill={tokens.mute}
              fontStyle="italic"
            >
              Not taught: {block.leftOut.map(left).join(', ')}
            </text>
          )}
          {block.cues.map((cue, i) => {
            const cy = top + TITLE + i * ROW + ROW / 2 - 2
            const firstLesson = cue.marks[0]?.lesson ?? unit.lessons.length
            return (
              <g key={cue.key}>
                <title>{[cue.question, cue.why ?? told(cue.totals)].join('\n')}</title>
                <text
                  x={LABELS - 12}
                  y={cy + 4}
                  fontSize="13"
                  textAnchor="end"
                  fill={cue.waits ? tokens.mute : tokens.ink}
                  fontStyle={cue.waits ? 'italic' : undefined}
                >
                  {cue.call}
                </text>
                <path d={`M${LABELS} ${cy}H${width - 8}`} stroke={tokens.line} strokeDasharray="2 4" />
                {cue.marks.length > 0 && (
                  <path d={`M${LABELS + firstLesson * column} ${cy}H${width - 8}`} stroke="#B7AD97" />
                )}
                {cue.pin !== undefined && (
                  <path
                    d={`M${LABELS + (cue.pin - 1) * column + 3} ${cy - 8}v16`}
                    stroke={tokens.tape}
                    strokeWidth="2.500"
                  >
                    <title>Meant for lesson {cue.pin}</title>
                  </path>
                )}
                {cue.totals.exposures > 0 && (
                  <text x={width + 2} y={cy + 4} fontSize="12" fill={tokens.mute}>
                    {cue.totals.exposures} × in {cue.totals.lessons}
                    {cue.totals.gap > 0 && ` ↔${cue.totals.gap}`}
                  </text>
                )}
                {rehearsal && (
                  <Bands
                    unit={unit}
                    cue={rehearsal.cues.find((c) => c.cue === cue.key)}
                    of={rehearsal.children}
                    column={column}
                    from={firstLesson}
                    y={cy + 8}
                  />
                )}
                {cue.waits && (
                  <text x={LABELS + 8} y={cy + 4} fontSize="12" fill={tokens.mute} fontStyle="italic">
                    waits for the next unit
                  </text>
                )}
                {unit.lessons.map((lesson) => {
                  const work = lesson.segments.filter((s) => s.skill !== undefined)
                  const slot = (column - 18) / Math.max(1, work.length)
                  return work.map((segment, at) => {
                    const here = cue.marks.filter((m) => m.segment === segment.id)
                    return (
                      here.length > 0 && (
                        <Marks
                          key={segment.id}
                          marks={here}
                          x={LABELS + lesson.position * column + 6 + at * slot}
                          cy={cy}
                          slot={slot}
                          share={segment.tries / most}
                          selected={segment.id === selected}
                          select={() => select(segment.id)}
                          said={`${cue.call}, lesson ${lesson.position + 1}, ${segment.name}, ${segment.tries} tries`}
                        />
                      )
                    )
                  })
                })}
              </g>
            )
          })}
        </g>
      ))}
    </svg>
  )
}

interface BandsProps {
  unit: Schemas['UnitView']
  /** left out where no lesson to come works on it */
  cue?: Schemas['RehearsedCue']
  /** in the class */
  of: number
  column: number
  /** place of the lesson in which it is first worked on: before that there is nothing to foretell */
  from: number
  y: number
}

/** Under each lesson to come, how many children are likely to have the cue after it. */
function Bands({ unit, cue, of, column, from, y }: BandsProps) {
  const width = column - 18
  const at = (n: number) => (of === 0 ? 0 : (n / of) * width)
  return cue?.after.map(({ lesson, number, owned }) => {
    const position = unit.lessons.find((l) => l.id === lesson)?.position ?? 0
    if (position < from) return null
    const x = LABELS + position * column + 6
    const wide = Math.max(3, at(owned.high) - at(owned.low))
    return (
      <g key={lesson}>
        <title>{`“${cue.call}” after lesson ${number}: likely there in ${words(owned)} of ${of} children`}</title>
        <rect x={x} y={y - 2} width={width} height={6} fill="transparent" />
        <rect x={x} y={y} width={width} height={3} rx="1.5" fill={tokens.line} />
        <rect x={x + at(owned.low)} y={y} width={wide} height={3} rx="1.5" fill={tokens.mute} />
      </g>
    )
  })
}

/** "Look there, go here (asked for from 8)". */
function left(l: Schemas['LeftOut']) {
  return l.fromAge === undefined ? l.call : `${l.call} (asked for from ${l.fromAge})`
}

/** "Met 5 times in 4 lessons, 1 lesson between at most; 24 looks." */
function told(t: Schemas['CueTotals']) {
  const gap = t.gap === 0 ? 'in a row' : `${many(t.gap, 'lesson')} between at most`
  return `Met ${many(t.exposures, 'time')} in ${many(t.lessons, 'lesson')}, ${gap}; ${many(t.looks, 'look')}.`
}

interface MarksProps {
  marks: Mark[]
  x: number
  cy: number
  /** width there is, in px */
  slot: number
  /** tries compared with the most in the unit, 0 to 1 */
  share: number
  selected: boolean
  select: () => void
  said: string
}

function Marks({ marks, x, cy, slot, share, selected, select, said }: MarksProps) {
  const { evidence, evidenceSoft, panel, play, tape } = tokens
  const has = (kind: Mark['kind']) => marks.some((m) => m.kind === kind)
  const thick = 4 + 8 * Math.sqrt(share)
  const w = slot - 4
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the blocks below are the keyboard's way to the same selection
    <g onClick={select} style={{ cursor: 'pointer' }}>
      <title>{said}</title>
      <rect x={x} y={cy - 10} width={w} height={20} fill="transparent" />
      {selected && (
        <rect
          x={x - 1}
          y={cy - 10}
          width={w + 2}
          height={20}
          rx="4"
          fill="none"
          stroke={tape}
          strokeWidth="1.6"
        />
      )}
      {has('PRACTISED') && (
        <rect x={x + 2} y={cy - thick / 2} width={w - 4} height={thick} rx="2" fill={evidenceSoft} />
      )}
      {has('GAME') && <path d={`M${x + 3} ${cy + 7}v-14l${Math.min(16, w - 6)} 7z`} fill={play} />}
      {has('INTRODUCED') && (
        <path d={`M${x + 8} ${cy - 7}l7 7l-7 7l-7-7z`} fill={panel} stroke={evidence} strokeWidth="2" />
      )}
      {has('WATCHED') && (
        <>
          <circle cx={x + w - 7} cy={cy} r="5.500" fill={panel} stroke={evidence} strokeWidth="1.600" />
          <circle cx={x + w - 7} cy={cy} r="2.300" fill={evidence} />
        </>
      )}
    </g>
  )
}
