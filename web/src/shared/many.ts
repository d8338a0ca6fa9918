/** "1 look", "3 looks", "2 children". */
export const many = (n: number, one: string, more = `${one}s`) => `${n} ${n === 1 ? one : more}`
