import { performance } from 'node:perf_hooks';
import {
  applyMoves,
  copyCube,
  METHODS,
  paintedFromCube,
  randomCube,
  randomFrom,
  readStep,
  sameCube,
  STANDARD_SCHEME,
  type Cube,
  type Random,
} from '@sleetcrest/core';
import { solve } from '@sleetcrest/core/methods';
import { cubesOf, explain, randomSlip, type MeantStep } from '@sleetcrest/core/slips';
import { median, rounded } from './median.js';

const TRIES = 500;
const MOST_MOVES = 14;

/** Steps that follow each other in the walk of a random cube, each of up to 14 moves. */
function someSteps(random: Random, count: number): { before: Cube; steps: MeantStep[] } {
  for (;;) {
    const start = randomCube(random);
    const walk = solve(start, METHODS[random(METHODS.length)]!);
    if (!walk.ok) throw new Error(walk.error);
    const all = walk.value.steps.map((step): MeantStep => {
      const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
      return { hold, moves: [...lineUp, ...sequence], lineUpCount: lineUp.length };
    });
    const from = random(all.length - count + 1);
    const steps = all.slice(from, from + count);
    if (steps.every(({ moves }) => moves.length > 1 && moves.length <= MOST_MOVES)) {
      return { before: cubesOf(start, all)[from]!, steps };
    }
  }
}

function measured(slips: number, stepCount: number, among: number, allowedShare: number): object {
  const random = randomFrom(10 * slips + stepCount);
  const times: number[] = [];
  let found = 0;
  while (times.length < TRIES) {
    const { before, steps } = someSteps(random, stepCount);
    const which = random(stepCount);
    const seen = copyCube(before);
    steps.forEach((step, k) => {
      let did = [...step.moves];
      for (let n = 0; k === which && n < slips; n++) {
        ({ did } = randomSlip({ ...step, moves: did }, random));
      }
      applyMoves(seen, step.hold, did);
    });
    if (sameCube(seen, cubesOf(before, steps).at(-1)!)) continue;
    const start = performance.now();
    const explained = explain(before, steps, paintedFromCube(seen));
    times.push(performance.now() - start);
    const told = explained.kind === 'explained' ? explained.explanations.slice(0, among) : [];
    if (told.some(({ cube }) => sameCube(cube, seen))) found++;
  }
  return {
    tries: TRIES,
    slips,
    steps: stepCount,
    foundAmongFirst: among,
    share: found / TRIES,
    allowedShare,
    medianMilliseconds: rounded(median(times)),
    mostMilliseconds: rounded(Math.max(...times)),
    allowedMilliseconds: 150,
  };
}

/** How often slips are found in a step, and noticed up to five steps later, and how fast. */
export const slipTimes = (): object[] => [
  measured(1, 1, 2, 0.95),
  measured(2, 1, 5, 0.9),
  measured(1, 5, 2, 0.95),
];
