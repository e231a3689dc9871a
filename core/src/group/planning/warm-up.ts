import type { PlanCase, PlanLearner } from './asked.js';

/** Cases in a warm-up. */
const MOST = 3;

/** The cases that are due for most of those who come; of as many, those that come first on the path. */
export function mostDue(learners: readonly PlanLearner[], cases: readonly PlanCase[]): string[] {
  const due = cases.map((one) => ({
    case: one.case,
    count: learners.filter((learner) => learner.due.includes(one.case)).length,
  }));
  return due
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count - a.count)
    .slice(0, MOST)
    .map((one) => one.case);
}
