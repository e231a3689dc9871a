import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Dialect, Move } from '@sleetcrest/core';
import type { Explanation, MeantStep, Slip } from '@sleetcrest/core/insight/slips';
import { TurnTile } from '../../../ui/tiles/turn-tile';
import { SAY } from './words';

interface Tile {
  move: Move;
  state: 'done' | 'slipped' | 'missed';
}

/** What was done in the step that slipped, as tiles: what went wrong is marked, what is missing too. */
@Component({
  selector: 'sc-slip-tiles',
  imports: [TurnTile],
  template: `
    @for (tile of tiles(); track $index) {
      <li [attr.aria-label]="says[tile.state]">
        <sc-turn-tile [move]="tile.move" [dialect]="dialect()" [state]="tile.state" />
        @if (tile.state !== 'done') {
          <span>{{ tile.state === 'missed' ? say.leftOut : say.slip }}</span>
        }
      </li>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
    }
    li {
      display: grid;
      justify-items: center;
      align-content: start;
      list-style: none;
    }
    span {
      color: var(--trouble);
      font-size: var(--type-caption);
      font-weight: 700;
    }
  `,
  host: { role: 'list', '[attr.aria-label]': 'say.whatWasDone' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlipTiles {
  protected readonly say = SAY;
  readonly explanation = input.required<Explanation>();
  readonly steps = input.required<readonly MeantStep[]>();
  readonly dialect = input.required<Dialect>();

  protected readonly says = { done: SAY.asPlanned, slipped: 'slipped', missed: SAY.leftOut };
  protected readonly tiles = computed((): Tile[] => {
    const { slips } = this.explanation();
    const [first, ...more] = slips as [Slip, ...Slip[]];
    // With the other hand it is another sequence, in which a second slip is marked.
    const mirrored = first.kind === 'other-hand' && more.length > 0;
    const meant = mirrored ? first.did : this.steps()[first.step]!.moves;
    const tiles: Tile[] = [];
    let at = 0;
    for (const slip of mirrored ? more : slips) {
      for (const move of meant.slice(at, slip.at)) tiles.push({ move, state: 'done' });
      const left = slip.did.length === 0 ? slip.meant : [];
      for (const move of left) tiles.push({ move, state: 'missed' });
      for (const move of slip.did) tiles.push({ move, state: 'slipped' });
      at = slip.at + slip.meant.length;
    }
    for (const move of meant.slice(at)) tiles.push({ move, state: 'done' });
    return tiles;
  });
}
