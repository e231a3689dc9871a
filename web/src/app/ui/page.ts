import { ChangeDetectionStrategy, Component, input } from '@angular/core';

/**
 * The skeleton of a page: its heading, before it the way back (`back`), beside it what belongs to the whole page
 * (`beside`), and below what it shows. Wide pages are desks; one that is read keeps to a narrower column.
 */
@Component({
  selector: 'sc-page',
  template: `
    <header>
      <ng-content select="[back]" />
      @if (heading(); as heading) {
        <h1>{{ heading }}</h1>
      }
      <ng-content select="[beside]" />
    </header>
    <ng-content />
  `,
  styles: `
    @use 'blocks';

    :host {
      display: block;
      max-width: 1360px;
      margin: 0 auto;
      padding: 10px 16px 32px;
    }
    :host(.read) {
      max-width: 960px;
      padding: 16px 24px 48px;
    }
    header {
      @include blocks.row(6px 14px);
      margin-bottom: 10px;
    }
    header:empty {
      display: none;
    }
    h1 {
      font-size: var(--type-heading);
    }
    :host(.read) h1 {
      font-size: var(--type-title);
    }
    @media print {
      :host {
        max-width: none;
        padding: 0;
      }
    }
  `,
  host: { '[class.read]': "kind() === 'read'" },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Page {
  readonly heading = input<string>();
  /** What one does there: work at something, or read. */
  readonly kind = input<'desk' | 'read'>('desk');
}
