import { useQuery } from '@tanstack/react-query'
import { Tabs } from 'antd'
import { lazy, Suspense } from 'react'
import { useSearchParams } from 'react-router'
import { reads } from '../api/reads'
import { usePlans } from '../session/useSession'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { ActivitiesTab } from './ActivitiesTab'
import { GamesTab } from './GamesTab'
import { OutcomesTab } from './OutcomesTab'
import { PacksTab } from './PacksTab'
import { SkillsTab } from './SkillsTab'
import { SymptomsTab } from './SymptomsTab'

const Editor = lazy(() => import('./Editor'))

/** What the product and the school know: by skill, by activity, by what a teacher sees, and whole packs of it. */
export default function KnowHowPage() {
  const [search, setSearch] = useSearchParams()
  const plans = usePlans()
  const skills = useQuery(reads.skills)
  if (skills.error) return <ProblemNote error={skills.error} retry={() => skills.refetch()} />
  if (!skills.data) return <p className={page.page}>Opening …</p>
  const openActivity = (open: string) => setSearch({ tab: 'activities', open })
  const openSkill = (skill: string) => setSearch({ tab: 'skills', skill })
  const edit = (key: string, copy: boolean) => setSearch({ edit: key, ...(copy ? { copy: 'yes' } : {}) })
  const parts = { skills: skills.data, openActivity, openSkill, edit, plans }
  const editing = search.get('edit')
  if (editing !== null && plans)
    return (
      <div className={page.page}>
        <Suspense fallback={<p>Opening …</p>}>
          <Editor
            key={editing}
            about={editing}
            copy={search.get('copy') === 'yes'}
            skills={skills.data}
            done={(kind, key) => (kind === 'SKILL' ? openSkill(key) : openActivity(key))}
            leave={() => setSearch({ tab: 'packs' })}
          />
        </Suspense>
      </div>
    )
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Know-how</Heading>
      </div>
      <Tabs
        size="small"
        activeKey={search.get('tab') ?? 'skills'}
        onChange={(tab) => setSearch({ tab })}
        destroyOnHidden
        items={[
          {
            key: 'skills',
            label: 'Skills',
            children: <SkillsTab {...parts} chosen={search.get('skill') ?? undefined} />,
          },
          {
            key: 'activities',
            label: 'Activities',
            children: <ActivitiesTab {...parts} opened={search.get('open') ?? undefined} />,
          },
          { key: 'symptoms', label: 'What do you see?', children: <SymptomsTab {...parts} /> },
          { key: 'games', label: 'Games cut down', children: <GamesTab {...parts} /> },
          { key: 'outcomes', label: 'Outcomes', children: <OutcomesTab {...parts} /> },
          { key: 'packs', label: 'Our own & packs', children: <PacksTab {...parts} /> },
        ]}
      />
    </div>
  )
}
