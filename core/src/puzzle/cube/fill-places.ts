import { CORNERS, EDGES, type Place } from './pieces.js';

/** What a byte of a cube can be at any place. */
export const VALUES = 24;

/**
 * Numbers that can be added and multiplied, `none` changing no sum and `one` no product. With plain
 * numbers the sum over all fillings counts them; with `least` for adding and + for multiplying it is
 * the cost of the cheapest.
 */
export interface Semiring {
  none: number;
  one: number;
  add(a: number, b: number): number;
  times(a: number, b: number): number;
}

/** Of the places of one kind, filled in all ways that a cube's turns allow. */
export interface Filled {
  /** The sum over all fillings, for an even and for an odd order of the pieces. */
  total: readonly [number, number];
  /** `place·24 + value`, places counted within the kind: the sum over those with that value there. */
  having: readonly [Float64Array, Float64Array];
}

/**
 * Sums over all ways to fill the places of one kind (the corners, or the edges) with different
 * pieces whose twists add up, without making them. A filling weighs the product of what its values
 * weigh. Places are filled in order, and all that matters of those before is which pieces are used
 * up, what their twists add up to and whether their order is odd: so there is a sum for each subset
 * of pieces and each state, got from those one piece smaller. Summing from both ends gives what each
 * value at each place has part in.
 */
export class FillPlaces {
  private readonly kinds: number;
  private readonly states: number;
  /** The subsets of pieces by size, and the size of each. */
  private readonly bySize: readonly (readonly number[])[];
  private readonly size: Uint8Array;
  /** `subset · states + state`: the sum of the ways to get there, and on from there to the end. */
  private readonly before: Float64Array;
  private readonly after: Float64Array;
  /** A state is `2·twist + odd`. `sums[step · states + state]`: both added up. */
  private readonly sums: Uint8Array;
  /** The state that must come before one for all twists and exchanges to add up to nothing. */
  private readonly rests: Uint8Array;

  constructor(
    private readonly places: readonly Place[],
    private readonly ring: Semiring,
  ) {
    const kinds = (this.kinds = places[0]!.sides.length);
    const states = (this.states = kinds * 2);
    this.sums = Uint8Array.from({ length: states * states }, (_, k) => {
      const [step, state] = [Math.floor(k / states), k % states];
      return (((step >> 1) + (state >> 1)) % kinds) * 2 + ((step ^ state) & 1);
    });
    this.rests = Uint8Array.from({ length: states }, (_, state) => {
      return ((kinds - (state >> 1)) % kinds) * 2 + (state & 1);
    });
    const size = (this.size = new Uint8Array(1 << places.length));
    const bySize = Array.from({ length: places.length + 1 }, (): number[] => []);
    bySize[0]!.push(0);
    for (let subset = 1; subset < size.length; subset++) {
      size[subset] = size[subset >> 1]! + (subset & 1);
      bySize[size[subset]!]!.push(subset);
    }
    this.bySize = bySize;
    this.before = new Float64Array(size.length * states);
    this.after = new Float64Array(size.length * states);
  }

  /** @param weights what each value weighs, `weights[place][value]`; `none` where it cannot be. */
  fill(weights: readonly Float64Array[]): Filled {
    const { places, states, ring, bySize, before, after } = this;
    const can = weights.map((all) => valuesOf(all, ring));
    before.fill(ring.none);
    after.fill(ring.none);
    before[0] = ring.one;
    after[(this.size.length - 1) * states] = ring.one;
    for (let at = 0; at < places.length; at++) {
      for (const subset of bySize[at]!) {
        if (this.isReached(subset)) this.goOn(subset, can[at]!, weights[at]!);
      }
    }
    const having: [Float64Array, Float64Array] = [
      new Float64Array(places.length * VALUES).fill(ring.none),
      new Float64Array(places.length * VALUES).fill(ring.none),
    ];
    for (let at = places.length - 1; at >= 0; at--) {
      for (const subset of bySize[at]!) {
        if (this.isReached(subset))
          this.gather(subset, can[at]!, weights[at]!, having, at * VALUES);
      }
    }
    return { total: [after[0]!, after[1]!], having };
  }

