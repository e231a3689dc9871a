import { lowestBit } from './bits.js';
import { exactly, isPlain, KEYS, roughly, type Situations, TELLS } from './situations.js';

/** Parts of all looks smaller than one of so many hardly count. */
const MANY = 100_000;

/**
 * Parts situations by what a look shows, and tells what each answer leaves. What was found last
 * stands in its fields until the next: millions of times through here, so nothing is made anew.
 */
export class Parting {
  /** By situation parted, the key of its answer: exact ones as they are, rough ones 8 more. */
  readonly keyOf: Uint8Array;
  /** By key, how many situations. */
  readonly sizes = new Int32Array(KEYS);
  /** Their weights together. */
  readonly sums = new Float64Array(KEYS);
  /** What must still be seen, at the least, weighted; 0 where something is good in all. */
  readonly leasts = new Float64Array(KEYS);
  /** The same, as if no look taken would answer once more: for a guess, not for a bound. */
  readonly usuals = new Float64Array(KEYS);
  /** What is good in all, as bits, `words` numbers for each key. */
  readonly goods: Int32Array;
  /** The keys there are, as bits. */
  present = 0;
  /** Situations times looks that were gone through. */
  done = 0;

  private readonly costs: Uint8Array;
  private readonly cheapest: number;
  /** Whether looking again never tells more. */
  readonly plain: boolean;
  /** The looks that may answer roughly first and exactly later, as bits. */
  private readonly twice: number;

  constructor(
    private readonly situations: Situations,
    allowed: readonly number[],
    /** By situation, the cost of the looks that tell what is good there, at the least. */
    private readonly needs: Uint8Array,
  ) {
    const { lookables, words, count } = situations;
    this.costs = Uint8Array.from(lookables, ({ cost }) => cost);
    this.cheapest = Math.min(...allowed.map((look) => this.costs[look]!));
    this.goods = new Int32Array(KEYS * words);
    this.keyOf = new Uint8Array(count);
    this.plain = isPlain(situations);
    this.twice = looksThatTellTwice(situations);
  }

  /**
   * Parts them by a look, after those that were `looked` at (as bits), and gives how many answers
   * there are; none where looking again tells nothing. With `every` only each so-manieth situation
   * is taken, for a guess.
   */
  part(states: Int32Array, looked: number, look: number, every = 1): number {
    const { situations, keyOf, sums, leasts, usuals, sizes, goods, needs, cheapest } = this;
    const atLeast = this.cheapestAfter(looked | (1 << look));
    const { count, seen, good, weight: weights, words } = situations;
    const again = ((looked >> look) & 1) === 1;
    if (again && this.plain) return 0;
    const from = look * count;
    const size = Math.floor((states.length - 1) / every) + 1;
    this.done += size;
    let untold = 0;
    for (let k = 0; k < size; k++) {
      const one = seen[from + states[k * every]!]!;
      keyOf[k] = one;
      if ((one & TELLS) === 0) untold |= 1 << ((one >> 3) & 7);
    }
    if (again && untold !== 0) return 0;
    for (let k = 0; k < size; k++) {
      const one = keyOf[k]!;
      const rough = (one >> 3) & 7;
      keyOf[k] = (untold >> rough) & 1 ? 8 + rough : one & 7;
    }
    const after = this.spent(looked) + (again ? 0 : this.costs[look]!);
    let present = 0;
    for (let k = 0; k < size; k++) {
      const key = keyOf[k]!;
      const s = states[k * every]!;
      const w = weights[s]!;
      const bit = 1 << key;
      if ((present & bit) === 0) {
        present |= bit;
        sizes[key] = 0;
        sums[key] = 0;
        leasts[key] = 0;
        usuals[key] = 0;
        for (let word = 0; word < words; word++) goods[key * words + word] = -1;
      }
      sizes[key]!++;
      sums[key]! += w;
      const left = needs[s]! - after;
      leasts[key]! += w * (left > atLeast ? left : atLeast);
      usuals[key]! += w * (left > cheapest ? left : cheapest);
      const from = s * words;
      const to = key * words;
      goods[to]! &= good[from]!;
      for (let word = 1; word < words; word++) goods[to + word]! &= good[from + word]!;
    }
    this.present = present;
    let keys = 0;
    for (let rest = present; rest !== 0; rest &= rest - 1) {
      const key = lowestBit(rest);
      keys++;
      for (let word = 0; word < words; word++) {
        if (goods[key * words + word] !== 0) leasts[key] = usuals[key] = 0;
      }
    }
    return keys;
  }

  /** What the answers leave: the cost to come, at the least and as a guess, and how much is to be told apart, weighted. */
  left(): { least: number; usual: number; open: number } {
    let least = 0;
    let usual = 0;
    let open = 0;
    for (let rest = this.present; rest !== 0; rest &= rest - 1) {
      const key = lowestBit(rest);
      if (this.usuals[key] === 0) continue;
      least += this.leasts[key]!;
      usual += this.usuals[key]!;
      open += this.sums[key]! * Math.log2(this.sums[key]! * MANY + 1);
    }
    return { least, usual, open };
  }

  /** What must still be seen, at the least, in all of these together, weighted. */
  leastOf(states: Int32Array, looked: number): number {
    const spent = this.spent(looked);
    const cheapest = this.cheapestAfter(looked);
    let least = 0;
    for (const s of states) {
      least += this.situations.weight[s]! * Math.max(cheapest, this.needs[s]! - spent);
    }
    return least;
  }

  /** What the next look costs at the least: nothing, where one that was taken may answer once more. */
  private cheapestAfter(looked: number): number {
    return (looked & this.twice) !== 0 ? 0 : this.cheapest;
  }

  private spent(looked: number): number {
    let cost = 0;
    for (let look = 0, rest = looked; rest !== 0; look++, rest >>>= 1) {
      if (rest & 1) cost += this.costs[look]!;
    }
    return cost;
  }
}

/** The looks at which some situation is first told roughly, as bits. */
function looksThatTellTwice({ lookables, count, seen }: Situations): number {
  let twice = 0;
  for (let look = 0; look < lookables.length; look++) {
    const shown = seen.subarray(look * count, (look + 1) * count);
    if (shown.some((one) => (one & TELLS) === 0 || exactly(one) !== roughly(one))) {
      twice |= 1 << look;
    }
  }
  return twice;
}
