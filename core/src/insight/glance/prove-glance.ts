import {
  applyTurns,
  copyCube,
  CORNER_COUNT,
  type Cube,
  type Hold,
  HOME_HOLD,
  isOdd,
  nearestHolds,
  opposite,
  pieceAt,
  PLACE_COUNT,
  placeOnSides,
  placeValue,
  type Random,
  randomFrom,
  shuffle,
  sideInHold,
  sideOfLetter,
  turnedOver,
  turnHold,
  twistAt,
  UP,
} from '../../puzzle/cube/index.js';
import type { PatternApproach } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  type PatternRunner,
  MOST_LOOKS,
  patternRunnerFor,
  startsOf,
  type Variant,
} from '../../engine/run/index.js';
import { followGlance, roleSeen } from './follow.js';
import type { GlancePlan } from './plan.js';
import type { Outcome } from './situations.js';

/** What doing a stage by its plan of looks showed, over every start. */
export interface GlanceProof {
  readonly starts: number;
  /** Starts brought to the goal, each step as good as the engine's: a case of its rank. */
  readonly solved: number;
  /** The first that was not. */
  readonly unsolved: Cube | null;
  /** Turns on average over those solved. */
  readonly turns: number;
}

const FIRST = UP;

/** Does a stage from every start by what the plan says alone, and compares each step with the engine's. */
export function proveGlance(approach: PatternApproach, plan: GlancePlan): GlanceProof {
  const runner = patternRunnerFor(approach, FIRST);
  const starts = startsOf(approach.stage, approach.after, FIRST);
  const random = randomFrom(1);
  let solved = 0;
  let unsolved: Cube | null = null;
  let total = 0;
  for (let k = 0; k < starts.count; k++) {
    const start = mixedElsewhere(starts.cube(k), starts.matter, random);
    const turns = doneByPlan(plan, runner, copyCube(start));
    if (turns === undefined) unsolved ??= start;
    else {
      solved++;
      total += turns;
    }
  }
  return { starts: starts.count, solved, unsolved, turns: total / solved };
}

/**
 * The pieces that do not matter put into the places they have in any order that turns lead to,
 * twisted anyhow, so that it is a real cube: a plan must not rely on them.
 */
function mixedElsewhere(cube: Cube, matter: Uint8Array, random: Random): Cube {
  for (const [kinds, from, to] of [
    [3, 0, CORNER_COUNT],
    [2, CORNER_COUNT, PLACE_COUNT],
  ] as const) {
    const all = Array.from({ length: to - from }, (_, k) => from + k);
    const places = all.filter((place) => !matter[pieceAt(cube, place)]);
    if (places.length === 0) continue;
    const pieces = places.map((place) => pieceAt(cube, place));
    shuffle(pieces, random);
    places.forEach((place, k) => (cube[place] = placeValue(pieces[k]!, random(kinds))));
    const twist = all.reduce((sum, place) => sum + twistAt(cube, place), 0);
    const last = places[0]!;
    cube[last] = placeValue(pieces[0]!, (twistAt(cube, last) + kinds - (twist % kinds)) % kinds);
  }
  const [one, other] = swappable(cube, matter);
  if (one !== undefined && other !== undefined && isOddCube(cube)) {
    [cube[one], cube[other]] = [cube[other]!, cube[one]!];
  }
  return cube;
}

/** Two places of one kind whose pieces do not matter, if there are two. */
function swappable(cube: Cube, matter: Uint8Array): number[] {
  const free = Array.from(cube, (_, place) => place).filter(
    (place) => !matter[pieceAt(cube, place)],
  );
  const edges = free.filter((place) => place >= CORNER_COUNT);
  return edges.length > 1 ? edges : free.filter((place) => place < CORNER_COUNT);
}

/** Whether corners and edges are not both in an even order, or both in an odd one: no turns lead there. */
function isOddCube(cube: Cube): boolean {
  const order = (from: number, to: number): number[] =>
    Array.from({ length: to - from }, (_, k) => pieceAt(cube, from + k) - from);
  return isOdd(order(0, CORNER_COUNT)) !== isOdd(order(CORNER_COUNT, PLACE_COUNT));
}

/** Does the stage on the cube, in place; the turns it took, unless a step was not as good. */
function doneByPlan(plan: GlancePlan, runner: PatternRunner, cube: Cube): number | undefined {
  const { stage, up, keepsHold } = runner.approach;
  const top = up === 'first' ? FIRST : opposite(FIRST);
  let hold = turnedOver(HOME_HOLD, top);
  let turns = 0;
  for (let looks = 0; !goalHolds(cube, stage, FIRST); looks++) {
    const { end } = followGlance(plan, (look) =>
      'sticker' in look ? roleSeen(cube, hold, look.sticker, up === 'first') : '',
    );
    if ('open' in end || looks === MOST_LOOKS) return undefined;
    const step = stepOf(end, runner, cube, hold, looks > 0 && keepsHold === true);
    if (!step) return undefined;
    applyTurns(cube, step.turns);
    turns += step.turnCount;
    hold = turnedOver(step.holdAfter, top);
  }
  return turns;
}

/**
 * The step an outcome means on this cube, lined up with the fewest turns and held anew as little as
 * can be; none if the engine would first do a case of a lower rank. `fixed`: in this hold only.
 */
export function stepOf(
  { case: id, piece, turn }: Outcome,
  runner: PatternRunner,
  cube: Cube,
  hold: Hold,
  fixed: boolean,
): Variant | undefined {
  const near = nearestHolds(hold);
  const place = piece === undefined ? undefined : placeInHold(hold, piece);
  const held = turnHold(hold, 1, turn ?? 0);
  return runner
    .asGood(cube, fixed ? hold : undefined)
    .filter(
      (one) =>
        one.case.id === id && (place === undefined ? one.hold === held : one.places[0] === place),
    )
    .sort((a, b) => a.turnCount - b.turnCount || near.indexOf(a.hold) - near.indexOf(b.hold))[0];
}

const placeInHold = (hold: Hold, name: string): number =>
  placeOnSides([...name].map((letter) => sideInHold(hold, sideOfLetter(letter))))!.index;
