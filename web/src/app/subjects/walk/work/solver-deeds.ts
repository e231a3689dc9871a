import { type Method, methodOf, type Stage, type Walkthrough } from '@sleetcrest/core';
import { type WalkAsked, solveAsked, stagesOf } from '@sleetcrest/core/engine/run';
import { decidingStickers, soughtPieces } from '@sleetcrest/core/shown/cases';

/** A walk that was planned, and the stages its method goes through. */
export interface Planned {
  walkthrough: Walkthrough;
  stages: readonly Stage[];
  /** Of each step, the stickers of the cube that decide its case, as they are before the step. */
  deciding: readonly (readonly number[])[];
  /** Of each step, the pieces to be found that it does not name, by their home places. */
  sought: readonly (readonly number[])[];
}

/** What the solver answers: the walk, or why there is none. */
export type Answer = { ok: true; value: Planned } | { ok: false; error: { message: string } };

export const solverDeeds = {
  solve: (plan: WalkAsked): Answer => {
    const deciding: number[][] = [];
    const sought: number[][] = [];
    const walk = solveAsked(plan, (choice, first) => {
      deciding.push(decidingStickers(choice));
      sought.push(soughtPieces(choice, first));
    });
    if (!walk.ok) return walk;
    return {
      ok: true,
      value: { walkthrough: walk.value, stages: solverDeeds.stages(plan.method), deciding, sought },
    };
  },

  /** The stages of a method; none for one that is not known or not whole. */
  stages: (method: string | Method): readonly Stage[] => {
    const chosen = methodOf(method);
    return chosen ? stagesOf(chosen) : [];
  },
};
