import type { Matrix, SessionPlanDocument } from '@sleetcrest/contract/table';
import type { PlanAsked, PlanTable, Slot } from '@sleetcrest/core/group/planning';
import { addDays, format, parseISO } from 'date-fns';
import { v4 as uuid } from 'uuid';

const DAY = 'yyyy-MM-dd';

export const weekLater = (day: string): string => format(addDays(parseISO(day), 7), DAY);

/** What a table does where nothing else is said. */
export const SOLVES: Slot = { kind: 'solve', case: '', other: '' };

/** A new plan for a day, for everybody. */
export const newPlan = (
  on: string,
  learners: readonly string[],
  seed: number,
): SessionPlanDocument => ({
  id: uuid(),
  on,
  at: '17:30',
  minutes: 60,
  repeats: 'never',
  until: null,
  cubes: Math.max(1, learners.length),
  comes: [...learners],
  warmUp: [],
  tables: [],
  note: '',
  seed,
});

/** The same a week later, as a new plan: nothing of it is lost in the old one. */
export const nextWeek = (plan: SessionPlanDocument, seed: number): SessionPlanDocument => ({
  ...plan,
  id: uuid(),
  on: weekLater(plan.on),
  repeats: 'never',
  until: null,
  seed,
});

/**
 * What a session is planned from: whoever comes, as the matrix has them.
 * @param order the cases in the order in which they are worth learning; others follow as they come
 */
export function askedOf(
  plan: Pick<SessionPlanDocument, 'comes' | 'minutes' | 'cubes' | 'seed'>,
  matrix: Matrix,
  order: readonly string[],
): PlanAsked {
  const rank = new Map(order.map((id, k) => [id, k]));
  const at = (k: number): number => rank.get(matrix.columns[k]!.case) ?? order.length + k;
  const inStages = new Map(matrix.stages.map(({ stage }, k) => [stage as string, k]));
  const columns = matrix.columns
    .map((_, k) => k)
    .sort((a, b) => {
      const [one, other] = [matrix.columns[a]!, matrix.columns[b]!];
      return inStages.get(one.stage)! - inStages.get(other.stage)! || at(a) - at(b);
    });
  const comes = new Set(plan.comes);
  return {
    cases: columns.map((k) => matrix.columns[k]!),
    learners: matrix.rows
      .filter(({ id }) => comes.has(id))
      .map(({ id, name, cases, mixedUp, due }) => ({
        id,
        name,
        mixedUp,
        due,
        standings: columns.map((k) => cases[k]!.standing),
      })),
    minutes: plan.minutes,
    cubes: plan.cubes,
    seed: plan.seed,
  };
}

/** The tables with a learner moved to another, or to a new one; empty tables go. */
export function moved(
  tables: readonly PlanTable[],
  learner: string,
  to: number,
  slots: PlanTable['slots'],
): PlanTable[] {
  const without = tables.map((table, k) => ({
    ...table,
    learners: table.learners.filter((one) => one !== learner).concat(k === to ? [learner] : []),
  }));
  const all = to >= tables.length ? [...without, { learners: [learner], slots }] : without;
  return all.filter(({ learners }) => learners.length > 0);
}

/** The tables without one who does not come; a table that is left goes. */
export const without = (tables: readonly PlanTable[], learner: string): PlanTable[] =>
  tables
    .map((table) => ({ ...table, learners: table.learners.filter((one) => one !== learner) }))
    .filter(({ learners }) => learners.length > 0);

/** The tables with something else to do at one of them, in one block. */
export const withSlot = (
  tables: readonly PlanTable[],
  table: number,
  block: number,
  slot: Slot,
): PlanTable[] =>
  tables.map((one, k) =>
    k === table ? { ...one, slots: one.slots.map((was, b) => (b === block ? slot : was)) } : one,
  );

/** The tables as a document has them. */
export const written = (tables: readonly PlanTable[]): SessionPlanDocument['tables'] =>
  tables.map(({ learners, slots }) => ({ learners: [...learners], slots: [...slots] }));
