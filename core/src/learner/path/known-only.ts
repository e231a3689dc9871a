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
  /** The part of the starts on which each case is met. */
  readonly met: ReadonlyMap<string, number>;
}

const FIRST: Side = UP;
/** Longer than any way that comes to an end. */
const MOST_STEPS = 60;

/** Some or all of the starts of a stage, by number. */
export interface SomeStarts {
  readonly starts: Starts;
  readonly numbers: readonly number[];
}

/** A last layer has 62,208 starts; of a stage that has more, so many are drawn. */
const MOST_WALKED = 62_208;
const DRAWN = 4000;

/** All starts where they can be walked; otherwise some, drawn by a seed of our own. */
export function someStarts({ stage, after }: PatternApproach): SomeStarts {
  const starts = startsOf(stage, after, FIRST);
  if (starts.count <= MOST_WALKED) return { starts, numbers: [...Array(starts.count).keys()] };
  const random = randomFrom(1);
  return { starts, numbers: Array.from({ length: DRAWN }, () => random(starts.count)) };
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
  /** The cases seen in the solve that is being done. */
  private readonly met = new Set<string>();

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
    const met = new Map<string, number>();
    for (const k of numbers) {
      this.met.clear();
      const one = this.solve(starts, k);
      for (const id of this.met) met.set(id, (met.get(id) ?? 0) + 1 / numbers.length);
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
      met,
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
      const seen = this.runner.next(cube, hold, steps > 0, starts.matter)[0];
      const step = seen ?? this.anyhow.get(hold);
      if (!step) return undefined;
      if (seen) this.met.add(seen.case.id);
      else direct = false;
      applyTurns(cube, step.turns);
      turns += step.turnCount;
      hold = turnedOver(step.holdAfter, this.up);
      if (!seen) hold = turnHold(hold, 1, 1);
    }
    return { turns, direct };
  }
}
