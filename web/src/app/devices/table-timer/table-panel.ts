import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { Hand, Hands } from '@sleetcrest/core/learner/timing';
import { momentOf } from '../../base/words/moments';
import { SimulatedTableTimer } from './simulated-table-timer';
import { SAY } from './words';

/** The simulated table timer's mat: a hand is laid on it by one press and taken off by the next. */
@Component({
  selector: 'sc-table-panel',
  imports: [MatButton],
  template: `
    <p>
      <b>{{ say.simulatedTableTimerConnected }}</b> {{ say.pressAHandToLay }}
    </p>
    <div role="group" [attr.aria-label]="say.handsOnTheSimulatedTable">
      @for (hand of both; track hand) {
        <button
          matButton="outlined"
          [attr.aria-pressed]="hands()[hand]"
          (click)="lay(hand, $event)"
        >
          {{ hands()[hand] ? say.lift({ hand }) : say.lay({ hand }) }}
        </button>
      }
      <button matButton (click)="disconnected.emit()">{{ say.disconnect }}</button>
    </div>
  `,
  styles: `
    @use 'blocks';

    :host {
      @include blocks.set-off($bar: done);
      display: block;
    }
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 8px;
      margin-top: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TablePanel {
  protected readonly say = SAY;
  readonly hands = input.required<Hands>();
  readonly disconnected = output();
  protected readonly both: readonly Hand[] = ['left', 'right'];
  private readonly timer = inject(SimulatedTableTimer);

  protected lay(hand: Hand, event: Event): void {
    this.timer.lay(hand, !this.hands()[hand], momentOf(event));
  }
}
