import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '../api/client'
import { reads } from '../api/reads'
import { many } from './many'

export type LengthUnit = Schemas['SchoolView']['lengthUnit']

const CM_PER_FOOT = 30.48

/** A length in words: "9.5 m", "31 ft 2 in". */
export function lengthWords(cm: number, unit: LengthUnit): string {
  if (unit === 'METRES') return `${(cm / 100).toLocaleString('en-GB', { maximumFractionDigits: 2 })} m`
  const inches = Math.round((cm / CM_PER_FOOT) * 12)
  const rest = inches % 12
  return rest === 0 ? `${inches / 12} ft` : `${Math.floor(inches / 12)} ft ${rest} in`
}

/** What is typed in the school's unit, in whole centimetres. */
export const toCm = (value: number, unit: LengthUnit) =>
  Math.round(value * (unit === 'METRES' ? 100 : CM_PER_FOOT))

/** Centimetres as a number of the school's unit, to two places. */
export const fromCm = (cm: number, unit: LengthUnit) =>
  Math.round((cm / (unit === 'METRES' ? 100 : CM_PER_FOOT)) * 100) / 100

/** The school as it is set up, and its lengths in words. */
export function useMeasures() {
  const school = useQuery(reads.school)
  const unit = school.data?.lengthUnit ?? 'METRES'
  const pace = school.data?.paceCm ?? 75
  return {
    school: school.data,
    unit,
    sign: unit === 'METRES' ? 'm' : 'ft',
    words: (cm: number) => lengthWords(cm, unit),
    paces: (cm: number) => many(Math.round(cm / pace), 'pace'),
  }
}
