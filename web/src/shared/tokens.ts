/** The product's own colours and measures, in one place. Every pair used for text has a contrast of at least 4.5:1. */
export const tokens = {
  paper: '#F6F2E9',
  panel: '#FFFDF8',
  ink: '#22302E',
  mute: '#5A6663',
  line: '#DDD5C5',
  /** What was seen. */
  evidence: '#0E5A4A',
  evidenceSoft: '#4D9481',
  /** The thing to do next. */
  tape: '#AD4510',
  play: '#533F78',
  sans: '"Atkinson Hyperlegible", "DejaVu Sans", sans-serif',
} as const

/** One fill a rung, from the lowest up; the blocks also carry as many ticks as the rung's number, for print and grey. */
export const rungFill = ['#E9E0C9', '#D3C98C', '#AEC293', '#84B5AC', '#35648C', '#45508F'] as const

export const rungInk = (level: number) => (level >= 5 ? '#FFFFFF' : tokens.ink)
