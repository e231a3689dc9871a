import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatIcon } from '@angular/material/icon';
import { colourLetter, COLOURS, type ColourScheme, SIDES, UNSEEN } from '@sleetcrest/core';
import { SAY } from './words';

/** The six colours and the eraser, with how many stickers of each colour are left to paint. */
@Component({
  selector: 'sc-palette',
  imports: [MatIcon],
  template: `
    <div role="group" [attr.aria-label]="say.colourToPaintWith">
      @for (pot of pots(); track pot.side) {
        <button
          type="button"
          [attr.aria-pressed]="brush() === pot.side"
          [attr.aria-label]="pot.says"
          [style.background]="'var(--sticker-' + pot.colour + ')'"
          [style.color]="'var(--on-sticker-' + pot.colour + ')'"
          [class.over]="pot.left < 0"
          (click)="chosen.emit(pot.side)"
        >
          <span class="key">{{ pot.key }}</span>
          <span class="letter">{{ letters() ? pot.letter : '' }}</span>
          <span class="left">{{ pot.left }}</span>
        </button>
      }
      <button
        type="button"
        class="eraser"
        [attr.aria-label]="say.rubOut"
        [attr.aria-pressed]="brush() === unseen"
        (click)="chosen.emit(unseen)"
      >
        <span class="key">0</span>
        <mat-icon svgIcon="erase" />
      </button>
    </div>
  `,
  styleUrl: './palette.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Palette {
  protected readonly say = SAY;
  readonly scheme = input.required<ColourScheme>();
  readonly left = input.required<readonly number[]>();
  readonly brush = input.required<number>();
  readonly letters = input(false);
  readonly chosen = output<number>();

  protected readonly unseen = UNSEEN;
  protected readonly pots = computed(() =>
    SIDES.map((side) => {
      const colour = this.scheme()[side]!;
      const left = this.left()[side]!;
      const says = left < 0 ? SAY.tooMany({ colour, left: -left }) : SAY.left({ colour, left });
      return {
        side,
        colour,
        left,
        says,
        key: COLOURS.indexOf(colour) + 1,
        letter: colourLetter(colour),
      };
    }),
  );
}
