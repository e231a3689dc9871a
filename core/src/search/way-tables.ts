import { DOWN, UP } from '../cube/sides.js';
import {
  applyTurn,
  inverseTurn,
  quartersOfTurn,
  sideOfTurn,
  TURN_COUNT,
  type Turn,
} from '../cube/turns.js';
import {
  CORNER_ORDER,
  FLIP,
  MIDDLE_ORDER,
  OUTER_ORDER,
  SLICE,
  TWIST,
  type Coordinate,
} from './coordinates.js';

/** All turns, for the first phase, and those that keep what it reached, for the second. */
export const FIRST_TURNS: readonly Turn[] = Array.from({ length: TURN_COUNT }, (_, turn) => turn);
export const SECOND_TURNS: readonly Turn[] = FIRST_TURNS.filter((turn) => {
  const side = sideOfTurn(turn);
  return side === UP || side === DOWN || quartersOfTurn(turn) === 2;
});

/**
 * Tables of the two-phase search: where a turn leads from each number of a coordinate
 * (`number · turns + k`), and the least turns left for pairs of coordinates. Plain arrays of about
 * 5 MB, so that they can be kept and handed between threads.
 */
export interface WayTables {
  twist: Uint16Array;
  flip: Uint16Array;
  slice: Uint16Array;
  corners: Uint16Array;
  outer: Uint16Array;
  middle: Uint16Array;
  /** `twist · 495 + slice`, and `flip · 495 + slice`. */
  twistSlice: Uint8Array;
  flipSlice: Uint8Array;
  /** `corners · 24 + middle`, and `outer · 24 + middle`. */
  cornersMiddle: Uint8Array;
  outerMiddle: Uint8Array;
}

/** Changes when tables made earlier no longer serve. */
export const WAY_TABLES_VERSION = 1;

/** Where each turn leads from each number. */
function turning({ count, of, make }: Coordinate, turns: readonly Turn[]): Uint16Array {
  const table = new Uint16Array(count * turns.length);
  for (let number = 0; number < count; number++) {
    const cube = make(number);
    for (let k = 0; k < turns.length; k++) {
      applyTurn(cube, turns[k]!);
      table[number * turns.length + k] = of(cube);
      applyTurn(cube, inverseTurn(turns[k]!));
    }
  }
  return table;
}

const FAR = 255;

/** The least turns that bring both coordinates to 0 from each pair of numbers, breadth first. */
function distances(
  a: Uint16Array,
  b: Uint16Array,
  turnCount: number,
  countA: number,
  countB: number,
): Uint8Array {
  const table = new Uint8Array(countA * countB).fill(FAR);
  const rows = Int32Array.from(a, (number) => number * countB);
  const queue = new Int32Array(table.length);
  table[0] = 0;
  // Every pair can be reached: once all are numbered, what is left in the queue leads to none.
  for (let at = 0, end = 1; end < table.length; at++) {
    const pair = queue[at]!;
    const depth = table[pair]! + 1;
    const left = (pair / countB) | 0;
    const ofA = left * turnCount;
    const ofB = (pair - left * countB) * turnCount;
    for (let k = 0; k < turnCount; k++) {
      const other = rows[ofA + k]! + b[ofB + k]!;
      if (table[other] !== FAR) continue;
      table[other] = depth;
      queue[end++] = other;
    }
  }
  return table;
}

/** Makes the tables; takes some tenths of a second. */
export function makeWayTables(): WayTables {
  const twist = turning(TWIST, FIRST_TURNS);
  const flip = turning(FLIP, FIRST_TURNS);
  const slice = turning(SLICE, FIRST_TURNS);
  const corners = turning(CORNER_ORDER, SECOND_TURNS);
  const outer = turning(OUTER_ORDER, SECOND_TURNS);
  const middle = turning(MIDDLE_ORDER, SECOND_TURNS);
  const [first, second] = [FIRST_TURNS.length, SECOND_TURNS.length];
  return {
    twist,
    flip,
    slice,
    corners,
    outer,
    middle,
    twistSlice: distances(twist, slice, first, TWIST.count, SLICE.count),
    flipSlice: distances(flip, slice, first, FLIP.count, SLICE.count),
    cornersMiddle: distances(corners, middle, second, CORNER_ORDER.count, MIDDLE_ORDER.count),
    outerMiddle: distances(outer, middle, second, OUTER_ORDER.count, MIDDLE_ORDER.count),
  };
}
