import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { needOf } from '@sleetcrest/core/learner/standing';

/** By what the rows of a matrix are sorted. */
export type Order = 'need' | 'name' | 'seen' | `stage ${string}`;

/** Slipping comes first, then what is begun: who needs somebody most. */
const FIRST = ['slipping', 'begun', 'new', 'known', 'sure'] as const;

/** The rows in an order; those alike by name. */
export function inOrder({ rows }: Matrix, order: Order): MatrixRow[] {
  const key = keyOf(order);
  const byName = (a: MatrixRow, b: MatrixRow): number => a.name.localeCompare(b.name);
  return [...rows].sort((a, b) => key(a) - key(b) || byName(a, b));
}

function keyOf(order: Order): (row: MatrixRow) => number {
  if (order === 'name') return () => 0;
  if (order === 'seen') return ({ lastDay }) => lastDay ?? -Infinity;
  if (order === 'need') {
    return ({ cases }) => -needOf(cases.map(({ standing }) => standing));
  }
  const stage = order.slice('stage '.length);
  return ({ stages }) =>
    FIRST.indexOf(stages.find((one) => one.stage === stage)?.standing ?? 'new');
}
