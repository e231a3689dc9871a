import { type Random, randomFrom } from '../../puzzle/cube/index.js';
import { type Standing, STANDINGS } from '../../learner/standing/index.js';
import type { PlanAsked, PlanCase, PlanLearner } from './asked.js';

const STAGES = ['cross', 'corners', 'middle', 'yellow-cross', 'corner-places', 'corner-twists'];
const CASES_OF_STAGE = 6;

export const someCases: readonly PlanCase[] = STAGES.flatMap((stage, s) =>
  Array.from({ length: CASES_OF_STAGE }, (_, k) => ({
    case: `${stage}/${k}`,
    stage,
    title: `${stage} ${k}`,
    turns: 3 + ((s * 5 + k * 3) % 9),
  })),
);

/** A learner somewhere on the path: sure of most before, in the middle of a stage, with some slips. */
function someLearner(k: number, random: Random, cases = someCases): PlanLearner {
  const stage = random(STAGES.length);
  const standings = cases.map((one): Standing => {
    const of = STAGES.indexOf(one.stage);
    if (of > stage) return 'new';
    if (of === stage) return STANDINGS[random(4)]!;
    return (['sure', 'sure', 'sure', 'known', 'slipping'] as const)[random(5)]!;
  });
  const begun = cases.filter((_, at) => standings[at] !== 'new').map((one) => one.case);
  const one = (): string => begun[random(begun.length)]!;
  const mixedUp =
    begun.length > 3 && random(3) === 0 ? [{ was: one(), said: one(), times: 1 + random(5) }] : [];
  return {
    id: `learner-${k}`,
    name: `Learner ${k}`,
    standings,
    mixedUp: mixedUp.filter(({ was, said }) => was !== said),
    due: begun.filter(() => random(4) === 0),
  };
}

export function someAsked(count: number, seed: number, change: Partial<PlanAsked> = {}): PlanAsked {
  const random = randomFrom(seed);
  const learners = Array.from({ length: count }, (_, k) => someLearner(k, random));
  return { cases: someCases, learners, minutes: 60, cubes: count, seed, ...change };
}
