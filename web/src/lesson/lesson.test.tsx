import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { FloorDrawing } from './FloorDrawing'
import { type Stretch, settingOf } from './useLesson'

const floor = {
  svg: '<svg xmlns="http://www.w3.org/2000/svg" role="img"><title>Lanes</title></svg>',
  viewBox: '-30 -30 1760 1200',
  areas: [
    { group: 0, x: 1, y: 0.5, w: 2, h: 8 },
    { group: 1, x: 3, y: 0.5, w: 2, h: 8 },
  ],
  distance: '3.0 m: 4 paces (Robin), 6 steps at 7 years',
  findings: ['1.0 m too tight'],
  reasons: ['All send the same way.'],
  moved: [] as number[],
}

describe('a floor drawing', () => {
  it('moves a group half a metre a key, and leaves the others to the server', () => {
    const move = vi.fn()
    render(<FloorDrawing floor={floor} move={move} busy={false} />)
    fireEvent.keyDown(screen.getByRole('button', { name: /^Group 2, 3.0 m/ }), { key: 'ArrowRight' })
    expect(move).toHaveBeenCalledWith([{ group: 1, x: 3.5, y: 0.5 }])
    fireEvent.keyDown(screen.getByRole('button', { name: /^Group 1/ }), { key: 'a' })
    expect(move).toHaveBeenCalledTimes(1)
  })

  it('keeps what was moved before', () => {
    const move = vi.fn()
    render(<FloorDrawing floor={{ ...floor, moved: [0] }} move={move} busy={false} />)
    fireEvent.keyDown(screen.getByRole('button', { name: /^Group 2/ }), { key: 'ArrowUp' })
    expect(move).toHaveBeenCalledWith([
      { group: 0, x: 1, y: 0.5 },
      { group: 1, x: 3, y: 0 },
    ])
    fireEvent.click(screen.getByRole('button', { name: 'Back to the usual places' }))
    expect(move).toHaveBeenLastCalledWith([])
  })

  it('can only be looked at where nothing may be changed', () => {
    render(<FloorDrawing floor={{ ...floor, moved: [0] }} busy={false} />)
    expect(screen.queryByRole('button')).toBeNull()
    expect(screen.getByText('1.0 m too tight')).toBeInTheDocument()
    expect(screen.getByText(/4 paces/)).toBeInTheDocument()
  })
})

describe('the setting of a stretch', () => {
  it('is what was changed by hand and nothing else', () => {
    const stretch = {
      groupsWished: 5,
      without: [{ key: 'hoop', name: 'hoops' }],
      floor: { ...floor, moved: [1] },
    } as unknown as Stretch
    expect(settingOf(stretch)).toEqual({
      groups: 5,
      without: ['hoop'],
      moved: [{ group: 1, x: 3, y: 0.5 }],
    })
  })
})
