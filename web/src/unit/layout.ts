/** width of the column of cue names, in px */
export const LABELS = 178
