import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Move } from '@sleetcrest/core';
import { handsFor } from '@sleetcrest/core/shown/hands';
import { readerFeature } from '../reader.feature';
import { Strip } from '../../../ui/strip/strip';
import { SAY } from './words';

/** How to hold and which finger turns, for some turns from two hands at rest. */
@Component({
  selector: 'sc-hands',
  imports: [Strip],
  template: ` <sc-strip [label]="say.hands" [all]="all()" [now]="now()">{{ cost() }}</sc-strip> `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Hands {
  protected readonly say = SAY;
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
    return SAY.effort({ cost: cost.toFixed(1), regrips });
  });
}
