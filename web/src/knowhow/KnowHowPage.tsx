import { useQuery } from '@tanstack/react-query'
import { Tabs } from 'antd'
import { useSearchParams } from 'react-router'
import { api, take } from '../api/client'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import { ActivitiesTab } from './ActivitiesTab'
import { SkillsTab } from './SkillsTab'
import { SymptomsTab } from './SymptomsTab'

/** What the product knows: by skill, by activity, and by what a teacher sees. */
export default function KnowHowPage() {
  const [search, setSearch] = useSearchParams()
  const skills = useQuery({ queryKey: ['skills'], queryFn: () => take(api.GET('/api/skills')) })
  const activities = useQuery({ queryKey: ['activities'], queryFn: () => take(api.GET('/api/activities')) })
  const error = skills.error ?? activities.error
  if (error) return <ProblemNote error={error} retry={() => skills.refetch()} />
  if (!skills.data || !activities.data) return <p className={page.page}>Opening …</p>
  const open = (activity: string) => setSearch({ tab: 'activities', open: activity })
  return (
    <div className={page.page}>
      <div className={page.head}>
        <h1>Know-how</h1>
        <span className="mute">
          {skills.data.length} skills, {activities.data.length} activities
        </span>
      </div>
      <Tabs
        size="small"
        activeKey={search.get('tab') ?? 'skills'}
        onChange={(tab) => setSearch({ tab })}
        items={[
          {
            key: 'skills',
            label: 'Skills',
            children: <SkillsTab skills={skills.data} activities={activities.data} open={open} />,
          },
          {
            key: 'activities',
            label: 'Activities',
            children: (
              <ActivitiesTab
                skills={skills.data}
                activities={activities.data}
                opened={search.get('open') ?? undefined}
                open={open}
              />
            ),
          },
          {
            key: 'symptoms',
            label: 'What do you see?',
            children: <SymptomsTab skills={skills.data} activities={activities.data} open={open} />,
          },
        ]}
      />
    </div>
  )
}
