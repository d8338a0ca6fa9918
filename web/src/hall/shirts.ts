/** Shirts: each side has a colour, a name and a shape of its own, for whoever does not see the colours. White reads on each. */
export const SHIRTS = [
  { name: 'Blue', colour: '#1d4f91', mark: '●' },
  { name: 'Orange', colour: '#ad4510', mark: '▲' },
  { name: 'Green', colour: '#0e5a4a', mark: '■' },
  { name: 'Violet', colour: '#533f78', mark: '◆' },
  { name: 'Red', colour: '#9b1c31', mark: '★' },
  { name: 'Brown', colour: '#66431f', mark: '⬟' },
  { name: 'Slate', colour: '#3d4d57', mark: '✚' },
  { name: 'Olive', colour: '#565a12', mark: '⬢' },
  { name: 'Teal', colour: '#0b5a6b', mark: '◐' },
  { name: 'Plum', colour: '#7b2566', mark: '▼' },
  { name: 'Black', colour: '#22302e', mark: '◼' },
  { name: 'Rust', colour: '#7f3b1a', mark: '✦' },
]

export const shirtOf = (side: number) => SHIRTS[side % SHIRTS.length]

/** Sides in one row; five and more in two of the same length. */
export const columns = (sides: number) =>
  ({ '--columns': sides > 4 ? Math.ceil(sides / 2) : sides }) as React.CSSProperties
