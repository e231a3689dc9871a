import {
  applyTurns,
  compose,
  copyCube,
  type Cube,
  isSolved,
  sideOfTurn,
  solvedCube,
  type Turn,
  TURNS,
  writeMoves,
} from '@sleetcrest/core';
import { sidesAlike } from '@sleetcrest/core/insight/patterns';
import { makeWayTables, wayBetween } from '@sleetcrest/core/puzzle/search';
import { command } from './said.js';

/** How long the sequences are that are repeated, and how long they may get. */
const LONGEST = 4;
const MOST_TURNS = 36;
/** So many of what is found are done one after another. */
const COMBINED = 500;

/**
 * Finds cubes whose six sides look alike up to colour, by repeating short sequences and doing what
 * was found one after another; prints each look once, with few turns that lead there.
 */
await command(() => {
  const seen = new Set<string>();
  const cubes: Cube[] = [];
  const looks = new Map<string, Cube>();
  const take = (cube: Cube): void => {
    const key = cube.join();
    if (seen.has(key) || isSolved(cube)) return;
    const look = sidesAlike(cube);
    if (look === null || /^0*$/.test(look)) return;
    seen.add(key);
    cubes.push(copyCube(cube));
    if (!looks.has(look)) looks.set(look, copyCube(cube));
  };
  const repeat = (sequence: readonly Turn[]): void => {
    const once = applyTurns(solvedCube(), sequence);
    let cube = once;
    for (
      let turns = sequence.length;
      turns <= MOST_TURNS && !isSolved(cube);
      turns += sequence.length
    ) {
      take(cube);
      cube = compose(cube, once);
    }
  };
  const grow = (sequence: readonly Turn[]): void => {
    if (sequence.length >= 2) repeat(sequence);
    if (sequence.length === LONGEST) return;
    const last = sequence.at(-1);
    for (const turn of TURNS) {
      if (last === undefined || sideOfTurn(last) !== sideOfTurn(turn)) grow([...sequence, turn]);
    }
  };
  grow([]);
  const some = cubes.slice(0, COMBINED);
  for (const a of some) for (const b of some) take(compose(a, b));
  const tables = makeWayTables();
  const found = [...looks].map(([look, cube]) => ({
    look,
    turns: writeMoves(wayBetween(tables, solvedCube(), cube)),
  }));
  process.stdout.write(`${JSON.stringify(found, null, 2)}\n`);
  return Promise.resolve();
});
