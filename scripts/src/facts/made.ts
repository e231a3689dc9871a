import { UP } from '@sleetcrest/core';
import {
  type GlanceFacts,
  keyOf,
  type StageNumbers,
  type SurveyFacts,
  type WorthFacts,
} from '@sleetcrest/core/engine/facts';
import { partsOf, PartSurveyor } from '@sleetcrest/core/engine/prove';
import {
  gaze,
  glanceFigures,
  type GlanceFigures,
  glancePlan,
  packedGlance,
  type Sight,
} from '@sleetcrest/core/insight/glance';
import { countWorth } from '@sleetcrest/core/learner/path';
import { type Approach, isSearch } from '@sleetcrest/core/teaching/approaches';
import { allMixes } from '@sleetcrest/core/teaching/methods';

/** The surveys of every part that any mix of built-in approaches has, from every hold it begins in. */
export function surveysMade(): SurveyFacts {
  const surveyor = new PartSurveyor(UP);
  const starts: Record<string, number> = {};
  const stages: Record<string, StageNumbers> = {};
  const totals: Record<string, readonly number[]> = {};
  for (const mix of allMixes()) {
    for (const { approaches, before } of partsOf(mix, UP)) {
      const key = keyOf(approaches, before);
      if (totals[key]) continue;
      const made = surveyor.survey(approaches, before, () => undefined);
      if (!made.ok) throw new Error(made.error);
      const { starts: all, turns, stages: surveyed } = made.value;
      const whole = (part: number): number => Math.round(part * all);
      starts[approaches[0]!.id] = all;
      totals[key] = turns.map(whole);
      for (const [k, one] of surveyed.entries()) {
        stages[keyOf(approaches.slice(0, k + 1), before)] = [
          one.turns.map(whole),
          whole(one.looks),
          whole(one.holds),
          one.cases.flatMap(({ chance, times }) => [whole(chance), whole(times)]),
        ];
      }
    }
  }
  return { starts, stages, totals };
}

/** What the cases of an approach are worth that does not search. */
export function worthMade(approach: Approach): WorthFacts[string] {
  if (isSearch(approach)) throw new RangeError(`${approach.id} searches`);
  return countWorth(approach);
}

/** Plans of looks, by approach and sight, and what they come to. */
export type Glances = Record<string, { figures: GlanceFigures; plan: GlanceFacts }>;

const SIGHTS: readonly Sight[] = ['ahead', 'around'];

/** The plans of looks of an approach, by sight, and what they come to. */
export function glancesMade(approach: Approach): Glances {
  const gazed = gaze(approach);
  const made = SIGHTS.map((sight) => {
    const plan = glancePlan(gazed, sight);
    const name = `${approach.id} ${sight}`;
    return [name, { figures: glanceFigures(plan), plan: packedGlance(plan) }] as const;
  });
  return Object.fromEntries(made);
}
