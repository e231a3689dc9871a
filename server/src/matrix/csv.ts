import type { Matrix } from '@sleetcrest/contract/table';
import { dayNamed } from '@sleetcrest/core/learner/answers';
import { stringify } from 'csv-stringify/sync';

/** The matrix as a table: a line for each learner, a column for each stage and each case. */
export function matrixCsv({ columns, stages, rows }: Matrix): string {
  const day = (number: number | null): string => (number === null ? '' : dayNamed(number));
  return stringify(
    rows.map((row) => [
      row.name,
      day(row.lastDay),
      row.typical ?? '',
      ...row.stages.flatMap(({ standing, typical }) => [standing, typical ?? '']),
      ...row.cases.map(({ standing }) => standing),
    ]),
    {
      header: true,
      // A name may begin as something to work out does.
      escape_formulas: true,
      columns: [
        'learner',
        'last seen',
        'typical solve',
        ...stages.flatMap(({ stage }) => [stage, `${stage} typical`]),
        ...columns.map((one) => one.case),
      ],
    },
  );
}
