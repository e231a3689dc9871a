import {
  type Cube,
  layersOf,
  opposite,
  PLACES,
  type Side,
  sideOfTurn,
  SIDES,
  type Turn,
  TURN_COUNT,
  turnOf,
} from '../cube/index.js';
import { atHome, MOVED, placeOf, whereIs } from './piece-moves.js';

const UNKNOWN = 255;

/**
 * How many turns the four edges of the first layer need at least, from every placement to the
 * finished cross or to a daisy: one byte for each of 24⁴ combinations of whereabouts, of which
 * 190,080 can occur. Filled breadth first from where they are done; never more than 8 turns away.
 */
export class CrossTable {
  private readonly turnsLeft = new Uint8Array(24 ** 4).fill(UNKNOWN);
  private readonly edges: readonly number[];
  /** Turns in the order they are preferred: the finished layer itself is turned as late as can be. */
  private readonly order: readonly Turn[];

  constructor(
    private readonly first: Side,
    goal: 'cross' | 'daisy' = 'cross',
  ) {
    this.edges = layersOf(first).firstEdges;
    const sides = [...SIDES.filter((side) => side !== first && side !== opposite(first))];
    this.order = [...sides, opposite(first), first].flatMap((side) =>
      [1, 3, 2].map((quarters) => turnOf(side, quarters)),
    );
    this.fill(goal === 'cross' ? [this.edges.map(atHome)] : this.daisies());
  }

  /** All 24: each edge half a turn of its side away from home, the layer opposite turned anyhow. */
  private daisies(): number[][] {
    const { edge } = MOVED;
    const up = opposite(this.first);
    const spots = this.edges.map((piece) => {
      const side = PLACES[piece]!.sides.find((one) => one !== this.first)!;
      const there = edge[turnOf(side, 2) * 24 + atHome(piece)]!;
      return [there, ...[1, 2, 3].map((quarters) => edge[turnOf(up, quarters) * 24 + there]!)];
    });
    const all: number[][] = [];
    for (let code = 0; code < 256; code++) {
      const wheres = spots.map((spot, k) => spot[(code >> (2 * k)) & 3]!);
      const places = new Set(wheres.map((where) => placeOf(where, 'edge')));
      if (places.size === wheres.length) all.push(wheres);
    }
    return all;
  }

  private fill(goals: readonly (readonly number[])[]): void {
    const { edge } = MOVED;
    let reached = goals.map((wheres) => index(...(wheres as Four)));
    for (const goal of reached) this.turnsLeft[goal] = 0;
    for (let turns = 1; reached.length > 0; turns++) {
      const next: number[] = [];
      for (const index of reached) {
        const d = index % 24;
        const c = Math.floor(index / 24) % 24;
        const b = Math.floor(index / 576) % 24;
        const a = Math.floor(index / 13824);
        for (let at = 0; at < TURN_COUNT * 24; at += 24) {
          const after =
            ((edge[at + a]! * 24 + edge[at + b]!) * 24 + edge[at + c]!) * 24 + edge[at + d]!;
          if (this.turnsLeft[after] !== UNKNOWN) continue;
          this.turnsLeft[after] = turns;
          next.push(after);
        }
      }
      reached = next;
    }
  }

  /** Turns still needed with the edges at these whereabouts. */
  least(a: number, b: number, c: number, d: number): number {
    return this.turnsLeft[index(a, b, c, d)]!;
  }

  /** A shortest way there, as turns of the cube's sides; always the same from one cube. */
  shortest(cube: Cube): Turn[] {
    const { edge } = MOVED;
    let [a, b, c, d] = this.edges.map((piece) => whereIs(cube, piece)) as Four;
    const way: Turn[] = [];
    for (let left = this.turnsLeft[index(a, b, c, d)]!; left > 0; left--) {
      for (const turn of this.order) {
        const at = turn * 24;
        const after: Four = [edge[at + a]!, edge[at + b]!, edge[at + c]!, edge[at + d]!];
        if (this.turnsLeft[index(...after)] !== left - 1) continue;
        way.push(turn);
        [a, b, c, d] = after;
        break;
      }
    }
    return way;
  }
}

type Four = [number, number, number, number];
const index = (a: number, b: number, c: number, d: number): number =>
  ((a * 24 + b) * 24 + c) * 24 + d;

const tables = new Map<Side, CrossTable>();
const daisyTables = new Map<Side, CrossTable>();

/** The table for a first colour, made on first use and kept (about 0.1 s and 330 kB each). */
export function crossTable(first: Side): CrossTable {
  let table = tables.get(first);
  if (!table) tables.set(first, (table = new CrossTable(first)));
  return table;
}

/** The same for daisies. */
export function daisyTable(first: Side): CrossTable {
  let table = daisyTables.get(first);
  if (!table) daisyTables.set(first, (table = new CrossTable(first, 'daisy')));
  return table;
}

/** Whether a turn only turns the layer that is being built. */
export const turnsLayer = (turn: Turn, first: Side): boolean => sideOfTurn(turn) === first;
