import { type ColourScheme, inColours, type Side } from '../../puzzle/cube/index.js';
import { RECORDS, type StagePart, type StageRecord } from './records.js';

/** A stage by its id. */
export type Stage = (typeof RECORDS)[number]['id'];

/** The stages of a solve, in the order they are met. */
export const STAGES: readonly Stage[] = RECORDS.map(({ id }) => id);

const byId: ReadonlyMap<string, StageRecord> = new Map(RECORDS.map((one) => [one.id, one]));

/** What is written down of a stage. */
export const recordOf = (stage: Stage): StageRecord => byId.get(stage)!;

export const partOf = (stage: Stage): StagePart => recordOf(stage).part;

/** Whether a stage is of the last layer: what is done there may stand turned to the rest. */
export const isOfLastLayer = (stage: Stage): boolean => partOf(stage) === 'last-layer';

/** Whether the cube is solved once the goal of a stage holds: all five layers of pieces are home. */
export const solvesCube = (stage: Stage): boolean => recordOf(stage).home.length === 5;

/** A stage's title and goal with the colours of this cube. */
export function stageWords(
  stage: Stage,
  first: Side,
  scheme: ColourScheme,
): { title: string; short: string; goal: string } {
  const { title, short, goal } = recordOf(stage);
  return {
    short: inColours(short, first, scheme),
    title: inColours(title, first, scheme),
    goal: inColours(goal, first, scheme),
  };
}
