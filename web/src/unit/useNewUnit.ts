import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, type Schemas, take } from '../api/client'
import { changed, reads } from '../api/reads'
import { addDays, dayWords, timeWords, todayHere } from '../shared/dates'
import { useKeptForm } from '../shared/useKeptForm'
import { uuid7 } from '../shared/uuid7'
import type { CueChoice } from './CueChoices'
import { usePlanning } from './usePlanning'
import { sent, usualWishes, type Wishes } from './WishesForm'

interface Slot {
  key: number
  onDate: string
  starts?: string
  minutes: number
  spaceId: string
  words: string
}

const timetabledLessons = (dates: Schemas['Free'][]): Slot[] =>
  dates.map((d, i) => ({
    key: i,
    onDate: d.day,
    starts: d.starts,
    minutes: d.minutes,
    spaceId: d.spaceId,
    words: `${dayWords(d.day)} ${timeWords(d.starts)}, ${d.minutes} of ${d.timetabled} min, ${d.space}`,
  }))

interface Asked {
  classId: string | null
  children?: number
  /** true before the dates of the timetable are known */
  reading: boolean
  skills: number
  spaceId?: string
  /** true where a lesson is too short to teach in */
  short: boolean
}

/** The first thing that is missing before it can be planned; null for nothing. */
function whatIsMissing({ classId, children, reading, skills, spaceId, short }: Asked) {
  if (!classId) return 'Choose a class.'
  if (children === 0) return 'This class has nobody in it; add children first.'
  // Before its dates are known, lessons would be put a week apart, closed days or not.
  if (reading) return 'Reading the timetable …'
  if (skills === 0) return 'Choose one or two skills.'
  if (!spaceId) return 'There is no space yet.'
  return short ? 'A lesson has fewer than ten minutes to teach in; look at the timetable.' : null
}

/** What is asked of a new unit, kept while it is typed, and what is missing before it can be planned. */
export function useNewUnit() {
  const navigate = useNavigate()
  const queries = useQueryClient()
  const [search] = useSearchParams()
  const classes = useQuery(reads.classes)
  const skills = useQuery(reads.skills)
  const spaces = useQuery(reads.spaces)
  const [id] = useState(() => uuid7())
  const { useKept, forget } = useKeptForm('plan-unit')
  const [chosenClass, setClassId] = useKept<string | null>('class', null, search.get('class'))
  const only = classes.data?.length === 1 ? (classes.data[0]?.id ?? null) : null
  const classId = chosenClass ?? only
  const [title, setTitle] = useKept('title', '')
  const asked = search.getAll('skill')
  const [chosen, setChosen] = useKept<string[]>('skills', [], asked.length > 0 ? asked : null)
  const [kind, setKind] = useKept<'components' | 'short'>('kind', 'components')
  const [wishes, setWishes] = useKept<Wishes>('wishes', usualWishes)
  const [cues, setCues] = useKept<Record<string, CueChoice | undefined>>('cues', {})
  const [shares, setShares] = useKept<Record<string, number>>('shares', {})
  const planning = usePlanning()
  const [count, setCount] = useKept('lessons', 4, Number(search.get('lessons')) || null)
  const [first, setFirst] = useKept('from', addDays(todayHere(), 1), search.get('from'))
  const [byHand, setByHand] = useKept('by-hand', false)
  const [everyDays, setEveryDays] = useKept('every', 7)
  const [minutes, setMinutes] = useKept('minutes', 30)
  const [space, setSpace] = useKept<string | null>('place', null)
  const spaceId = space ?? spaces.data?.find((s) => s.ceilingCm !== undefined)?.id ?? spaces.data?.[0]?.id
  const dates = useQuery({
    queryKey: ['dates', classId, first, count],
    queryFn: () =>
      take(
        api.GET('/api/classes/{id}/dates', {
          params: { path: { id: classId as string }, query: { from: first, most: count } },
        }),
      ),
    enabled: classId !== null,
  })
  const timetabled = (dates.data?.length ?? 0) > 0
  const fromTimetable = timetabled && !byHand
  const spaceName = spaces.data?.find((s) => s.id === spaceId)?.name ?? ''
  const lessons: Slot[] = fromTimetable
    ? timetabledLessons(dates.data ?? [])
    : Array.from({ length: count }, (_, i) => ({
        key: i,
        onDate: addDays(first, i * everyDays),
        minutes,
        spaceId: spaceId ?? '',
        words: `${dayWords(addDays(first, i * everyDays))}, ${minutes} minutes, ${spaceName}`,
      }))
  const cupboard = useQuery(reads.cupboard)
  const empty = cupboard.data?.every((l) => l.count === 0) ?? false
  const group = classes.data?.find((c) => c.id === classId)
  const missing = whatIsMissing({
    classId,
    children: group?.children,
    reading: dates.isPending,
    skills: chosen.length,
    spaceId,
    short: lessons.some((l) => l.minutes < 10),
  })
  const names = skills.data?.filter((s) => chosen.includes(s.key)).map((s) => s.name) ?? []
  const form = {
    classId: classId ?? '',
    title: title.trim() || names.join(' and '),
    cueSets: chosen.map((s) => `${s}/${kind}`),
    shares: chosen.map((s) => shares[s] ?? 1),
    cues: chosen.flatMap((s) => cues[`${s}/${kind}`] ?? []),
    ...sent(wishes),
    lessons: lessons.map(({ onDate, starts, minutes, spaceId }) => ({ onDate, starts, minutes, spaceId })),
  }
  const ahead = useQuery({
    // A title changes nothing about what can be had.
    queryKey: ['ahead', { ...form, title: '' }],
    queryFn: () =>
      take(api.POST('/api/classes/{id}/ahead', { params: { path: { id: form.classId } }, body: form })),
    enabled: missing === null && planning.progress === null,
    retry: false,
  })
  const plan = async () => {
    if (!classId || !spaceId) return
    const made = await planning.plan('PUT', `/api/units/${id}/planning`, form)
    if (!made) return
    forget()
    changed(queries, 'lessons')
    navigate(`/units/${id}`)
  }
  return {
    id,
    classes: classes.data ?? [],
    skills: skills.data ?? [],
    spaces: spaces.data ?? [],
    group,
    classId,
    setClassId,
    title,
    setTitle,
    chosen,
    setChosen,
    kind,
    setKind,
    wishes,
    setWishes,
    cues,
    setCues,
    shares,
    setShares,
    count,
    setCount,
    first,
    setFirst,
    byHand,
    setByHand,
    everyDays,
    setEveryDays,
    minutes,
    setMinutes,
    spaceId,
    setSpace,
    timetabled,
    fromTimetable,
    reason: fromTimetable ? dates.data?.[0]?.reason : undefined,
    lessons,
    missing,
    empty,
    ahead,
    planning,
    plan,
  }
}

/** What the fields of the page read and set. */
export type NewUnit = ReturnType<typeof useNewUnit>
