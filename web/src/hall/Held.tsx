import { useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import styles from './Panels.module.css'
import type { HallStore } from './store'

interface HeldProps {
  /** whose tile was held; undefined for a note about the lesson */
  child?: Schemas['ChildView']
  /** the child's call of the cue that is watched */
  call?: string
  store: HallStore
  close: () => void
}

/** What a held tile offers: the other hand, that the child showed it to the others, and a note. */
export function Held({ child, call, store, close }: HeldProps) {
  const [text, setText] = useState('')
  const field = useRef<HTMLTextAreaElement>(null)
  useEffect(() => field.current?.focus(), [])
  const other = (shown: boolean) => {
    if (child) store.pressOther(child.id, shown)
    close()
  }
  return (
    <section
      className={styles.panel}
      role="dialog"
      aria-label={child ? child.name : 'A note on the lesson'}
      onKeyDown={(e) => e.key === 'Escape' && close()}
    >
      <h2>{child ? child.name : 'A note on the lesson'}</h2>
      {child && store.hasSide(child.id) && (
        <p>
          <button type="button" onClick={() => other(true)}>
            Other hand: shown
          </button>
          <button type="button" onClick={() => other(false)}>
            Other hand: not yet
          </button>
        </p>
      )}
      {child && store.hasSide(child.id) && call && (
        <p className="mute">“{call}” with the hand that is not its own.</p>
      )}
      {child && call && (
        <p>
          <button
            type="button"
            onClick={() => {
              store.showed(child.id)
              close()
            }}
          >
            Showed “{call}” to the others
          </button>
        </p>
      )}
      <textarea
        ref={field}
        aria-label="Note"
        rows={3}
        maxLength={1000}
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      <p>
        <button type="button" onClick={close}>
          Close
        </button>
        <button
          type="button"
          disabled={text.trim() === ''}
          onClick={() => {
            store.note(text, child?.id)
            close()
          }}
        >
          Keep the note
        </button>
      </p>
    </section>
  )
}
