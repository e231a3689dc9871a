import { lowestBit } from './bits.js';
import type { Parting } from './parting.js';
import { AWAY, costOfPlace, KEYS, type Situations } from './situations.js';

/** What is known at some point: the situations that still can be, and the looks taken. */
export interface Node {
  readonly states: Int32Array;
  /** As bits. */
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

/** What may be looked at next. */
export interface Option {
  readonly look: number;
  /** Was looked at before; now it tells more. */
  readonly free: boolean;
  /** Cost of the look, weighted. */
  readonly cost: number;
  least: number;
  children: Child[] | undefined;
}

/** What is known after an answer. */
export interface Child {
  readonly key: number;
  readonly node: Node;
}

/** All that can be known on the way. */
export class Knowing {
  /** By a mark of their situations; what has the same mark is compared. */
  private readonly nodes = new Map<string, Node[]>();
  /** By outcome: how far the cube is turned, or how far out of sight the piece is. */
  private readonly trouble: Uint8Array;
  private readonly marks: Uint32Array;

  constructor(
    private readonly situations: Situations,
    private readonly parting: Parting,
    /** Whether one comes to the same in several ways, so that what is the same is kept once. */
    private readonly once: boolean,
  ) {
    this.trouble = Uint8Array.from(situations.outcomes, ({ turn = 0, piece }) =>
      piece === undefined ? AWAY[turn]! : costOfPlace(piece),
    );
    let seed = 7;
    this.marks = Uint32Array.from({ length: once ? situations.count * 2 : 0 }, () => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
      return Math.imul(seed ^ (seed >>> 15), 0x2c1b3c6d) >>> 0;
    });
  }

  /** At the beginning: everything still can be. */
  atFirst(): Node {
    const { good, weight, words, count } = this.situations;
    const states = Int32Array.from({ length: count }, (_, s) => s);
    const common = new Int32Array(words).fill(-1);
    good.forEach((bits, at) => (common[at % words]! &= bits));
    const all = weight.reduce((sum, one) => sum + one, 0);
    return this.made(states, 0, all, this.parting.leastOf(states, 0), common);
  }

  /** What is known after each answer of a look. */
  after(node: Node, look: number): Child[] {
    const { parting } = this;
    parting.part(node.states, node.looked, look);
    const keys = [...Array(KEYS).keys()].filter((key) => (parting.present >> key) & 1);
    const parts = keys.map((key) => new Int32Array(parting.sizes[key]!));
    const byKey: Int32Array[] = [];
    keys.forEach((key, k) => (byKey[key] = parts[k]!));
    const filled = new Int32Array(KEYS);
    for (let k = 0; k < node.states.length; k++) {
      const key = parting.keyOf[k]!;
      byKey[key]![filled[key]!++] = node.states[k]!;
    }
    return keys.map((key) => {
      const child = this.known(byKey[key]!, node.looked | (1 << look), key);
      child.above.push(node);
      return { key, node: child };
    });
  }

  private known(states: Int32Array, looked: number, key: number): Node {
    const { sums, leasts, goods } = this.parting;
    const words = this.situations.words;
    const make = (): Node => {
      const good = goods.subarray(key * words, (key + 1) * words);
      return this.made(states, looked, sums[key]!, leasts[key]!, good);
    };
    if (!this.once) return make();
    const name = this.nameOf(states, looked);
    let alike = this.nodes.get(name);
    if (!alike) this.nodes.set(name, (alike = []));
    let node = alike.find((one) => sameStates(one.states, states));
    if (!node) alike.push((node = make()));
    return node;
  }

  private nameOf(states: Int32Array, looked: number): string {
    const { marks, parting } = this;
    let low = 0;
    let high = 0;
    for (const s of states) {
      low ^= marks[2 * s]!;
      high ^= marks[2 * s + 1]!;
    }
    return `${states.length} ${low} ${high} ${parting.plain ? '' : looked}`;
  }

  private made(
    states: Int32Array,
    looked: number,
    weight: number,
    least: number,
    good: Int32Array,
  ): Node {
    const outcome = this.leastTrouble(good);
    const decided = outcome >= 0;
    return {
      states,
      looked,
      weight,
      decided,
      outcome,
      least: decided ? 0 : least,
      // What never comes up costs nothing.
      exact: decided || weight === 0,
      options: undefined,
      above: [],
    };
  }

  /** The outcome that is least trouble; -1 where none is good. */
  private leastTrouble(good: Int32Array): number {
    let best = -1;
    for (let word = 0; word < good.length; word++) {
      for (let bits = good[word]!; bits !== 0; bits &= bits - 1) {
        const outcome = word * 32 + lowestBit(bits);
        if (best < 0 || this.trouble[outcome]! < this.trouble[best]!) best = outcome;
      }
    }
    return best;
  }
}

function sameStates(a: Int32Array, b: Int32Array): boolean {
  if (a.length !== b.length) return false;
  for (let k = 0; k < a.length; k++) if (a[k] !== b[k]) return false;
  return true;
}
