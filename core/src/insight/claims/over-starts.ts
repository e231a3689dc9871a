import {
  applyTurns,
  copyCube,
  type Cube,
  type Hold,
  HOME_HOLD,
  isHome,
  pieceAt,
  type Side,
  STANDARD_SCHEME,
  UP,
} from '../../puzzle/cube/index.js';
import { pairTables, ROOM_COUNT } from '../../puzzle/search/index.js';
import {
  type Approach,
  type Claim,
  isSearch,
  type Sentence,
} from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  type Choice,
  type PairsRunner,
  pairStarts,
  type Runner,
  runnerFor,
  type Spoken,
  startsOf,
} from '../../engine/run/index.js';
import { Checker } from './holds.js';
import { type StepRead, StepStates } from './step-states.js';

export type LineName = keyof Spoken;

/** A sentence of a case that is not so on some cube. */
interface Broken {
  case: string;
  line: LineName;
  /** The sentence as it is written, with words in braces. */
  says: string;
  claim: Claim;
  /** The first step met on which it is not so. */
  step: StepRead;
  /** On how many of the steps tried it is not so. */
  times: number;
}

/** What checking the sentences of an approach showed. */
export interface ClaimsChecked {
  /** Steps on which sentences were checked, and claims in all. */
  steps: number;
  claims: number;
  broken: Broken[];
}

/**
 * Checks every claim of every case of an approach on each step that its starts lead to. A cube met
 * again is not checked again: it would come to the same. `every` takes only each so many starts.
 */
export function checkClaims(approach: Approach, { first = UP, every = 1 } = {}): ClaimsChecked {
  const tally = new Tally();
  const met = new Set<string>();
  const keepsHold = !isSearch(approach) && approach.keepsHold === true;
  for (const { steps, matter } of runsOf(approach, first, every)) {
    for (const step of steps) {
      const key = keyOf(step, matter, keepsHold);
      if (met.has(key)) break;
      met.add(key);
      tally.check(step);
    }
  }
  return tally;
}

/**
 * What a step depends on: the pieces that matter to the stage, and the hold where it is kept. In
 * another hold a step is the same turned round, which another start leads to.
 */
function keyOf({ cube, before }: StepRead, matter: Uint8Array, keepsHold: boolean): string {
  const seen = cube.map((value, place) => (matter[pieceAt(cube, place)] ? value : 255));
  return String.fromCharCode(keepsHold ? before + 1 : 0, ...seen);
}

interface Run {
  readonly matter: Uint8Array;
  readonly steps: Iterable<StepRead>;
}

function* runsOf(approach: Approach, first: Side, every: number): Generator<Run> {
  const runner = runnerFor(approach, first, STANDARD_SCHEME);
  if (isSearch(approach) && approach.search === 'pairs') {
    yield* pairRuns(runner as PairsRunner, first, every);
    return;
  }
  const starts = startsOf(approach.stage, approach.after, first);
  for (let k = 0; k < starts.count; k += every) {
    yield { matter: starts.matter, steps: stageSteps(starts.cube(k), runner, first) };
  }
}

/** Every pair's way home beside every set of finished rooms, whichever pair would be taken next. */
function* pairRuns(runner: PairsRunner, first: Side, every: number): Generator<Run> {
  const { rooms } = pairTables(first);
  for (let closed = 0; closed < 1 << ROOM_COUNT; closed++) {
    for (let room = 0; room < ROOM_COUNT; room++) {
      if ((closed >> room) & 1) continue;
      const { matter, count, cube } = pairStarts(rooms, room, closed, first);
      for (let k = 0; k < count; k += every) {
        const start = cube(k);
        // The other pieces stand anyhow: a room that is open must not look finished.
        rooms.forEach(({ edge }, other) => {
          const open = other !== room && ((closed >> other) & 1) === 0;
          if (open && isHome(start, edge)) start[edge]! ^= 1;
        });
        const plan = runner.planFor(start, room, closed);
        yield { matter, steps: planSteps(start, HOME_HOLD, plan, runner, first) };
      }
    }
  }
}

function* stageSteps(start: Cube, runner: Runner, first: Side): Generator<StepRead> {
  const { stage } = runner.approach;
  let [cube, hold, begun]: [Cube, Hold, boolean] = [start, HOME_HOLD, false];
  while (!goalHolds(cube, stage, first)) {
    const plan = runner.plan(cube, hold, begun);
    if (plan.length === 0) return;
    for (const step of planSteps(cube, hold, plan, runner, first)) {
      yield step;
      cube = applyTurns(copyCube(step.cube), step.choice.turns);
      hold = step.choice.holdAfter;
    }
    begun = true;
  }
}

function* planSteps(
  start: Cube,
  hold: Hold,
  plan: readonly Choice[],
  runner: Runner,
  first: Side,
): Generator<StepRead> {
  let [cube, before] = [start, hold];
  for (const choice of plan) {
    yield { runner, choice, cube, before, first };
    cube = applyTurns(copyCube(cube), choice.turns);
    before = choice.holdAfter;
  }
}

class Tally implements ClaimsChecked {
  steps = 0;
  claims = 0;
  private readonly found = new Map<Claim, Broken>();

  get broken(): Broken[] {
    return [...this.found.values()];
  }

  check(step: StepRead): void {
    this.steps++;
    const checker = new Checker(new StepStates(step));
    const { spoken } = step.choice.lines;
    for (const line of ['find', 'look', 'why'] as const) {
      for (const sentence of spoken[line]) this.sentence(sentence, line, step, checker);
    }
  }

  private sentence({ says, so }: Sentence, line: LineName, step: StepRead, checker: Checker): void {
    for (const claim of so) {
      this.claims++;
      if (isSo(checker, claim)) continue;
      const broken = this.found.get(claim);
      if (broken) broken.times++;
      else {
        const { id } = step.choice.case;
        this.found.set(claim, { case: id, line, says, claim, step, times: 1 });
      }
    }
  }
}

/** A claim that speaks of what is not there, such as a turn the sequence does not have, is not so. */
function isSo(checker: Checker, claim: Claim): boolean {
  try {
    return checker.holds(claim);
  } catch (error) {
    if (error instanceof RangeError) return false;
    throw error;
  }
}
