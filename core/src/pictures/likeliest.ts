import { colourOfValue, type Cube } from '../cube/cube.js';
import { CORNER_COUNT, CORNERS, EDGES, type Place } from '../cube/pieces.js';

const VALUES = 24;
const COLOURS = 6;

/** The cheapest fillings of one kind of piece: per oddness of their order, and per value. */
interface Cheapest {
  cost: readonly [number, number];
  values: readonly [Uint8Array, Uint8Array];
  /** `place·24 + value`: the cheapest filling that has this value there. */
  having: readonly [Float64Array, Float64Array];
}

/**
 * The cheapest way to fill all places of a kind with different pieces whose twists add up: places
 * in order, over the subsets of pieces used, from both ends.
 */
function cheapest(places: readonly Place[], costs: Float64Array): Cheapest {
  const kinds = places[0]!.sides.length;
  const states = kinds * 2;
  const subsets = 1 << places.length;
  const before = new Float64Array(subsets * states).fill(Infinity);
  const after = new Float64Array(subsets * states).fill(Infinity);
  const choice = new Int8Array(subsets * states).fill(-1);
  before[0] = 0;
  after[(subsets - 1) * states] = 0;
  const size = new Uint8Array(subsets);
  for (let subset = 1; subset < subsets; subset++) size[subset] = size[subset >> 1]! + (subset & 1);
  const own = places.map((place) =>
    Float64Array.from({ length: VALUES }, (_, value) =>
      place.stickers.reduce(
        (sum, sticker, slot) =>
          sum + costs[sticker * COLOURS + colourOfValue(place.index, value, slot)]!,
        0,
      ),
    ),
  );

  const step = (subset: number, value: number): { next: number; odd: number } | undefined => {
    const piece = (value / kinds) | 0;
    if ((subset >> piece) & 1) return undefined;
    return { next: subset | (1 << piece), odd: size[subset >> piece]! & 1 };
  };
  const add = (state: number, value: number, odd: number): number =>
    (((state >> 1) + (value % kinds)) % kinds) * 2 + ((state & 1) ^ odd);

  // A subset's number is smaller than that of any it grows into.
  for (let subset = 0; subset < subsets - 1; subset++) {
    const at = own[size[subset]!]!;
    for (let value = 0; value < VALUES; value++) {
      const taken = step(subset, value);
      if (!taken) continue;
      for (let state = 0; state < states; state++) {
        const cost = before[subset * states + state]! + at[value]!;
        const then = taken.next * states + add(state, value, taken.odd);
        if (cost < before[then]!) before[then] = cost;
      }
    }
  }
  const having = [0, 1].map(() => new Float64Array(places.length * VALUES).fill(Infinity));
  for (let subset = subsets - 2; subset >= 0; subset--) {
    const place = size[subset]!;
    const at = own[place]!;
    for (let value = 0; value < VALUES; value++) {
      const taken = step(subset, value);
      if (!taken) continue;
      for (let left = 0; left < states; left++) {
        const rest = after[taken.next * states + left]! + at[value]!;
        if (rest === Infinity) continue;
        const here = add(left, value, taken.odd);
        if (rest < after[subset * states + here]!) {
          after[subset * states + here] = rest;
          choice[subset * states + here] = value;
        }
        const twist = (kinds - (here >> 1)) % kinds;
        for (let odd = 0; odd < 2; odd++) {
          const total = before[subset * states + twist * 2 + ((here & 1) ^ odd)]! + rest;
          const k = place * VALUES + value;
          if (total < having[odd]![k]!) having[odd]![k] = total;
        }
      }
    }
  }
  const path = (odd: number): Uint8Array => {
    const values = new Uint8Array(places.length);
    for (let k = 0, subset = 0, left = odd; k < places.length; k++) {
      const value = (values[k] = choice[subset * states + left]!);
      const taken = step(subset, value)!;
      const twist = ((left >> 1) - (value % kinds) + kinds) % kinds;
      left = twist * 2 + ((left & 1) ^ taken.odd);
      subset = taken.next;
    }
    return values;
  };
  return {
    cost: [after[0]!, after[1]!],
    values: [path(0), path(1)],
    having: having as [Float64Array, Float64Array],
  };
}

export interface Likeliest {
  cube: Cube;
  cost: number;
  /** `sticker·6 + colour`: the cost of the cheapest legal cube with that colour there. */
  having: Float64Array;
}

/**
 * The legal cube that costs least, when `costs[sticker·6 + colour]` is what it costs to take a
 * sticker for a colour. Exact: all cubes are weighed.
 */
export function likeliestCube(costs: Float64Array): Likeliest {
  const corners = cheapest(CORNERS, costs);
  const edges = cheapest(EDGES, costs);
  const total = [0, 1].map((odd) => corners.cost[odd]! + edges.cost[odd]!);
  const odd = total[1]! < total[0]! ? 1 : 0;
  const having = new Float64Array(54 * COLOURS).fill(Infinity);
  for (const [kind, other, places] of [
    [corners, edges, CORNERS],
    [edges, corners, EDGES],
  ] as const) {
    places.forEach((place, k) => {
      for (let value = 0; value < VALUES; value++) {
        const cost = Math.min(
          ...[0, 1].map((q) => kind.having[q]![k * VALUES + value]! + other.cost[q]!),
        );
        place.stickers.forEach((sticker, slot) => {
          const at = sticker * COLOURS + colourOfValue(place.index, value, slot);
          if (cost < having[at]!) having[at] = cost;
        });
      }
    });
  }
  const cube = new Uint8Array(20);
  cube.set(corners.values[odd]!, 0);
  cube.set(edges.values[odd]!, CORNER_COUNT);
  return { cube, cost: total[odd]!, having };
}
