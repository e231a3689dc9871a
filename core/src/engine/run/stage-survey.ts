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

/** The stages of a part of a solve, surveyed together, since what one leaves decides the next. */
export interface PartSurvey {
  /** Over so many starts, all there are. */
  readonly starts: number;
  readonly stages: StageSurvey[];
  readonly turns: Distribution;
}

/** Counts what one approach costs while it is run from each cube it is met on. */
export class StageCount {
  private readonly turns: number[] = [];
  private readonly cases = new Map<string, { starts: number; times: number }>();
  private looks = 0;
  private holds = 0;
  private starts = 0;
  private nowTurns = 0;
  private nowLooks = 0;
  private nowHolds = 0;
  private readonly nowMet = new Map<string, number>();

  constructor(private readonly approach: Approach) {
    for (const { id } of approach.cases) this.cases.set(id, { starts: 0, times: 0 });
  }

  step(choice: Choice, hold: Hold): void {
    this.nowTurns += choice.turnCount;
    this.nowLooks++;
    if (choice.hold !== hold) this.nowHolds++;
    if (choice.holdAfter !== choice.hold) this.nowHolds++;
    const { id } = choice.case;
    this.nowMet.set(id, (this.nowMet.get(id) ?? 0) + 1);
  }

  /** Ends a run that stands for so many starts; gives the turns it took. */
  end(weight: number): number {
    const turns = this.nowTurns;
    this.turns[turns] = (this.turns[turns] ?? 0) + weight;
    this.starts += weight;
    this.looks += this.nowLooks * weight;
    this.holds += this.nowHolds * weight;
    for (const [id, times] of this.nowMet) {
      const met = this.cases.get(id)!;
      met.starts += weight;
      met.times += times * weight;
    }
    this.nowTurns = this.nowLooks = this.nowHolds = 0;
    this.nowMet.clear();
    return turns;
  }

  survey(): StageSurvey {
    const { starts } = this;
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
