import { useEffect, useRef } from 'react'
import type { Schemas } from '../api/client'
import { faultsOf } from '../figure/faults'
import { Shown } from '../figure/Shown'
import styles from './Panels.module.css'

interface FigurePanelProps {
  cue: Schemas['CueView']
  /** of the class, in years */
  age: number
  close: () => void
}

/** The cue that is watched, on a figure: what it looks like where it is there, and where it is not yet. */
export function FigurePanel({ cue, age, close }: FigurePanelProps) {
  const done = useRef<HTMLButtonElement>(null)
  useEffect(() => done.current?.focus(), [])
  return (
    <section
      className={styles.panel}
      role="dialog"
      aria-label={`“${cue.call.notSettled}” on a figure`}
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <Shown cue={cue.key} call={`“${cue.call.notSettled}”`} faults={faultsOf(cue)} age={age} />
      <p>
        <button ref={done} type="button" onClick={close}>
          Close
        </button>
      </p>
    </section>
  )
}
