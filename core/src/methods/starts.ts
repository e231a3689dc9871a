import { pieceAt, placeValue, solvedCube, twistAt, type Cube } from '../cube/cube.js';
import { isOdd } from '../cube/legality.js';
import { CORNER_COUNT, CORNERS, EDGES, PLACES, type Place } from '../cube/pieces.js';
import type { Side } from '../cube/sides.js';
import { goalHolds, layersOf } from '../stages/goals.js';
import { STAGES, type Stage } from '../stages/stages.js';

/** The starts of a stage: cubes in which the pieces that matter stand in every way they can. */
export interface Starts {
  /** The pieces the stage may look at, by number; the others stand anyhow in the cubes given. */
  readonly matter: ReadonlySet<number>;
  /** Makes the cubes one after another; each is a fresh copy. */
  readonly cubes: () => Generator<Cube>;
}

const numbers = (places: readonly { index: number }[]): number[] =>
  places.map(({ index }) => index);
const ALL_CORNERS = numbers(CORNERS);
const ALL_EDGES = numbers(EDGES);

/** Every way of choosing an ordered `count` of the items. */
function* arrangements(items: number[], count: number): Generator<number[]> {
  if (count === 0) yield [];
  else {
    for (const item of items) {
      const rest = items.filter((other) => other !== item);
      for (const tail of arrangements(rest, count - 1)) yield [item, ...tail];
    }
  }
}

/** Every list of `count` numbers 0…kinds−1. */
function* twists(count: number, kinds: number): Generator<number[]> {
  for (let code = 0; code < kinds ** count; code++) {
    yield Array.from({ length: count }, (_, k) => Math.floor(code / kinds ** k) % kinds);
  }
}

/** `pieces` put into `places` in every way and twist; what stood there fills the other places. */
function* placements(pieces: number[], places: number[]): Generator<Cube> {
  const kinds = PLACES[pieces[0]!]!.sides.length;
  const others = places.filter((place) => !pieces.includes(place));
  for (const chosen of arrangements(places, pieces.length)) {
    const cube = solvedCube();
    const left = places.filter((place) => !chosen.includes(place));
    left.forEach((place, k) => (cube[place] = placeValue(others[k]!, 0)));
    for (const turned of twists(pieces.length, kinds)) {
      chosen.forEach((place, k) => (cube[place] = placeValue(pieces[k]!, turned[k]!)));
      yield cube.slice();
    }
  }
}

/** Every legal last layer on two finished ones: 62,208 cubes. */
function* lastLayers(first: Side): Generator<Cube> {
  const { lastCorners, lastEdges } = layersOf(first);
  const edges = [...placements(lastEdges, lastEdges)].filter(
    (cube) => totalTwist(cube, EDGES) % 2 === 0,
  );
  const oddEdges = edges.map((cube) => isOddAmong(cube, EDGES));
  for (const corners of placements(lastCorners, lastCorners)) {
    if (totalTwist(corners, CORNERS) % 3 !== 0) continue;
    const odd = isOddAmong(corners, CORNERS);
    for (let k = 0; k < edges.length; k++) {
      if (oddEdges[k] !== odd) continue;
      const cube = edges[k]!.slice();
      cube.set(corners.subarray(0, CORNER_COUNT));
      yield cube;
    }
  }
}

const totalTwist = (cube: Cube, places: readonly Place[]): number =>
  places.reduce((sum, { index }) => sum + twistAt(cube, index), 0);

const isOddAmong = (cube: Cube, places: readonly Place[]): boolean =>
  isOdd(places.map(({ index }) => pieceAt(cube, index) - places[0]!.index));

function* filtered(cubes: Generator<Cube>, keep: (cube: Cube) => boolean): Generator<Cube> {
  for (const cube of cubes) if (keep(cube)) yield cube;
}

/**
 * All starts of a stage, given the stage done just before it by the method.
 *
 * Early stages are seen by their own pieces alone: 190,080 placements of the four edges of the
 * first layer, 136,080 of its corners, 26,880 of the middle edges. The last layer is seen whole.
 */
export function startsOf(stage: Stage, before: Stage | undefined, first: Side): Starts {
  const { firstEdges, firstCorners, middleEdges } = layersOf(first);
  const matter = (...pieces: number[][]): Set<number> => new Set(pieces.flat());
  const done = (cube: Cube): boolean => before === undefined || goalHolds(cube, before, first);
  switch (stage) {
    case 'daisy':
    case 'cross':
      return {
        matter: matter(firstEdges),
        cubes: () => filtered(placements(firstEdges, ALL_EDGES), done),
      };
    case 'corners':
      return {
        matter: matter(firstEdges, firstCorners),
        cubes: () => placements(firstCorners, ALL_CORNERS),
      };
    case 'middle':
      return {
        matter: matter(firstEdges, firstCorners, middleEdges),
        cubes: () =>
          placements(
            middleEdges,
            ALL_EDGES.filter((edge) => !firstEdges.includes(edge)),
          ),
      };
    default:
      return {
        matter: matter(ALL_CORNERS, ALL_EDGES),
        cubes: () => filtered(lastLayers(first), done),
      };
  }
}

/** The stage that must be done before one can be met, when an approach is looked at by itself. */
export function usualStageBefore(stage: Stage): Stage | undefined {
  if (stage === 'yellow-face') return 'yellow-cross';
  return STAGES[STAGES.indexOf(stage) - 1];
}
