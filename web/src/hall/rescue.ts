import type { Entry } from './outbox'

const FORMAT = 'isokinet-unsent'

/** What could not be sent, as a file for another device of the same person. It holds ids, no names. */
export const writeRescue = (entries: readonly Entry[]) =>
  JSON.stringify({ format: FORMAT, schema: 1, at: new Date().toISOString(), entries }, null, 1)

/**
 * Reads such a file. Entries keep their ids, so that taking one in twice sends it once.
 *
 * @throws Error in plain words if it is none, or another person's
 */
export function readRescue(text: string, person: string): Entry[] {
  let file: { format?: string; schema?: number; entries?: Entry[] }
  try {
    file = JSON.parse(text)
  } catch {
    throw new Error('This is not a file of unsent presses; choose the one that the hall saved.')
  }
  if (file?.format !== FORMAT || !Array.isArray(file.entries))
    throw new Error('This is not a file of unsent presses; choose the one that the hall saved.')
  if (file.schema !== 1)
    throw new Error(
      `The file has schema number ${file.schema}; this version reads 1. Update, and take it in again.`,
    )
  const whole = file.entries.filter((e) => e?.id && e.kind && e.lesson && e.entry)
  if (whole.some((e) => e.person !== person))
    throw new Error('These presses are another person’s; whoever made them takes them in after signing in.')
  return whole.map((e) => ({ ...e, refused: undefined }))
}
