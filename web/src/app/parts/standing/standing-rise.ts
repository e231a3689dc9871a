import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Standing } from '@sleetcrest/core/table';

/**
 * How somebody stands with something, drawn as a rise of the ridge: flat ground, a low rise, a slope half
 * walked, a peak, and a peak whose side has come down. Told apart by shape, in one colour too.
 */
const RISES: Record<Standing, string> = {
  new: 'M1 18.5h14',
  begun: 'M1 19 L5 15 L8 16.5 L11 14.5 L15 19z',
  known: 'M1 19 L6 8.5 L9 12 L11 10.5 L15 19z',
  sure: 'M1 19 L6 5 L8 2 L10.5 7 L15 19z',
  slipping: 'M1 19 L5.5 6 L7.5 2 L8.5 11 L11 10 L12 15.5 L15 19z',
};

/** In words, as it is read and heard. */
export const STANDING_WORDS: Record<Standing, string> = {
  new: 'not yet',
  begun: 'begun',
  known: 'known',
  sure: 'sure',
  slipping: 'slipping',
};

@Component({
  selector: 'sc-standing',
  template: `
    <svg viewBox="0 0 16 20" aria-hidden="true" [class]="standing()">
      <path [attr.d]="path()" />
    </svg>
  `,
  styles: `
    :host {
      display: inline-block;
      width: 16px;
      height: 20px;
      vertical-align: -4px;
    }
    svg {
      display: block;
      width: 100%;
      height: 100%;
      fill: none;
      stroke: var(--quiet);
      stroke-width: 1.2;
      stroke-linejoin: round;
    }
    .new {
      stroke: var(--line-strong);
    }
    .begun {
      fill: var(--line);
    }
    .known {
      fill: var(--accent-soft);
      stroke: var(--accent);
    }
    .sure {
      fill: var(--done);
      stroke: var(--done);
    }
    .slipping {
      fill: var(--trouble-soft);
      stroke: var(--trouble);
      stroke-width: 1.6;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StandingRise {
  readonly standing = input.required<Standing>();
  protected readonly path = computed(() => RISES[this.standing()]);
}
