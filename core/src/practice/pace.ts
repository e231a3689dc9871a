import { RATINGS, type Rating } from './memory.js';
import { CARD_KINDS, INPUTS, type CardKind, type Review } from './review.js';

/** Answers that count for what is usual; older ones are forgotten, since people get quicker. */
const REMEMBERED = 60;
/** With fewer, nothing is slow or quick yet. */
const ENOUGH = 10;
/** How many robust deviations from what is usual is slow, or quick. */
const FAR = 1;
/** Makes the median deviation of a bell curve its standard deviation. */
const AS_DEVIATION = 1.4826;
/** Times that are all alike do not make a hundredth more slow. */
const LEAST_DEVIATION = 0.1;

/** Typical seconds before there are answers of one's own: to begin with, and for each turn. */
const TYPICAL: Readonly<Record<CardKind, { begin: number; each: number }>> = {
  see: { begin: 5, each: 0 },
  turn: { begin: 3, each: 1.2 },
  both: { begin: 8, each: 1.5 },
  read: { begin: 3, each: 0 },
};

/**
 * How quick one person's right answers are, by kind and what they are given with: medians of the
 * logarithms of seconds, for each turn where there are turns. What is long is not slow.
 */
export class Pace {
  /** By kind and input. */
  private readonly usual: Usual[][] = CARD_KINDS.map(() =>
    INPUTS.map(() => ({ sorted: [], order: [], at: 0 })),
  );

  private usualOf({ kind, by }: Pick<Review, 'kind' | 'by'>): Usual {
    return this.usual[CARD_KINDS.indexOf(kind)]![INPUTS.indexOf(by)]!;
  }

  /** The rating of an answer by what was usual before it. */
  rate(review: Review): Rating {
    if (!review.right) return RATINGS.again;
    const times = this.usualOf(review).sorted;
    if (times.length < ENOUGH) return RATINGS.good;
    const usual = medianOf(times);
    const deviation = Math.max(LEAST_DEVIATION, AS_DEVIATION * medianAway(times, usual));
    const far = (paceOf(review) - usual) / deviation;
    return far > FAR ? RATINGS.hard : far < -FAR ? RATINGS.easy : RATINGS.good;
  }

  /** Takes a right answer into what is usual. */
  add(review: Review): void {
    if (!review.right) return;
    const { sorted, order } = this.usualOf(review);
    const pace = paceOf(review);
    sorted.splice(placeOf(sorted, pace), 0, pace);
    if (order.length < REMEMBERED) {
      order.push(pace);
      return;
    }
    // The oldest gives its place to the newest.
    const usual = this.usualOf(review);
    sorted.splice(placeOf(sorted, order[usual.at]!), 1);
    order[usual.at] = pace;
    usual.at = (usual.at + 1) % REMEMBERED;
  }

  /** How long an answer to such a card usually takes. */
  seconds(kind: CardKind, turns: number): number {
    const { begin, each } = TYPICAL[kind];
    const typical = begin + each * turns;
    const most = this.usual[CARD_KINDS.indexOf(kind)]!.map(({ sorted }) => sorted).reduce((a, b) =>
      b.length > a.length ? b : a,
    );
    if (most.length < ENOUGH) return typical;
    return Math.exp(medianOf(most)) * (1 + turns);
  }
}

/** What is usual for one kind of card and one input. */
interface Usual {
  readonly sorted: number[];
  /** The same in the order they came; once there are enough, a ring from `at` on. */
  readonly order: number[];
  at: number;
}

/** The logarithm of the seconds for each turn, looking at it counted as one. */
const paceOf = ({ seconds, turns }: Review): number =>
  Math.log(Math.max(0.01, seconds) / (1 + turns));

function medianOf(sorted: readonly number[]): number {
  const middle = sorted.length >> 1;
  return sorted.length % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
}

/** The median of how far sorted values are from their middle: walked outwards from there. */
function medianAway(sorted: readonly number[], middle: number): number {
  let high = sorted.length >> 1;
  let low = high - 1;
  let away = 0;
  for (let k = 0; k <= sorted.length >> 1; k++) {
    const below = low >= 0 ? middle - sorted[low]! : Infinity;
    const above = high < sorted.length ? sorted[high]! - middle : Infinity;
    if (below < above) low--;
    else high++;
    away = Math.min(below, above);
  }
  return away;
}

/** Where a value belongs among sorted ones: before those not smaller. */
function placeOf(sorted: readonly number[], value: number): number {
  let low = 0;
  for (let high = sorted.length; low < high;) {
    const middle = (low + high) >> 1;
    if (sorted[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}
