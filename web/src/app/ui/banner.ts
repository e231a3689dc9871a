import { ChangeDetectionStrategy, Component } from '@angular/core';

/** Something proposed below the navigation, calmly; it covers nothing and waits until it is answered. */
@Component({
  selector: 'sc-banner',
  template: '<ng-content />',
  styles: `
    @use 'blocks';

    :host {
      @include blocks.row(4px 12px);
      padding: 6px 24px;
      border-bottom: 1px solid var(--line);
      background: var(--done-soft);
    }
    :host ::ng-deep p {
      flex: 1 1 24rem;
    }
  `,
  host: { role: 'status' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Banner {}
