/** A column of a linear programme: how much of each row it takes, and what it is worth. */
export interface Column {
  /** The rows it is in, each once: how much of it is 1 in all of them. */
  readonly rows: readonly number[];
  readonly worth: number;
}

const TINY = 1e-9;

/**
 * A linear programme that grows: as much worth as can be had by taking columns, none less than nothing, so
 * that the rows come to their right sides exactly. Solved by the revised simplex method on a dense inverse,
 * which does for the few dozen rows there are.
 */
export class Simplex {
  /** The inverse of the basis, row by row. */
  private readonly inverse: Float64Array[];
  private readonly basis: Column[];
  private readonly amounts: Float64Array;

  /**
   * @param right the right sides of the rows, none below zero
   * @param start a column for each row that holds that row alone
   */
  constructor(right: readonly number[], start: readonly Column[]) {
    this.amounts = Float64Array.from(right);
    this.basis = [...start];
    this.inverse = right.map((_, k) => Float64Array.from(right, (__, j) => (j === k ? 1 : 0)));
  }

  get worth(): number {
    return this.basis.reduce((sum, { worth }, k) => sum + worth * this.amounts[k]!, 0);
  }

  /** What one more of each row would be worth. */
  prices(): Float64Array {
    const prices = new Float64Array(this.amounts.length);
    for (const [k, { worth }] of this.basis.entries()) {
      if (worth === 0) continue;
      const row = this.inverse[k]!;
      for (let j = 0; j < prices.length; j++) prices[j]! += worth * row[j]!;
    }
    return prices;
  }

  /** Takes a column into the basis, if that is possible; gives whether it was. */
  enter(column: Column): boolean {
    const size = this.amounts.length;
    const along = new Float64Array(size);
    for (let k = 0; k < size; k++) {
      for (const row of column.rows) along[k]! += this.inverse[k]![row]!;
    }
    let leaves = -1;
    let least = Infinity;
    for (let k = 0; k < size; k++) {
      if (along[k]! <= TINY) continue;
      const ratio = this.amounts[k]! / along[k]!;
      if (ratio < least - TINY) [least, leaves] = [ratio, k];
    }
    if (leaves < 0) return false;
    const pivot = along[leaves]!;
    const pivotRow = this.inverse[leaves]!;
    for (let j = 0; j < size; j++) pivotRow[j]! /= pivot;
    this.amounts[leaves] = least;
    for (let k = 0; k < size; k++) {
      const factor = along[k]!;
      if (k === leaves || factor === 0) continue;
      const row = this.inverse[k]!;
      for (let j = 0; j < size; j++) row[j]! -= factor * pivotRow[j]!;
      this.amounts[k] = Math.max(0, this.amounts[k]! - factor * least);
    }
    this.basis[leaves] = column;
    return true;
  }
}
