import { type Matrix, matrixTable } from '@sleetcrest/contract/table';
import { stringify } from 'csv-stringify/sync';

/** The matrix as CSV. */
export function matrixCsv(matrix: Matrix): string {
  const { fields, data } = matrixTable(matrix);
  // A name may begin as something to work out does.
  return stringify(data, { header: true, escape_formulas: true, columns: fields });
}
