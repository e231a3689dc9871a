import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { type ColourScheme, type Hold, stickerSeenInHold } from '@sleetcrest/core';
import type { Suspect } from '@sleetcrest/core/insight/entry';
import { stickerPlace } from '../../../ui/crown/geometry';

/** The sticker that is most likely wrong, where it is as the cube is held, and what it may be. */
@Component({
  selector: 'sc-suspect-panel',
  imports: [MatButton],
  template: `
    <p>
      <b>No cube looks like this.</b> The likeliest wrong sticker: <b>{{ place() }}</b>. Is it
      really {{ colour() }}?
    </p>
    <div role="group" aria-label="Mend it">
      @for (other of instead(); track other.side) {
        <button
          matButton="outlined"
          [style.--swatch]="'var(--sticker-' + other.colour + ')'"
          (click)="mended.emit({ sticker: suspect().sticker, colour: other.side })"
        >
          <span class="swatch"></span>It is {{ other.colour }}
        </button>
      }
      <button matButton (click)="kept.emit(suspect().sticker)">It is {{ colour() }}</button>
    </div>
  `,
  styles: `
    div {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      margin-top: 8px;
    }
    .swatch {
      display: inline-block;
      width: 1em;
      height: 1em;
      margin-right: 8px;
      border: 1px solid #1b2530;
      border-radius: 3px;
      background: var(--swatch);
      vertical-align: -0.1em;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SuspectPanel {
  readonly suspect = input.required<Suspect>();
  readonly painted = input.required<readonly number[]>();
  readonly scheme = input.required<ColourScheme>();
  /** How the picture shows the cube. */
  readonly hold = input.required<Hold>();
  readonly mended = output<{ sticker: number; colour: number }>();
  /** The person looked, and it is as it was painted. */
  readonly kept = output<number>();

  protected readonly colour = computed(
    () => this.scheme()[this.painted()[this.suspect().sticker]!],
  );
  /** Every other colour, likeliest first: where two answers are wrong, it may be any. */
  protected readonly instead = computed(() => {
    const { sticker, instead } = this.suspect();
    const given = this.painted()[sticker];
    return [...new Set([...instead, ...this.scheme().keys()])]
      .filter((side) => side !== given)
      .map((side) => ({ side, colour: this.scheme()[side]! }));
  });
  protected readonly place = computed(() => {
    const { sticker } = this.suspect();
    const shown = stickerSeenInHold(this.hold(), sticker);
    const side = this.scheme()[Math.floor(sticker / 9)]!;
    return `${stickerPlace(shown)} (the ${side} side)`;
  });
}
