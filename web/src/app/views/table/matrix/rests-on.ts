import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink } from '@angular/router';
import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { dayNamed } from '@sleetcrest/core/learner/answers';
import { STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import { clockText } from '../../../base/words/clock-text';
import { counted } from '../../../base/words/counted';
import { percent } from '../../../base/words/percent';
import { GroupStore, GroupTitles } from '../../../subjects/group';
import { StandingRise } from '../../../ui/standing/standing-rise';
import { daySaid } from '../../../base/words/days';
import { CaseName } from '../../../subjects/method/parts/case-name';

/** What is looked at: a learner, and a case with its stage where one was pressed. */
export interface LookedAt {
  readonly row: MatrixRow;
  readonly column: Matrix['columns'][number] | undefined;
  readonly case: MatrixRow['cases'][number] | undefined;
  readonly stage: MatrixRow['stages'][number] | undefined;
}

/** From which chance on it is called what. */
const LIKELY: readonly (readonly [number, string])[] = [
  [0.9, 'Very likely'],
  [0.7, 'Likely'],
  [0.4, 'Perhaps still'],
  [0, 'Hardly'],
];

/** What somebody's standing rests on: answers, days and times, in sentences. */
@Component({
  selector: 'sc-rests-on',
  imports: [CaseName, MatButton, MatIcon, MatIconButton, RouterLink, StandingRise],
  templateUrl: './rests-on.html',
  styleUrl: './rests-on.scss',
  host: { tabindex: '-1', role: 'complementary', 'aria-label': 'What it rests on' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestsOn {
  readonly of = input.required<LookedAt>();
  readonly matrix = input.required<Matrix>();
  readonly closed = output();
  protected readonly groups = inject(GroupStore);
  protected readonly words = STANDING_WORDS;
  protected readonly clock = clockText;
  protected readonly counted = counted;
  protected readonly titles = inject(GroupTitles);
  protected readonly day = (day: number): string => daySaid(dayNamed(day));

  /** How likely it is remembered, in words; the number behind them. */
  protected recallWords(recall: number): string {
    const [, words] = LIKELY.find(([least]) => recall >= least)!;
    return `${words} remembered today (${percent(recall)}).`;
  }
}
