import { colourOfValue } from '../cube/cube.js';
import { UNSEEN } from '../cube/painted.js';
import { CORNERS, EDGES, type Place } from '../cube/pieces.js';

/** What a byte of a cube can be at any place. */
export const VALUES = 24;

/**
 * In how many ways the pieces of one kind (the corners, or the edges) can fill their places, with
 * the stickers seen as they are and all twists adding up; apart by whether the order of the pieces
 * is even or odd, on which corners and edges must agree. Counts are floating-point numbers: exact
 * where they are small, and above 0 exactly where there is a way.
 */
export interface Fillings {
  /** For even and for odd. */
  total: readonly [number, number];
  /** `place·24 + value`, places counted within the kind: how many have that value there. */
  having: readonly [Float64Array, Float64Array];
}

/** Subsets of pieces by size, and how many pieces each holds. */
interface Subsets {
  bySize: readonly (readonly number[])[];
  size: Uint8Array;
}

function subsetsOf(count: number): Subsets {
  const size = new Uint8Array(1 << count);
  const bySize = Array.from({ length: count + 1 }, (): number[] => []);
  bySize[0]!.push(0);
  for (let subset = 1; subset < size.length; subset++) {
    size[subset] = size[subset >> 1]! + (subset & 1);
    bySize[size[subset]!]!.push(subset);
  }
  return { bySize, size };
}

/** The values a place may hold, given the stickers seen there. */
function candidates({ index, stickers }: Place, painted: ArrayLike<number>): number[] {
  const values: number[] = [];
  for (let value = 0; value < VALUES; value++) {
    const fits = stickers.every((sticker, slot) => {
      const colour = painted[sticker]!;
      return colour === UNSEEN || colour === colourOfValue(index, value, slot);
    });
    if (fits) values.push(value);
  }
  return values;
}

/**
 * Counts the fillings without making them: places are filled in order, and all that matters of
 * those before is which pieces are used up, what their twists add up to and whether their order is
 * odd. Counting from both ends gives how many fillings have each value at each place.
 */
class Counter {
  private readonly kinds: number;
  private readonly states: number;
  private readonly subsets: Subsets;
  /** `subset · states + state`: the ways to get there, and the ways on from there to the end. */
  private readonly before: Float64Array;
  private readonly after: Float64Array;
  /** A state is `2·twist + odd`. `sums[step · states + state]`: both added up. */
  private readonly sums: Uint8Array;
  /** The state that must come before one for all twists and exchanges to add up to nothing. */
  private readonly rests: Uint8Array;

  constructor(private readonly places: readonly Place[]) {
    const kinds = (this.kinds = places[0]!.sides.length);
    const states = (this.states = this.kinds * 2);
    this.sums = Uint8Array.from({ length: states * states }, (_, k) => {
      const [step, state] = [Math.floor(k / states), k % states];
      return (((step >> 1) + (state >> 1)) % kinds) * 2 + ((step ^ state) & 1);
    });
    this.rests = Uint8Array.from({ length: states }, (_, state) => {
      return ((kinds - (state >> 1)) % kinds) * 2 + (state & 1);
    });
    this.subsets = subsetsOf(places.length);
    this.before = new Float64Array(this.subsets.size.length * this.states);
    this.after = new Float64Array(this.subsets.size.length * this.states);
  }

  count(painted: ArrayLike<number>): Fillings {
    const { places, states, subsets, before, after } = this;
    const can = places.map((place) => candidates(place, painted));
    before.fill(0);
    after.fill(0);
    before[0] = 1;
    after[(subsets.size.length - 1) * states] = 1;
    for (let at = 0; at < places.length; at++) {
      for (const subset of subsets.bySize[at]!) {
        if (this.isReached(subset)) this.fill(subset, can[at]!);
      }
    }
    const having: [Float64Array, Float64Array] = [
      new Float64Array(places.length * VALUES),
      new Float64Array(places.length * VALUES),
    ];
    for (let at = places.length - 1; at >= 0; at--) {
      for (const subset of subsets.bySize[at]!) {
        if (this.isReached(subset)) this.gather(subset, can[at]!, having, at * VALUES);
      }
    }
    return { total: [after[0]!, after[1]!], having };
  }

  private isReached(subset: number): boolean {
    const { states, before } = this;
    for (let k = subset * states; k < (subset + 1) * states; k++) if (before[k]! > 0) return true;
    return false;
  }

  private fill(subset: number, values: readonly number[]): void {
    const { kinds, states, before, subsets, sums } = this;
    for (const value of values) {
      const piece = (value / kinds) | 0;
      if ((subset >> piece) & 1) continue;
      // Pieces placed earlier though they come later in order: each is one exchange.
      const odd = subsets.size[subset >> piece]! & 1;
      const step = ((value % kinds) * 2 + odd) * states;
      const next = (subset | (1 << piece)) * states;
      for (let state = 0; state < states; state++) {
        const ways = before[subset * states + state]!;
        if (ways > 0) before[next + sums[step + state]!]! += ways;
      }
    }
  }

  private gather(
    subset: number,
    values: readonly number[],
    having: readonly [Float64Array, Float64Array],
    offset: number,
  ): void {
    const { kinds, states, before, after, subsets, sums, rests } = this;
    const own = subset * states;
    for (const value of values) {
      const piece = (value / kinds) | 0;
      if ((subset >> piece) & 1) continue;
      const odd = subsets.size[subset >> piece]! & 1;
      const step = ((value % kinds) * 2 + odd) * states;
      const next = (subset | (1 << piece)) * states;
      let [even, uneven] = [0, 0];
      for (let left = 0; left < states; left++) {
        const on = after[next + left]!;
        if (on === 0) continue;
        // `left` is what is still to come; with this place, so much more is.
        const here = sums[step + left]!;
        after[own + here]! += on;
        const rest = own + rests[here]!;
        even += before[rest]! * on;
        uneven += before[rest ^ 1]! * on;
      }
      having[0][offset + value]! += even;
      having[1][offset + value]! += uneven;
    }
  }
}

/** Each kind's counter, made once: it works in its own memory. */
const counters = { corner: new Counter(CORNERS), edge: new Counter(EDGES) };

export const fillings = (kind: 'corner' | 'edge', painted: ArrayLike<number>): Fillings =>
  counters[kind].count(painted);
