import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Banner } from '../../../ui/banner';
import { Rest } from '../rest/rest';
import { SAY } from './words';

/** Proposes a rest, calmly; it covers nothing and waits until it is answered. */
@Component({
  selector: 'sc-rest-banner',
  imports: [Banner, MatButton],
  template: `
    <sc-banner>
      <p>
        <b>{{ say.timeForARest }}</b> {{ say.putTheCubeDownOpen }}
      </p>
      <button matButton="tonal" (click)="rest.rested()">{{ say.iHaveRested }}</button>
      <button matButton (click)="later()">{{ say.inFiveMinutes }}</button>
    </sc-banner>
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RestBanner {
  protected readonly say = SAY;
  protected readonly rest = inject(Rest);

  protected later(): void {
    this.rest.later(Date.now());
  }
}
