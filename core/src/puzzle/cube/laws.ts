import { type Cube, pieceAt, twistAt } from './cube.js';
import { CORNER_COUNT, PLACE_COUNT } from './pieces.js';

/**
 * The three laws that no turn breaks. A cube can be solved exactly when all corners' twists add up
 * to whole turns, all edges' flips to pairs, and corners and edges are mixed alike (both evenly
 * or both oddly).
 */
export interface Laws {
  /** What the corners' twists leave over, 0…2. */
  twist: number;
  /** What the edges' flips leave over, 0…1. */
  flip: number;
  /** Whether two pieces would have to be swapped. */
  swapped: boolean;
}

export function lawsOf(cube: Cube): Laws {
  let [twist, flip] = [0, 0];
  for (let place = 0; place < CORNER_COUNT; place++) twist += twistAt(cube, place);
  for (let place = CORNER_COUNT; place < PLACE_COUNT; place++) flip += twistAt(cube, place);
  const pieces = Array.from({ length: PLACE_COUNT }, (_, place) => pieceAt(cube, place));
  return { twist: twist % 3, flip: flip % 2, swapped: isOdd(pieces) };
}

/** Whether turns can solve a cube of twenty different pieces. */
export function isSolvable(cube: Cube): boolean {
  const { twist, flip, swapped } = lawsOf(cube);
  return twist === 0 && flip === 0 && !swapped;
}

/** Whether a permutation of 0…n−1 is odd. */
export function isOdd(permutation: readonly number[]): boolean {
  let [visited, odd] = [0, false];
  permutation.forEach((_, start) => {
    for (let k = start, length = 0; ((visited >> k) & 1) === 0; k = permutation[k]!, length++) {
      visited |= 1 << k;
      if (length > 0) odd = !odd;
    }
  });
  return odd;
}
