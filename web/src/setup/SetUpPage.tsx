import { Tabs } from 'antd'
import { useNavigate, useParams } from 'react-router'
import { useSession } from '../session/useSession'
import { Heading } from '../shared/Heading'
import page from '../shared/Page.module.css'
import { KeepingSection } from './KeepingSection'
import { LogSection } from './LogSection'
import { PeopleSection } from './PeopleSection'
import { RulesSection } from './RulesSection'
import { SchoolSection } from './SchoolSection'
import { TermsSection } from './TermsSection'
import { TimetableSection } from './TimetableSection'
import { YouSection } from './YouSection'

/** What a school sets up once. Others than the lead see their own account only. */
export default function SetUpPage() {
  const navigate = useNavigate()
  const session = useSession()
  const lead = session.role === 'LEAD'
  const { section = lead ? 'school' : 'you' } = useParams()
  const items = [
    { key: 'school', label: 'School', children: <SchoolSection /> },
    { key: 'terms', label: 'Terms & closures', children: <TermsSection /> },
    { key: 'timetable', label: 'Timetable', children: <TimetableSection /> },
    { key: 'people', label: 'People', children: <PeopleSection /> },
    { key: 'rules', label: 'Rules of mastery', children: <RulesSection /> },
    { key: 'kept', label: 'What is kept', children: <KeepingSection /> },
    { key: 'log', label: 'Log', children: <LogSection /> },
    { key: 'you', label: 'You', children: <YouSection /> },
  ].filter((i) => lead || i.key === 'you')
  return (
    <div className={page.page}>
      <div className={page.head}>
        <Heading>Set-up</Heading>
        <span className={`${page.end} mute`}>Isokinet {session.version}</span>
      </div>
      <Tabs
        activeKey={items.some((i) => i.key === section) ? section : 'you'}
        onChange={(key) => navigate(`/set-up/${key}`)}
        destroyOnHidden
        size="small"
        items={items}
      />
    </div>
  )
}
