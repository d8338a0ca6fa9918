import { useSyncExternalStore } from 'react'
import type { Schemas } from '../api/client'
import styles from './Hall.module.css'
import type { HallStore } from './store'

type Cue = Schemas['CueView']

interface AboutProps {
  store: HallStore
  /** the cue that is watched, and the one beside it where two are */
  cue?: Cue
  beside?: Cue
  /** the cue of the latest press that was not yet, while its faults are offered */
  faultsOf?: Cue
  /** what runs on the tiles */
  stretch?: Schemas['StretchView']
  /** roles that a go can be of */
  roles: readonly string[]
  /** children to look at first */
  first: number
  /** labels of the groups to stand by */
  by?: string
}

/** The line above the tiles: one thing at a time, and never of another height. */
export function About({ store, cue, beside, faultsOf, stretch, roles, first, by }: AboutProps) {
  const { hits, counting, role, asks } = useSyncExternalStore(store.subscribe, store.get)
  if (hits) return <HitSettings store={store} hits={hits} things={stretch?.sent ?? []} />
  if (counting && roles.length > 0)
    return (
      <div className={styles.counting}>
        <b>Who was</b>
        {[...roles, ''].map((r) => (
          <button key={r} type="button" aria-pressed={role === r} onClick={() => store.chooseRole(r)}>
            {r || 'anything'}
          </button>
        ))}
      </div>
    )
  if (asks && faultsOf && faultsOf.faults.length > 0)
    return (
      <fieldset className={styles.faults} aria-label={`What ${asks.name} did instead`}>
        <b>{asks.name}:</b>
        {faultsOf.faults.slice(0, 4).map((f) => (
          <button key={f.seen.notSettled} type="button" onClick={() => store.blame(f.seen.notSettled)}>
            {f.seen.notSettled}
          </button>
        ))}
      </fieldset>
    )
  if (!cue) return null
  return (
    <p className={styles.now}>
      <b>“{cue.call.notSettled}”</b> {cue.question.notSettled}{' '}
      {beside && (
        <>
          {' '}
          and <b>“{beside.call.notSettled}”</b> {beside.question.notSettled}{' '}
        </>
      )}
      <span className={styles.stand}>
        Stand {cue.view.notSettled}
        {by && `, by ${by}`}.{first > 0 && ` ◉ ${first} first.`}
      </span>
    </p>
  )
}

interface HitSettingsProps {
  store: HallStore
  hits: NonNullable<ReturnType<HallStore['get']>['hits']>
  things: readonly { key: string; name: string }[]
}

/** Of how many tries, with which hand and which thing. */
function HitSettings({ store, hits, things }: HitSettingsProps) {
  return (
    <div className={styles.counting}>
      <b>Hits out of {hits.of}</b>
      {[3, 5, 10].map((of) => (
        <button
          key={of}
          type="button"
          aria-pressed={hits.of === of}
          onClick={() => store.countHits({ ...hits, of })}
        >
          {of} tries
        </button>
      ))}
      <button
        type="button"
        aria-pressed={hits.side === 'other'}
        onClick={() => store.countHits({ ...hits, side: hits.side === 'own' ? 'other' : 'own' })}
      >
        {hits.side === 'own' ? 'own hand' : 'other hand'}
      </button>
      {things.length > 1 &&
        things.map((thing) => (
          <button
            key={thing.key}
            type="button"
            aria-pressed={hits.item === thing.key}
            onClick={() =>
              store.countHits({ ...hits, item: hits.item === thing.key ? undefined : thing.key })
            }
          >
            {thing.name}
          </button>
        ))}
    </div>
  )
}
