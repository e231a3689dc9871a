import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Banner } from '../ui/banner';
import { NewVersion } from './new-version';
import { SAY } from './words';

/** Offers a newer version, calmly: nothing is taken up in the middle of a walk or a solve. */
@Component({
  selector: 'sc-new-version-banner',
  imports: [Banner, MatButton],
  template: `
    <sc-banner>
      @if (version.isBroken()) {
        <p>
          <b>{{ say.aPartOfThisPage }}</b> {{ say.reloadItNothingOfYours }}
        </p>
        <button matButton="tonal" (click)="version.take()">{{ say.reload }}</button>
      } @else {
        <p>
          <b>{{ say.aNewerSleetcrestIsReady }}</b> {{ say.finishWhatYouAreAt }}
        </p>
        <button matButton="tonal" (click)="version.take()">{{ say.takeItUp }}</button>
        <button matButton (click)="version.later()">{{ say.later }}</button>
      }
    </sc-banner>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class NewVersionBanner {
  protected readonly say = SAY;
  protected readonly version = inject(NewVersion);
}
