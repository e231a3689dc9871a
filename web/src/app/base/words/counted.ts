const NUMBER = new Intl.NumberFormat('en');

/** A count as it is written: `1,200`. */
export const numbered = (count: number): string => NUMBER.format(count);

/** A count with what is counted: `1 turn`, `1,200 turns`; `many` where it is not the word and an s. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${numbered(count)} ${count === 1 ? one : many}`;

/** What a typical time is taken from. */
export const typicalOf = (count: number): string =>
  count === 1 ? 'the last finished' : `median of the last ${numbered(count)} finished`;
