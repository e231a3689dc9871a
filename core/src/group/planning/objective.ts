/** What a table asks of the one coach, who looks after all of them: as much as this part of a case. */
const TABLE_COSTS = 0.3;
/** More than any block gives: nobody is left without one of their own where another seating has one for all. */
const WITHOUT_COSTS = 10;

/** How good tables are, each thing by itself. */
export interface Counted {
  /** As many cases are expected to be made sure. */
  readonly cases: number;
  /** As many tables one coach looks after. */
  readonly tables: number;
  /** As many learners have something of their own to do, and do none of it. */
  readonly without: number;
}

/** The same, and the one number by which plans are compared. */
export interface Worth extends Counted {
  readonly value: number;
}

/**
 * What is wanted of a plan, told once: the search, the bound, what is said of a plan and the page that
 * shows it all go by this. The cases, less what the tables cost the coach and less, far more than any case,
 * for each learner who would do nothing of their own.
 */
export const OBJECTIVE = {
  /** No table is worth more than its cases less this. */
  tableCosts: TABLE_COSTS,
  valueOf: ({ cases, tables, without }: Counted): number =>
    cases - TABLE_COSTS * tables - WITHOUT_COSTS * without,
  worthOf: (counted: Counted): Worth => ({ ...counted, value: OBJECTIVE.valueOf(counted) }),
} as const;
