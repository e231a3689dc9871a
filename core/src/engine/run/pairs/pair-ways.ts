import { layersOf, PLACES, type Side } from '../../../puzzle/cube/index.js';
import { type PairTables, placeOf } from '../../../puzzle/search/index.js';

/** Every pair starts in one of these ways when a set of rooms is finished: corner and edge places. */
export class Ways {
  /** By `24·corner + edge` whereabouts: its number here, or −1 in a room that is finished. */
  readonly numberOf = new Int32Array(576).fill(-1);
  readonly pairs: number[] = [];
  /** By number: the corner place and the edge place it takes up, as bits. */
  readonly places: Int32Array;

  constructor(tables: PairTables, closed: number, first: Side) {
    const { lastCorners, lastEdges } = layersOf(first);
    const open = tables.rooms.filter((_, room) => ((closed >> room) & 1) === 0);
    const corners = new Set([...lastCorners, ...open.map(({ corner }) => corner)]);
    const edges = new Set([...lastEdges, ...open.map(({ edge }) => edge)]);
    const places: number[] = [];
    for (let pair = 0; pair < 576; pair++) {
      const corner = placeOf(Math.floor(pair / 24), 'corner');
      const edge = placeOf(pair % 24, 'edge');
      if (!corners.has(corner) || !edges.has(edge)) continue;
      this.numberOf[pair] = this.pairs.length;
      this.pairs.push(pair);
      places.push((1 << corner) | (1 << edge));
    }
    this.places = Int32Array.from(places);
  }

  get count(): number {
    return this.pairs.length;
  }

  apart(a: number, b: number): boolean {
    return (this.places[a]! & this.places[b]!) === 0;
  }
}

/** What bringing one pair home does: its outcome, and where it takes every other pair. */
export interface PairWay {
  outcome: number;
  /** By the number of the outcome of all that follows: that of both together, −1 until it is asked. */
  with: Int32Array;
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
  /** By the places taken, as bits: asked for millions of times, so an array and no map. */
  private readonly lists = new Array<Beside[] | undefined>(1 << PLACES.length);

  constructor(
    private readonly ways: Ways,
    private readonly turns: readonly number[],
  ) {}

  beside(a: number, b: number, c: number, turns: number): Beside {
    const { places } = this.ways;
    const taken = places[a]! | places[b]! | places[c]!;
    const byTurns = (this.lists[taken] ??= []);
    return (byTurns[turns] ??= {
      more: this.list(taken, (needed) => needed > turns),
      equal: this.list(taken, (needed) => needed === turns),
    });
  }

  private list(taken: number, wanted: (turns: number) => boolean): Uint16Array {
    const found: number[] = [];
    this.ways.places.forEach((mask, way) => {
      if ((mask & taken) === 0 && wanted(this.turns[way]!)) found.push(way);
    });
    return Uint16Array.from(found);
  }
}
