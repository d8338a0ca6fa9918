/** The schemes of naming years, with an example each. */
export const yearNamings = [
  { value: 'YEARS', label: 'Reception, Year 1, Year 2 …' },
  { value: 'GRADES', label: 'Kindergarten, Grade 1, Grade 2 …' },
  { value: 'PRIMARIES', label: 'Nursery, Primary 1, Primary 2 …' },
  { value: 'AGES', label: 'by age: Age 5, Age 6 …' },
  { value: 'OWN', label: 'by names of our own' },
] as const
