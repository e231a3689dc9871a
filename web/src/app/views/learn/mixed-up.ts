import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Confusion, dayNamed } from '@sleetcrest/core/learner/answers';
import { daySaid } from '../../base/words/days';
import { CaseName } from '../../subjects/method/parts/case-name';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';
import { SAY } from './words';

/** Which case was taken for which, each by its picture, the most often first. */
@Component({
  selector: 'sc-mixed-up',
  imports: [CaseName, Sentence, SentenceSlot],
  template: `
    <h2>{{ say.mixedUp }}</h2>
    <ol tabindex="0" [attr.aria-label]="say.mixedUp">
      @for (one of all(); track one.was + one.said) {
        <li>
          <sc-sentence [of]="say.takenForTimes" [with]="{ times: one.times, day: one.day }">
            <sc-case-name *scSlot="'one'" [case]="one.was" />
            <sc-case-name *scSlot="'other'" [case]="one.said" />
          </sc-sentence>
        </li>
      } @empty {
        <li class="quiet">{{ say.youHaveNotMixedUp }}</li>
      }
    </ol>
  `,
  styleUrl: './recall-list.scss',
  styles: `
    li {
      display: block;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MixedUp {
  protected readonly say = SAY;
  readonly confusions = input.required<readonly Confusion[]>();

  protected readonly all = computed(() =>
    [...this.confusions()]
      .sort((a, b) => b.times - a.times)
      .map(({ was, said, times, lastDay }) => ({
        was,
        said,
        times,
        day: daySaid(dayNamed(lastDay)),
      })),
  );
}
