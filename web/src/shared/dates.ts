/** "Tue 6 Oct" of an ISO day. */
export const dayWords = (iso: string) =>
  new Date(`${iso}T12:00:00`)
    .toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
    .replace(',', '')
    .replace('Sept', 'Sep')

/** "Tuesday 6 October" of an ISO day. */
export const longDayWords = (iso: string) =>
  new Date(`${iso}T12:00:00`)
    .toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' })
    .replace(',', '')

/** ISO day, some days after another. */
export function addDays(iso: string, days: number): string {
  const date = new Date(`${iso}T12:00:00Z`)
  date.setUTCDate(date.getUTCDate() + days)
  return date.toISOString().slice(0, 10)
}

/** Whole days from one ISO day to another. */
export const daysBetween = (from: string, to: string) =>
  Math.round((Date.parse(`${to}T12:00:00Z`) - Date.parse(`${from}T12:00:00Z`)) / 86_400_000)

/** Today's ISO day where the browser is; the server says which day it is for the school. */
export const todayHere = () => {
  const now = new Date()
  const two = (n: number) => String(n).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** "10:10" of "10:10:00". */
export const timeWords = (time: string) => time.slice(0, 5)

const weekdays = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const
export type Weekday = (typeof weekdays)[number]

/** Weekdays in order, with their names. */
export const weekdayOptions = weekdays.map((value) => ({
  value,
  label: value.charAt(0) + value.slice(1).toLowerCase(),
}))

/** True on Saturday and Sunday. */
export const isWeekend = (iso: string) => [0, 6].includes(new Date(`${iso}T12:00:00Z`).getUTCDay())
