import type { Schemas } from '../api/client'

/** What every tab is given. */
export interface TabProps {
  skills: Schemas['SkillView'][]
  openActivity: (key: string) => void
  openSkill: (key: string) => void
  /** opens the editor on a skill or activity, or on a copy of it; "new-skill" and "new-activity" start afresh */
  edit: (key: string, copy: boolean) => void
  /** true for those who may change things */
  plans: boolean
}
