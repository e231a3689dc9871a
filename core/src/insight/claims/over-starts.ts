import { HOME_HOLD, pieceAt, type Side, STANDARD_SCHEME, UP } from '../../puzzle/cube/index.js';
import {
  type Approach,
  type Claim,
  isSearch,
  type Sentence,
} from '../../teaching/approaches/index.js';
import {
  type Runner,
  runnerFor,
  type Spoken,
  stepsFrom,
  type TriedStep,
  type Tries,
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
  for (const tries of runner.tries()) {
    // A reader has every piece in sight, also those that do not matter.
    const next: Tries['next'] = runner.searching
      ? tries.next
      : (cube, hold, begun) => runner.next(cube, hold, begun);
    for (let k = 0; k < tries.count; k += every) {
      const steps = stepsFrom({ next, isDone: tries.isDone }, tries.cube(k), HOME_HOLD);
      yield { matter: tries.matter, steps: told(steps, runner, first) };
    }
  }
}

function* told(steps: Iterable<TriedStep>, runner: Runner, first: Side): Generator<StepRead> {
  for (const { choice, cube, before } of steps) yield { runner, choice, cube, before, first };
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
