import type { Colour, Method } from '@sleetcrest/core';
import {
  type PlanAsked,
  type PlanReason,
  planSession,
  type PlanTable,
  type Prepared,
  preparedFor,
  reasonsFor,
  type Remark,
  remarksOn,
  type Worth,
  worthOf,
} from '@sleetcrest/core/group/planning';

/** How good a plan is as it stands, what is not as it should be, and why each sits where they sit. */
export interface PlanJudged {
  readonly worth: Worth;
  readonly remarks: readonly Remark[];
  /** By table and learner, one sentence a block. */
  readonly reasons: readonly (readonly (readonly PlanReason[])[])[];
}

/** Plans sessions of a group. */
export const planningDeeds = {
  plan: (asked: PlanAsked) => planSession(asked),

  judge: (asked: PlanAsked, tables: readonly PlanTable[]): PlanJudged => ({
    worth: worthOf(asked, tables),
    remarks: remarksOn(asked, tables),
    reasons: tables.map((table) => table.learners.map((id) => reasonsFor(asked, table, id))),
  }),

  /** By table and block, the cubes to prepare. */
  prepare: (
    tables: readonly PlanTable[],
    method: Method,
    firstColour: Colour,
    seed: number,
  ): Prepared[][][] =>
    tables.map((table, t) =>
      table.slots.map((_, block) =>
        preparedFor(table, block, method, firstColour, seed + 100 * t + 10 * block),
      ),
    ),
};
