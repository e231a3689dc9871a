import { exactly, KEYS, type Outcome, roughly, type Situations, TELLS } from './situations.js';

/** The cases it can be where what may be looked at does not tell what is good. */
export interface InSight {
  /** Those that look alike as one, with one more outcome where it is needed: nothing more can be told. */
  readonly situations: Situations;
  /** The number of that outcome. */
  readonly open: number;
  /** The cases it can be, by situation, where no more can be told. */
  readonly canBe: ReadonlyMap<number, readonly string[]>;
  /** The part of all situations in which no more can be told. */
  readonly part: number;
  /** Sets of cases that cannot be told apart, each once. */
  readonly alike: readonly (readonly string[])[];
}

/**
 * Finds where the looks that may be taken, all of them together, do not tell what is good; there
 * the one good outcome is to say so.
 */
export function inSight(situations: Situations, allowed: readonly number[]): InSight {
  const { outcomes, words } = situations;
  const { group, groups, common } = finest(situations, allowed);
  const open = outcomes.length;
  const wide = Math.ceil((open + 1) / 32);
  const good = new Int32Array(groups * wide);
  const isOpen = new Uint8Array(groups);
  for (let g = 0; g < groups; g++) {
    const bits = common.subarray(g * words, (g + 1) * words);
    if (bits.some((one) => one !== 0)) good.set(bits, g * wide);
    else {
      isOpen[g] = 1;
      good[g * wide + (open >> 5)]! |= 1 << (open & 31);
    }
  }
  const weight = new Float64Array(groups);
  const canBe = new Map<number, Set<string>>();
  group.forEach((g, s) => {
    weight[g]! += situations.weight[s]!;
    if (!isOpen[g]) return;
    let cases = canBe.get(g);
    if (!cases) canBe.set(g, (cases = new Set<string>()));
    for (const one of casesGood(situations, s)) cases.add(one);
  });
  const sets = [...canBe].map(([g, cases]) => [g, [...cases].sort()] as const);
  return {
    situations: {
      ...situations,
      outcomes: [...outcomes, NOTHING_MORE],
      count: groups,
      seen: seenBy(situations, group, groups),
      good,
      words: wide,
      weight,
      fixed: new Uint8Array(groups),
    },
    open,
    part: weight.reduce((sum, one, g) => (isOpen[g] ? sum + one : sum), 0),
    canBe: new Map(sets),
    alike: [...new Map(sets.map(([, cases]) => [cases.join(), cases])).values()],
  };
}

/** Where it is known that the looks tell what is good. */
export const allTold = (situations: Situations): InSight => ({
  situations,
  open: situations.outcomes.length,
  part: 0,
  canBe: new Map(),
  alike: [],
});

/** What is seen in each group; it is told of a piece only if it is in all of its situations. */
function seenBy(
  { lookables, count, seen }: Situations,
  group: Int32Array,
  groups: number,
): Uint8Array {
  const made = new Uint8Array(lookables.length * groups);
  lookables.forEach((_, look) => {
    const known = new Uint8Array(groups);
    for (let s = 0; s < count; s++) {
      const g = group[s]!;
      const one = seen[look * count + s]!;
      const at = look * groups + g;
      if (!known[g]) made[at] = one;
      else if ((one & TELLS) === 0) made[at]! &= ~TELLS;
      known[g] = 1;
    }
  });
  return made;
}

/** Stands where no case can be named. */
const NOTHING_MORE: Outcome = { case: '' };

/** The cases that are good in a situation. */
function* casesGood({ outcomes, good, words }: Situations, s: number): Generator<string> {
  for (const [k, outcome] of outcomes.entries()) {
    if ((good[s * words + (k >> 5)]! >> (k & 31)) & 1) yield outcome.case;
  }
}

/** Groups of situations that look alike, and what is good in all of each. */
interface Groups {
  readonly group: Int32Array;
  readonly groups: number;
  readonly common: Int32Array;
}

/**
 * Parts situations by every look, again and again as long as that tells more and is needed. What
 * remains in one group then cannot be told apart, or need not be.
 */
function finest(situations: Situations, allowed: readonly number[]): Groups {
  const { count, seen } = situations;
  const group: Int32Array = new Int32Array(count);
  let groups = 1;
  for (;;) {
    const before = groups;
    for (const look of allowed) {
      const from = look * count;
      const untold = new Uint8Array(groups * 8);
      for (let s = 0; s < count; s++) {
        const one = seen[from + s]!;
        if ((one & TELLS) === 0) untold[group[s]! * 8 + roughly(one)] = 1;
      }
      const known = new Int32Array(groups * KEYS).fill(-1);
      groups = 0;
      for (let s = 0; s < count; s++) {
        const one = seen[from + s]!;
        const rough = roughly(one);
        const key = untold[group[s]! * 8 + rough] ? 8 + rough : exactly(one);
        const at = group[s]! * KEYS + key;
        if (known[at]! < 0) known[at] = groups++;
        group[s] = known[at]!;
      }
    }
    const common = commonIn(situations, group, groups);
    const settled = groups === before || everyTold(common, groups);
    if (settled) return { group, groups, common };
  }
}

function commonIn(
  { count, good, words }: Situations,
  group: Int32Array,
  groups: number,
): Int32Array {
  const common = new Int32Array(groups * words).fill(-1);
  for (let s = 0; s < count; s++) {
    for (let word = 0; word < words; word++) {
      common[group[s]! * words + word]! &= good[s * words + word]!;
    }
  }
  return common;
}

function everyTold(common: Int32Array, groups: number): boolean {
  const words = common.length / groups;
  for (let g = 0; g < groups; g++) {
    let any = 0;
    for (let word = 0; word < words; word++) any |= common[g * words + word]!;
    if (any === 0) return false;
  }
  return true;
}
