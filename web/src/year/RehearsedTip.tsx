import { Tooltip } from 'antd'
import { type ReactElement, useState } from 'react'
import { useRehearsal } from '../unit/useRehearsal'

interface RehearsedTipProps {
  unit: string
  /** skills of the unit, in words */
  skills: string
  /** false where everything was taught, or nothing may be planned */
  ahead: boolean
  children: ReactElement
}

/** Over a unit of the year: its skills, and what may come of it, rehearsed once somebody points at it. */
export function RehearsedTip({ unit, skills, ahead, children }: RehearsedTipProps) {
  const [asked, setAsked] = useState(false)
  const rehearsal = useRehearsal(unit, '', asked && ahead)
  const told = rehearsal.data?.sentences.join(' ')
  return (
    <Tooltip
      title={ahead ? `${skills}. ${told ?? 'Being rehearsed …'}` : skills}
      onOpenChange={(open) => open && setAsked(true)}
      mouseEnterDelay={0.4}
    >
      {children}
    </Tooltip>
  )
}
