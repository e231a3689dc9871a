import { SAY } from './words';

const NUMBER = new Intl.NumberFormat('en');

/** A count as it is written: `1,200`. */
export const numbered = (count: number): string => NUMBER.format(count);

/** What a typical time is taken from. */
export const typicalOf = (count: number): string =>
  count === 1 ? SAY.theLastFinished : SAY.medianOf({ count });
