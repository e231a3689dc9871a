import {
  AWAY,
  costOfPlace,
  exactly,
  isPlain,
  roughly,
  TELLS,
  type Situations,
} from './situations.js';

/** A plan found: what to look at next by what was answered, or what to do. */
export type Found =
  | { readonly outcome: number; readonly states: Int32Array }
  | { readonly look: number; readonly free: boolean; readonly answers: readonly FoundAnswer[] };

export interface FoundAnswer {
  /** The answer's code; with `rough`, one that may be a piece that does not matter. */
  readonly code: number;
  readonly rough: boolean;
  /** The part of all situations that come here. */
  readonly part: number;
  readonly then: Found;
}

export interface SearchResult {
  readonly plan: Found;
  /** What the plan costs on average, and what no plan can cost less than. */
  readonly mean: number;
  readonly atLeast: number;
}

/** Answers have codes below 8, rough ones 8 more. */
const KEYS = 16;

/** What may be looked at does not tell what is good. */
export class NotTold extends Error {}

/** What is known at some point: the situations that still can be, and the looks taken. */
interface Node {
  readonly states: Int32Array;
  readonly looked: number;
  readonly weight: number;
  /** Something that is good in all of them. */
  readonly decided: boolean;
  readonly outcome: number;
  /** Weighted looks still to come: no plan needs fewer. */
  least: number;
  /** Whether `least` is what the best plan needs. */
  exact: boolean;
  options: Option[] | undefined;
  readonly above: Node[];
}

interface Option {
  readonly look: number;
  readonly free: boolean;
  /** Cost of the look, weighted. */
  readonly cost: number;
  least: number;
  children: { key: number; node: Node }[] | undefined;
}

/**
 * Finds what to look at, one thing after another, so that as few looks as can be lead to something
 * good: a best-first search over what may still be, from above by what each answer leaves at the
 * least. It stops when nothing better can be left, or when `work` (situations times looks) is done;
 * how far the plan then can be from the best is told by `atLeast`.
 */
export class GlanceSearch {
  private readonly count: number;
  private readonly words: number;
  private readonly costs: Uint8Array;
  private readonly plain: boolean;
  /** By outcome: how far the cube is turned, or how far out of sight the piece is. */
  private readonly trouble: Uint8Array;
  /** Cheap ones first. */
  private readonly allowed: readonly number[];
  /** What must be looked at, at least, to tell what is good in a situation. */
  private readonly needs: Uint8Array;
  private readonly cheapest: number;
  private readonly marks: Uint32Array;
  private readonly nodes = new Map<string, Node>();
  private done = 0;

  // Filled by `part` for each key of an answer.
  private readonly sums = new Float64Array(KEYS);
  private readonly leasts = new Float64Array(KEYS);
  private readonly sizes = new Int32Array(KEYS);
  /** The keys there are, as bits. */
  private present = 0;
  private readonly goods: Int32Array;
  private readonly keyOf: Uint8Array;

