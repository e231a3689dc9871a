import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { readerFeature, SettingsPage } from '../../../subjects/settings';

/** Offers the first pages once to somebody who may never have solved a cube. */
@Component({
  selector: 'sc-first-offer',
  imports: [MatButton, RouterLink],
  template: `
    @if (!offered()) {
      <aside aria-label="First things">
        <p><b>Never solved a cube?</b> Eight small pages show what you need first.</p>
        <a matButton="outlined" routerLink="/first" (click)="taken()">Show me</a>
        <button matButton (click)="taken()">Not now</button>
      </aside>
    }
  `,
  styles: `
    aside {
      display: flex;
      flex-wrap: wrap;
      gap: 4px 12px;
      align-items: center;
      padding: 8px 14px;
      border-left: 4px solid var(--accent);
      background: var(--surface);
    }
    p {
      flex: 1 1 14rem;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FirstOffer {
  private readonly store = inject(Store);
  protected readonly offered = this.store.selectSignal(readerFeature.selectFirstOffered);

  protected taken(): void {
    this.store.dispatch(SettingsPage.settingChanged({ change: { firstOffered: true } }));
  }
}
