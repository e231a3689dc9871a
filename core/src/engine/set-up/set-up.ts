import {
  applyTurns,
  copyCube,
  type Cube,
  fail,
  type Hold,
  HOME_HOLD,
  inverseTurn,
  ok,
  type Random,
  randomCube,
  randomFrom,
  type Result,
  type Side,
  solvedCube,
  STANDARD_SCHEME,
  type Turn,
  TURNS,
  turnsIn,
  UP,
} from '../../puzzle/cube/index.js';
import { simplifyMoves, writeMoves } from '../../puzzle/notation/index.js';
import {
  type Approach,
  canFollow,
  isSearch,
  standsBefore,
} from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  type Choice,
  compileApproach,
  resolveMethod,
  type Runner,
  runnerFor,
  runStage,
} from '../run/index.js';
import { SAY } from './words.js';

/** How to make a cube on which a case waits. */
export interface SetUp {
  /** From a solved cube, white up and green in front; in the prime dialect. */
  turns: string;
  cube: Cube;
  /**
   * The case only comes up in the middle of its stage, so what was done before is not whole on
   * this cube.
   */
  midway: boolean;
  /** The hold the case is met in. */
  hold: Hold;
}

const WALKS = 3000;
/** Sequences undone in one walk; where single turns are done, more of them. */
const LONGEST_WALK = 5;
const MOST_TURNS = 10;
/** Of so many short ways found, the shortest is given. */
const FOUND_ENOUGH = 3;
const SOLVES = 400;

/**
 * A cube with everything before the case's stage done and the case waiting, and the turns that lead
 * there; another one for each seed. Short ways are tried first: turns that undo sequences of this
 * stage and the later ones. If they do not come to the case, solves of random cubes are undone.
 */
export function setUpFor(
  caseId: string,
  method: Method,
  seed: number,
  first: Side = UP,
): Result<SetUp, string> {
  const approaches = resolveMethod(method);
  if (!approaches.ok) return approaches;
  const at = approaches.value.findIndex(({ cases }) => cases.some(({ id }) => id === caseId));
  if (at < 0) return fail(SAY.noSuchCase({ method: method.id, caseId }));
  const maker = new SetUpMaker(approaches.value, at, caseId, first, randomFrom(seed));
  const made = maker.byWalking() ?? maker.byUndoing() ?? maker.midway;
  return made ? ok(made) : fail(SAY.noCubeFound({ caseId }));
}

class SetUpMaker {
  private readonly approach: Approach;
  private readonly runner: Runner;
  /** A cube on which the case comes up later in its stage; used when it never comes first. */
  midway: SetUp | undefined;

  constructor(
    private readonly approaches: readonly Approach[],
    private readonly at: number,
    private readonly caseId: string,
    private readonly first: Side,
    private readonly random: Random,
  ) {
    this.approach = approaches[at]!;
    this.runner = runnerFor(this.approach, first);
  }

  byWalking(): SetUp | undefined {
    const { own, later } = this.undoings();
    const longest = canFollow(this.approach, null) ? MOST_TURNS : LONGEST_WALK;
    let best: { setUp: SetUp; length: number } | undefined;
    for (let walk = 0, found = 0; walk < WALKS && found < FOUND_ENOUGH; walk++) {
      const cube = solvedCube();
      const done: Turn[] = [];
      const length = 1 + this.random(longest);
      for (let k = 0; k < length; k++) {
        const ways = later.length > 0 && this.random(2) === 0 ? later : own;
        const turns = ways[this.random(ways.length)]!;
        applyTurns(cube, turns);
        done.push(...turns);
      }
      const setUp = this.look(cube, done);
      if (!setUp) continue;
      found++;
      if (!best || done.length < best.length) best = { setUp, length: done.length };
    }
    return best?.setUp;
  }

  byUndoing(): SetUp | undefined {
    for (let k = 0; k < SOLVES; k++) {
      const cube = randomCube(this.random);
      let hold: Hold = HOME_HOLD;
      for (const approach of this.approaches.slice(0, this.at)) {
        const runner = runnerFor(approach, this.first);
        const end = runStage(cube, hold, runner, this.first, () => undefined);
        if (typeof end === 'string') break;
        hold = end;
      }
      const found = this.look(cube, undefined);
      if (found) return found;
    }
    return undefined;
  }

  /** Whether the case waits on this cube; `turns` lead there, or are found by solving it. */
  private look(cube: Cube, turns: Turn[] | undefined): SetUp | undefined {
    const { stage } = this.approach;
    if (!standsBefore(this.approach, cube, this.first)) return undefined;
    if (goalHolds(cube, stage, this.first)) return undefined;
    const [next] = this.runner.next(cube, HOME_HOLD, false);
    if (next?.case.id === this.caseId) return this.setUp(cube, turns, next.hold, false);
    const later = this.later(cube, turns);
    const shorter = later && (!this.midway || later.turns.length < this.midway.turns.length);
    if (shorter) this.midway = later;
    return undefined;
  }

  private later(start: Cube, turns: Turn[] | undefined): SetUp | undefined {
    const done: Turn[] = [];
    let found: Choice | undefined;
    runStage(copyCube(start), HOME_HOLD, this.runner, this.first, (choice) => {
      if (choice.case.id === this.caseId) found ??= choice;
      if (!found) done.push(...turnsIn(choice.turns));
    });
    if (!found) return undefined;
    const cube = applyTurns(copyCube(start), done);
    return this.setUp(cube, turns && [...turns, ...done], found.hold, true);
  }

  private setUp(cube: Cube, turns: Turn[] | undefined, hold: Hold, midway: boolean): SetUp {
    const way = turns ?? this.undo(cube);
    return { turns: writeMoves(simplifyMoves(way)), cube: copyCube(cube), midway, hold };
  }

  /** Turns from a solved cube to this one: its solve, backwards. */
  private undo(start: Cube): Turn[] {
    const cube = copyCube(start);
    const done: Turn[] = [];
    let hold: Hold = HOME_HOLD;
    for (const approach of this.approaches) {
      const runner = runnerFor(approach, this.first);
      const end = runStage(cube, hold, runner, this.first, (choice) =>
        done.push(...turnsIn(choice.turns)),
      );
      if (typeof end !== 'string') hold = end;
    }
    return done.reverse().map(inverseTurn);
  }

  /** What can be done to a finished cube without losing what comes before this stage. */
  private undoings(): { own: (readonly Turn[])[]; later: (readonly Turn[])[] } {
    const single = TURNS.map((turn) => [turn]);
    if (canFollow(this.approach, null)) return { own: single, later: [] };
    const undone = (approach: Approach): Turn[][] =>
      this.ways(approach).map((turns) => [...turns].reverse().map(inverseTurn));
    const after = this.approaches.slice(this.at + 1).filter((one) => !this.disturbs(one));
    return { own: undone(this.approach), later: after.flatMap(undone) };
  }

  /** Sequences of an approach that keeps its hold only come right together. */
  private disturbs(approach: Approach): boolean {
    return !isSearch(approach) && approach.keepsHold === true;
  }

  private ways(approach: Approach): (readonly Turn[])[] {
    const runner = runnerFor(approach, this.first);
    if (runner.searching) return [...runner.searching.undoings];
    return compileApproach(runner.approach, this.first, STANDARD_SCHEME).map(({ turns }) =>
      turnsIn(turns),
    );
  }
}
