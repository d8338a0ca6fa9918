import { useQuery } from '@tanstack/react-query'
import { api, take } from '../api/client'
import { Dialog } from '../shared/Dialog'
import { dayWords } from '../shared/dates'
import styles from './Planning.module.css'

/** Every version and proposal of a unit; one is chosen to look at beside what is in force. */
export function Versions({
  unit,
  head,
  close,
  choose,
}: {
  unit: string
  head: string
  close: () => void
  choose: (version: string) => void
}) {
  const versions = useQuery({
    queryKey: ['versions', unit, head],
    queryFn: () => take(api.GET('/api/units/{id}/versions', { params: { path: { id: unit } } })),
  })
  return (
    <Dialog open title="Versions and proposals" onCancel={close} footer={null} width={640}>
      <p className="mute">Choose one to see it beside the plan that is in force.</p>
      <ul className={styles.versions}>
        {versions.data?.map((v) => (
          <li key={v.id}>
            <button type="button" disabled={v.inForce} onClick={() => choose(v.id)}>
              <span className={`mute ${styles.when}`}>
                {dayWords(v.at.slice(0, 10))} {v.at.slice(11, 16)}
              </span>
              <span className={styles.grow}>{v.inForce ? <b>{v.cause}, in force</b> : v.cause}</span>
              <span className={v.score.hard + v.score.medium > 0 ? styles.worse : 'mute'}>
                {v.score.hard + v.score.medium > 0 ? 'breaks a rule' : `${v.score.soft} points`}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  )
}
