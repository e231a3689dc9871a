import { performance } from 'node:perf_hooks';
import {
  applyTurns,
  axisOf,
  copyCube,
  type Cube,
  isWholeCube,
  type Method,
  METHODS,
  quartersOf,
  randomCube,
  randomFrom,
  readStep,
  STANDARD_SCHEME,
  type Turn,
  turnHold,
  turnInHold,
  type Walkthrough,
} from '@sleetcrest/core';
import { approachesOf, solve } from '@sleetcrest/core/engine/run';
import { isSearch } from '@sleetcrest/core/teaching/approaches';
import { median, rounded } from './median.js';

const STARTS = 4000;
const WARM_UP = 1000;
/** Applying the turns of one walk takes microseconds: it is repeated to be measurable. */
const REPEATS = 50;

function made(cube: Cube, method: Method): Walkthrough {
  const walk = solve(cube, method);
  if (!walk.ok) throw new Error(walk.error);
  return walk.value;
}

/** All turns of a walk as turns of the cube's sides. */
function turnsOf({ steps }: Walkthrough): Turn[] {
  return steps.flatMap((step) => {
    const { hold, lineUp, sequence } = readStep(step, STANDARD_SCHEME);
    let now = hold;
    return [...lineUp, ...sequence].flatMap((move) => {
      if (!isWholeCube(move)) return [turnInHold(now, move)];
      now = turnHold(now, axisOf(move), quartersOf(move));
      return [];
    });
  });
}

function timed(work: () => void): number {
  const began = performance.now();
  work();
  return performance.now() - began;
}

const searches = (method: Method): boolean => approachesOf(method).some(isSearch);

/** For each method: the median time of an explained walkthrough and of applying its turns. */
export function walkthroughTimes(): object[] {
  return METHODS.map((method) => {
    const random = randomFrom(2026);
    const explaining: number[] = [];
    const applying: number[] = [];
    for (let k = 0; k < STARTS + WARM_UP; k++) {
      const cube = randomCube(random);
      let walk: Walkthrough | undefined;
      const explained = timed(() => (walk = made(cube, method)));
      const turns = turnsOf(walk!);
      const turned = copyCube(cube);
      const applied = timed(() => {
        for (let again = 0; again < REPEATS; again++) applyTurns(turned, turns);
      });
      if (k < WARM_UP) continue;
      explaining.push(explained);
      applying.push(applied / REPEATS);
    }
    const [explain, apply] = [median(explaining), median(applying)];
    return {
      method: method.id,
      starts: STARTS,
      medianMilliseconds: rounded(explain),
      applyingMedianMilliseconds: rounded(apply),
      ratio: rounded(explain / apply),
      // Where turns are searched for, the search takes most of it.
      allowedRatio: searches(method) ? null : 15,
    };
  });
}
