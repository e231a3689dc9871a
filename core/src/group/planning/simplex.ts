/** A column of a linear programme: how much of each row it takes, and what it is worth. */
export interface Column {
  /** The rows it is in, each once: how much of it is 1 in all of them. */
  readonly rows: readonly number[];
  readonly worth: number;
}

const TINY = 1e-9;
/** A column that gains no more than this is not taken. */
const GAINS = 1e-6;
/** After so many steps that came to nothing, columns are taken in their order, which cannot go in a circle. */
const PATIENCE = 20;
/** More steps than any programme of a few dozen rows takes. */
const MOST_STEPS = 20_000;

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
  /** The columns in the order in which they became known. */
  private readonly order = new Map<Column, number>();

  /**
   * @param right the right sides of the rows, none below zero
   * @param start a column for each row that holds that row alone
   */
  constructor(right: readonly number[], start: readonly Column[]) {
    this.amounts = Float64Array.from(right);
    this.basis = [...start];
    for (const column of start) this.order.set(column, this.order.size);
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

  /**
   * Takes columns, that of most gain first, until none would gain; gives whether it came to that. Where
   * steps come to nothing, the first that gains is taken and the first leaves (Bland's rule): then no
   * basis comes twice.
   */
  settle(pool: readonly Column[]): boolean {
    for (const column of pool) {
      if (!this.order.has(column)) this.order.set(column, this.order.size);
    }
    let idle = 0;
    for (let steps = 0; steps < MOST_STEPS; steps++) {
      const best = this.gaining(pool, idle >= PATIENCE);
      if (!best) return true;
      const moved = this.enter(best);
      if (moved === undefined) return true;
      idle = moved > TINY ? 0 : idle + 1;
    }
    return false;
  }

  /** The column of most gain, or the first that gains at all; undefined where none does. */
  private gaining(pool: readonly Column[], first: boolean): Column | undefined {
    const prices = this.prices();
    let best: Column | undefined;
    let most = GAINS;
    for (const column of pool) {
      let more = column.worth;
      for (const row of column.rows) more -= prices[row]!;
      if (more <= most) continue;
      if (first) return column;
      [best, most] = [column, more];
    }
    return best;
  }

  /** Takes a column into the basis; gives how much of it, undefined where there is no end to it. */
  private enter(column: Column): number | undefined {
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
      const isFirst = leaves < 0 || this.orderOf(k) < this.orderOf(leaves);
      if (ratio < least - TINY || (ratio < least + TINY && isFirst)) {
        [least, leaves] = [Math.min(ratio, least), k];
      }
    }
    if (leaves < 0) return undefined;
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
    return least;
  }

  /** When the column in a row of the basis became known. */
  private orderOf(row: number): number {
    return this.order.get(this.basis[row]!)!;
  }
}
