import {
  colourOfValue,
  CORNERS,
  EDGES,
  type Filled,
  fillPlaces,
  type Place,
  type Semiring,
  UNSEEN,
  VALUES,
} from '../../puzzle/cube/index.js';

/** Counting: floating-point numbers, exact while small, and above 0 exactly where there is a way. */
const COUNTING: Semiring = { none: 0, one: 1, add: (a, b) => a + b, times: (a, b) => a * b };

/** Made once: they work in their own memory. */
const counters = fillPlaces(COUNTING);
const PLACES_OF = { corner: CORNERS, edge: EDGES };

/** 1 for each value a place may hold, given the stickers seen there, and 0 for the others. */
const candidates = ({ index, stickers }: Place, painted: ArrayLike<number>): Float64Array =>
  Float64Array.from({ length: VALUES }, (_, value) =>
    stickers.every((sticker, slot) => {
      const colour = painted[sticker]!;
      return colour === UNSEEN || colour === colourOfValue(index, value, slot);
    })
      ? 1
      : 0,
  );

/**
 * In how many ways the pieces of one kind can fill their places, with the stickers seen as they are
 * and all twists adding up; apart by whether the order of the pieces is even or odd, on which
 * corners and edges must agree.
 */
export const fillings = (kind: 'corner' | 'edge', painted: ArrayLike<number>): Filled =>
  counters[kind].fill(PLACES_OF[kind].map((place) => candidates(place, painted)));
