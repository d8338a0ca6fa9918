import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, render, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { Register } from './Register'

describe('who is here', () => {
  it('counts two names that are pressed before it is painted again', () => {
    render(
      <QueryClientProvider client={new QueryClient()}>
        <Register
          lesson="l"
          title="Curlews"
          roll={[
            { id: 'a', name: 'Ada', takesPart: 'PLAYS' },
            { id: 'b', name: 'Ben', takesPart: 'PLAYS' },
          ]}
          close={() => {}}
        />
      </QueryClientProvider>,
    )
    const press = (name: string) => screen.getByRole('button', { name, hidden: true }).click()
    act(() => {
      press('Ada: here')
      press('Ben: here')
    })
    expect(screen.getByRole('button', { name: '2 away', hidden: true })).toBeInTheDocument()
  })
})
