import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { useState } from 'react'
import { beforeEach, describe, expect, it } from 'vitest'
import { answering, ok } from '../api/testing'
import { asksFor, type CueChoice, CueChoices } from './CueChoices'

const cue = (key: string, fromAge: number) => ({
  key,
  fromAge,
  call: { left: key, right: key, notSettled: key },
})

function Held({ told }: { told: (now?: CueChoice) => void }) {
  const [value, setValue] = useState<CueChoice>()
  return (
    <CueChoices
      skill="roll"
      cueSet="roll/components"
      age={7}
      lessons={[2, 3]}
      value={value}
      onChange={(now) => {
        told(now)
        setValue(now)
      }}
    />
  )
}

describe('what is decided about cues', () => {
  let said: CueChoice | undefined
  beforeEach(() => {
    said = undefined
    answering('GET').mockImplementation(() =>
      ok([
        {
          key: 'roll',
          name: 'Roll',
          cues: [cue('Look', 5), cue('Step', 6), cue('Swing', 7), cue('Follow', 9)],
          sets: [
            {
              key: 'roll/components',
              kind: 'COMPONENTS',
              name: 'C',
              cues: ['Look', 'Step', 'Swing', 'Follow'],
            },
          ],
        },
      ]),
    )
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Held
          told={(now) => {
            said = now
          }}
        />
      </QueryClientProvider>,
    )
  })

  it('says what the age leaves out, and takes it in where it belongs', async () => {
    expect(await screen.findByText('asked for from 9')).toBeInTheDocument()
    fireEvent.click(screen.getByRole('checkbox', { name: 'Follow' }))
    expect(said?.cues).toEqual(['Look', 'Step', 'Swing', 'Follow'])
  })

  it('leaves one out, and puts it back in its place', async () => {
    fireEvent.click(await screen.findByRole('checkbox', { name: 'Step' }))
    expect(said?.cues).toEqual(['Look', 'Swing'])
    fireEvent.click(screen.getByRole('checkbox', { name: 'Step' }))
    expect(said).toBeUndefined()
  })

  it('puts one earlier, and goes back to the set', async () => {
    fireEvent.click(await screen.findByRole('button', { name: 'Swing earlier' }))
    expect(said).toEqual({ cueSet: 'roll/components', cues: ['Look', 'Swing', 'Step'], lessons: {} })
    fireEvent.click(screen.getByRole('button', { name: 'As the set has it' }))
    expect(said).toBeUndefined()
  })

  it('gives a class that is younger than all cues the first of them', () => {
    const from = (key: string) => ({ a: 6, b: 6, c: 8 })[key] ?? 0
    expect(asksFor(['a', 'b', 'c'], from, 4)).toEqual(['a', 'b'])
    expect(asksFor(['a', 'b', 'c'], from, 8)).toEqual(['a', 'b', 'c'])
    expect(asksFor(['a', 'b', 'c'], from, null)).toEqual(['a', 'b', 'c'])
  })
})
