import { performance } from 'node:perf_hooks';
import { applyMoves, copyCube, paintedFromCube, randomFrom, sameCube } from '@sleetcrest/core';
import { cubesOf, explain, randomSlip, randomSteps } from '@sleetcrest/core/insight/slips';
import { median, rounded } from './median.js';

const TRIES = 500;

function measured(slips: number, stepCount: number, among: number, allowedShare: number): object {
  const random = randomFrom(10 * slips + stepCount);
  const times: number[] = [];
  let found = 0;
  while (times.length < TRIES) {
    const { before, steps } = randomSteps(stepCount, random);
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
