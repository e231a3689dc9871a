import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink } from '@angular/router';
import type { Matrix, MatrixRow } from '@sleetcrest/contract/table';
import { dayNamed } from '@sleetcrest/core/learner/answers';
import { STANDING_WORDS } from '@sleetcrest/core/learner/standing';
import { clockText } from '../../../base/words/clock-text';
import { percent } from '../../../base/words/percent';
import { GroupStore, GroupTitles } from '../../../subjects/group';
import { StandingRise } from '../../../ui/standing/standing-rise';
import { daySaid } from '../../../base/words/days';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../../ui/sentence/sentence';

/** What is looked at: a learner, and a case with its stage where one was pressed. */
export interface LookedAt {
  readonly row: MatrixRow;
  readonly column: Matrix['columns'][number] | undefined;
  readonly case: MatrixRow['cases'][number] | undefined;
  readonly stage: MatrixRow['stages'][number] | undefined;
}

/** From which chance on it is called what. */
const LIKELY: readonly (readonly [number, 'veryLikely' | 'likely' | 'perhapsStill' | 'hardly'])[] =
  [
    [0.9, 'veryLikely'],
    [0.7, 'likely'],
    [0.4, 'perhapsStill'],
    [0, 'hardly'],
  ];

/** What somebody's standing rests on: answers, days and times, in sentences. */
@Component({
  selector: 'sc-rests-on',
  imports: [
    Sentence,
    SentenceSlot,
    CaseName,
    MatButton,
    MatIcon,
    MatIconButton,
    RouterLink,
    StandingRise,
  ],
  templateUrl: './rests-on.html',
  styleUrl: './rests-on.scss',
  host: { tabindex: '-1', role: 'complementary', '[attr.aria-label]': 'say.whatItRestsOn' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestsOn {
  protected readonly say = SAY;
  readonly of = input.required<LookedAt>();
  readonly matrix = input.required<Matrix>();
  readonly closed = output();
  protected readonly groups = inject(GroupStore);
  protected readonly words = STANDING_WORDS;
  protected readonly clock = clockText;
  protected readonly titles = inject(GroupTitles);
  protected readonly day = (day: number): string => daySaid(dayNamed(day));

  /** How likely it is remembered, in words; the number behind them. */
  protected recallWords(recall: number): string {
    const [, how] = LIKELY.find(([least]) => recall >= least)!;
    return SAY[how]({ recall: percent(recall) });
  }

  /** What a case's standing rests on. */
  protected caseSaid(
    { answers, rightDays, lastDay }: MatrixRow['cases'][number],
    stage: MatrixRow['stages'][number] | undefined,
  ): Record<string, string | number> {
    const never = stage && stage.times > 0 ? 'stage' : 'never';
    return {
      how: answers === 0 ? never : 'answers',
      answers,
      days: rightDays,
      lastDay: lastDay === null ? '' : this.day(lastDay),
    };
  }

  /** What a stage's standing rests on. */
  protected stageSaid({
    times,
    lastDay,
    typical,
  }: MatrixRow['stages'][number]): Record<string, string | number> {
    return {
      how: times === 0 ? 'never' : typical === null ? 'untimed' : 'timed',
      times,
      lastDay: lastDay === null ? '' : this.day(lastDay),
      typical: typical === null ? '' : clockText(typical),
    };
  }
}
