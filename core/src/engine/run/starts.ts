import {
  CORNER_COUNT,
  CORNERS,
  type Cube,
  EDGES,
  isOdd,
  layersOf,
  pieceAt,
  type Place,
  PLACE_COUNT,
  PLACES,
  placeValue,
  type Side,
  solvedCube,
  twistAt,
} from '../../puzzle/cube/index.js';
import { type After, stagesBefore, standsBefore } from '../../teaching/approaches/index.js';
import { goalHolds, recordOf, type Stage, type StartsOf } from '../../teaching/stages/index.js';
import type { Runner } from './runner.js';
import type { Tries } from './tries.js';

/** The starts of a stage: cubes in which the pieces that matter stand in every way they can. */
export interface Starts {
  /** A mask by piece of those the stage may look at; the others stand anyhow in the cubes given. */
  readonly matter: Uint8Array;
  readonly count: number;
  /** A fresh copy of start `k`. */
  readonly cube: (k: number) => Cube;
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
  const everyTwist = [...twists(pieces.length, kinds)];
  for (const chosen of arrangements(places, pieces.length)) {
    const cube = solvedCube();
    const left = places.filter((place) => !chosen.includes(place));
    left.forEach((place, k) => (cube[place] = placeValue(others[k]!, 0)));
    for (const turned of everyTwist) {
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

/** A mask by piece. */
const maskOf = (...pieces: number[][]): Uint8Array => {
  const mask = new Uint8Array(PLACE_COUNT);
  for (const piece of pieces.flat()) mask[piece] = 1;
  return mask;
};

/** Starts made ready: all cubes in one block of bytes. */
function gather(matter: Uint8Array, cubes: Iterable<Cube>): Starts {
  const all = [...cubes];
  const bytes = new Uint8Array(all.length * PLACE_COUNT);
  all.forEach((cube, k) => bytes.set(cube, k * PLACE_COUNT));
  return {
    matter,
    count: all.length,
    cube: (k) => bytes.slice(k * PLACE_COUNT, (k + 1) * PLACE_COUNT),
  };
}

/**
 * All starts of a stage, given the stage done just before it, or several of which any may be.
 *
 * Early stages are seen by their own pieces alone: 190,080 placements of the four edges of the
 * first layer, 136,080 of its corners, 26,880 of the middle edges. The last layer is seen whole.
 */
export function startsOf(stage: Stage, after: After, first: Side): Starts {
  const befores = stagesBefore({ after });
  const key = `${stage} ${befores.join()} ${first}`;
  let starts = made.get(key);
  if (!starts) made.set(key, (starts = makeStarts(stage, befores, first)));
  return starts;
}

// Several approaches of a stage have the same starts; a few megabytes keep them all.
const made = new Map<string, Starts>();

/** The pieces a stage may look at, and every way in which they can stand, by how they are gone through. */
const WAYS: Record<StartsOf, (first: Side) => [matter: Uint8Array, cubes: Generator<Cube>]> = {
  firstEdges: (first) => {
    const { firstEdges } = layersOf(first);
    return [maskOf(firstEdges), placements(firstEdges, ALL_EDGES)];
  },
  firstCorners: (first) => {
    const { firstEdges, firstCorners } = layersOf(first);
    return [maskOf(firstEdges, firstCorners), placements(firstCorners, ALL_CORNERS)];
  },
  middleEdges: (first) => {
    const { firstEdges, firstCorners, middleEdges } = layersOf(first);
    const places = ALL_EDGES.filter((edge) => !firstEdges.includes(edge));
    return [maskOf(firstEdges, firstCorners, middleEdges), placements(middleEdges, places)];
  },
  lastLayer: (first) => [maskOf(ALL_CORNERS, ALL_EDGES), lastLayers(first)],
};

function makeStarts(stage: Stage, befores: readonly (Stage | null)[], first: Side): Starts {
  const [matter, cubes] = WAYS[recordOf(stage).starts](first);
  const done = (cube: Cube): boolean => standsBefore({ after: befores }, cube, first);
  return gather(matter, filtered(cubes, done));
}

/**
 * The starts of `pairs` for one room while the rooms in the mask `closed` are finished: its corner
 * and edge anywhere on top or in an open room, in every twist. The other pieces do not matter.
 */
export function pairStarts(
  rooms: readonly { corner: number; edge: number }[],
  room: number,
  closed: number,
  first: Side,
): Starts {
  const { firstEdges, lastCorners, lastEdges } = layersOf(first);
  const open = rooms.filter((_, k) => ((closed >> k) & 1) === 0);
  const finished = rooms.filter((_, k) => (closed >> k) & 1);
  const { corner, edge } = rooms[room]!;
  const corners = [...placements([corner], [...lastCorners, ...open.map((one) => one.corner)])];
  const edges = [...placements([edge], [...lastEdges, ...open.map((one) => one.edge)])];
  const matter = maskOf(
    firstEdges,
    [corner, edge],
    finished.flatMap((one) => [one.corner, one.edge]),
  );
  const cubes = corners.flatMap((byCorner) =>
    edges.map((byEdge) => {
      const cube = byEdge.slice();
      cube.set(byCorner.subarray(0, CORNER_COUNT));
      return cube;
    }),
  );
  return gather(matter, cubes);
}

/** Every start of an approach's stage, done by its runner with what matters alone in sight. */
export function triesOf(runner: Pick<Runner, 'approach' | 'next'>, first: Side): Tries {
  const { stage, after } = runner.approach;
  const { matter, count, cube } = startsOf(stage, after, first);
  return {
    matter,
    count,
    cube,
    next: (at, hold, begun) => runner.next(at, hold, begun, matter),
    isDone: (at) => goalHolds(at, stage, first),
  };
}
