import { placeOf } from '../search/piece-moves.js';
import type { PairTables } from '../search/pair-tables.js';
import { layersOf } from '../stages/goals.js';
import type { Side } from '../cube/sides.js';

/** Every pair starts in one of these ways when a set of rooms is finished: corner and edge places. */
export class Ways {
  /** By `24·corner + edge` whereabouts: its number here, or −1 in a room that is finished. */
  readonly numberOf = new Int32Array(576).fill(-1);
  readonly pairs: number[] = [];
  readonly corners: number[] = [];
  readonly edges: number[] = [];

  constructor(tables: PairTables, closed: number, first: Side) {
    const { lastCorners, lastEdges } = layersOf(first);
    const open = tables.rooms.filter((_, room) => ((closed >> room) & 1) === 0);
    const corners = new Set([...lastCorners, ...open.map(({ corner }) => corner)]);
    const edges = new Set([...lastEdges, ...open.map(({ edge }) => edge)]);
    for (let pair = 0; pair < 576; pair++) {
      const corner = placeOf(Math.floor(pair / 24), 'corner');
      const edge = placeOf(pair % 24, 'edge');
      if (!corners.has(corner) || !edges.has(edge)) continue;
      this.numberOf[pair] = this.pairs.length;
      this.pairs.push(pair);
      this.corners.push(corner);
      this.edges.push(edge);
    }
  }

  get count(): number {
    return this.pairs.length;
  }

  apart(a: number, b: number): boolean {
    return this.corners[a] !== this.corners[b] && this.edges[a] !== this.edges[b];
  }
}

/** What bringing one pair home does: its outcome, and where it takes every other pair. */
export interface PairWay {
  outcome: number;
  turns: number;
  /** `after[pair]` for pairs as `24·corner + edge`. */
  after: Uint16Array;
}

export interface Beside {
  /** Ways that need more turns than asked, and those that need just as many. */
  readonly more: Uint16Array;
  readonly equal: Uint16Array;
}

/** The ways a fourth pair can stand beside three others; the lists are made once and kept. */
export class WayLists {
  private readonly lists = new Map<number, Beside[]>();
  private readonly masks: number[];

  constructor(
    ways: Ways,
    private readonly turns: readonly number[],
  ) {
    this.masks = ways.pairs.map((_, way) => (1 << ways.corners[way]!) | (1 << ways.edges[way]!));
  }

  beside(a: number, b: number, c: number, turns: number): Beside {
    const taken = this.masks[a]! | this.masks[b]! | this.masks[c]!;
    let byTurns = this.lists.get(taken);
    if (!byTurns) this.lists.set(taken, (byTurns = []));
    return (byTurns[turns] ??= {
      more: this.list(taken, (needed) => needed > turns),
      equal: this.list(taken, (needed) => needed === turns),
    });
  }

  private list(taken: number, wanted: (turns: number) => boolean): Uint16Array {
    return Uint16Array.from(
      this.masks.flatMap((mask, way) =>
        (mask & taken) === 0 && wanted(this.turns[way]!) ? [way] : [],
      ),
    );
  }
}
