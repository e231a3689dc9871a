import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { type Colour, colourLetter } from '@sleetcrest/core';
import { SAY } from './words';

/** The six colours, one of which is painted with. */
@Component({
  selector: 'sc-pots',
  template: `
    <div role="group" [attr.aria-label]="say.colourToPaintWith">
      @for (colour of colours(); track colour) {
        <button
          type="button"
          [attr.aria-pressed]="chosen() === colour"
          [attr.aria-label]="colour"
          [style.background]="'var(--sticker-' + colour + ')'"
          [style.color]="'var(--on-sticker-' + colour + ')'"
          (click)="picked.emit(colour)"
        >
          {{ letters() ? letterOf(colour) : '' }}
        </button>
      }
      <ng-content />
    </div>
  `,
  styleUrl: './pots.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Pots {
  protected readonly say = SAY;
  readonly colours = input.required<readonly Colour[]>();
  readonly chosen = input<Colour | null>(null);
  readonly letters = input(false);
  readonly picked = output<Colour>();
  protected readonly letterOf = colourLetter;
}
