import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Standing } from '@sleetcrest/core/learner/standing';
import { RISE, risePath } from './rises';

/** How somebody stands with something: one rise, as it stands in a line of text. */
@Component({
  selector: 'sc-standing',
  template: `
    <svg [attr.viewBox]="box" aria-hidden="true">
      <path [class]="standing()" [attr.d]="path()" />
    </svg>
  `,
  styleUrl: './rises.scss',
  styles: `
    :host {
      display: inline-block;
      width: 16px;
      height: 20px;
      vertical-align: -4px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StandingRise {
  readonly standing = input.required<Standing>();
  protected readonly box = `0 0 ${RISE.width} ${RISE.height}`;
  protected readonly path = computed(() => risePath(this.standing()));
}
