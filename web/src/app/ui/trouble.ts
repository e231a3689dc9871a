import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';

/** The one way to say that something failed: why, and what may be tried. Nothing where nothing did. */
@Component({
  selector: 'sc-trouble',
  imports: [MatButton],
  template: `
    @if (of(); as why) {
      <p class="trouble" role="alert">
        {{ why }}
        @if (again(); as what) {
          <button matButton type="button" (click)="asked.emit()">{{ what }}</button>
        }
        <ng-content />
      </p>
    }
  `,
  styles: `
    @use 'blocks';

    // Where nothing failed it takes no room, in a grid either.
    :host(:empty) {
      display: none;
    }
    .trouble {
      @include blocks.set-off($bar: trouble, $loud: true);
      margin: 8px 0;
      color: var(--text);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Trouble {
  /** Why it failed, in a sentence; null where it did not. */
  readonly of = input.required<string | null | undefined>();
  /** What the button says that tries it again; none where it is left out. */
  readonly again = input('');
  readonly asked = output();
}
