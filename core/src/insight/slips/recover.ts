import {
  type ColourScheme,
  type Cube,
  type Hold,
  HOME_HOLD,
  inverseTurn,
  type Side,
  type Turn,
  turnSeenInHold,
} from '../../puzzle/cube/index.js';
import { countTurns, type Move, ownTurns, simplifyMoves } from '../../puzzle/notation/index.js';
import { wayBetween, type WayTables } from '../../puzzle/search/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { readStep, solve, type Walkthrough } from '../../engine/run/index.js';
import type { Explanation } from './explain.js';
import { cubesOf, type MeantStep } from './meant.js';

/**
 * A way back. `undo` turns back from the slip on and does it right, `shortest` is a way with fewer
 * turns; both end at the cube that was meant. `go-on` keeps the cube as it is and solves that.
 */
export interface WayBack {
  kind: 'undo' | 'shortest' | 'go-on';
  hold: Hold;
  /** Turns in that hold; of `go-on` only the first step's, which may turn the whole cube. */
  turns: readonly Move[];
  /** Their count; for `go-on` that of the whole way to the solved cube. */
  turnCount: number;
  /** The turns until the cube is solved, when this way is taken and then the method followed. */
  wholeCount: number;
}

/** How the cube is solved from where it was meant to be, or from where it is. */
export interface Onward {
  method: Method;
  first: Side;
  scheme: ColourScheme;
}

/** Turns back from the first slip on, then what was meant from there; each step's turns its own. */
function undoing(
  { slips, did }: Pick<Explanation, 'slips' | 'did'>,
  steps: readonly MeantStep[],
): Turn[] {
  const [{ step, at }] = slips as [Explanation['slips'][0]];
  const done = steps.slice(step).flatMap((one, k) => ownTurns(one.hold, did[step + k]!).turns);
  const meant = steps.slice(step).flatMap(({ hold, moves }) => ownTurns(hold, moves).turns);
  const kept = countTurns(steps[step]!.moves.slice(0, at));
  return [...done.slice(kept).reverse().map(inverseTurn), ...meant.slice(kept)];
}

function solved(cube: Cube, { method, first, scheme }: Onward): Walkthrough {
  const walk = solve(cube, method, first, scheme);
  if (!walk.ok) throw new RangeError(walk.error);
  return walk.value;
}

/** The turns of a way as turns of the cube's own sides, as text. */
const ownOf = ({ hold, turns }: WayBack): string => ownTurns(hold, turns).turns.join();

/** Without a way that is another's turns again, or is called shorter and is not. */
function different(ways: readonly WayBack[]): WayBack[] {
  const undo = ways.find(({ kind }) => kind === 'undo');
  const kept = ways.filter(
    ({ kind, turnCount }) => kind !== 'shortest' || !undo || turnCount < undo.turnCount,
  );
  const back = kept.filter(({ kind }) => kind !== 'go-on').map(ownOf);
  return kept.filter((way) => way.kind !== 'go-on' || !back.includes(ownOf(way)));
}

/**
 * Finds the ways back from slips in these steps, for each explanation the one with the fewest turns
 * until the cube is solved first; each is another way. Explanations that lead to the same cube share what is searched.
 * @throws RangeError when the method cannot solve the cube.
 */
export function waysBackFrom(
  before: Cube,
  steps: readonly MeantStep[],
  onward: Onward,
  tables: WayTables,
): (explanation: Explanation) => WayBack[] {
  const meant = cubesOf(before, steps).at(-1)!;
  const rest = solved(meant, onward).turnCount;
  const said = (kind: 'undo' | 'shortest', hold: Hold, turns: readonly Turn[]): WayBack => {
    const moves = turns.map((turn) => turnSeenInHold(hold, turn));
    return { kind, hold, turns: moves, turnCount: moves.length, wholeCount: moves.length + rest };
  };
  const known = new Map<string, WayBack[]>();
  const fromCube = (cube: Cube): WayBack[] => {
    const key = cube.join();
    let ways = known.get(key);
    if (!ways) {
      ways = [
        said('shortest', steps.at(-1)!.hold, wayBetween(tables, cube, meant)),
        goingOn(cube, onward),
      ];
      known.set(key, ways);
    }
    return ways;
  };
  return (explanation) => {
    const { slips, cube } = explanation;
    const [slip] = slips;
    const ways = [...fromCube(cube)];
    // A cube that nothing explains has no turn from which to undo.
    if (slip) {
      const undo = simplifyMoves(undoing(explanation, steps));
      ways.unshift(said('undo', steps[slip.step]!.hold, undo));
    }
    return different(ways).sort((a, b) => a.wholeCount - b.wholeCount);
  };
}

function goingOn(cube: Cube, onward: Onward): WayBack {
  const { steps, turnCount } = solved(cube, onward);
  const counts = { turnCount, wholeCount: turnCount };
  const [next] = steps;
  if (!next) return { kind: 'go-on', hold: HOME_HOLD, turns: [], ...counts };
  const { hold, lineUp, sequence } = readStep(next, onward.scheme);
  return { kind: 'go-on', hold, turns: [...lineUp, ...sequence], ...counts };
}
