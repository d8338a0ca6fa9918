const STEPS: Record<string, { across: number; down: number }> = {
  ArrowLeft: { across: -1, down: 0 },
  ArrowRight: { across: 1, down: 0 },
  ArrowUp: { across: 0, down: -1 },
  ArrowDown: { across: 0, down: 1 },
}

/** Where an arrow key leads; undefined for any other key. */
export const arrow = (key: string): { across: number; down: number } | undefined => STEPS[key]
