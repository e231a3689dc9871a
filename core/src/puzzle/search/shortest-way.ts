import {
  applyTurn,
  copyCube,
  type Cube,
  inverseTurn,
  solvedCube,
  type Turn,
} from '../cube/index.js';
import { FLIP, SLICE, TWIST } from './coordinates.js';
import { isIdle, SEEN_TURNS, seenIn, VIEWS } from './views.js';
import { FIRST_TURNS, type WayTables } from './way-tables.js';

const TURNS = FIRST_TURNS.length;

/** All cubes so near to solved, 46,741 of them, are kept with the turn that brings each nearer. */
const NEAR = 4;

const keyOf = (cube: Cube): string => String.fromCharCode(...cube);

/** What brings a solved cube nearer. */
const THERE = null;
type Nearer = Turn | typeof THERE;

let known: Map<string, Nearer> | undefined;

function nearCubes(): Map<string, Nearer> {
  if (known) return known;
  known = new Map<string, Nearer>([[keyOf(solvedCube()), THERE]]);
  let edge = [solvedCube()];
  for (let length = 1; length <= NEAR; length++) {
    const next: Cube[] = [];
    for (const cube of edge) {
      for (const turn of FIRST_TURNS) {
        const turned = copyCube(cube);
        applyTurn(turned, turn);
        const key = keyOf(turned);
        if (known.has(key)) continue;
        known.set(key, inverseTurn(turn));
        next.push(turned);
      }
    }
    edge = next;
  }
  return known;
}

/** The fewest turns that solve a cube so near to solved; undefined for one that is not. */
function nearWay(cube: Cube): Turn[] | undefined {
  const near = nearCubes();
  const now = copyCube(cube);
  const way: Turn[] = [];
  for (let turn = near.get(keyOf(now)); turn !== THERE; turn = near.get(keyOf(now))) {
    if (turn === undefined) return undefined;
    applyTurn(now, turn);
    way.push(turn);
  }
  return way;
}

/**
 * The fewest turns that solve a cube, if `most` turns are enough, else undefined. A deepening
 * search until solved is near; a branch is left when one of six tables (two in each of three
 * views) says that too many turns are still needed.
 */
export function shortestWay(tables: WayTables, start: Cube, most: number): Turn[] | undefined {
  const { twist, flip, slice, twistSlice, flipSlice } = tables;
  const cube = copyCube(start);
  // Three numbers per view, one row per depth.
  const state = new Uint16Array((most + 1) * 9);
  VIEWS.forEach((hold, view) => {
    const seen = seenIn(hold, cube);
    state.set([TWIST.of(seen), FLIP.of(seen), SLICE.of(seen)], view * 3);
  });
  const way: Turn[] = [];

  const tooFar = (row: number, left: number): boolean => {
    for (let view = 0; view < 9; view += 3) {
      const where = state[row + view + 2]!;
      if (twistSlice[state[row + view]! * SLICE.count + where]! > left) return true;
      if (flipSlice[state[row + view + 1]! * SLICE.count + where]! > left) return true;
    }
    return false;
  };

  const search = (depth: number, left: number, before: Turn | undefined): Turn[] | undefined => {
    const row = depth * 9;
    if (tooFar(row, left)) return undefined;
    if (left <= NEAR) {
      const rest = nearWay(cube);
      return rest && [...way, ...rest];
    }
    for (const turn of FIRST_TURNS) {
      if (isIdle(before, turn)) continue;
      for (let view = 0; view < 3; view++) {
        const seen = SEEN_TURNS[view]![turn]!;
        const [now, next] = [row + view * 3, row + 9 + view * 3];
        state[next] = twist[state[now]! * TURNS + seen]!;
        state[next + 1] = flip[state[now + 1]! * TURNS + seen]!;
        state[next + 2] = slice[state[now + 2]! * TURNS + seen]!;
      }
      applyTurn(cube, turn);
      way.push(turn);
      const found = search(depth + 1, left - 1, turn);
      way.pop();
      applyTurn(cube, inverseTurn(turn));
      if (found) return found;
    }
    return undefined;
  };

  for (let length = Math.min(NEAR, most); length <= most; length++) {
    const found = search(0, length, undefined);
    if (found && found.length <= most) return found;
  }
  return undefined;
}
