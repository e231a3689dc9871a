import { performance } from 'node:perf_hooks';
import { METHODS, type Random, randomFrom } from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import {
  type PlanAsked,
  type PlanCase,
  type PlanLearner,
  planSession,
} from '@sleetcrest/core/group/planning';
import { drilled } from '@sleetcrest/core/learner/path';
import { type Standing, STANDINGS } from '@sleetcrest/core/learner/standing';
import { rounded } from './median.js';

/** Seeded groups: so many learners, by so many methods and seeds. */
const COUNTS = [12, 20, 30] as const;
const SEEDS = [1, 2, 3, 4];

const casesOf = (method: (typeof METHODS)[number]): PlanCase[] =>
  approachesOf(method).flatMap((approach) =>
    approach.cases.map(({ id, title }) => ({
      case: id,
      stage: approach.stage,
      title,
      turns: drilled(approach, id).turns,
    })),
  );

/** Somewhere on the path, sure of most before it, some of that slipping. */
function someLearner(k: number, cases: readonly PlanCase[], random: Random): PlanLearner {
  const stages = [...new Set(cases.map(({ stage }) => stage))];
  const here = random(stages.length);
  const standings = cases.map(({ stage }): Standing => {
    const at = stages.indexOf(stage);
    if (at > here) return 'new';
    if (at === here) return STANDINGS[random(4)]!;
    return (['sure', 'sure', 'sure', 'known', 'slipping'] as const)[random(5)]!;
  });
  const begun = cases.filter((_, at) => standings[at] !== 'new').map((one) => one.case);
  const one = (): string => begun[random(begun.length)]!;
  const [was, said] = begun.length > 3 ? [one(), one()] : ['', ''];
  return {
    id: `${k}`,
    name: `Learner ${k}`,
    standings,
    mixedUp: was !== said ? [{ was, said, times: 1 + random(5) }] : [],
    due: begun.filter(() => random(4) === 0),
  };
}

function measured(count: number): object {
  const gaps: number[] = [];
  const times: number[] = [];
  for (const method of METHODS) {
    const cases = casesOf(method);
    for (const seed of SEEDS) {
      const random = randomFrom(seed * 1000 + count);
      const learners = Array.from({ length: count }, (_, k) => someLearner(k, cases, random));
      const asked: PlanAsked = { cases, learners, minutes: 60, cubes: count, seed };
      const begun = performance.now();
      const planned = planSession(asked);
      times.push(performance.now() - begun);
      if (!planned.ok) throw new Error(planned.error);
      gaps.push(1 - planned.value.worth.value / planned.value.bound);
    }
  }
  return {
    learners: count,
    plans: gaps.length,
    exact: count <= 12,
    gapsPercent: gaps.map((gap) => rounded(100 * gap)),
    worstGapPercent: rounded(100 * Math.max(...gaps)),
    allowedGapPercent: count <= 12 ? 0 : 5,
    worstMilliseconds: rounded(Math.max(...times)),
    allowedMilliseconds: 2000,
  };
}

/** How long a session's plan takes, and how far from what no plan can pass it may be. */
export const planTimes = (): object[] => COUNTS.map(measured);
