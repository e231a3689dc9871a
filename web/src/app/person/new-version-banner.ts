import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { NewVersion } from './new-version';

/** Offers a newer version, calmly: nothing is taken up in the middle of a walk or a solve. */
@Component({
  selector: 'sc-new-version-banner',
  imports: [MatButton],
  template: `
    @if (version.isBroken()) {
      <p>
        <b>A part of this page is gone from the browser.</b> Reload it; nothing of yours is lost.
      </p>
      <button matButton="tonal" (click)="version.take()">Reload</button>
    } @else {
      <p><b>A newer Sleetcrest is ready.</b> Finish what you are at; it takes a moment.</p>
      <button matButton="tonal" (click)="version.take()">Take it up</button>
      <button matButton (click)="version.later()">Later</button>
    }
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
      padding: 6px 24px;
      border-bottom: 1px solid var(--line);
      background: var(--accent-soft);
    }
    p {
      flex: 1 1 24rem;
    }
  `,
  host: { role: 'status' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewVersionBanner {
  protected readonly version = inject(NewVersion);
}
