import {
  colourOfValue,
  CORNER_COUNT,
  CORNERS,
  type Cube,
  EDGES,
  fillPlaces,
  type Place,
  PLACE_COUNT,
  type Semiring,
  VALUES,
} from '../../puzzle/cube/index.js';

const COLOURS = 6;

/** Costs: of several ways the cheapest counts, and along a way they add up. */
const CHEAPEST: Semiring = { none: Infinity, one: 0, add: Math.min, times: (a, b) => a + b };

export interface Likeliest {
  cube: Cube;
  cost: number;
  /** `sticker·6 + colour`: the cost of the cheapest legal cube with that colour there. */
  having: Float64Array;
}

/** What each value costs at each place. */
const costsAt = (places: readonly Place[], costs: Float64Array): Float64Array[] =>
  places.map(({ index, stickers }) =>
    Float64Array.from({ length: VALUES }, (_, value) =>
      stickers.reduce(
        (sum, sticker, slot) => sum + costs[sticker * COLOURS + colourOfValue(index, value, slot)]!,
        0,
      ),
    ),
  );

/**
 * The legal cube that costs least, when `costs[sticker·6 + colour]` is what it costs to take a
 * sticker for a colour. Exact: all cubes are weighed.
 */
export function likeliestCube(costs: Float64Array): Likeliest {
  const fill = fillPlaces(CHEAPEST);
  const [cornerCosts, edgeCosts] = [costsAt(CORNERS, costs), costsAt(EDGES, costs)];
  const [corners, edges] = [fill.corner.fill(cornerCosts), fill.edge.fill(edgeCosts)];
  const total = [0, 1].map((odd) => corners.total[odd]! + edges.total[odd]!);
  const odd = total[1]! < total[0]! ? 1 : 0;
  const having = new Float64Array(54 * COLOURS).fill(Infinity);
  for (const [kind, other, places] of [
    [corners, edges, CORNERS],
    [edges, corners, EDGES],
  ] as const) {
    places.forEach((place, k) => {
      for (let value = 0; value < VALUES; value++) {
        const cost = Math.min(
          ...[0, 1].map((q) => kind.having[q]![k * VALUES + value]! + other.total[q]!),
        );
        place.stickers.forEach((sticker, slot) => {
          const at = sticker * COLOURS + colourOfValue(place.index, value, slot);
          if (cost < having[at]!) having[at] = cost;
        });
      }
    });
  }
  const cube = new Uint8Array(PLACE_COUNT);
  cube.set(fill.corner.witness(cornerCosts, odd), 0);
  cube.set(fill.edge.witness(edgeCosts, odd), CORNER_COUNT);
  return { cube, cost: total[odd]!, having };
}
