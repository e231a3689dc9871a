import type { Knowing, Node, Option } from './knowing.js';
import type { Parting } from './parting.js';
import type { Situations } from './situations.js';

/** A plan found: what to look at next by what was answered, or what to do. */
export type Found =
  | { readonly outcome: number; readonly states: Int32Array }
  | { readonly look: number; readonly free: boolean; readonly answers: readonly FoundAnswer[] };

interface FoundAnswer {
  /** The answer's code; with `rough`, one that may be a piece that does not matter. */
  readonly code: number;
  readonly rough: boolean;
  /** The part of all situations that come here. */
  readonly part: number;
  readonly then: Found;
}

/** A plan and what it costs on average. */
export interface Best {
  readonly found: Found;
  readonly cost: number;
}

/** What may be looked at does not tell what is good. */
export class NotTold extends Error {}

/** What is so rare is told by the first cheap look that tells anything. */
const RARE = 2e-5;
/** A guess goes by about so many situations. */
const GUESSED_BY = 5000;

/** The best plan that is known: searched where there was a search, chosen by a guess beyond. */
export class Guessed {
  private readonly known = new Map<Node, Best>();

  constructor(
    private readonly situations: Situations,
    /** The looks that may be taken, cheap ones first. */
    private readonly allowed: readonly number[],
    private readonly parting: Parting,
    private readonly knowing: Knowing,
    /** How much it counts, in looks, that an answer leaves twice as much open. */
    private readonly worth: number,
  ) {}

  /** @throws NotTold when the looks do not tell what is good. */
  best(node: Node): Best {
    if (node.decided) {
      return { found: { outcome: node.outcome, states: node.states }, cost: 0 };
    }
    const before = this.known.get(node);
    if (before) return before;
    const options = node.options?.filter(({ children }) => children) ?? [];
    if (options.length === 0) options.push(this.guess(node));
    let best: Best | undefined;
    for (const { look, free, cost, children } of options) {
      const parts = children!.map(({ key, node: child }) => ({
        key,
        child,
        ...this.best(child),
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
    this.known.set(node, best!);
    return best!;
  }

  /** The look that seems best where nothing was searched, judged by some of the situations. */
  private guess(node: Node, by = GUESSED_BY): Option {
    const { parting, worth } = this;
    const every = Math.ceil(node.states.length / by);
    let best = -1;
    let least = Infinity;
    let free = false;
    for (const look of this.allowed) {
      if (parting.part(node.states, node.looked, look, every) < 2) continue;
      free = ((node.looked >> look) & 1) === 1;
      const left = parting.left();
      const guess = this.costOf(look, node) + (left.usual + worth * left.open) * every;
      if (!free && guess >= least) continue;
      best = look;
      least = guess;
      if (free || node.weight < RARE) break;
    }
    if (best < 0) {
      if (every > 1) return this.guess(node, Infinity);
      throw new NotTold();
    }
    const cost = free ? 0 : this.costOf(best, node);
    return { look: best, free, cost, least: 0, children: this.knowing.after(node, best) };
  }

  private costOf(look: number, { weight }: Node): number {
    return this.situations.lookables[look]!.cost * weight;
  }
}
