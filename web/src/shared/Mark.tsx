import type { Schemas } from '../api/client'
import styles from './Mark.module.css'
import { tokens } from './tokens'

type Cell = Schemas['Cell']

const words: Record<Cell['mark'], string> = {
  NOT_TAUGHT: 'not taught yet',
  NOT_SEEN: 'taught, not seen',
  EMERGING: 'emerging',
  NEAR: 'near: one trial short',
  SECURE: 'secure so far',
  MASTERED: 'mastered',
  DUE: 'mastered once, due for a look',
  NOT_APPLYING: 'does not apply',
}

export const markWords = (mark: Cell['mark']) => words[mark]

interface MarkProps {
  mark: Cell['mark']
  /** filled part of an emerging mark, in per cent */
  fill?: number
  /** width and height, in px @default 16 */
  size?: number
}

/** The mastery mark: a square gauge filled from the foot, one hue by lightness, with a diamond once mastered. */
export function Mark({ mark, fill = 0, size = 16 }: MarkProps) {
  const { evidence, evidenceSoft, panel } = tokens
  const box = { x: 1.5, y: 1.5, width: 17, height: 17, rx: 3 }
  const part = Math.max(12, Math.min(70, fill))
  const height = mark === 'NEAR' ? 13 : (17 * part) / 100
  return (
    <svg width={size} height={size} viewBox="0 0 20 20" role="img" aria-label={words[mark]}>
      {mark === 'NOT_TAUGHT' && <path d="M5 10h10" stroke="#7D7561" strokeWidth="2" strokeLinecap="round" />}
      {mark === 'NOT_APPLYING' && <path d="M6 6l8 8M14 6l-8 8" stroke="#7D7561" strokeWidth="1.6" />}
      {mark === 'NOT_SEEN' && (
        <rect {...box} fill="none" stroke="#7D7561" strokeWidth="1.6" strokeDasharray="3.4 2.6" />
      )}
      {(mark === 'EMERGING' || mark === 'NEAR') && (
        <>
          <rect
            x="1.5"
            y={18.5 - height}
            width="17"
            height={height}
            rx="2"
            fill={mark === 'NEAR' ? evidence : evidenceSoft}
          />
          <rect {...box} fill="none" stroke={evidence} strokeWidth="1.6" />
        </>
      )}
      {(mark === 'SECURE' || mark === 'MASTERED') && (
        <rect {...box} fill={evidence} stroke={evidence} strokeWidth="1.6" />
      )}
      {mark === 'DUE' && <rect {...box} fill="none" stroke={evidence} strokeWidth="1.6" />}
      {(mark === 'MASTERED' || mark === 'DUE') && (
        <path
          d="M10 5l5 5l-5 5l-5-5z"
          fill={mark === 'MASTERED' ? panel : 'none'}
          stroke={mark === 'DUE' ? evidence : 'none'}
          strokeWidth="1.6"
        />
      )}
    </svg>
  )
}

interface PipsProps {
  /** oldest first; true is shown */
  pips: readonly boolean[]
  /** height in px @default 11 */
  height?: number
}

/** The last five trials: filled is shown, hollow is not yet. */
export function Pips({ pips, height = 11 }: PipsProps) {
  const width = height * 0.42
  const step = width + height * 0.24
  if (pips.length === 0) return null
  const said = `${pips.filter(Boolean).length} of the last ${pips.length} shown`
  return (
    <svg width={step * 5} height={height + 2} role="img" aria-label={said}>
      {pips.map((shown, i) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: a pip is its place
          key={i}
          x={i * step + 0.6}
          y={0.6}
          width={width}
          height={height}
          rx={width / 4}
          fill={shown ? tokens.evidence : 'none'}
          stroke={tokens.evidence}
          strokeWidth="1.1"
        />
      ))}
    </svg>
  )
}

const SURE: Record<Schemas['Sureness']['word'], string> = {
  NO_LOOK: 'no look yet',
  NOT_SURE: 'not sure yet',
  SETTLED: 'settled',
  LOOK_AGAIN: 'look again',
}

/** How sure a mark is, in words; nothing where nobody has looked, or where it is not said. */
export const sureWords = (sure: Schemas['Cell']['sure']) =>
  sure && sure.word !== 'NO_LOOK' ? SURE[sure.word] : null

/** How likely it is there, in words. */
export const tenthsWords = (sure: Schemas['Sureness']) => `likely there ${sure.tenths} in 10`

/** How likely it is there, in tenths; dotted where nobody has looked and all of it comes from elsewhere. */
export function Tenths({ sure }: { sure: Schemas['Sureness'] }) {
  return <small className={sure.looks === 0 ? styles.elsewhere : styles.tenths}>{sure.tenths}/10</small>
}
