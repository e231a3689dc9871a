import { type Rating, RATINGS } from './memory.js';
import { CARD_KINDS, type CardKind, INPUTS, type Review, TYPICAL } from './review.js';

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

/** By kind and input, the values that count, oldest first. */
export type WrittenPace = readonly (readonly (readonly number[])[])[];

/**
 * How quick one person's right answers are, by kind and what they are given with: medians of the
 * logarithms of seconds, for each turn where there are turns. What is long is not slow.
 */
export class Pace {
  /** By kind and input. */
  private readonly usual: Usual[][] = CARD_KINDS.map(() => INPUTS.map(() => new Usual()));

  /** What is kept of it, to go on with later. */
  written(): WrittenPace {
    return this.usual.map((inputs) => inputs.map((usual) => usual.inOrder()));
  }

  /** Goes on with what was written. */
  static from(written: WrittenPace): Pace {
    const pace = new Pace();
    for (const [kind, inputs] of written.entries()) {
      for (const [input, values] of inputs.entries()) {
        for (const value of values) pace.usual[kind]![input]!.add(value);
      }
    }
    return pace;
  }

  private usualOf({ kind, by }: Pick<Review, 'kind' | 'by'>): Usual {
    return this.usual[CARD_KINDS.indexOf(kind)]![INPUTS.indexOf(by)]!;
  }

  /** The rating of an answer by what was usual before it; a right one is then part of that. */
  take(review: Review): Rating {
    if (!review.right) return RATINGS.again;
    const usual = this.usualOf(review);
    const pace = paceOf(review);
    const rating = rated(pace, usual);
    usual.add(pace);
    return rating;
  }

  /** How long an answer to such a card usually takes. */
  seconds(kind: CardKind, turns: number): number {
    const { begin, each } = TYPICAL[kind];
    const typical = begin + each * turns;
    const most = this.usual[CARD_KINDS.indexOf(kind)]!.reduce((a, b) =>
      b.count > a.count ? b : a,
    );
    if (most.count < ENOUGH) return typical;
    return Math.exp(most.median()) * (1 + turns);
  }
}

function rated(pace: number, usual: Usual): Rating {
  if (usual.count < ENOUGH) return RATINGS.good;
  const deviation = Math.max(LEAST_DEVIATION, AS_DEVIATION * usual.medianAway());
  const far = (pace - usual.median()) / deviation;
  return far > FAR ? RATINGS.hard : far < -FAR ? RATINGS.easy : RATINGS.good;
}

/** The logarithm of the seconds for each turn, looking at it counted as one. */
const paceOf = ({ seconds, turns }: Review): number =>
  Math.log(Math.max(0.01, seconds) / (1 + turns));

/**
 * What is usual for one kind of card and one input: the newest values, kept sorted. In place, since
 * many thousands pass through here each time all is made anew.
 */
class Usual {
  count = 0;
  private readonly sorted = new Float64Array(REMEMBERED);
  /** The same in the order they came; once there are enough, a ring from `oldest` on. */
  private readonly order = new Float64Array(REMEMBERED);
  private oldest = 0;

  /** Takes a value in; the oldest gives its place to it where there are enough. */
  add(value: number): void {
    const { sorted, order } = this;
    let at = this.count;
    if (this.count < REMEMBERED) order[this.count++] = value;
    else {
      at = this.placeOf(order[this.oldest]!);
      order[this.oldest] = value;
      this.oldest = (this.oldest + 1) % REMEMBERED;
    }
    for (; at > 0 && sorted[at - 1]! > value; at--) sorted[at] = sorted[at - 1]!;
    for (; at + 1 < this.count && sorted[at + 1]! < value; at++) sorted[at] = sorted[at + 1]!;
    sorted[at] = value;
  }

  /** The values that count, oldest first. */
  inOrder(): number[] {
    const { order, oldest, count } = this;
    return Array.from({ length: count }, (_, k) => order[(oldest + k) % count]!);
  }

  median(): number {
    const { sorted, count } = this;
    const middle = count >> 1;
    return count % 2 === 1 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2;
  }

  /**
   * The median of how far the values are from their median: those below it and those above are two
   * sorted rows, and so many of each are the nearest.
   */
  medianAway(): number {
    const { sorted, count } = this;
    const median = this.median();
    const middle = count >> 1;
    const below = (k: number): number => (k < middle ? median - sorted[middle - 1 - k]! : Infinity);
    const above = (k: number): number =>
      k < count - middle ? sorted[middle + k]! - median : Infinity;
    const nearest = middle + 1;
    // The fewest from below with which no value above that is taken is farther than the next below.
    let [fewest, most] = [nearest - (count - middle), middle];
    while (fewest < most) {
      const taken = (fewest + most) >> 1;
      if (above(nearest - taken - 1) > below(taken)) fewest = taken + 1;
      else most = taken;
    }
    const lastBelow = fewest > 0 ? below(fewest - 1) : 0;
    const lastAbove = fewest < nearest ? above(nearest - fewest - 1) : 0;
    return Math.max(lastBelow, lastAbove);
  }

  /** Where a value stands. */
  private placeOf(value: number): number {
    let low = 0;
    for (let high = this.count; low < high;) {
      const middle = (low + high) >> 1;
      if (this.sorted[middle]! < value) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}
