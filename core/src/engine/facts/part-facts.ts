import type { Method } from '../../teaching/methods/index.js';
import { type MethodSurvey, partsOf } from '../prove/index.js';
import { type Hold, UP } from '../../puzzle/cube/index.js';
import { type Approach, approachById } from '../../teaching/approaches/index.js';
import {
  type Distribution,
  distributionOf,
  type PartSurvey,
  resolveMethod,
  type StageSurvey,
  together,
} from '../run/index.js';
import { surveys } from './data/surveys.js';

/** What a stage costs, in whole numbers: turns by count, looks, holds, then each case's starts and times. */
export type StageNumbers = readonly [
  turns: readonly number[],
  looks: number,
  holds: number,
  cases: readonly number[],
];

/** The surveys of all parts of solves that built-in approaches make up, in whole numbers. */
export interface SurveyFacts {
  /** The starts of each part, by the first approach of it. */
  readonly starts: Readonly<Record<string, number>>;
  /** By `keyOf` the approaches so far: what the last of them costs after the others. */
  readonly stages: Readonly<Record<string, StageNumbers>>;
  /** By `keyOf` a whole part: how many starts take each count of turns. */
  readonly totals: Readonly<Record<string, readonly number[]>>;
}

/** Names approaches done after each other from a hold. */
export const keyOf = (approaches: readonly Approach[], before: Hold): string =>
  `${before} ${approaches.map(({ id }) => id).join(' ')}`;

/** The survey of a part as it is known; undefined where one of its approaches is somebody's own. */
export function partFacts(part: readonly Approach[], before: Hold): PartSurvey | undefined {
  if (part.some((one) => approachById(one.id) !== one)) return undefined;
  const total = facts().totals[keyOf(part, before)];
  if (!total) return undefined;
  return {
    starts: facts().starts[part[0]!.id]!,
    stages: part.map((approach, k) => stageFacts(approach, part.slice(0, k + 1), before)),
    turns: distributionOf(total),
  };
}

function stageFacts(approach: Approach, soFar: readonly Approach[], before: Hold): StageSurvey {
  const starts = facts().starts[soFar[0]!.id]!;
  const [turns, looks, holds, cases] = facts().stages[keyOf(soFar, before)]!;
  return {
    approach: approach.id,
    stage: approach.stage,
    turns: distributionOf(turns),
    looks: looks / starts,
    holds: holds / starts,
    cases: approach.cases.map(({ id }, k) => ({
      case: id,
      chance: cases[2 * k]! / starts,
      times: cases[2 * k + 1]! / starts,
    })),
  };
}

/** The survey of a method of built-in approaches alone, put together from facts; undefined of others. */
export function knownSurvey(method: Method): MethodSurvey | undefined {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return undefined;
  const stages: StageSurvey[] = [];
  let turns: Distribution = [1];
  for (const { approaches: part, before } of partsOf(approaches.value, UP)) {
    const known = partFacts(part, before);
    if (!known) return undefined;
    stages.push(...known.stages);
    turns = together(turns, known.turns);
  }
  return { method: method.id, turns, stages };
}

let read: SurveyFacts | undefined;
const facts = (): SurveyFacts => (read ??= JSON.parse(surveys) as SurveyFacts);