  /**
   * One filling that alone weighs the whole total of the `fill` just done, as with the cheapest.
   * @param odd whether its order is odd (1) or even (0)
   */
  witness(weights: readonly Float64Array[], odd: number): Uint8Array {
    const { states, ring, after, sums } = this;
    let [subset, left] = [0, odd];
    return Uint8Array.from(weights, (weight) => {
      const sought = after[subset * states + left]!;
      for (const value of valuesOf(weight, ring)) {
        const step = this.step(subset, value);
        if (step < 0) continue;
        const next = subset | (1 << ((value / this.kinds) | 0));
        for (let rest = 0; rest < states; rest++) {
          if (sums[step + rest] !== left) continue;
          if (ring.times(after[next * states + rest]!, weight[value]!) !== sought) continue;
          [subset, left] = [next, rest];
          return value;
        }
      }
      throw new RangeError('nothing fills the places');
    });
  }

  private isReached(subset: number): boolean {
    const { states, before, ring } = this;
    for (let k = subset * states; k < (subset + 1) * states; k++) {
      if (before[k] !== ring.none) return true;
    }
    return false;
  }

  /** The row of `sums` for a value placed after a subset; −1 where its piece is used up. */
  private step(subset: number, value: number): number {
    const { kinds, states, size } = this;
    const piece = (value / kinds) | 0;
    if ((subset >> piece) & 1) return -1;
    // Pieces placed earlier though they come later in order: each is one exchange.
    const odd = size[subset >> piece]! & 1;
    return ((value % kinds) * 2 + odd) * states;
  }

  private goOn(subset: number, values: readonly number[], weights: Float64Array): void {
    const { kinds, states, ring, before, sums } = this;
    for (const value of values) {
      const step = this.step(subset, value);
      if (step < 0) continue;
      const weight = weights[value]!;
      const next = (subset | (1 << ((value / kinds) | 0))) * states;
      for (let state = 0; state < states; state++) {
        const ways = before[subset * states + state]!;
        if (ways === ring.none) continue;
        const then = next + sums[step + state]!;
        before[then] = ring.add(before[then]!, ring.times(ways, weight));
      }
    }
  }

  private gather(
    subset: number,
    values: readonly number[],
    weights: Float64Array,
    having: readonly [Float64Array, Float64Array],
    offset: number,
  ): void {
    const { kinds, states, ring, before, after, sums, rests } = this;
    const own = subset * states;
    for (const value of values) {
      const step = this.step(subset, value);
      if (step < 0) continue;
      const weight = weights[value]!;
      const next = (subset | (1 << ((value / kinds) | 0))) * states;
      let [even, uneven] = [ring.none, ring.none];
      for (let left = 0; left < states; left++) {
        if (after[next + left] === ring.none) continue;
        const on = ring.times(after[next + left]!, weight);
        // `left` is what is still to come; with this place, so much more is.
        const here = sums[step + left]!;
        after[own + here] = ring.add(after[own + here]!, on);
        const rest = own + rests[here]!;
        even = ring.add(even, ring.times(before[rest]!, on));
        uneven = ring.add(uneven, ring.times(before[rest ^ 1]!, on));
      }
      having[0][offset + value] = ring.add(having[0][offset + value]!, even);
      having[1][offset + value] = ring.add(having[1][offset + value]!, uneven);
    }
  }
}

function valuesOf(weights: Float64Array, { none }: Semiring): number[] {
  const values: number[] = [];
  for (let value = 0; value < VALUES; value++) if (weights[value] !== none) values.push(value);
  return values;
}

/** The corners and the edges, each with memory of its own for one kind of sum. */
export const fillPlaces = (ring: Semiring): { corner: FillPlaces; edge: FillPlaces } => ({
  corner: new FillPlaces(CORNERS, ring),
  edge: new FillPlaces(EDGES, ring),
});
