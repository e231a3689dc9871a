import type { Case, PatternApproach } from '../../teaching/approaches/index.js';
import { textOf } from '../../teaching/wording/index.js';

/**
 * The most an approach, or all those written out in a method, may ask to be compiled. The largest
 * built-in approach asks for 2,500, the largest method made of them for 9,000.
 */
export const MOST_WORK = 40_000;

/** What a pattern costs that asks for nothing. */
const LEAST = 8;

/** Of one pattern after one lining-up: each sticker to look at, each letter to turn or say. */
function workOfCase({ seen, lineUp, sequence, times = 1, look, why }: Case): number {
  const patterns = Array.isArray(seen) ? (seen as readonly object[]) : [seen];
  const once = LEAST + sequence.length * times + (textOf(look).length + textOf(why).length) / 4;
  const each = patterns.reduce((sum, pattern) => sum + once + 4 * Object.keys(pattern).length, 0);
  return each * (lineUp ? 4 : 1);
}

/** How much it takes to compile an approach: its cases by patterns, lining-up, length and times. */
export const workOf = ({ cases }: Pick<PatternApproach, 'cases'>): number =>
  cases.reduce((sum, one) => sum + workOfCase(one), 0);
