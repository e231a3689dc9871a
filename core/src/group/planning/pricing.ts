import type { Activity, Gains } from './gains.js';
import { OBJECTIVE } from './objective.js';
import { MOST_AT_TABLE } from './programmes.js';
import type { Column } from './simplex.js';

/** A table that is worth more than it is asked for. */
export interface Priced extends Column {
  readonly more: number;
}

/** A table that is worth no more than this beyond what is asked for it is not looked for. */
export const NEARLY = 1e-6;

/** What a choice of activities comes to, learner by learner. */
interface Sums {
  /** What each gains by themselves. */
  readonly alone: Float64Array;
  /**
   * The same and half of what explaining gives, for whoever is losing it and whoever is sure of it: no table
   * comes to more, since one explains to one.
   */
  readonly half: Float64Array;
  readonly explained: readonly Activity[];
}

/**
 * Looks through all programmes for the table that is worth most beyond what its learners are asked for. Not
 * everybody at it need have something of their own.
 */
export class Pricer {
  private readonly fresh: readonly Part[];
  private readonly others: readonly Part[];
  /** The most each learner gains by any of the others from the so-many-th on. */
  private readonly most: Float64Array[];

  /** @param coachRow the row of the coach's blocks, `tableRow` that of the tables there may be */
  constructor(
    private readonly gains: Gains,
    private readonly coachRow: number,
    private readonly tableRow: number,
  ) {
    this.fresh = gains.fresh.map(partOf);
    this.others = gains.others.map(partOf);
    this.most = [...this.others.map(({ half }) => half), new Float64Array(gains.learners)];
    for (let k = this.others.length - 1; k >= 0; k--) {
      this.most[k] = this.most[k]!.map((gain, one) => Math.max(gain, this.most[k + 1]![one]!));
    }
  }

  /** The best of them, best first; one for each first activity, so that they differ. */
  missing(prices: Float64Array): Priced[] {
    const { learners, blocks, beside } = this.gains;
    const start = Float64Array.from({ length: learners }, (_, k) => beside * blocks - prices[k]!);
    const asked = OBJECTIVE.tableCosts + prices[this.tableRow]!;
    const coached = asked + prices[this.coachRow]!;
    const search = new Search(this.others, this.most);
    const found: Priced[] = [];
    const take = (
      first: Part | undefined,
      more: number,
      costs: number,
      rows: number[],
      at: number,
    ) => {
      const empty: Sums = { alone: start, half: start, explained: [] };
      const best = search.best(first ? added(empty, first) : empty, more, costs + NEARLY, at);
      if (!best) return;
      const worth =
        best.members.reduce((sum, one) => sum + prices[one]!, best.value) - OBJECTIVE.tableCosts;
      found.push({ rows: [...best.members, ...rows], worth, more: best.value - costs });
    };
    for (const shown of this.fresh) {
      take(shown, blocks - 1, coached, [this.coachRow, this.tableRow], 0);
    }
    for (const [k, first] of this.others.entries()) {
      take(first, blocks - 1, asked, [this.tableRow], k + 1);
    }
    take(undefined, 0, asked, [this.tableRow], 0);
    return found.sort((a, b) => b.more - a.more);
  }
}

interface Part {
  readonly of: Activity;
  readonly half: Float64Array;
}

const partOf = (of: Activity): Part => ({
  of,
  half: of.alone.map((gain, one) => gain + (of.bonus / 2) * (of.losing[one]! + of.sure[one]!)),
});

const added = ({ alone, half, explained }: Sums, { of, half: more }: Part): Sums => ({
  alone: sumOf(alone, of.alone),
  half: sumOf(half, more),
  explained: of.bonus > 0 ? [...explained, of] : explained,
});

function sumOf(a: Float64Array, b: Float64Array): Float64Array {
  const sums = new Float64Array(a.length);
  for (let k = 0; k < sums.length; k++) sums[k] = a[k]! + b[k]!;
  return sums;
}

interface Table {
  readonly members: readonly number[];
  readonly value: number;
}

/** The best choice of so many activities more, leaving out what cannot come to anything. */
class Search {
  private least = 0;
  private found: Table | undefined;

  constructor(
    private readonly others: readonly Part[],
    private readonly most: readonly Float64Array[],
  ) {}

  /** The best table; undefined where none comes to more than `least`. */
  best(from: Sums, more: number, least: number, at: number): Table | undefined {
    this.least = least;
    this.found = undefined;
    this.go(from, more, at);
    return this.found;
  }

  private go(now: Sums, more: number, at: number): void {
    if (topOf(now.half) > this.least) {
      const table = bestTable(now, this.least);
      if (table) [this.least, this.found] = [table.value, table];
    }
    if (more === 0) return;
    for (let k = at; k < this.others.length; k++) {
      if (topOf(now.half, this.most[k], more) <= this.least) return;
      this.go(added(now, this.others[k]!), more - 1, k + 1);
    }
  }
}

const largest = new Float64Array(MOST_AT_TABLE);

/**
 * The sum of the largest, at most as many as sit at a table, of those above zero; the largest of all at
 * least. With so many times more of something, as if that were added.
 */
function topOf(sums: Float64Array, more?: Float64Array, times = 0): number {
  largest.fill(0);
  let least = -Infinity;
  for (let one = 0; one < sums.length; one++) {
    const value = more ? sums[one]! + times * more[one]! : sums[one]!;
    if (value > least) least = value;
    if (value <= largest[MOST_AT_TABLE - 1]!) continue;
    let k = MOST_AT_TABLE - 1;
    for (; k > 0 && largest[k - 1]! < value; k--) largest[k] = largest[k - 1]!;
    largest[k] = value;
  }
  let sum = 0;
  for (const value of largest) sum += value;
  return sum > 0 ? sum : least;
}

/** The best table for a choice of activities, with what explaining really gives; undefined where below. */
function bestTable({ alone, half, explained }: Sums, least: number): Table | undefined {
  const order = [...half.keys()].sort((a, b) => half[b]! - half[a]!);
  let found: Table | undefined;
  let most = least;
  const members: number[] = [];
  const go = (from: number, sum: number, halves: number): void => {
    if (members.length > 0) {
      const value = sum + explainedAt(explained, members);
      if (value > most) [most, found] = [value, { members: [...members], value }];
    }
    if (members.length === MOST_AT_TABLE) return;
    for (let k = from; k < order.length; k++) {
      // What could still come, in order: the largest halves that are left.
      let could = halves;
      for (let j = k; j < order.length && j < k + MOST_AT_TABLE - members.length; j++) {
        could += Math.max(0, half[order[j]!]!);
      }
      if (could <= most) return;
      const one = order[k]!;
      members.push(one);
      go(k + 1, sum + alone[one]!, halves + half[one]!);
      members.pop();
    }
  };
  go(0, 0, 0);
  return found && { ...found, members: [...found.members].sort((a, b) => a - b) };
}

function explainedAt(explained: readonly Activity[], members: readonly number[]): number {
  let sum = 0;
  for (const { losing, sure, bonus } of explained) {
    let [helped, explain] = [0, 0];
    for (const one of members) {
      helped += losing[one]!;
      explain += sure[one]!;
    }
    sum += bonus * Math.min(helped, explain);
  }
  return sum;
}
