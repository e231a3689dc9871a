import {
  applyTurn,
  DOWN,
  inverseTurn,
  quartersOfTurn,
  sideOfTurn,
  type Turn,
  turnOf,
  TURNS,
  UP,
} from '../cube/index.js';
import {
  type Coordinate,
  CORNER_ORDER,
  FLIP,
  MIDDLE_ORDER,
  OUTER_ORDER,
  SLICE,
  TWIST,
} from './coordinates.js';

/** All turns, for the first phase, and those that keep what it reached, for the second. */
export const FIRST_TURNS: readonly Turn[] = TURNS;
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

/**
 * Where each turn leads from each number. Half turns and reverses are followed in the table itself
 * where the quarter turn of their side is in it.
 */
function turning(coordinate: Coordinate, turns: readonly Turn[]): Uint16Array {
  const { count } = coordinate;
  const width = turns.length;
  const table = new Uint16Array(count * width);
  const quarters = turns.map((turn) => turns.indexOf(turnOf(sideOfTurn(turn), 1)));
  const own = turns.flatMap((_, k) => (quarters[k] === k || quarters[k] === -1 ? [k] : []));
  for (let number = 0; number < count; number++) {
    const cube = coordinate.make(number);
    for (const k of own) {
      applyTurn(cube, turns[k]!);
      table[number * width + k] = coordinate.of(cube);
      applyTurn(cube, inverseTurn(turns[k]!));
    }
  }
  turns.forEach((turn, k) => {
    if (own.includes(k)) return;
    for (let number = 0; number < count; number++) {
      let now = number;
      for (let n = quartersOfTurn(turn); n > 0; n--) now = table[now * width + quarters[k]!]!;
      table[number * width + k] = now;
    }
  });
  return table;
}

const FAR = 255;

/** The least turns that bring both coordinates to 0 from each pair of numbers, level by level. */
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
  // Every pair can be reached. Forwards while few are, since most turns lead to new ones;
  let [at, end, depth] = [0, 1, 0];
  for (; end < table.length / 4; depth++) {
    for (const levelEnd = end; at < levelEnd; at++) {
      const pair = queue[at]!;
      const left = (pair / countB) | 0;
      const [ofA, ofB] = [left * turnCount, (pair - left * countB) * turnCount];
      for (let k = 0; k < turnCount; k++) {
        const other = rows[ofA + k]! + b[ofB + k]!;
        if (table[other] !== FAR) continue;
        table[other] = depth + 1;
        queue[end++] = other;
      }
    }
  }
  // then from each that is left, until a turn is found that leads to the level before.
  for (; end < table.length; depth++) {
    for (let left = 0, pair = 0; left < countA; left++) {
      const ofA = left * turnCount;
      for (let right = 0; right < countB; right++, pair++) {
        if (table[pair] !== FAR) continue;
        for (let k = 0; k < turnCount; k++) {
          if (table[rows[ofA + k]! + b[right * turnCount + k]!] !== depth) continue;
          table[pair] = depth + 1;
          end++;
          break;
        }
      }
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
