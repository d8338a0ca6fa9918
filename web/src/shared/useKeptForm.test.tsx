import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { fireEvent, render, screen } from '@testing-library/react'
import { beforeEach, expect, it } from 'vitest'
import { useKeptForm } from './useKeptForm'

function Form({ given }: { given?: string }) {
  const { useKept, forget } = useKeptForm('unit')
  const [title, setTitle] = useKept('title', '')
  const [group, setGroup] = useKept('group', 'Auks', given)
  return (
    <>
      <input aria-label="Title" value={title} onChange={(e) => setTitle(e.target.value)} />
      <input aria-label="Group" value={group} onChange={(e) => setGroup(e.target.value)} />
      <button type="button" onClick={forget}>
        Done
      </button>
    </>
  )
}

const open = (person: string, given?: string) => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } })
  queries.setQueryData(['session'], { person, role: 'LEAD' })
  return render(
    <QueryClientProvider client={queries}>
      <Form given={given} />
    </QueryClientProvider>,
  )
}
const value = (label: string) => (screen.getByLabelText(label) as HTMLInputElement).value

beforeEach(() => sessionStorage.clear())

it('keeps what was typed for who typed it, until the form has done its work', () => {
  const first = open('robin')
  fireEvent.change(screen.getByLabelText('Title'), { target: { value: 'Rolls' } })
  fireEvent.change(screen.getByLabelText('Group'), { target: { value: 'Terns' } })
  first.unmount()
  const other = open('maren')
  expect(value('Title')).toBe('')
  other.unmount()
  const back = open('robin')
  expect(value('Title')).toBe('Rolls')
  expect(value('Group')).toBe('Terns')
  fireEvent.click(screen.getByText('Done'))
  back.unmount()
  open('robin')
  expect(value('Title')).toBe('')
})

it('takes what the address says before what was kept', () => {
  const first = open('robin')
  fireEvent.change(screen.getByLabelText('Group'), { target: { value: 'Terns' } })
  first.unmount()
  open('robin', 'Gulls')
  expect(value('Group')).toBe('Gulls')
})

it('starts anew where what was kept cannot be read', () => {
  sessionStorage.setItem('kept:robin:unit', '{')
  open('robin')
  expect(value('Group')).toBe('Auks')
})
