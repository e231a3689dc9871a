import {
  fail,
  type Hold,
  HOME_HOLD,
  ok,
  opposite,
  type Result,
  type Side,
  turnedOver,
  UP,
} from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { partOf, type StagePart } from '../../teaching/stages/index.js';
import {
  type Choice,
  type Distribution,
  distributionOf,
  resolveMethod,
  runnerFor,
  runStage,
  StageCount,
  type StageSurvey,
  startsOf,
  together,
  type OnProgress,
} from '../run/index.js';

/** What a method costs over all cubes, each equally likely. */
export interface MethodSurvey {
  method: string;
  turns: Distribution;
  stages: StageSurvey[];
}

/** Stages surveyed together, since what one leaves decides what the next one meets. */
interface Group {
  approaches: Approach[];
  stages: StageSurvey[];
  turns: Distribution;
}

const REPORT_EVERY = 2048;

/** Runs a group's approaches after each other from every start of the first. */
function surveyGroup(
  approaches: Approach[],
  before: Hold,
  first: Side,
  report: OnProgress,
): Result<Group, string> {
  const begin = approaches[0]!;
  const starts = startsOf(begin.stage, begin.after, first);
  const runners = approaches.map((approach) => runnerFor(approach, first));
  const counts = approaches.map((approach) => new StageCount(approach));
  const totals: number[] = [];
  for (let start = 0; start < starts.count; start++) {
    if (start % REPORT_EVERY === 0) report(start, starts.count);
    const cube = starts.cube(start);
    let hold = before;
    let total = 0;
    for (const [k, runner] of runners.entries()) {
      const count = counts[k]!;
      const each = (choice: Choice, held: Hold): void => count.step(choice, held, start);
      const end = runStage(cube, hold, runner, first, each, starts.matter);
      if (typeof end === 'string') return fail(`${approaches[k]!.id} does not solve every cube`);
      hold = end;
      total += count.end();
    }
    totals[total] = (totals[total] ?? 0) + 1;
  }
  report(starts.count, starts.count);
  return ok({
    approaches,
    stages: counts.map((count) => count.survey(starts.count)),
    turns: distributionOf(totals),
  });
}

/**
 * Parts a method where what comes after does not depend on what went before.
 *
 * The first cross is made by looking at its four edges alone. Whatever turns that took, the corners
 * of the first layer then stand in any of their 136,080 ways equally likely, since those edges say
 * nothing of them; and so do the middle edges after them, and the last layer after those. So the
 * cross, the corners, the middle and the last layer are independent, and their turns add up as
 * independent numbers do. Within the cross (a daisy decides how it comes down) and within the last
 * layer (a cross turned up decides which corners are met) stages depend on each other: those are
 * run through together from every start.
 */
export function independentGroups(approaches: readonly Approach[]): Approach[][] {
  const groups = new Map<StagePart, Approach[]>();
  for (const approach of approaches) {
    const part = partOf(approach.stage);
    groups.set(part, [...(groups.get(part) ?? []), approach]);
  }
  return [...groups.values()];
}

/**
 * Surveys whole methods, keeping what stages of the same approaches share. Everything is exact:
 * every start of every stage is run, none is drawn. A survey by `pairs` takes some ten seconds,
 * any other one to four; it belongs in a worker.
 */
export class Surveyor {
  private readonly groups = new Map<string, Group>();

  constructor(private readonly first: Side = UP) {}

  survey(method: Method, report: OnProgress = () => undefined): Result<MethodSurvey, string> {
    const approaches = resolveMethod(method);
    if (!approaches.ok) return approaches;
    const parts = independentGroups(approaches.value);
    const stages: StageSurvey[] = [];
    let turns: Distribution = [1];
    let hold = HOME_HOLD;
    for (const [k, part] of parts.entries()) {
      const group = this.group(part, hold, (done, of) =>
        report(Math.round((k + done / of) * 1000), parts.length * 1000),
      );
      if (!group.ok) return group;
      stages.push(...group.value.stages);
      turns = together(turns, group.value.turns);
      const { up } = part[part.length - 1]!;
      hold = turnedOver(hold, up === 'first' ? this.first : opposite(this.first));
    }
    return ok({ method: method.id, turns, stages });
  }

  private group(part: Approach[], hold: Hold, report: OnProgress): Result<Group, string> {
    // Own approaches may change under the same id, so the key holds all they say.
    const key = `${hold} ${JSON.stringify(part)}`;
    const known = this.groups.get(key);
    if (known) return ok(known);
    const { searching } = runnerFor(part[0]!, this.first);
    const group = searching?.survey
      ? ok({ approaches: part, ...searching.survey(hold, report) })
      : surveyGroup(part, hold, this.first, report);
    if (group.ok) this.groups.set(key, group.value);
    return group;
  }
}

/** To be raised when the same approaches give another survey, so that kept ones are made anew. */
export const SURVEY_VERSION = 1;