  constructor(
    private readonly situations: Situations,
    /** The looks that may be taken. */
    allowed: readonly number[],
    private readonly work: number,
  ) {
    this.count = situations.count;
    this.words = situations.words;
    this.plain = isPlain(situations);
    this.trouble = Uint8Array.from(situations.outcomes, ({ turn = 0, piece }) =>
      piece === undefined ? AWAY[turn]! : costOfPlace(piece),
    );
    this.costs = Uint8Array.from(situations.lookables, ({ cost }) => cost);
    this.goods = new Int32Array(KEYS * this.words);
    this.keyOf = new Uint8Array(this.count);
    this.allowed = [...allowed].sort((a, b) => this.costs[a]! - this.costs[b]!);
    this.cheapest = Math.min(...allowed.map((look) => situations.lookables[look]!.cost));
    let seed = 7;
    this.marks = Uint32Array.from({ length: this.count * 2 }, () => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
      return Math.imul(seed ^ (seed >>> 15), 0x2c1b3c6d) >>> 0;
    });
    this.needs = new Uint8Array(this.count);
  }

  run(): SearchResult {
    const root = this.node(
      Int32Array.from({ length: this.count }, (_, s) => s),
      0,
    );
    this.findNeeds();
    root.least = this.leastOf(root);
    while (!root.exact && this.count <= SEARCHED && this.done < this.work) {
      const node = this.next(root);
      if (node) this.expand(node);
    }
    const { found, cost } = WORTHS.slice(this.count > SEARCHED ? 1 : 0)
      .map((worth) => this.best(root, worth, new Map()))
      .reduce((a, b) => (b.cost < a.cost ? b : a));
    return { plan: found, mean: cost, atLeast: Math.min(root.least, cost) };
  }

  /** The node to open next: down the way that promises least, where most weight is not settled. */
  private next(root: Node): Node | undefined {
    let node = root;
    while (node.options) {
      const option = cheapest(node.options);
      if (!option.children) {
        option.children = this.split(node, option);
        this.raise(node);
        return undefined;
      }
      let heaviest: Node | undefined;
      for (const { node: child } of option.children) {
        if (!child.exact && child.weight > (heaviest?.weight ?? 0)) heaviest = child;
      }
      if (!heaviest) {
        this.raise(node);
        return undefined;
      }
      node = heaviest;
    }
    return node;
  }

  private expand(node: Node): void {
    node.options = this.optionsOf(node);
    this.raise(node);
  }

  private optionsOf(node: Node): Option[] {
    const options: Option[] = [];
    for (const look of this.allowed) {
      if (this.part(node, look) < 2) continue;
      const free = ((node.looked >> look) & 1) === 1;
      const cost = free ? 0 : this.costs[look]! * node.weight;
      const option = { look, free, cost, least: cost + this.left().least, children: undefined };
      // What was seen already and can now be told costs nothing: it is always taken first.
      if (free) return [option];
      options.push(option);
    }
    if (options.length === 0) throw new NotTold();
    return options;
  }

  /** The option that seems best where nothing was searched, judged by some of the situations. */
  private guess(node: Node, worth: number, by = GUESSED_BY): Option {
    const every = Math.ceil(node.states.length / by);
    let best = -1;
    let least = Infinity;
    let free = false;
    for (const look of this.allowed) {
      if (this.part(node, look, every) < 2) continue;
      free = ((node.looked >> look) & 1) === 1;
      const left = this.left();
      const cost = this.costs[look]! * node.weight;
      const guess = cost + (left.least + worth * left.open) * every;
      if (!free && guess >= least) continue;
      best = look;
      least = guess;
      if (free || node.weight < RARE) break;
    }
    if (best < 0) {
      if (every > 1) return this.guess(node, worth, Infinity);
      throw new NotTold();
    }
    const cost = free ? 0 : this.costs[best]! * node.weight;
    const option: Option = { look: best, free, cost, least: 0, children: undefined };
    option.children = this.split(node, option);
    return option;
  }

  /** Tells upwards what has become known of the least that is left. */
  private raise(from: Node): void {
    const queue = [from];
    for (let node = queue.pop(); node; node = queue.pop()) {
      if (!node.options) continue;
      for (const option of node.options) {
        if (!option.children) continue;
        option.least = option.cost;
        for (const { node: child } of option.children) option.least += child.least;
      }
      const best = cheapest(node.options);
      const exact = best.children?.every(({ node: child }) => child.exact) ?? false;
      if (best.least <= node.least && exact === node.exact) continue;
      node.least = Math.max(node.least, best.least);
      node.exact = exact;
      queue.push(...node.above);
    }
  }

  /**
   * Parts a node by a look: fills the sums for each key and gives how many keys there are; none
   * where looking again tells nothing. With `every` only each so-manieth is taken, for a guess.
   */
  private part({ states, looked }: Node, look: number, every = 1): number {
    const { situations, keyOf, sums, leasts, sizes, goods, words, needs, cheapest } = this;
    const { count, seen, good, weight: weights } = situations;
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
    const after = this.spent(looked) + (again ? 0 : situations.lookables[look]!.cost);
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
        for (let word = 0; word < words; word++) goods[key * words + word] = -1;
      }
      sizes[key]!++;
      sums[key]! += w;
      const left = needs[s]! - after;
      leasts[key]! += w * (left > cheapest ? left : cheapest);
      const from = s * words;
      const to = key * words;
      goods[to]! &= good[from]!;
      for (let word = 1; word < words; word++) goods[to + word]! &= good[from + word]!;
    }
    this.present = present;
    let keys = 0;
    for (let rest = present; rest !== 0; rest &= rest - 1) {
      const key = 31 - Math.clz32(rest & -rest);
      keys++;
      for (let word = 0; word < words; word++) {
        if (goods[key * words + word] !== 0) leasts[key] = 0;
      }
    }
    return keys;
  }

  /** What the answers leave: the least cost to come, and how much is to be told apart, weighted. */
  private left(): { least: number; open: number } {
    let least = 0;
    let open = 0;
    for (let rest = this.present; rest !== 0; rest &= rest - 1) {
      const key = 31 - Math.clz32(rest & -rest);
      if (this.leasts[key] === 0) continue;
      least += this.leasts[key]!;
      open += this.sums[key]! * Math.log2(this.sums[key]! * MANY + 1);
    }
    return { least, open };
  }

  private spent(looked: number): number {
    let cost = 0;
    for (let look = 0, rest = looked; rest !== 0; look++, rest >>>= 1) {
      if (rest & 1) cost += this.costs[look]!;
    }
    return cost;
  }

  private split(node: Node, { look }: Option): { key: number; node: Node }[] {
    this.part(node, look);
    const parts: { key: number; states: Int32Array; at: number }[] = [];
    const byKey: (typeof parts)[number][] = [];
    for (let key = 0; key < KEYS; key++) {
      if (((this.present >> key) & 1) === 0) continue;
      parts.push((byKey[key] = { key, states: new Int32Array(this.sizes[key]!), at: 0 }));
    }
    for (let k = 0; k < node.states.length; k++) {
      const one = byKey[this.keyOf[k]!]!;
      one.states[one.at++] = node.states[k]!;
    }
    return parts.map(({ key, states }) => {
      const child = this.node(states, node.looked | (1 << look));
      child.above.push(node);
      return { key, node: child };
    });
  }

  private node(states: Int32Array, looked: number): Node {
    const { situations, marks, words } = this;
    const { good: goods, weight: weights } = situations;
    let low = 0;
    let high = 0;
    let weight = 0;
    const good = new Int32Array(words).fill(-1);
    for (const s of states) {
      low ^= marks[2 * s]!;
      high ^= marks[2 * s + 1]!;
      weight += weights[s]!;
      for (let word = 0; word < words; word++) good[word]! &= goods[s * words + word]!;
    }
    const key = `${states.length} ${low} ${high} ${this.plain ? '' : looked}`;
    const known = this.nodes.get(key);
    if (known) return known;
    const decided = good.some((bits) => bits !== 0);
    const node: Node = {
      states,
      looked,
      weight,
      decided,
      outcome: decided ? this.leastTrouble(good) : -1,
      least: 0,
      // What never comes up costs nothing.
      exact: decided || weight === 0,
      options: undefined,
      above: [],
    };
    node.least = decided ? 0 : this.leastOf(node);
    this.nodes.set(key, node);
    return node;
  }

  /** The outcome that is least trouble. */
  private leastTrouble(good: Int32Array): number {
    let best = -1;
    for (let word = 0; word < this.words; word++) {
      for (let bits = good[word]!; bits !== 0; bits &= bits - 1) {
        const outcome = word * 32 + 31 - Math.clz32(bits & -bits);
        if (best < 0 || this.trouble[outcome]! < this.trouble[best]!) best = outcome;
      }
    }
    return best;
  }

  private leastOf({ states, looked }: Node): number {
    const spent = this.spent(looked);
    let least = 0;
    for (const s of states) {
      least += this.situations.weight[s]! * Math.max(this.cheapest, this.needs[s]! - spent);
    }
    return least;
  }

  /**
   * What must be seen at least, in each situation, to tell what is good there: one look, two, or
   * three. Told freely what piece each sticker is of, so never too much.
   */
  private findNeeds(): void {
    const { needs, allowed, situations, count } = this;
    const costs = allowed.map((look) => situations.lookables[look]!.cost);
    needs.fill(3 * this.cheapest);
    if (count * allowed.length ** 2 > MOST_NEEDS) needs.fill(2 * this.cheapest);
    else {
      allowed.forEach((a, i) => {
        for (let j = 0; j < i; j++) this.lower(costs[i]! + costs[j]!, a, allowed[j]!);
      });
    }
    allowed.forEach((a, i) => this.lower(costs[i]!, a));
  }

  /** Where these looks decide, no more is needed. */
  private lower(cost: number, ...looks: readonly number[]): void {
    const { situations, needs, words } = this;
    const { count, seen, good } = situations;
    const goods = new Int32Array(KEYS ** looks.length * words).fill(-1);
    const keyOf = (s: number): number => {
      let key = 0;
      for (const look of looks) {
        const one = seen[look * count + s]!;
        key = key * KEYS + (one & TELLS ? exactly(one) : 8 + roughly(one));
      }
      return key;
    };
    for (let s = 0; s < count; s++) {
      const key = keyOf(s);
      for (let word = 0; word < words; word++)
        goods[key * words + word]! &= good[s * words + word]!;
    }
    for (let s = 0; s < count; s++) {
      if (needs[s]! <= cost) continue;
      const key = keyOf(s);
      for (let word = 0; word < words; word++) {
        if (goods[key * words + word] !== 0) needs[s] = cost;
      }
    }
  }

  /** The best plan that is known from here: searched where it was, chosen by a guess beyond. */
  private best(node: Node, worth: number, known: Map<Node, Best>): Best {
    if (node.decided) {
      return { found: { outcome: node.outcome, states: node.states }, cost: 0 };
    }
    const before = known.get(node);
    if (before) return before;
    const options = node.options?.filter(({ children }) => children) ?? [];
    if (options.length === 0) options.push(this.guess(node, worth));
    let best: Best | undefined;
    for (const { look, free, cost, children } of options) {
      const parts = children!.map(({ key, node: child }) => ({
        key,
        child,
        ...this.best(child, worth, known),
      }));
      const total = parts.reduce((sum, part) => sum + part.cost, cost);
      if (best && total >= best.cost) continue;
      const answers = parts.map(({ key, child, found }) => ({
        code: key & 7,
        rough: key >= 8,
        part: child.weight,
        then: found,
      }));
      best = { found: { look, free, answers }, cost: total };
    }
    known.set(node, best!);
    return best!;
  }
}

interface Best {
  readonly found: Found;
  readonly cost: number;
}

/** What is so rare is told by the first cheap look that tells anything. */
const RARE = 2e-5;
/** Parts of all looks smaller than one of so many hardly count. */
const MANY = 100_000;

/** How much it counts, in looks, that an answer leaves twice as much open: each is tried, the last alone on many. */
const WORTHS = [0.8, 1.5];
/** A guess goes by about so many situations. */
const GUESSED_BY = 5000;
/** More situations than this are not searched but planned by guesses. */
const SEARCHED = 6000;
const MOST_NEEDS = 2e7;

const cheapest = (options: readonly Option[]): Option =>
  options.reduce((a, b) => (b.least < a.least ? b : a));
