import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Store } from '@ngrx/store';
import { readMoves } from '@sleetcrest/core';
import { readerFeature } from '../reader.feature';
import { TurnTile } from '../../../ui/tiles/turn-tile';

/** A sequence as a row of tiles in the reader's dialect. */
@Component({
  selector: 'sc-tiles',
  imports: [TurnTile],
  template: `
    <div role="img" [attr.aria-label]="turns()">
      @for (move of moves(); track $index) {
        <sc-turn-tile [move]="move" [dialect]="dialect()" />
      }
    </div>
  `,
  styles: `
    div {
      display: flex;
      flex-wrap: wrap;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Tiles {
  /** In the prime dialect. */
  readonly turns = input.required<string>();
  protected readonly dialect = inject(Store).selectSignal(readerFeature.selectDialect);
  protected readonly moves = computed(() => {
    const read = readMoves(this.turns());
    return read.ok ? read.value : [];
  });
}
