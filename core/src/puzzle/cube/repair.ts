import { copyCube, type Cube, isHome, pieceAt, placeValue, twistAt } from './cube.js';
import { lawsOf } from './laws.js';
import { CORNERS, EDGES, PLACES } from './pieces.js';

/**
 * The least that must be done to a cube by hand so that turns can solve it again: places (0…19) as
 * they are before any of it is done. At most one of each.
 */
export interface Repair {
  /** The place whose edge is put back flipped; one of `swap` when that is an exchange of edges. */
  flip?: number;
  /** The corner twisted where it is, by so many thirds clockwise as seen looking straight at it. */
  twist?: { place: number; thirds: 1 | 2 };
  /** Two edges, or two corners, that change places. */
  swap?: readonly [number, number];
}

/**
 * How hard a place is to get at. An edge comes out when its layer is turned half way to a quarter,
 * a corner only after it; what is in the upper layer, and in front, is nearest to the hand.
 */
const EASE = [
  'UF',
  'UR',
  'UL',
  'UB',
  'DF',
  'DR',
  'DL',
  'DB',
  'FR',
  'FL',
  'BR',
  'BL',
  'UFR',
  'UFL',
  'UBR',
  'UBL',
  'DFR',
  'DFL',
  'DBR',
  'DBL',
];
const HARDNESS = PLACES.map(({ name }) => EASE.indexOf(name));

/** What the cube is once a repair is done. */
export function repaired(cube: Cube, { flip, twist, swap }: Repair): Cube {
  const mended = copyCube(cube);
  const turn = (place: number, by: number, kinds: number): void => {
    const value = placeValue(pieceAt(mended, place), (twistAt(mended, place) + by) % kinds);
    mended[place] = value;
  };
  if (flip !== undefined) turn(flip, 1, 2);
  if (twist) turn(twist.place, twist.thirds, 3);
  if (swap) {
    const [a, b] = swap;
    [mended[a], mended[b]] = [mended[b]!, mended[a]!];
  }
  return mended;
}

/** How well a cube looks: its pieces home, and then those that face the right way. */
const worth = (cube: Cube): number =>
  PLACES.reduce(
    (sum, { index }) =>
      sum + (isHome(cube, index) ? 100 : 0) + (twistAt(cube, index) === 0 ? 1 : 0),
    0,
  );

function pairsOf(places: readonly { index: number }[]): [number, number][] {
  return places.flatMap(({ index: a }, k) =>
    places.slice(k + 1).map(({ index: b }): [number, number] => [a, b]),
  );
}

/** All repairs that are enough, each with as few pieces taken out as there can be. */
function repairsOf(cube: Cube): Repair[] {
  const { flip, twist, swapped } = lawsOf(cube);
  const twists =
    twist === 0
      ? [undefined]
      : CORNERS.map(({ index }) => ({ place: index, thirds: (3 - twist) as 1 | 2 }));
  // An edge that is taken out anyway can be put back flipped.
  const others: Repair[] = swapped
    ? [
        ...pairsOf(EDGES).flatMap((swap): Repair[] =>
          flip ? swap.map((place) => ({ swap, flip: place })) : [{ swap }],
        ),
        ...(flip ? [] : pairsOf(CORNERS).map((swap): Repair => ({ swap }))),
      ]
    : flip
      ? EDGES.map(({ index }) => ({ flip: index }))
      : [{}];
  return others.flatMap((other) => twists.map((one) => (one ? { ...other, twist: one } : other)));
}

/**
 * The smallest repair of a cube that turns cannot solve; empty for one that they can. Of all that
 * would do, the one after which most pieces are home and face the right way (it mends what was put
 * in wrongly, as a rule), and among those the one that is easiest to do by hand.
 */
export function smallestRepair(cube: Cube): Repair {
  let best: { repair: Repair; good: number; hard: number } | undefined;
  for (const repair of repairsOf(cube)) {
    const good = worth(repaired(cube, repair));
    const places = [repair.flip, repair.twist?.place, ...(repair.swap ?? [])];
    const hard = places.reduce<number>((sum, p) => sum + (p === undefined ? 0 : HARDNESS[p]!), 0);
    if (!best || good > best.good || (good === best.good && hard < best.hard)) {
      best = { repair, good, hard };
    }
  }
  return best!.repair;
}
