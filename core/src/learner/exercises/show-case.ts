import {
  applyTurns,
  copyCube,
  type Cube,
  fail,
  type Hold,
  HOME_HOLD,
  ok,
  opposite,
  type Random,
  type Result,
  type Side,
  turnedOver,
  turnHold,
} from '../../puzzle/cube/index.js';
import { type Approach, isSearch } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { stageStart } from '../../engine/prove/index.js';
import {
  type Choice,
  patternRunnerFor,
  resolveMethod,
  type Runner,
  runnerFor,
  runStage,
} from '../../engine/run/index.js';
import { setUpFor } from '../../engine/set-up/index.js';
import { SAY } from './words.js';

/** A cube on which a case waits, in some hold. */
export interface ShownCase {
  readonly cube: Cube;
  readonly hold: Hold;
  /** The hold the case is done in. */
  readonly doneIn: Hold;
  /** Cases that are as good to do there: this one, and at times another that waits beside it. */
  readonly good: readonly string[];
}

const TRIES = 60;
const MADE_TRIES = 12;
const HIGHEST_SEED = 0xffffffff;

/**
 * A cube on which a case waits, as solves by the method come to it, with any side in front: where the
 * front stays the front, the one it is. What solves hardly meet is made from solved.
 */
export function showCase(
  caseId: string,
  method: Method,
  first: Side,
  random: Random,
): Result<ShownCase, string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  const approach = approaches.value.find(({ cases }) => cases.some(({ id }) => id === caseId));
  if (!approach) return fail(SAY.noSuchCase({ method: method.id, caseId }));
  const shower = new Shower(approach, caseId, first, random);
  let unsure: ShownCase | undefined;
  for (let tries = 0; tries < TRIES; tries++) {
    const found = shower.on(stageStart(method, approach.stage, first, random));
    // One on which nothing else waits is a better question.
    if (found?.good.length === 1) return ok(found);
    unsure ??= found;
  }
  if (unsure) return ok(unsure);
  for (let tries = 0; tries < MADE_TRIES; tries++) {
    const made = setUpFor(caseId, method, random(HIGHEST_SEED), first);
    if (!made.ok) return made;
    const found = shower.asItIs(made.value.cube, made.value.hold, made.value.midway);
    if (found) return ok(found);
  }
  return fail(SAY.noCubeFound({ caseId }));
}

/** Looks for a case on cubes of its stage. */
class Shower {
  private readonly runner: Runner;
  private readonly up: Side;
  private readonly keeps: boolean;

  constructor(
    private readonly approach: Approach,
    private readonly caseId: string,
    private readonly first: Side,
    private readonly random: Random,
  ) {
    this.runner = runnerFor(approach, first);
    this.up = approach.up === 'first' ? first : opposite(first);
    this.keeps = !isSearch(approach) && approach.keepsHold === true;
  }

  /** Does the stage on a start until the case waits. */
  on(start: Cube): ShownCase | undefined {
    let found: ShownCase | undefined;
    let begun = false;
    runStage(start, HOME_HOLD, this.runner, this.first, (choice, before) => {
      // A step's turns are done on the cube after it was told, so it is copied as it stands.
      if (choice.case.id === this.caseId) found ??= this.asItIs(start, before, begun);
      begun = true;
    });
    return found;
  }

  /** The case as it waits on a cube held anyhow; where the front stays the front, as it is held. */
  asItIs(cube: Cube, before: Hold, begun: boolean): ShownCase | undefined {
    const held = turnedOver(before, this.up);
    const fixed = this.keeps && begun;
    const hold = fixed ? held : turnHold(held, 1, this.random(4));
    const [choice] = this.runner.next(cube, hold, fixed);
    if (choice?.case.id !== this.caseId) return undefined;
    const good = this.good(cube, hold, fixed);
    return { cube: copyCube(cube), hold, doneIn: choice.hold, good };
  }

  private good(cube: Cube, hold: Hold, fixed: boolean): string[] {
    if (isSearch(this.approach)) return [this.caseId];
    const runner = patternRunnerFor(this.approach, this.first);
    const best = runner.asGood(cube, fixed ? hold : undefined);
    return [...new Set(best.map((one) => one.case.id))];
  }
}

/** How a case that waits on a cube is done. */
export interface CaseStep {
  /** Turns read in the hold it is done in; either may be empty. */
  readonly lineUp: string;
  readonly sequence: string;
  readonly doneIn: Hold;
  /** Cubes any of which is right in the end: by each way that is as good as the engine's. */
  readonly ends: readonly Cube[];
}

/** How the case is done on a cube that is held so; undefined where it does not wait there. */
export function caseStep(
  { cube, hold }: Pick<ShownCase, 'cube' | 'hold'>,
  caseId: string,
  method: Method,
  first: Side,
): CaseStep | undefined {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return undefined;
  const approach = approaches.value.find(({ cases }) => cases.some(({ id }) => id === caseId));
  if (!approach) return undefined;
  const isIt = (choice: Choice): boolean => choice.case.id === caseId;
  const step =
    runnerFor(approach, first).next(cube, hold, false).find(isIt) ??
    runnerFor(approach, first).next(cube, hold, true).find(isIt);
  if (!step) return undefined;
  const ways = isSearch(approach)
    ? [step]
    : patternRunnerFor(approach, first).fitting(cube).filter(isIt);
  const after = (turns: Uint8Array): Cube => applyTurns(copyCube(cube), turns);
  const { lineUp, sequence, hold: doneIn } = step;
  return { lineUp, sequence, doneIn, ends: [step, ...ways].map(({ turns }) => after(turns)) };
}
