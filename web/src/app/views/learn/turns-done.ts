import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Move } from '@sleetcrest/core';
import { TurnTile } from '../../ui/tiles/turn-tile';
import { Learning } from './learning';
import { SAY } from './words';

/** Turns as tiles: done, next, ahead. */
@Component({
  selector: 'sc-turns-done',
  imports: [TurnTile],
  template: `
    <ol class="tiles" [attr.aria-label]="say.turns2">
      @for (move of moves(); track $index) {
        <li [attr.aria-current]="states()[$index] === 'now' ? 'step' : null">
          <sc-turn-tile
            [move]="move"
            [dialect]="learning.reader().dialect"
            [state]="states()[$index]!"
          />
        </li>
      }
    </ol>
  `,
  styleUrl: './page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnsDone {
  protected readonly say = SAY;
  readonly moves = input.required<readonly Move[]>();
  readonly done = input.required<number>();
  protected readonly learning = inject(Learning);
  protected readonly states = computed(() =>
    this.moves().map((_, at) => (at < this.done() ? 'done' : at === this.done() ? 'now' : 'ahead')),
  );
}
