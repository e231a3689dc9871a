import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Move } from '@sleetcrest/core';
import { handsFor } from '@sleetcrest/core/shown/hands';
import { readerFeature } from '../reader.feature';
import { counted } from '../../../base/words/counted';
import { Strip } from '../../../ui/strip/strip';

/** How to hold and which finger turns, for some turns from two hands at rest. */
@Component({
  selector: 'sc-hands',
  imports: [Strip],
  template: ` <sc-strip label="Hands" [all]="all()" [now]="now()">{{ cost() }}</sc-strip> `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Hands {
  readonly moves = input.required<readonly Move[]>();
  /** Which of the moves is done now, if they are being done. */
  readonly at = input<number | null>(null);

  private readonly hand = inject(Store).selectSignal(readerFeature.selectHand);
  private readonly plan = computed(() => handsFor(this.moves(), this.hand()));
  protected readonly all = computed(() =>
    this.plan().steps.map(({ says, move }) => ({ says, strong: move === null })),
  );
  protected readonly now = computed(() => {
    const at = this.at();
    return at === null ? null : this.plan().steps.findIndex(({ move }) => move === at);
  });
  protected readonly cost = computed(() => {
    const { cost, regrips } = this.plan();
    const regripped = regrips === 0 ? '' : `, ${counted(regrips, 'regrip')}`;
    return `effort ${cost.toFixed(1)}${regripped}`;
  });
}
