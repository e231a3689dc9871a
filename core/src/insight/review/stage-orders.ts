import { type Cube, opposite, type Side, SIDES } from '../../puzzle/cube/index.js';
import { type Approach, APPROACHES, canFollow } from '../../teaching/approaches/index.js';
import {
  goalHolds,
  isOfLastLayer,
  recordOf,
  solvesCube,
  type Stage,
  STAGES,
} from '../../teaching/stages/index.js';
import { layerTurned } from './done-turns.js';

/** A stage and the one done before it: what decides which approaches can have been used. */
export interface StageStep {
  stage: Stage;
  after: Stage | null;
}

/** The stages that can come after one, or first. */
export const stagesAfter = (after: Stage | null): Stage[] => [
  ...new Set(APPROACHES.filter((one) => canFollow(one, after)).map(({ stage }) => stage)),
];

/** The approaches that take this stage after that one. */
export const approachesFor = ({ stage, after }: StageStep): readonly Approach[] =>
  APPROACHES.filter((one) => one.stage === stage && canFollow(one, after));

/** Part of a solve: from one position to another, in turns. */
export interface Stretch extends StageStep {
  from: number;
  to: number;
  /** Whether its goal was reached; if not, it is what was still under way at the end. */
  reached: boolean;
}

/** The cube with its last layer lined up so that a goal holds; undefined where it cannot. */
const linedUp = (cube: Cube, stage: Stage, first: Side): Cube | undefined =>
  isOfLastLayer(stage)
    ? layerTurned(lastLayer(first), cube).find((turned) => goalHolds(turned, stage, first))
    : goalHolds(cube, stage, first)
      ? cube
      : undefined;

/** Whether a stage is done, but for lining up the last layer, which may wait till the end. */
export const isDone = (cube: Cube, stage: Stage, first: Side): boolean =>
  solvesCube(stage) ? goalHolds(cube, stage, first) : linedUp(cube, stage, first) !== undefined;

/** A goal can hold for a moment in the middle of a sequence: so many ends are considered. */
const MOST_ENDS = 3;

/**
 * Where a stage begun at a position may have ended: each time its goal comes to hold. Where it
 * never does, the stage was still under way at the end.
 */
export function stretchesOf(
  cubes: readonly Cube[],
  step: StageStep,
  from: number,
  first: Side,
): Stretch[] {
  const stretches: Stretch[] = [];
  let held = false;
  for (let to = from; to < cubes.length && stretches.length < MOST_ENDS; to++) {
    const holds = isDone(cubes[to]!, step.stage, first);
    if (holds && !held) stretches.push({ ...step, from, to, reached: true });
    held = holds;
  }
  return stretches.length > 0
    ? stretches
    : [{ ...step, from, to: cubes.length - 1, reached: false }];
}

/** Those whose goals say which side was solved first: of a daisy no piece is home. */
const EARLY = STAGES.filter((stage) => recordOf(stage).home.length > 0 && !isOfLastLayer(stage));

/**
 * The side that was solved first: the one whose cross and layers stood earliest. `usual` is taken
 * where nothing tells them apart.
 */
export function firstSideOf(cubes: readonly Cube[], usual: Side): Side {
  const cost = (side: Side): number =>
    EARLY.reduce((sum, stage) => {
      const at = cubes.findIndex((cube) => goalHolds(cube, stage, side));
      return sum + (at < 0 ? cubes.length : at);
    }, 0);
  const candidates = [usual, ...SIDES.filter((side) => side !== usual)];
  return candidates.reduce((best, side) => (cost(side) < cost(best) ? side : best));
}

/** The layer one turns to line up: across from the first. */
export const lastLayer = (first: Side): Side => opposite(first);
