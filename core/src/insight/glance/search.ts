import { type Found, Guessed, NotTold } from './guessed.js';
import { Knowing, type Node, type Option } from './knowing.js';
import { needsOf } from './needs.js';
import { Parting } from './parting.js';
import type { Situations } from './situations.js';
import { SAY } from './said.js';

export interface SearchResult {
  readonly plan: Found;
  /** What the plan costs on average, and what no plan can cost less than. */
  readonly mean: number;
  readonly atLeast: number;
}

/** How much it counts that an answer leaves twice as much open: each is tried, the last alone on many. */
const WORTHS = [0.8, 1.5];
/** Looks are kept as the bits of one number. */
const MOST_LOOKS = 32;
/** More situations than this are not searched but planned by guesses. */
const SEARCHED = 6000;

/**
 * Finds what to look at, one thing after another, so that as few looks as can be lead to something
 * good: a best-first search over what may still be, from above by what each answer leaves at the
 * least. It stops when nothing better can be left, or when `work` (situations times looks) is done;
 * how far the plan then can be from the best is told by `atLeast`.
 */
export class GlanceSearch {
  /** Cheap ones first. */
  private readonly allowed: readonly number[];
  private readonly parting: Parting;
  private readonly knowing: Knowing;

  /** @throws RangeError when there are more looks than can be planned. */
  constructor(
    private readonly situations: Situations,
    /** The looks that may be taken. */
    allowed: readonly number[],
    private readonly work: number,
  ) {
    if (situations.lookables.length > MOST_LOOKS) {
      throw new RangeError(
        SAY.tooManyPlaces({ places: situations.lookables.length, most: MOST_LOOKS }),
      );
    }
    this.allowed = [...allowed].sort((a, b) => this.costOf(a) - this.costOf(b));
    this.parting = new Parting(situations, allowed, needsOf(situations, allowed));
    this.knowing = new Knowing(situations, this.parting, situations.count <= SEARCHED);
  }

  /** @throws NotTold when the looks do not tell what is good. */
  run(): SearchResult {
    const { situations, allowed, parting, knowing } = this;
    const root = knowing.atFirst();
    const searched = situations.count <= SEARCHED;
    while (searched && !root.exact && parting.done < this.work) {
      const node = this.next(root);
      if (node) this.expand(node);
    }
    const { found, cost } = WORTHS.slice(searched ? 0 : 1)
      .map((worth) => new Guessed(situations, allowed, parting, knowing, worth).best(root))
      .reduce((a, b) => (b.cost < a.cost ? b : a));
    return { plan: found, mean: cost, atLeast: Math.min(root.least, cost) };
  }

  /** The node to open next: down the way that promises least, where most weight is not settled. */
  private next(root: Node): Node | undefined {
    let node = root;
    while (node.options) {
      const option = cheapest(node.options);
      if (!option.children) {
        option.children = this.knowing.after(node, option.look);
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

  private optionsOf({ states, looked, weight }: Node): Option[] {
    const options: Option[] = [];
    for (const look of this.allowed) {
      if (this.parting.part(states, looked, look) < 2) continue;
      const free = ((looked >> look) & 1) === 1;
      const cost = free ? 0 : this.costOf(look) * weight;
      const least = cost + this.parting.left().least;
      const option = { look, free, cost, least, children: undefined };
      // What was seen already and can now be told costs nothing: it is always taken first.
      if (free) return [option];
      options.push(option);
    }
    if (options.length === 0) throw new NotTold();
    return options;
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

  private costOf(look: number): number {
    return this.situations.lookables[look]!.cost;
  }
}

const cheapest = (options: readonly Option[]): Option =>
  options.reduce((a, b) => (b.least < a.least ? b : a));
