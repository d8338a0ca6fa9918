/** "1 look", "3 looks", "2 children". */
export const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`

/** "3" where all are alike, "2 or 3", "2 to 5". */
export function between(of: readonly number[]) {
  const [least, most] = [Math.min(...of), Math.max(...of)]
  return least === most ? `${least}` : `${least} ${most === least + 1 ? 'or' : 'to'} ${most}`
}
