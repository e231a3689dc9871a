import type { Cube, Side } from '../../puzzle/cube/index.js';
import { goalHolds, type Stage } from '../stages/index.js';

/** What may be done just before: a stage, nothing (null), or any of several of them. */
export type After = Stage | null | readonly (Stage | null)[];

interface Following {
  readonly after: After;
}

/** The stages of which one must be done just before; null among them where it can come first. */
export const stagesBefore = ({ after }: Following): readonly (Stage | null)[] =>
  isSeveral(after) ? after : [after];

const isSeveral = (after: After): after is readonly (Stage | null)[] => Array.isArray(after);

/** Whether an approach can come just after a stage, or first where there is none. */
export const canFollow = (approach: Following, stage: Stage | null): boolean =>
  stagesBefore(approach).includes(stage);

/** Whether what an approach needs to be done before stands on a cube. */
export const standsBefore = (approach: Following, cube: Cube, first: Side): boolean =>
  stagesBefore(approach).some((stage) => stage === null || goalHolds(cube, stage, first));
