import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Banner } from '../ui/banner';
import { NewVersion } from './new-version';

/** Offers a newer version, calmly: nothing is taken up in the middle of a walk or a solve. */
@Component({
  selector: 'sc-new-version-banner',
  imports: [Banner, MatButton],
  template: `
    <sc-banner>
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
    </sc-banner>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewVersionBanner {
  protected readonly version = inject(NewVersion);
}
