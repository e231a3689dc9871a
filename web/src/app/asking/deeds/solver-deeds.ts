import { methodOf, type Method, type Stage, type Walkthrough } from '@sleetcrest/core';
import { solvePlan, stagesOf, type Plan } from '@sleetcrest/core/methods';

/** A walk that was planned, and the stages its method goes through. */
export interface Planned {
  walkthrough: Walkthrough;
  stages: readonly Stage[];
}

/** What the solver answers: the walk, or why there is none. */
export type Answer = { ok: true; value: Planned } | { ok: false; error: { message: string } };

export const solverDeeds = {
  solve: (plan: Plan): Answer => {
    const walk = solvePlan(plan);
    if (!walk.ok) return walk;
    return {
      ok: true,
      value: { walkthrough: walk.value, stages: solverDeeds.stages(plan.method) },
    };
  },

  /** The stages of a method; none for one that is not known or not whole. */
  stages: (method: string | Method): readonly Stage[] => {
    const chosen = methodOf(method);
    return chosen ? stagesOf(chosen) : [];
  },
};
