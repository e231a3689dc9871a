import {
  applyTurns,
  type ColourScheme,
  copyCube,
  type Cube,
  HOME_HOLD,
  type Side,
  solvedCube,
  type Turn,
  turnOf,
  turnsIn,
} from '../../puzzle/cube/index.js';
import { writeMoves } from '../../puzzle/notation/index.js';
import {
  crossTable,
  SHORTEST_UP_TO,
  wayBetween,
  type WayTables,
} from '../../puzzle/search/index.js';
import { type Approach, stagesBefore, standsBefore } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { isOfLastLayer } from '../../teaching/stages/index.js';
import { resolveMethod, runnerFor, runStage } from '../../engine/run/index.js';
import { layerTurned } from './done-turns.js';
import { approachesFor, lastLayer, type Stretch } from './stage-orders.js';

/** A way of doing part of a solve, to set beside what was done. */
export interface StageWay {
  /** Turns of the cube's own sides, said with white up and green in front. */
  turns: string;
  turnCount: number;
}

/** The fewest turns known. */
export interface ShortestWay extends StageWay {
  /** Whether no fewer are possible, or only none are known here. */
  exact: boolean;
  /** The approach it is by; null where a search found it. */
  approach: string | null;
}

/** The cube lined up as an approach expects it, and the turn it takes; undefined if it cannot be. */
function readyFor(
  start: Cube,
  approach: Approach,
  first: Side,
): { cube: Cube; turns: Turn[] } | undefined {
  if (standsBefore(approach, start, first)) return { cube: start, turns: [] };
  const layer = lastLayer(first);
  const lastOnes = stagesBefore(approach).filter((stage) => stage !== null && isOfLastLayer(stage));
  const quarters = layerTurned(layer, start).findIndex((cube) =>
    standsBefore({ after: lastOnes }, cube, first),
  );
  if (quarters < 0) return undefined;
  const turn = turnOf(layer, quarters);
  return { cube: applyTurns(copyCube(start), [turn]), turns: [turn] };
}

/** What an approach needs from a cube to its goal; undefined where it does not get there. */
export function wayBy(
  approach: Approach,
  start: Cube,
  first: Side,
  scheme: ColourScheme,
): (StageWay & { end: Cube }) | undefined {
  const ready = readyFor(start, approach, first);
  if (!ready) return undefined;
  const turns = [...ready.turns];
  let turnCount = turns.length;
  const end = copyCube(ready.cube);
  const done = runStage(end, HOME_HOLD, runnerFor(approach, first, scheme), first, (choice) => {
    turns.push(...turnsIn(choice.turns));
    turnCount += choice.turnCount;
  });
  return typeof done === 'string' ? undefined : { turns: writeMoves(turns), turnCount, end };
}

/** The chosen method's way through the stage of a stretch, from where it began. */
export function methodWay(
  method: Method,
  { stage }: Stretch,
  start: Cube,
  first: Side,
  scheme: ColourScheme,
): StageWay | null {
  const approaches = resolveMethod(method);
  const approach = approaches.ok && approaches.value.find((one) => one.stage === stage);
  const way = approach && wayBy(approach, start, first, scheme);
  return way ? { turns: way.turns, turnCount: way.turnCount } : null;
}

/** The chosen method's way from a cube on which both lower layers are done to the solved cube. */
export function methodLastLayer(
  method: Method,
  start: Cube,
  first: Side,
  scheme: ColourScheme,
): StageWay | null {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return null;
  const at = approaches.value.findIndex(({ stage }) => stage === 'middle');
  const ways: StageWay[] = [];
  let cube = start;
  for (const approach of approaches.value.slice(at + 1)) {
    const way = wayBy(approach, cube, first, scheme);
    if (!way) return null;
    ways.push(way);
    cube = way.end;
  }
  return {
    turns: ways
      .map(({ turns }) => turns)
      .join(' ')
      .trim(),
    turnCount: ways.reduce((sum, { turnCount }) => sum + turnCount, 0),
  };
}

/**
 * The fewest turns known through a stretch's stage: for the first cross there are none fewer; for
 * the others the best of all approaches that can take it.
 */
export function shortestThrough(
  stretch: Stretch,
  start: Cube,
  first: Side,
  scheme: ColourScheme,
): ShortestWay | null {
  if (stretch.stage === 'cross') {
    const turns = crossTable(first).shortest(start);
    return { turns: writeMoves(turns), turnCount: turns.length, exact: true, approach: null };
  }
  const ways = approachesFor(stretch).flatMap((approach): ShortestWay[] => {
    const way = wayBy(approach, start, first, scheme);
    return way
      ? [{ turns: way.turns, turnCount: way.turnCount, exact: false, approach: approach.id }]
      : [];
  });
  return ways.reduce<ShortestWay | null>(
    (best, way) => (best && best.turnCount <= way.turnCount ? best : way),
    null,
  );
}

/** The fewest turns known from a last layer to the solved cube. */
export function shortestLastLayer(start: Cube, tables: WayTables): ShortestWay {
  const turns = wayBetween(tables, start, solvedCube());
  return {
    turns: writeMoves(turns),
    turnCount: turns.length,
    exact: turns.length <= SHORTEST_UP_TO,
    approach: null,
  };
}
