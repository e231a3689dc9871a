import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  input,
} from '@angular/core';
import type { Dialect, Move } from '@sleetcrest/core';
import { TurnTile } from './turn-tile';
import { SAY } from './words';

/** The turns of a step, in the order they are done. */
export interface TiledStep {
  readonly moves: readonly Move[];
  /** How many of the moves turn the whole cube to the hold, before all others. */
  readonly holdCount: number;
  /** How many then line up. */
  readonly lineUpCount: number;
  /** Moves of one round of a sequence that is repeated; 0 where it is done once. */
  readonly round: number;
}

/** The turns of a step as a row of tiles, in rounds where a sequence is repeated. */
@Component({
  selector: 'sc-tile-row',
  imports: [TurnTile],
  template: `
    @for (group of groups(); track $index) {
      <div class="group">
        <span class="caption">{{ group.caption }}</span>
        <ol [attr.aria-label]="group.caption || say.turns">
          @for (tile of group.tiles; track tile.at) {
            <li [attr.aria-current]="tile.state === 'now' ? 'step' : null">
              <sc-turn-tile [move]="tile.move" [dialect]="dialect()" [state]="tile.state" />
            </li>
          }
        </ol>
      </div>
    }
  `,
  styleUrl: './tile-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TileRow {
  protected readonly say = SAY;
  readonly frame = input.required<TiledStep>();
  /** How many of the step's moves are done. */
  readonly done = input.required<number>();
  readonly dialect = input.required<Dialect>();

  protected readonly groups = computed(() => {
    const { moves, holdCount, lineUpCount, round } = this.frame();
    const tiles = moves.map((move, at) => ({ move, at, state: this.stateOf(at) }));
    const begun = holdCount + lineUpCount;
    const sequence = tiles.slice(begun);
    const size = round || sequence.length;
    const rounds = sequence.length === 0 ? 0 : sequence.length / size;
    const groups = Array.from({ length: rounds }, (_, k) => ({
      caption: rounds > 1 ? SAY.round({ round: k + 1, of: rounds }) : '',
      tiles: sequence.slice(k * size, (k + 1) * size),
    }));
    return [
      { caption: SAY.hold, tiles: tiles.slice(0, holdCount) },
      { caption: SAY.lineUp, tiles: tiles.slice(holdCount, begun) },
      ...groups,
    ].filter((group) => group.tiles.length > 0);
  });

  constructor() {
    const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
    effect(() => {
      const at = this.done();
      this.frame();
      // After the tiles have been drawn, keep the one being done in sight.
      requestAnimationFrame(() => {
        const tile = host.querySelectorAll<HTMLElement>('li')[at];
        if (tile)
          host.scrollTo({ left: tile.offsetLeft - host.clientWidth / 2, behavior: 'smooth' });
      });
    });
  }

  private stateOf(at: number): 'done' | 'now' | 'ahead' {
    return at < this.done() ? 'done' : at === this.done() ? 'now' : 'ahead';
  }
}
