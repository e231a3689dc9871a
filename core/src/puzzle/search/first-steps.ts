import {
  type Cube,
  isHome,
  layersOf,
  opposite,
  type Side,
  sideOfTurn,
  type Turn,
  TURN_COUNT,
  TURNS,
} from '../cube/index.js';
import { crossTable, type CrossTable, daisyTable } from './cross-table.js';
import { pairTables } from './pair-tables.js';
import { atHome, MOVED, whereIs } from './piece-moves.js';

/** How far one may plan before the first turn. */
export const FIRST_GOALS = ['daisy', 'cross', 'cross-and-pair'] as const;
export type FirstGoal = (typeof FIRST_GOALS)[number];

/**
 * A shortest way to the daisy, the cross, or the cross with any one corner and edge beside it: none
 * is shorter. The first two are looked up; the third is searched for deeper and deeper, with what
 * the cross and each pair need at least, which takes up to a second or so: it belongs in a worker.
 */
export function fewestTo(goal: FirstGoal, cube: Cube, first: Side): Turn[] {
  if (goal === 'daisy') return daisyTable(first).shortest(cube);
  if (goal === 'cross') return crossTable(first).shortest(cube);
  return new CrossAndPair(first).shortest(cube);
}

/** Whether a goal is reached, and how much of it: edges in place, and finished pairs. */
export function reachedOf(
  goal: FirstGoal,
  cube: Cube,
  first: Side,
): { edges: number; pairs: number; done: boolean } {
  const { firstEdges } = layersOf(first);
  const whole = goal === 'daisy' ? daisyTable(first) : crossTable(first);
  const edges = firstEdges.filter((edge) => placed(goal, cube, edge, first)).length;
  const pairs = pairTables(first).rooms.filter(
    ({ corner, edge }) => isHome(cube, corner) && isHome(cube, edge),
  ).length;
  const done = whole.shortest(cube).length === 0 && (goal !== 'cross-and-pair' || pairs > 0);
  return { edges, pairs, done };
}

/** Whether one edge is where the goal wants it: at home, or in the daisy with the first colour up. */
const placed = (goal: FirstGoal, cube: Cube, edge: number, first: Side): boolean =>
  goal === 'daisy' ? petals(first).get(edge)!.has(whereIs(cube, edge)) : isHome(cube, edge);

const allPetals = new Map<Side, Map<number, Set<number>>>();

/** For each edge the whereabouts in which it is part of a daisy. */
function petals(first: Side): Map<number, Set<number>> {
  let known = allPetals.get(first);
  if (known) return known;
  const { edge } = MOVED;
  known = new Map(
    layersOf(first).firstEdges.map((piece) => {
      const half = TURNS.find(
        (turn) =>
          turn % 3 === 1 &&
          edge[turn * 24 + atHome(piece)] !== atHome(piece) &&
          sideOfTurn(turn) !== first,
      )!;
      const there = edge[half * 24 + atHome(piece)]!;
      const around = TURNS.filter((turn) => sideOfTurn(turn) === opposite(first));
      return [piece, new Set([there, ...around.map((turn) => edge[turn * 24 + there]!)])];
    }),
  );
  allPetals.set(first, known);
  return known;
}

const FAR = 255;

/** How many turns one corner and one edge need together, from everywhere, by any turns. */
function pairDistances(corner: number, edge: number): Uint8Array {
  const left = new Uint8Array(576).fill(FAR);
  const home = atHome(corner) * 24 + atHome(edge);
  left[home] = 0;
  let reached = [home];
  for (let turns = 1; reached.length > 0; turns++) {
    const next: number[] = [];
    for (const pair of reached) {
      for (let at = 0; at < TURN_COUNT * 24; at += 24) {
        const after =
          MOVED.corner[at + Math.floor(pair / 24)]! * 24 + MOVED.edge[at + (pair % 24)]!;
        if (left[after] !== FAR) continue;
        left[after] = turns;
        next.push(after);
      }
    }
    reached = next;
  }
  return left;
}

const distances = new Map<string, Uint8Array>();

function distancesOf(corner: number, edge: number): Uint8Array {
  const key = `${corner} ${edge}`;
  let known = distances.get(key);
  if (!known) distances.set(key, (known = pairDistances(corner, edge)));
  return known;
}

/** A deepening search for the cross and one pair. */
class CrossAndPair {
  private readonly table: CrossTable;
  private readonly way: Turn[] = [];

  constructor(private readonly first: Side) {
    this.table = crossTable(first);
  }

  shortest(cube: Cube): Turn[] {
    const edges = layersOf(this.first).firstEdges.map((edge) => whereIs(cube, edge)) as Four;
    const pairs = pairTables(this.first).rooms.map(({ corner, edge }) => ({
      corner: whereIs(cube, corner),
      edge: whereIs(cube, edge),
      left: distancesOf(corner, edge),
    }));
    for (let turns = 0; ; turns++) {
      for (const { corner, edge, left } of pairs) {
        if (this.search(...edges, corner, edge, left, turns, -1)) return [...this.way].reverse();
      }
    }
  }

  private search(
    a: number,
    b: number,
    c: number,
    d: number,
    corner: number,
    edge: number,
    left: Uint8Array,
    turns: number,
    last: number,
  ): boolean {
    const needs = Math.max(this.table.least(a, b, c, d), left[corner * 24 + edge]!);
    if (needs > turns) return false;
    if (turns === 0) return true;
    for (let turn = 0; turn < TURN_COUNT; turn++) {
      const side = (turn / 3) | 0;
      // The same side twice is one turn; two opposite sides are turned in one order.
      if (side === last || (last >= 0 && side === opposite(last as Side) && side < last)) continue;
      const at = turn * 24;
      const { edge: moved } = MOVED;
      const found = this.search(
        ...([moved[at + a]!, moved[at + b]!, moved[at + c]!, moved[at + d]!] as Four),
        MOVED.corner[at + corner]!,
        moved[at + edge]!,
        left,
        turns - 1,
        side,
      );
      if (!found) continue;
      this.way.push(turn as Turn);
      return true;
    }
    return false;
  }
}

type Four = [number, number, number, number];
