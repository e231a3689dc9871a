import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Banner } from '../../../ui/banner';
import { Rest } from '../rest/rest';

/** Proposes a rest, calmly; it covers nothing and waits until it is answered. */
@Component({
  selector: 'sc-rest-banner',
  imports: [Banner, MatButton],
  template: `
    <sc-banner>
      <p>
        <b>Time for a rest.</b> Put the cube down, open your hands and look far away for a while.
        Pain, numbness or tingling means stop; ask a clinician if it lasts.
      </p>
      <button matButton="tonal" (click)="rest.rested()">I have rested</button>
      <button matButton (click)="later()">In five minutes</button>
    </sc-banner>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestBanner {
  protected readonly rest = inject(Rest);

  protected later(): void {
    this.rest.later(Date.now());
  }
}
