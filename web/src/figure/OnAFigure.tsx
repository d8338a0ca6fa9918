import { useState } from 'react'
import type { Schemas } from '../api/client'
import styles from './Figure.module.css'
import { faultsOf } from './faults'
import { Shown } from './Shown'

/** A cue that can be opened on a figure. */
export function OnAFigure({ cue, age }: { cue: Schemas['CueView']; age?: number }) {
  const [open, setOpen] = useState(false)
  return (
    <div className={styles.shown}>
      <span className={styles.bar}>
        <button type="button" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? 'Close the figure' : 'Show it on a figure'}
        </button>
      </span>
      {open && <Shown cue={cue.key} call={`“${cue.call.notSettled}”`} faults={faultsOf(cue)} age={age} />}
    </div>
  )
}
