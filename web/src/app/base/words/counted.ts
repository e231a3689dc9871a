/** A count with what is counted: `1 turn`, `1,200 turns`; `many` where it is not the word and an s. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count.toLocaleString('en')} ${count === 1 ? one : many}`;
