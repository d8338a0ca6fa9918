import { useState } from 'react'
import { uuid7 } from '../shared/uuid7'
import styles from './Score.module.css'
import { shirtOf } from './shirts'

interface OrderPadProps {
  sides: readonly string[]
  /** adds what was scored in a round, of every side */
  add: (events: string[]) => void
}

/** A round by looking alone: the sides are pressed from the nearest to the farthest; nobody measures. */
export function OrderPad({ sides, add }: OrderPadProps) {
  const [placed, setPlaced] = useState<number[]>([])
  const open = sides.map((_, i) => i).filter((i) => !placed.includes(i))
  const end = (places: number[]) => {
    const round = uuid7()
    add(sides.map((_, i) => `s ${round}.${i} ${i} ${places[i]}`))
  }
  const press = (side: number) => {
    const now = [...placed, side]
    const left = open.filter((i) => i !== side)
    if (left.length > 1) setPlaced(now)
    else {
      const order = [...now, ...left]
      end(sides.map((_, i) => order.indexOf(i) + 1))
    }
  }
  return (
    <fieldset className={styles.pad} aria-label="Who lies nearer">
      <b>{placed.length === 0 ? 'Who lies nearest?' : 'And then?'}</b>
      {open.map((i) => (
        <button
          key={sides[i]}
          type="button"
          style={{ borderColor: shirtOf(i).colour }}
          onClick={() => press(i)}
        >
          {shirtOf(i).mark} {sides[i]}
        </button>
      ))}
      <button
        type="button"
        onClick={() => end(sides.map((_, i) => (placed.includes(i) ? placed.indexOf(i) : placed.length) + 1))}
      >
        {placed.length === 0 ? 'all the same' : 'the others the same'}
      </button>
    </fieldset>
  )
}
