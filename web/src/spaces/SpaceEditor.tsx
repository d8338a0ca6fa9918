import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Button } from 'antd'
import { useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { api, ifMatch, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { useSession } from '../session/useSession'
import { Heading } from '../shared/Heading'
import { useMeasures } from '../shared/measures'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { useAttempt } from '../shared/useAttempt'
import { newFeature } from './draft'
import { EditFloor } from './EditFloor'
import { FeatureFields } from './FeatureFields'
import type { Feature, Space } from './Floor'
import styles from './SpaceEditor.module.css'
import { SpaceFields } from './SpaceFields'

/** A space to scale, by its measures and by what is on its floor. */
export default function SpaceEditor() {
  const { id = '' } = useParams()
  const spaces = useQuery(reads.spaces)
  if (spaces.error)
    return (
      <div className={page.page}>
        <ProblemNote error={spaces.error} retry={() => spaces.refetch()} />
      </div>
    )
  if (!spaces.data) return <p className={page.page}>Opening …</p>
  const space = spaces.data.find((s) => s.id === id)
  if (!space)
    return (
      <p className={page.page}>
        There is no such space any more. <Link to="/cupboard">Back to the spaces</Link>
      </p>
    )
  return (
    <Editor
      key={`${space.id}${space.version}`}
      space={space}
      others={spaces.data.filter((s) => s !== space)}
    />
  )
}

function Editor({ space, others }: { space: Space; others: Space[] }) {
  const queries = useQueryClient()
  const navigate = useNavigate()
  const lead = useSession().role === 'LEAD'
  const { words, paces, school } = useMeasures()
  const [now, setNow] = useState(space)
  const [wallsTyped, setWallsTyped] = useState(!space.features.some((f) => f.kind === 'WALL'))
  const [selected, setSelected] = useState<number>()
  const { error, busy, attempt } = useAttempt()
  const set = (part: Partial<Space>) => setNow({ ...now, ...part })
  const setFeature = (at: number, part: Partial<Feature>) =>
    set({ features: now.features.map((f, i) => (i === at ? { ...f, ...part } : f)) })
  const dirty =
    JSON.stringify(now) !== JSON.stringify(space) ||
    wallsTyped === space.features.some((f) => f.kind === 'WALL')
  const save = () =>
    attempt(async () => {
      await take(
        api.PUT('/api/spaces/{id}', {
          params: { path: { id: space.id }, header: ifMatch(space.version) },
          body: {
            name: now.name,
            lengthCm: now.lengthCm,
            widthCm: now.widthCm,
            ceilingCm: now.ceilingCm,
            floor: now.floor,
            wallSpots: wallsTyped ? now.wallSpots : undefined,
            walkingMinutes: now.walkingMinutes,
            wetSpaceId: now.wetSpaceId,
            features: now.features,
          },
        }),
      )
      changed(queries, 'spaces')
    })
  const remove = () =>
    attempt(async () => {
      await take(api.DELETE('/api/spaces/{id}', { params: { path: { id: space.id } } }))
      changed(queries, 'spaces')
      navigate('/cupboard')
    })
  const add = (kind: Feature['kind']) => {
    set({ features: [...now.features, newFeature(kind, now)] })
    setSelected(now.features.length)
    if (kind === 'WALL') setWallsTyped(false)
  }
  const draft = { now, lead, wallsTyped, selected, set, setFeature, select: setSelected, add }
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>{space.name}</Heading>
        <span className={page.chip}>
          {words(now.lengthCm)} × {words(now.widthCm)}
        </span>
        <span className={page.chip}>
          {paces(now.lengthCm)} × {paces(now.widthCm)} of {school?.paceWhose}
        </span>
        {lead && (
          <div className={page.end}>
            <Button onClick={remove}>Remove the space</Button>
            <Button type="primary" disabled={!dirty} loading={busy} onClick={save}>
              Save
            </Button>
          </div>
        )}
      </div>
      {error !== null && <ProblemNote error={error} />}
      <div className={styles.columns}>
        <div>
          <EditFloor draft={draft} />
          <p className="mute">
            Thick green: a wall that may be used. Dotted gap: a door. Brown: a fixed hazard. Drag a thing to
            move it, its round handle to stretch it; or type its measures on the right.
          </p>
        </div>
        <aside className={styles.side}>
          <h2>The space</h2>
          <SpaceFields draft={draft} others={others} />
          <FeatureFields draft={draft} />
        </aside>
      </div>
    </div>
  )
}
