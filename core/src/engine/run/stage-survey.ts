import type { Hold } from '../../puzzle/cube/index.js';
import type { Approach } from '../../teaching/approaches/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { type Distribution, distributionOf } from './distribution.js';
import type { Choice } from './choice.js';

/** How often a case is met in a solve by the method. */
export interface CaseSurvey {
  case: string;
  /** The chance that a solve meets it at all. */
  chance: number;
  /** How many times a solve meets it on average. */
  times: number;
}

export interface StageSurvey {
  approach: string;
  stage: Stage;
  turns: Distribution;
  /** Steps on average: each begins with a look. */
  looks: number;
  /** New holds on average, also within a sequence. */
  holds: number;
  cases: CaseSurvey[];
}

/** Counts what one approach costs while it is run from every start. */
export class StageCount {
  readonly turns: number[] = [];
  readonly cases = new Map<string, { starts: number; times: number; last: number }>();
  looks = 0;
  holds = 0;
  private now = 0;

  constructor(private readonly approach: Approach) {
    for (const { id } of approach.cases) this.cases.set(id, { starts: 0, times: 0, last: -1 });
  }

  step(choice: Choice, hold: Hold, start: number): void {
    this.now += choice.turnCount;
    this.looks++;
    if (choice.hold !== hold) this.holds++;
    if (choice.holdAfter !== choice.hold) this.holds++;
    const met = this.cases.get(choice.case.id)!;
    met.times++;
    if (met.last !== start) met.starts++;
    met.last = start;
  }

  /** Ends a start; gives the turns it took. */
  end(): number {
    const turns = this.now;
    this.turns[turns] = (this.turns[turns] ?? 0) + 1;
    this.now = 0;
    return turns;
  }

  survey(starts: number): StageSurvey {
    return {
      approach: this.approach.id,
      stage: this.approach.stage,
      turns: distributionOf(this.turns),
      looks: this.looks / starts,
      holds: this.holds / starts,
      cases: [...this.cases].map(([id, met]) => ({
        case: id,
        chance: met.starts / starts,
        times: met.times / starts,
      })),
    };
  }
}
