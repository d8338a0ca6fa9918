import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import { must, stretch } from '../hall/testing'
import { FloorDrawing } from './FloorDrawing'
import { type Stretch, settingOf } from './useLesson'
import { WatchFrom } from './WatchFrom'

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

  it('goes on from where a group was put while that is still being saved', () => {
    const move = vi.fn()
    const { rerender } = render(<FloorDrawing floor={floor} move={move} busy={false} />)
    const group = screen.getByRole('button', { name: /^Group 2, 3.0 m/ })
    fireEvent.keyDown(group, { key: 'ArrowRight' })
    rerender(<FloorDrawing floor={floor} move={move} busy />)
    fireEvent.keyDown(group, { key: 'ArrowRight' })
    expect(move).toHaveBeenLastCalledWith([{ group: 1, x: 4, y: 0.5 }])
    rerender(<FloorDrawing floor={floor} move={move} busy={false} />)
    fireEvent.keyDown(group, { key: 'ArrowRight' })
    expect(move).toHaveBeenLastCalledWith([{ group: 1, x: 3.5, y: 0.5 }])
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
    const of = {
      ...stretch('pairs', 8),
      byHand: { groups: 5, without: [{ key: 'hoop', name: 'hoops' }], places: [{ child: 'a', place: 2 }] },
    }
    must(of.floor).drawing = { ...floor, moved: [1] }
    expect(settingOf(of)).toEqual({
      groups: 5,
      without: ['hoop'],
      places: [{ child: 'a', place: 2 }],
      moved: [{ group: 1, x: 3, y: 0.5 }],
    })
  })
})

describe('where to watch from', () => {
  const child = (id: string, name: string) => ({ id, name, leftHanded: false })
  const pairs: Stretch = {
    ...stretch('pairs', 8),
    byHand: { without: [], places: [{ child: 'x', place: 0 }] },
  }
  must(pairs.floor).groups = [
    { label: '1', children: [child('a', 'Ada')] },
    { label: '2', children: [child('b', 'Ben')] },
    { label: '3', children: [child('c', 'Cleo')] },
  ]
  const watch = {
    segment: 'pairs',
    watches: [],
    reason: '9 looks: for 3 of them this should decide it, 2 stay open.',
    from: {
      stands: [
        { x: 1, y: 2, groups: [0, 1], looks: 6 },
        { x: 9, y: 2, groups: [2], looks: 3 },
      ],
      swaps: [{ group: 2, with: 0 }],
      places: [
        { child: 'x', place: 2 },
        { child: 'c', place: 0 },
      ],
      byCue: {},
      reason: '6, then 3 of 9 looks from 2 spots. With places changed, 8 from one.',
    },
  }
  it('names the groups by each spot and puts the places that were worked out', () => {
    const set = vi.fn()
    render(<WatchFrom stretch={pairs} watch={watch} set={set} busy={false} />)
    expect(screen.getByText('by groups 1, 2: 6 looks')).toBeInTheDocument()
    expect(screen.getByText(/With places changed, 8 from one/)).toBeInTheDocument()
    expect(screen.getByText(/Could change places: group 3 and group 1/)).toBeInTheDocument()
    fireEvent.click(screen.getByRole('button', { name: 'Let them change places' }))
    expect(set.mock.calls[0][0].places).toEqual(watch.from.places)
    fireEvent.click(screen.getByRole('button', { name: 'Back to their own places' }))
    expect(set.mock.calls[1][0].places).toEqual([])
  })

  it('offers nothing where nothing may be changed, and numbers the spots on the floor', () => {
    render(<WatchFrom stretch={pairs} watch={watch} busy={false} />)
    expect(screen.queryByRole('button')).toBeNull()
    render(<FloorDrawing floor={floor} spots={watch.from.stands} busy={false} />)
    expect(screen.getByText('2', { selector: 'span' })).toHaveStyle({ left: '52.84090909090909%' })
  })
})
