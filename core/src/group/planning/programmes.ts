import type { Slot } from './asked.js';
import { type Activity, gainAt, type Gains } from './gains.js';
import { OBJECTIVE } from './objective.js';

/** The most learners at one table. */
export const MOST_AT_TABLE = 6;

const SOLVE: Slot = { kind: 'solve', case: '', other: '' };

/** What a table does best, and what that is worth. */
export interface Programme {
  readonly value: number;
  readonly slots: readonly Slot[];
}

/** Everything one table can do, as its members gain by it. */
interface Choice {
  readonly slot: Slot;
  readonly gain: number;
  /** Which of the members, as bits, have something of their own in it. */
  readonly covers: number;
}

interface Chosen {
  readonly gain: number;
  readonly taken: readonly Choice[];
  /** How many of the members have something of their own. */
  readonly count: number;
}

/** The best programmes of tables, each reckoned once. */
export class Programmes {
  private readonly known = new Map<string, Programme>();
  /** Tables that were looked at, with what each is worth. */
  readonly seen: { members: readonly number[]; withCoach: boolean; value: number }[] = [];

  private readonly own: Uint8Array;

  constructor(readonly gains: Gains) {
    const all = [...gains.fresh, ...gains.others];
    this.own = Uint8Array.from({ length: gains.learners }, (_, one) =>
      Number(all.some(({ isTheirs }) => isTheirs[one] === 1)),
    );
  }

  /**
   * The best that these learners can do together, with a block beside the coach or without. Everybody has
   * a block of their own in it, wherever there is anything that is theirs.
   */
  of(members: readonly number[], withCoach: boolean): Programme {
    const key = `${withCoach ? '+' : ''}${members.join()}`;
    let best = this.known.get(key);
    if (!best) {
      this.known.set(key, (best = this.make(members, withCoach)));
      this.seen.push({ members, withCoach, value: best.value });
    }
    return best;
  }

  private make(members: readonly number[], withCoach: boolean): Programme {
    const { blocks, fresh, others, beside } = this.gains;
    const owners = this.owners(members);
    const base = members.length * beside * blocks;
    const valueOf = (gain: number, count: number): number =>
      OBJECTIVE.valueOf({ cases: base + gain, tables: 1, without: owners - count });
    const alone = choices(others, members);
    if (!withCoach) {
      const { gain, taken, count } = bestOf(alone, blocks, 0);
      return { value: valueOf(gain, count), slots: filled(taken, blocks) };
    }
    const bySelf = bestOf(alone, blocks, 0);
    let best: Chosen | undefined;
    for (const shown of choices(fresh, members)) {
      const { gain, taken, count } = bestOf(alone, blocks - 1, shown.covers);
      const chosen = { gain: gain + shown.gain, taken: [shown, ...taken], count };
      if (!best || isBetter(chosen, best)) best = chosen;
    }
    if (!best || best.count < bySelf.count) return this.of(members, false);
    return { value: valueOf(best.gain, best.count), slots: filled(best.taken, blocks) };
  }

  /** How many of them have anything of their own to do. */
  private owners(members: readonly number[]): number {
    return members.filter((one) => this.own[one] === 1).length;
  }
}

/** What a table can do, by how much it gains; nothing that gains nothing. */
function choices(of: readonly Activity[], members: readonly number[]): Choice[] {
  const all: Choice[] = [];
  for (const one of of) {
    const gain = gainAt(one, members);
    if (gain <= 0) continue;
    let covers = 0;
    for (let k = 0; k < members.length; k++) covers |= one.isTheirs[members[k]!]! << k;
    all.push({ slot: one.slot, gain, covers });
  }
  return all.sort((a, b) => b.gain - a.gain);
}

const filled = (taken: readonly Choice[], blocks: number): Slot[] => [
  ...taken.map(({ slot }) => slot),
  ...Array.from({ length: blocks - taken.length }, () => SOLVE),
];

const isBetter = (one: Pick<Chosen, 'gain' | 'count'>, than: Chosen): boolean =>
  one.count > than.count || (one.count === than.count && one.gain > than.gain);

/**
 * The choices, at most so many, that gain most among those in which most members have something of their
 * own. As the largest gains mostly do it, others are only tried where they do not.
 */
function bestOf(choices: readonly Choice[], most: number, covered: number): Chosen {
  const all = choices.reduce((bits, { covers }) => bits | covers, covered);
  const largest = choices.slice(0, most);
  let best = chosen(largest, covered);
  if (best.count === bitsOf(all)) return best;
  // What could still be covered from the so-many-th choice on, and what all before it gain together.
  const rest = new Int32Array(choices.length + 1);
  const before = new Float64Array(choices.length + 1);
  for (let k = choices.length - 1; k >= 0; k--) rest[k] = rest[k + 1]! | choices[k]!.covers;
  for (const [k, { gain }] of choices.entries()) before[k + 1] = before[k]! + gain;
  const taken: Choice[] = [];
  const go = (from: number, gain: number, bits: number): void => {
    const one = { gain, count: bitsOf(bits) };
    if (isBetter(one, best)) best = { ...one, taken: [...taken] };
    const left = most - taken.length;
    if (left === 0) return;
    for (let k = from; k < choices.length; k++) {
      const could = bitsOf(bits | rest[k]!);
      if (could < best.count) return;
      const largest = before[Math.min(k + left, choices.length)]! - before[k]!;
      if (could === best.count && gain + largest <= best.gain) return;
      const choice = choices[k]!;
      taken.push(choice);
      go(k + 1, gain + choice.gain, bits | choice.covers);
      taken.pop();
    }
  };
  go(0, 0, covered);
  return best;
}

const chosen = (taken: readonly Choice[], covered: number): Chosen => ({
  gain: taken.reduce((sum, { gain }) => sum + gain, 0),
  taken,
  count: bitsOf(taken.reduce((bits, { covers }) => bits | covers, covered)),
});

function bitsOf(bits: number): number {
  let count = 0;
  for (let left = bits; left > 0; left &= left - 1) count++;
  return count;
}
