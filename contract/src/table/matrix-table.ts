import { dayNamed } from '@sleetcrest/core/learner/answers';
import { STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import type { Matrix } from './matrix.js';

/** The matrix as a table, to be written as CSV: a line for each learner, a column for each stage and each case. */
export interface MatrixTable {
  readonly fields: string[];
  readonly data: (string | number)[][];
}

/** The one table of how a group stands, for the page and for what leaves with everything else. */
export function matrixTable({ columns, stages, rows }: Matrix): MatrixTable {
  const day = (number: number | null): string => (number === null ? '' : dayNamed(number));
  return {
    fields: [
      'learner',
      'last seen',
      'typical solve',
      ...stages.flatMap(({ stage }) => [stage as string, `${stage} typical`]),
      ...columns.map((one) => one.case),
    ],
    data: rows.map((row) => [
      row.name,
      day(row.lastDay),
      row.typical ?? '',
      ...row.stages.flatMap(({ standing, typical }) => [STANDING_WORDS[standing], typical ?? '']),
      ...row.cases.map(({ standing }) => STANDING_WORDS[standing]),
    ]),
  };
}
