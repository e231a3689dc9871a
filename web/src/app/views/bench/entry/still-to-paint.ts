import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { counted } from '../../../base/words/counted';

/** How much of a cube is still to be painted, and how that is done. */
@Component({
  selector: 'sc-still-to-paint',
  template: `
    <p>
      {{ counted(count(), 'sticker') }} to paint.
      @if (how()) {
        Choose a colour, then touch or sweep over the stickers; with the keyboard, go to the picture
        and press 1 to 6. What follows from others is filled in (dashed outline) and can be painted
        over.
      }
    </p>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StillToPaint {
  readonly count = input.required<number>();
  /** Whether to say how: it is painted, and neither asked, photographed nor typed. */
  readonly how = input.required<boolean>();
  protected readonly counted = counted;
}
