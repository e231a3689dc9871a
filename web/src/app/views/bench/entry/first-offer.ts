import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { readerFeature, SettingsPage } from '../../../subjects/settings';
import { SAY } from './words';

/** Offers the first pages once to somebody who may never have solved a cube. */
@Component({
  selector: 'sc-first-offer',
  imports: [MatButton, RouterLink],
  template: `
    @if (!offered()) {
      <aside [attr.aria-label]="say.firstThings">
        <p>
          <b>{{ say.neverSolvedACube }}</b> {{ say.eightSmallPagesShowWhat }}
        </p>
        <a matButton="outlined" routerLink="/first" (click)="taken()">{{ say.showMe }}</a>
        <button matButton (click)="taken()">{{ say.notNow }}</button>
      </aside>
    }
  `,
  styles: `
    @use 'blocks';

    aside {
      @include blocks.set-off;
      @include blocks.row(4px 12px);
    }
    p {
      flex: 1 1 14rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstOffer {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  protected readonly offered = this.store.selectSignal(readerFeature.selectFirstOffered);

  protected taken(): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { firstOffered: true } }));
  }
}
