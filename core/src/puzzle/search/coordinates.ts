import {
  CORNER_COUNT,
  type Cube,
  DOWN,
  EDGE_COUNT,
  EDGES,
  pieceAt,
  PLACE_COUNT,
  placeValue,
  solvedCube,
  twistAt,
  UP,
} from '../cube/index.js';

/**
 * What a cube looks like to the two-phase search: numbers, each of which says one thing about it
 * and changes by a turn in a way that depends on nothing else.
 *
 * The first three are 0 exactly when the cube can be solved without quarter turns of the four
 * sides round it (only `U D` freely, and half turns of `R F L B`); the last three number the
 * cubes for which that holds.
 */
export interface Coordinate {
  readonly count: number;
  of(cube: Cube): number;
  /** A cube with that number; what the number does not say is anything. */
  make(number: number): Cube;
}

const MIDDLE_COUNT = 4;
const isMiddle = (piece: number): boolean => !EDGES[piece - CORNER_COUNT]!.sides.some(isUpOrDown);
const isUpOrDown = (side: number): boolean => side === UP || side === DOWN;

/** The places of the middle layer's edges, and of the eight other edges. */
const MIDDLE = EDGES.map(({ index }) => index).filter(isMiddle);
const OUTER = EDGES.map(({ index }) => index).filter((index) => !isMiddle(index));
const CORNER_PLACES = Array.from({ length: CORNER_COUNT }, (_, place) => place);

function twistCoordinate(start: number, length: number, kinds: number): Coordinate {
  const last = start + length - 1;
  return {
    count: kinds ** (length - 1),
    of(cube) {
      let number = 0;
      for (let place = start; place < last; place++) number = number * kinds + twistAt(cube, place);
      return number;
    },
    make(number) {
      const cube = solvedCube();
      let [rest, sum] = [number, 0];
      for (let place = last - 1; place >= start; place--) {
        const twist = rest % kinds;
        cube[place] = placeValue(place, twist);
        rest = (rest - twist) / kinds;
        sum += twist;
      }
      cube[last] = placeValue(last, (kinds - (sum % kinds)) % kinds);
      return cube;
    },
  };
}

/** How the corners are twisted, and how the edges are flipped. */
export const TWIST = twistCoordinate(0, CORNER_COUNT, 3);
export const FLIP = twistCoordinate(CORNER_COUNT, EDGE_COUNT, 2);

// CHOOSE[n][k]: in how many ways k of n things can be chosen.
const CHOOSE = Array.from({ length: EDGE_COUNT + 1 }, () => new Array<number>(5).fill(0));
for (let n = 0; n <= EDGE_COUNT; n++) {
  CHOOSE[n]![0] = 1;
  for (let k = 1; k <= MIDDLE_COUNT && n > 0; k++) {
    CHOOSE[n]![k] = CHOOSE[n - 1]![k]! + CHOOSE[n - 1]![k - 1]!;
  }
}

// The edge places with the middle layer's last, so that the solved cube's number is 0.
const SLICE_ORDER = [...OUTER, ...MIDDLE].reverse();

/** Which four places hold the edges of the middle layer, whichever of them is where. */
export const SLICE: Coordinate = {
  count: CHOOSE[EDGE_COUNT]![MIDDLE_COUNT]!,
  of(cube) {
    let [number, left] = [0, MIDDLE_COUNT];
    for (let k = 0; k < EDGE_COUNT && left > 0; k++) {
      if (isMiddle(pieceAt(cube, SLICE_ORDER[k]!))) left--;
      else number += CHOOSE[EDGE_COUNT - 1 - k]![left - 1]!;
    }
    return number;
  },
  make(number) {
    const cube = solvedCube();
    const [middle, outer] = [[...MIDDLE], [...OUTER]];
    let [rest, left] = [number, MIDDLE_COUNT];
    for (let k = 0; k < EDGE_COUNT; k++) {
      const skipped = left > 0 ? CHOOSE[EDGE_COUNT - 1 - k]![left - 1]! : Infinity;
      const here = rest < skipped;
      if (here) left--;
      else if (left > 0) rest -= skipped;
      cube[SLICE_ORDER[k]!] = placeValue((here ? middle : outer).pop()!, 0);
    }
    return cube;
  },
};

/** The order of pieces on some places, as the rank of the permutation among all, from 0. */
function orderCoordinate(places: readonly number[]): Coordinate {
  const size = places.length;
  const slot = new Int8Array(PLACE_COUNT).fill(-1);
  places.forEach((place, k) => (slot[place] = k));
  let count = 1;
  for (let k = 2; k <= size; k++) count *= k;
  return {
    count,
    of(cube) {
      let [number, seen] = [0, 0];
      for (let k = 0; k < size; k++) {
        const piece = slot[pieceAt(cube, places[k]!)]!;
        let smaller = piece;
        for (let other = 0; other < piece; other++) smaller -= (seen >> other) & 1;
        number = number * (size - k) + smaller;
        seen |= 1 << piece;
      }
      return number;
    },
    make(number) {
      const cube = solvedCube();
      const left = [...places];
      let [rest, each] = [number, count];
      for (let k = 0; k < size; k++) {
        each /= size - k;
        const digit = Math.floor(rest / each);
        rest -= digit * each;
        cube[places[k]!] = placeValue(left.splice(digit, 1)[0]!, 0);
      }
      return cube;
    },
  };
}

/** The order of the corners, of the eight outer edges and of the four of the middle layer. */
export const CORNER_ORDER = orderCoordinate(CORNER_PLACES);
export const OUTER_ORDER = orderCoordinate(OUTER);
export const MIDDLE_ORDER = orderCoordinate(MIDDLE);
