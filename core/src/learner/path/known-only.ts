import {
  applyTurns,
  type Hold,
  HOME_HOLD,
  opposite,
  randomFrom,
  type Side,
  STANDARD_SCHEME,
  turnedOver,
  turnHold,
  UP,
} from '../../puzzle/cube/index.js';
import type { PatternApproach } from '../../teaching/approaches/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import {
  compileApproach,
  type PatternRunner,
  patternRunnerFor,
  type Starts,
  startsOf,
  type Variant,
} from '../../engine/run/index.js';

/** What doing a stage with only some of its cases comes to, over many starts. */
export interface Outcome {
  /** Parts of the starts: finished at all, and with nothing but what is known. */
  readonly finished: number;
  readonly direct: number;
  /** Turns on average over those finished. */
  readonly turns: number;
}

const FIRST: Side = UP;
/** Longer than any way that comes to an end. */
const MOST_STEPS = 60;

/** Some of the starts of a stage, by number. */
export interface SomeStarts {
  readonly starts: Starts;
  readonly numbers: readonly number[];
}

/** All starts if there are no more than `most`; otherwise that many, drawn by a seed of our own. */
export function someStarts({ stage, after }: PatternApproach, most: number): SomeStarts {
  const starts = startsOf(stage, after, FIRST);
  if (starts.count <= most) return { starts, numbers: [...Array(starts.count).keys()] };
  const random = randomFrom(1);
  return { starts, numbers: Array.from({ length: most }, () => random(starts.count)) };
}

/**
 * A learner who knows some cases of an approach and no others: does what is known where it is seen;
 * where it is not, does a sequence that is known anyhow, and looks again, the cube turned round a
 * quarter each time.
 */
export class KnownOnly {
  private readonly runner: PatternRunner | undefined;
  /** What is done where nothing known is seen: the shortest sequence, by hold. */
  private readonly anyhow = new Map<Hold, Variant>();
  private readonly up: Side;

  constructor(
    private readonly approach: PatternApproach,
    known: ReadonlySet<string>,
  ) {
    this.up = approach.up === 'first' ? FIRST : opposite(FIRST);
    const cases = approach.cases.filter(({ id }) => known.has(id));
    if (cases.length === 0) return;
    const some = { ...approach, cases };
    this.runner = patternRunnerFor(some, FIRST);
    for (const variant of compileApproach(some, FIRST, STANDARD_SCHEME)) {
      const { hold, lineUp, sequence, turnCount } = variant;
      if (lineUp !== '' || sequence === '') continue;
      const best = this.anyhow.get(hold);
      if (!best || turnCount < best.turnCount) this.anyhow.set(hold, variant);
    }
  }

  over({ starts, numbers }: SomeStarts): Outcome {
    let finished = 0;
    let direct = 0;
    let turns = 0;
    for (const k of numbers) {
      const one = this.solve(starts, k);
      if (!one) continue;
      finished++;
      turns += one.turns;
      if (one.direct) direct++;
    }
    const all = numbers.length;
    return {
      finished: finished / all,
      direct: direct / all,
      turns: finished > 0 ? turns / finished : Infinity,
    };
  }

  private solve(starts: Starts, k: number): { turns: number; direct: boolean } | undefined {
    const cube = starts.cube(k);
    const { stage } = this.approach;
    let hold = turnedOver(HOME_HOLD, this.up);
    let turns = 0;
    let direct = true;
    for (let steps = 0; !goalHolds(cube, stage, FIRST); steps++) {
      if (!this.runner || steps === MOST_STEPS) return undefined;
      const seen = this.runner.plan(cube, hold, steps > 0, starts.matter)[0];
      const step = seen ?? this.anyhow.get(hold);
      if (!step) return undefined;
      if (!seen) direct = false;
      applyTurns(cube, step.turns);
      turns += step.turnCount;
      hold = turnedOver(step.holdAfter, this.up);
      if (!seen) hold = turnHold(hold, 1, 1);
    }
    return { turns, direct };
  }
}
