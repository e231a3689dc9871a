import { copyCube, type Cube, type Hold } from '../../puzzle/cube/index.js';
import { applyMoves, type Move } from '../../puzzle/notation/index.js';

/** A step as it was meant: its hold, and its moves with the lining up first. */
export interface MeantStep {
  hold: Hold;
  moves: readonly Move[];
  /** How many of the moves line up. */
  lineUpCount: number;
}

/** Moves done again and again inside a sequence: `rounds` times `length` of them, from `start`. */
export interface Run {
  start: number;
  length: number;
  rounds: number;
}

/** The cubes before each step and after the last, when all goes as meant. */
export function cubesOf(before: Cube, steps: readonly MeantStep[]): Cube[] {
  const cube = copyCube(before);
  const cubes = [copyCube(cube)];
  for (const { hold, moves } of steps) {
    applyMoves(cube, hold, moves);
    cubes.push(copyCube(cube));
  }
  return cubes;
}

const sameMoves = (moves: readonly Move[], a: number, b: number, length: number): boolean =>
  Array.from({ length }, (_, k) => moves[a + k] === moves[b + k]).every(Boolean);

/**
 * The repeated parts of a step. A sequence without any counts as a run of one round, since it may
 * be done twice by mistake.
 */
export function runsOf({ moves, lineUpCount }: MeantStep): Run[] {
  const runs: Run[] = [];
  let start = lineUpCount;
  while (start < moves.length) {
    const found = runAt(moves, start);
    if (found) runs.push(found);
    start += found ? found.length * found.rounds : 1;
  }
  const length = moves.length - lineUpCount;
  return runs.length > 0 || length < 2 ? runs : [{ start: lineUpCount, length, rounds: 1 }];
}

function runAt(moves: readonly Move[], start: number): Run | undefined {
  for (let length = 2; start + 2 * length <= moves.length; length++) {
    let rounds = 1;
    while (
      start + (rounds + 1) * length <= moves.length &&
      sameMoves(moves, start, start + rounds * length, length)
    ) {
      rounds++;
    }
    if (rounds > 1) return { start, length, rounds };
  }
  return undefined;
}
