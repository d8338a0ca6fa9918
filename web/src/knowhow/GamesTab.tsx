import { useQuery } from '@tanstack/react-query'
import { Select, Slider } from 'antd'
import { useState } from 'react'
import { api, take } from '../api/client'
import page from '../shared/Page.module.css'
import { ProblemNote } from '../shared/ProblemNote'
import styles from './Games.module.css'
import shared from './KnowHow.module.css'
import type { TabProps } from './tab'

/** A full game that loses the children in its rules, cut down until one skill and one decision are left. */
export function GamesTab({ skills, openSkill }: TabProps) {
  const games = useQuery({ queryKey: ['games'], queryFn: () => take(api.GET('/api/full-games')) })
  const [chosen, setChosen] = useState<string>()
  const [out, setOut] = useState<number | null>(null)
  if (games.error) return <ProblemNote error={games.error} retry={() => games.refetch()} />
  const game = games.data?.find((g) => g.key === chosen) ?? games.data?.[0]
  if (!game) return <p>Opening …</p>
  const taken = out ?? game.rules.length
  const skill = skills.find((s) => s.key === game.skill)
  return (
    <div className={styles.game}>
      <div className={page.head}>
        <Select
          aria-label="Game"
          value={game.key}
          onChange={(key) => {
            setChosen(key)
            setOut(null)
          }}
          options={games.data?.map((g) => ({ value: g.key, label: g.name }))}
          style={{ width: 300 }}
        />
        <span id="rules-out">
          {taken} of {game.rules.length} rules out
        </span>
        <Slider
          ariaLabelledByForHandle="rules-out"
          min={0}
          max={game.rules.length}
          value={taken}
          onChange={setOut}
          style={{ width: 260 }}
        />
      </div>
      <p className={styles.core}>
        <b>{taken === game.rules.length ? 'What remains: ' : 'The skill and the decision stay: '}</b>
        <button type="button" className={shared.link} onClick={() => openSkill(game.skill)}>
          {skill?.name}
        </button>
        , and “{game.decision}” {taken === game.rules.length && game.core}
      </p>
      <ol className={styles.rules}>
        {game.rules.map((r, i) => (
          <li key={r.rule}>
            <b className={i < taken ? styles.out : ''}>{r.rule}</b>
            <span>{i < taken ? `Out: ${r.instead}.` : 'In play.'}</span>
            <span className="mute">
              {i < taken ? `Put it back: ${r.back.charAt(0).toLowerCase()}${r.back.slice(1)}.` : ''}
            </span>
          </li>
        ))}
      </ol>
      <p className="mute">Take out from the top; put back from the bottom, one at a time.</p>
    </div>
  )
}
