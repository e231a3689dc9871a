import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { skyline } from '@sleetcrest/core';
import { SAY } from './words';

/** One stage on the ridge. */
export interface RidgeStage {
  id: string;
  title: string;
  /** What it is called where there is little room. */
  short?: string;
  /** How wide its rise is, in turns; null while that is not known: then it is as wide as the others. */
  turns: number | null;
  state: 'walked' | 'here' | 'ahead';
  /** How much of it is walked, 0…1. */
  fraction: number;
}

/** The drawn skyline: the progress of a solve, and the way to move between its stages. */
@Component({
  selector: 'sc-ridge',
  templateUrl: './ridge.html',
  styleUrl: './ridge.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Ridge {
  protected readonly say = SAY;
  readonly stages = input.required<readonly RidgeStage[]>();
  /** Whether stages can be jumped to. */
  readonly walkable = input(true);
  /** Whether stages are chosen from rather than walked. */
  readonly picks = input(false);
  readonly jumped = output<number>();
  /** The id of the stage that was chosen, as it was seen. */
  readonly picked = output<string>();

  protected readonly rises = computed(() => {
    const stages = this.stages();
    const least = Math.min(LEAST, MOST_KEPT / Math.max(1, stages.length));
    const turns = stages.map((stage) => stage.turns ?? 1);
    const drawn = skyline(turns, least);
    return stages.map((stage, k) => {
      const rise = drawn[k]!;
      return {
        ...stage,
        ...rise,
        left: `${rise.from / 10}%`,
        width: `${(rise.to - rise.from) / 10}%`,
        walkedWidth: (rise.to - rise.from) * stage.fraction,
        says: [stage.title, this.said(stage)].filter((said) => said !== '').join(': '),
      };
    });
  });

  private said({ turns, state }: RidgeStage): string {
    if (turns === null) return this.picks() ? '' : STATES[state];
    return this.picks() ? SAY.about({ turns }) : SAY.turns({ turns, state: STATES[state] });
  }

  /** Where the walker stands, as a share of the width; undefined before a walk. */
  protected readonly here = computed(() => {
    const rise = this.rises().find(({ state }) => state === 'here');
    return rise && `${(rise.from + rise.walkedWidth) / 10}%`;
  });
}

/** A stage of few turns, or none, is wide enough for its name: thousandths of the ridge. */
const LEAST = 96;
/** What is left for turns where there are many stages. */
const MOST_KEPT = 900;

const STATES = { walked: SAY.done, here: SAY.youAreHere, ahead: SAY.stillAhead } as const;
