import { useEffect, useState } from 'react'
import styles from './Bars.module.css'
import type { SendState } from './sender'
import type { HallStore } from './store'
import { useHall } from './useHall'

/** What waits so long is a matter for the teacher, not for the network. */
const LONG = 10_000

/** How what was pressed stands: a mark of one size in one place. */
export function Saving({ store }: { store: HallStore }) {
  const sending = useHall(store, (s) => s.sending)
  return (
    <div className={`${styles.saved} ${styles[sending.status]}`} role="status">
      {words(sending)}
    </div>
  )
}

/** What can be done about what does not go out, over the question; put off, it comes again when something else is the matter. */
export function Unsent({ store }: { store: HallStore }) {
  const sending = useHall(store, (s) => s.sending)
  const waits = useLong(sending.status === 'waiting')
  const why = 'why' in sending && sending.why ? sending.why : 'still on its way'
  const [later, setLater] = useState('')
  useEffect(() => {
    if (sending.status === 'saved') setLater('')
  }, [sending.status])
  if ((!waits && sending.status !== 'failed') || later === why) return null
  return (
    <section className={styles.decide} aria-label="Not sent yet">
      <p>{why}</p>
      {sending.status === 'waiting' && (
        <button type="button" onClick={store.flush}>
          Try now
        </button>
      )}
      <button
        type="button"
        title="what is not sent yet, for another device of yours"
        onClick={async () => save(await store.rescue(), 'unsent.json')}
      >
        To a file
      </button>
      <button type="button" onClick={() => setLater(why)}>
        Later
      </button>
    </section>
  )
}

const words = (sending: SendState) => {
  if (sending.status === 'saved') return '● all saved'
  if (sending.status === 'waiting') return `◌ ${sending.count} waiting`
  return sending.status === 'failed' ? `▲ ${sending.count} failed` : ''
}

/** True once something has been so for ten seconds without a break. */
function useLong(so: boolean) {
  const [long, setLong] = useState(false)
  useEffect(() => {
    if (!so) return
    const timer = setTimeout(() => setLong(true), LONG)
    return () => {
      clearTimeout(timer)
      setLong(false)
    }
  }, [so])
  return long && so
}

function save(text: string, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
