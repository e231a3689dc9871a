import {
  type ColourScheme,
  type Cube,
  inverseTurn,
  isHome,
  layersOf,
  pieceColours,
  type Side,
  sideOfTurn,
  type Turn,
} from '../../puzzle/cube/index.js';
import { simplifyMoves } from '../../puzzle/notation/index.js';
import { isSearch } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { cameBack, countDone, type DoneSolve } from './done-turns.js';
import type { InferredStage } from './infer.js';
import { lastLayer } from './stage-orders.js';
import { SAY } from './words.js';
import { listed } from '../../words/index.js';

/**
 * What cost turns for nothing: turns that cancel each other, a slip turned back, a whole round
 * that led back to the same cube, lining up by more turns than needed, and finished pieces taken
 * out and put back.
 */
type WasteKind = 'cancels' | 'undone' | 'round' | 'over-lined' | 'broken';

export interface Waste {
  kind: WasteKind;
  /** Positions in the solve, in turns. */
  from: number;
  to: number;
  /** Turns that would have been saved; for broken pieces, 0: the turns were a case's. */
  turns: number;
  says: string;
}

/** How far back a cube is looked for that was met before. */
const WITHIN = 40;

/** Where a look ends and the next begins. */
const bounds = (stages: readonly InferredStage[]): ReadonlySet<number> =>
  new Set(stages.flatMap(({ reading }) => reading.looks.map(({ from }) => from)));

/** The stretches that led back to the cube before them, longest first from each position. */
function detours({ turns, cubes }: DoneSolve, looks: ReadonlySet<number>, first: Side): Waste[] {
  const found: Waste[] = [];
  for (let from = 0; from < turns.length; from++) {
    const to = cameBack(cubes, from, WITHIN);
    if (to === undefined) continue;
    const between = crossing(from, to, looks);
    found.push({ ...detour(turns.slice(from, to), between, first), from, to });
    from = to - 1;
  }
  return found;
}

/** Whether a look ends somewhere between two positions. */
const crossing = (from: number, to: number, looks: ReadonlySet<number>): boolean => {
  for (let at = from + 1; at < to; at++) if (looks.has(at)) return true;
  return false;
};

function detour(turns: readonly Turn[], between: boolean, first: Side): Omit<Waste, 'from' | 'to'> {
  const count = turns.length;
  const oneSide = turns.every((turn) => sideOfTurn(turn) === sideOfTurn(turns[0]!));
  if (oneSide && between) {
    return {
      kind: 'cancels',
      turns: count,
      says: SAY.theEndOfOneSequence({ count }),
    };
  }
  if (oneSide && sideOfTurn(turns[0]!) === lastLayer(first)) {
    return {
      kind: 'over-lined',
      turns: count,
      says: SAY.theLayerIsTurnedAnd({ count }),
    };
  }
  if (oneSide) {
    return { kind: 'cancels', turns: count, says: SAY.theseTurnsCancelEachOther({ count }) };
  }
  const back = turns.every((turn, k) => turn === inverseTurn(turns[count - 1 - k]!));
  return back
    ? {
        kind: 'undone',
        turns: count,
        says: SAY.aSlipNoticedAndTurned({ count }),
      }
    : {
        kind: 'round',
        turns: count,
        says: SAY.afterTheseTurnsTheCube({ count }),
      };
}

/** Turns of one side after each other that fewer would have done, apart from detours. */
function runs(
  solve: DoneSolve,
  looks: ReadonlySet<number>,
  first: Side,
  taken: readonly Waste[],
): Waste[] {
  const { turns } = solve;
  const found: Waste[] = [];
  for (let from = 0; from < turns.length; from++) {
    let to = from + 1;
    while (to < turns.length && sideOfTurn(turns[to]!) === sideOfTurn(turns[from]!)) to++;
    const done = countDone(solve, from, to);
    const needed = simplifyMoves(turns.slice(from, to)).length;
    const saved = done - needed;
    const overlaps = taken.some((one) => one.from < to && from < one.to);
    if (saved > 0 && !overlaps) {
      const between = crossing(from, to, looks);
      const lining = !between && sideOfTurn(turns[from]!) === lastLayer(first);
      found.push({
        kind: lining ? 'over-lined' : 'cancels',
        from,
        to,
        turns: saved,
        says: lining
          ? SAY.linedUpInTurnsWhere({ done, needed })
          : (between ? SAY.turnsWhereTwoMeet : SAY.turnsOfOneSide)({ done, needed }),
      });
    }
    from = to - 1;
  }
  return found;
}

/** The pieces that are finished for good: those of the layers built so far, and at home. */
function finished(cube: Cube, first: Side): Set<number> {
  const { firstEdges, firstCorners, middleEdges } = layersOf(first);
  if (!goalHolds(cube, 'cross', first)) return new Set();
  const middle = goalHolds(cube, 'corners', first) ? middleEdges : [];
  return new Set(
    [...firstEdges, ...firstCorners, ...middle].filter((place) => isHome(cube, place)),
  );
}

/** Looks that are no case as taught, and leave a finished piece taken out. */
function broken(
  { cubes }: DoneSolve,
  stages: readonly InferredStage[],
  first: Side,
  scheme: ColourScheme,
): Waste[] {
  return stages.flatMap(({ reading }) =>
    reading.looks.flatMap((look): Waste[] => {
      // Both take finished pieces along by design; a case as taught puts them back in a later one.
      if (look.answered === 'as-taught' || isSearch(reading.approach)) return [];
      const before = finished(cubes[look.from]!, first);
      const out = [...before].filter((place) => !isHome(cubes[look.to]!, place));
      if (out.length === 0) return [];
      const names = out.map((place) => pieceColours(place, scheme, first).join('-'));
      const mended = cubes.findIndex(
        (cube, at) => at > look.to && out.every((place) => isHome(cube, place)),
      );
      const says =
        mended < 0
          ? SAY.takenOut({ names: listed(names) })
          : SAY.takenOutAndMended({ names: listed(names), turns: mended - look.to });
      return [{ kind: 'broken', from: look.from, to: look.to, turns: 0, says }];
    }),
  );
}

/** All that cost turns for nothing in a solve, in its order. */
export function wasteIn(
  solve: DoneSolve,
  stages: readonly InferredStage[],
  first: Side,
  scheme: ColourScheme,
): Waste[] {
  const looks = bounds(stages);
  const back = detours(solve, looks, first);
  return [
    ...back,
    ...runs(solve, looks, first, back),
    ...broken(solve, stages, first, scheme),
  ].sort((a, b) => a.from - b.from || a.to - b.to);
}
