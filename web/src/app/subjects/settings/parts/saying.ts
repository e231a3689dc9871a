import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { type Method, readMoves } from '@sleetcrest/core';
import { sayingFor, wordsOver } from '@sleetcrest/core/teaching/sayings';
import { taughtFeature } from '../reader.feature';
import { Strip } from '../../../ui/strip/strip';
import { SAY } from './words';

/** The words a teacher has for a sequence, by which it is remembered; nothing where there are none. */
@Component({
  selector: 'sc-saying',
  imports: [Strip],
  template: `
    @if (saying(); as said) {
      <sc-strip [label]="say.wordsForIt" [lead]="said.name" [all]="said.words" [now]="now()" />
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SayingView {
  protected readonly say = SAY;
  /** In the prime dialect, one round. */
  readonly sequence = input.required<string>();
  readonly method = input.required<Method | undefined>();
  /** Which move of the sequence is done now, if it is being done. */
  readonly at = input<number | null>(null);

  private readonly taught = inject(Store).selectSignal(taughtFeature.selectTaughtState);
  protected readonly saying = computed(() =>
    sayingFor(this.sequence(), this.method(), this.taught()),
  );
  protected readonly now = computed(() => {
    const [at, saying] = [this.at(), this.saying()];
    const read = readMoves(this.sequence());
    if (at === null || !saying || !read.ok) return null;
    return wordsOver(saying, read.value)[at] ?? -1;
  });
}
