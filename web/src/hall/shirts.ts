/** Shirts: each side has a colour, a name and a shape of its own, for whoever does not see the colours. */
export const SHIRTS = [
  { name: 'Blue', colour: '#1d4f91', mark: '●' },
  { name: 'Orange', colour: '#ad4510', mark: '▲' },
  { name: 'Green', colour: '#0e5a4a', mark: '■' },
  { name: 'Violet', colour: '#533f78', mark: '◆' },
]

export const shirtOf = (side: number) => SHIRTS[side % SHIRTS.length]
