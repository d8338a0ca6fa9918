import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import type { Schemas } from '../api/client'
import { ByPlace } from './ByPlace'
import { GoesTile, HitTile, RegisterTile, TwoTile } from './OtherTiles'
import { SayScreen } from './SayScreen'
import { type HallStore, type Mode, nextToGo } from './store'
import { TenSeconds } from './TenSeconds'
import { Tile } from './Tile'
import styles from './Tile.module.css'
import { useHall } from './useHall'
import { standing, useWatch } from './watching'

/** What the middle of the screen is for: the children, or what to do and to say. */
export function Middle({ store }: { store: HallStore }) {
  const mode = useHall(store, (s) => s.mode)
  if (mode.kind === 'say') return <SayScreen store={store} />
  if (mode.kind === 'watch' && mode.way === 'ten') return <TenSeconds store={store} />
  if (mode.kind === 'watch' && mode.way === 'place') return <ByPlace store={store} />
  return <Field store={store} mode={mode} />
}

/** Every child who is here, in one order all lesson long: a hand finds a tile where it was. */
function Field({ store, mode }: { store: HallStore; mode: Mode }) {
  const rows = useHall(store, (s) => s.hall.grid.rows)
  const away = useHall(store, (s) => s.away)
  const field = useRef<HTMLElement>(null)
  const here = rows.map((r) => r.child).filter((c) => mode.kind === 'register' || !away.has(c.id))
  return (
    <main className={styles.tiles} ref={field}>
      <Tiles store={store} mode={mode} here={here} />
      {here.length === 0 && <p>Nobody is here. Open the register and mark who came.</p>}
      <More field={field} many={here.length} />
    </main>
  )
}

function Tiles({
  store,
  mode,
  here,
}: {
  store: HallStore
  mode: Mode
  here: readonly Schemas['ChildView'][]
}) {
  const goes = useHall(store, (s) => (s.mode.kind === 'goes' ? s.goes : null))
  const { cue, cues, wanted, stretch } = useWatch(store)
  const stands = standing(stretch)
  if (mode.kind === 'register') return here.map((c) => <RegisterTile key={c.id} child={c} store={store} />)
  if (mode.kind === 'hits')
    return here.map((c) => <HitTile key={c.id} child={c} of={mode.counting.of} store={store} />)
  if (mode.kind === 'goes') {
    const next = nextToGo(
      here.map((c) => c.id),
      goes ?? {},
      mode.role,
    )
    return here.map((c) => (
      <GoesTile key={c.id} child={c} role={mode.role} next={next.has(c.id)} store={store} />
    ))
  }
  const second = mode.kind === 'watch' && mode.way === 'all' && mode.second
  if (second) {
    const two = [cue, second].flatMap((k) => cues.filter((c) => c.key === k))
    return here.map((c) => <TwoTile key={c.id} child={c} stands={stands[c.id]} cues={two} store={store} />)
  }
  return here.map((c) => (
    <Tile key={c.id} child={c} cue={cue} wanted={wanted.get(c.id) ?? 0} stands={stands[c.id]} store={store} />
  ))
}

/** How many children stand below what can be seen; one press goes on to them. It lies over the field and moves nothing. */
function More({ field, many }: { field: RefObject<HTMLElement | null>; many: number }) {
  const [below, setBelow] = useState(0)
  const count = useCallback(() => {
    const own = field.current
    if (!own) return
    const end = own.scrollTop + own.clientHeight + 1
    const tiles = [...own.children].filter((t): t is HTMLElement => t instanceof HTMLDivElement)
    setBelow(tiles.filter((t) => t.offsetTop + t.offsetHeight > end).length)
  }, [field])
  // biome-ignore lint/correctness/useExhaustiveDependencies: another number of children is another field
  useEffect(() => {
    const own = field.current
    count()
    own?.addEventListener('scroll', count, { passive: true })
    window.addEventListener('resize', count)
    return () => {
      own?.removeEventListener('scroll', count)
      window.removeEventListener('resize', count)
    }
  }, [count, field, many])
  if (below === 0) return null
  return (
    <button
      type="button"
      className={styles.more}
      onClick={() => field.current?.scrollBy({ top: field.current.clientHeight * 0.8 })}
    >
      <span>{below} more ↓</span>
    </button>
  )
}
