import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { SAY } from './words';

/** How much of a cube is still to be painted, and how that is done. */
@Component({
  selector: 'sc-still-to-paint',
  template: `
    <p>
      {{ say.stickersToPaint({ stickers: count() }) }}
      @if (how()) {
        {{ say.chooseAColourThenTouch }}
      }
    </p>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StillToPaint {
  protected readonly say = SAY;
  readonly count = input.required<number>();
  /** Whether to say how: it is painted, and neither asked, photographed nor typed. */
  readonly how = input.required<boolean>();
}
