import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { type Dialect, drawTurn, type Move, writeMove } from '@sleetcrest/core';

/** One turn: a drawing of the layer that turns, and its name in the reader's dialect. */
@Component({
  selector: 'sc-turn-tile',
  template: `
    <svg viewBox="0 0 64 64" aria-hidden="true">
      <defs>
        <marker
          [id]="marker"
          viewBox="0 0 10 10"
          refX="6"
          refY="5"
          markerWidth="4.4"
          markerHeight="4.4"
          orient="auto"
        >
          <path d="M0 0L10 5L0 10Z" class="head" />
        </marker>
      </defs>
      <path class="rim" d="M6 6H58V58H6ZM6 6L16 16M58 6L48 16M58 58L48 48M6 58L16 48" />
      <path class="top" d="M16 16H48V48H16Z" />
      <path class="layer" fill-rule="evenodd" [attr.d]="drawing().layer" />
      <path class="arrow" [attr.d]="drawing().arrow" [attr.marker-end]="'url(#' + marker + ')'" />
      @if (drawing().half) {
        <text x="32" y="33">2×</text>
      }
    </svg>
    <span class="name" [class.words]="dialect() === 'words'">{{ name() }}</span>
  `,
  styleUrl: './turn-tile.scss',
  host: { '[class]': 'state()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TurnTile {
  readonly move = input.required<Move>();
  readonly dialect = input.required<Dialect>();
  readonly state = input<'done' | 'now' | 'ahead' | 'slipped' | 'missed'>('ahead');

  protected readonly marker = `turn-head-${nextMarker++}`;
  protected readonly drawing = computed(() => drawTurn(this.move()));
  protected readonly name = computed(() => writeMove(this.move(), this.dialect()));
}

let nextMarker = 0;
