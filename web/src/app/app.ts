import { ChangeDetectionStrategy, Component, effect, inject, Injector } from '@angular/core';
import { MatIconButton, MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { RouterLink, RouterLinkActive, RouterOutlet } from '@angular/router';
import { Store } from '@ngrx/store';
import { accountFeature } from './subjects/account';
import { Rest } from './subjects/walk';
import { RestBanner } from './subjects/walk/parts/rest-banner';
import { isSeated } from './subjects/group/seat/remembered-seat';
import { SeatStrip } from './subjects/group/parts/seat-strip';
import { readerFeature, SettingsPage } from './subjects/settings';
import { listensTo } from './base/keys/keyboard';
import { EVERYWHERE } from './frame/everywhere.keys';
import { letterOn } from '@sleetcrest/core';
import { Dialogs } from './base/dialogs/dialogs';
import { NewVersion } from './frame/new-version';
import { NewVersionBanner } from './frame/new-version-banner';
import { SAY } from './words';

/** The frame round every view: the name, the views, the drawer, help. */
@Component({
  selector: 'sc-root',
  imports: [
    MatButton,
    MatIcon,
    MatIconButton,
    NewVersionBanner,
    RestBanner,
    RouterLink,
    RouterLinkActive,
    RouterOutlet,
    SeatStrip,
  ],
  template: `
    <a class="skip" href="#main">{{ say.toTheContent }}</a>
    <nav [attr.aria-label]="say.views">
      <a class="name" routerLink="/bench">
        <svg viewBox="0 0 40 24" aria-hidden="true">
          <path d="M0 23 10 9l6 7L26 1l14 22z" />
          <path class="lit" d="M26 1l6 9.500-4 3-3-3-4 2.500z" />
        </svg>
        {{ say.sleetcrest }}
      </a>
      <div class="views">
        <a matButton routerLink="/bench" routerLinkActive="current">{{ say.bench }}</a>
        <a matButton routerLink="/learn" routerLinkActive="current">{{ say.learn }}</a>
        <a matButton routerLink="/cases" routerLinkActive="current">{{ say.cases }}</a>
        <a matButton routerLink="/methods" routerLinkActive="current">{{ say.methods }}</a>
        <a matButton routerLink="/workshop" routerLinkActive="current">{{ say.workshop }}</a>
        <a matButton routerLink="/timing" routerLinkActive="current">{{ say.timing }}</a>
        <a matButton routerLink="/log" routerLinkActive="current">{{ say.log }}</a>
        @if (account()) {
          <a matButton routerLink="/table" routerLinkActive="current">{{ say.table }}</a>
        }
        <a matButton routerLink="/settings" routerLinkActive="current">{{ say.settings }}</a>
      </div>
      <span class="gap"></span>
      <button matButton [attr.aria-label]="say.savedCubes" (click)="openDrawer()">
        <mat-icon svgIcon="cubes" /><span class="long">{{ say.savedCubes }}</span>
      </button>
      @if (account(); as who) {
        <a matButton routerLink="/account" [attr.aria-label]="say.accountOf({ name: who.name })">
          <mat-icon svgIcon="person" /><span class="long">{{ who.name }}</span>
        </a>
      } @else {
        <a matButton routerLink="/sign-in" [attr.aria-label]="say.signIn">
          <mat-icon svgIcon="person" /><span class="long">{{ say.signIn }}</span>
        </a>
      }
      <button matIconButton [attr.aria-label]="say.dayOrNight" (click)="toggleNight()">
        <mat-icon svgIcon="night" />
      </button>
      <button matIconButton [attr.aria-label]="say.keyboardShortcuts" (click)="openKeys()">
        <mat-icon svgIcon="help" />
      </button>
    </nav>
    @if (version.isReady() || version.isBroken()) {
      @defer (on immediate) {
        <sc-new-version-banner />
      }
    }
    @if (rest.due()) {
      @defer (on immediate) {
        <sc-rest-banner />
      }
    }
    @if (isSeated()) {
      @defer (on immediate) {
        <sc-seat-strip />
      }
    }
    <main id="main" tabindex="-1"><router-outlet /></main>
  `,
  styleUrl: './app.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class App {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly dialogs = inject(Dialogs);
  protected readonly rest = inject(Rest);
  protected readonly isSeated = isSeated;
  private readonly injector = inject(Injector);
  protected readonly version = inject(NewVersion);
  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  private readonly reader = this.store.selectSignal(readerFeature.selectReaderState);

  constructor() {
    const deeds = {
      map: () => this.openKeys(),
      saved: () => this.openDrawer(),
      night: () => this.toggleNight(),
      letters: () => this.toggleLetters(),
      hand: () => isSeated() && void this.raiseHand(),
    };
    listensTo(EVERYWHERE, deeds, { when: () => this.reader().shortcuts });
    effect(() => {
      const { theme, swatches } = this.reader();
      const { dataset, style } = document.documentElement;
      if (theme === 'auto') delete dataset['theme'];
      else dataset['theme'] = theme;
      for (const [colour, value] of Object.entries(swatches)) {
        style.setProperty(`--sticker-${colour}`, value);
        style.setProperty(`--on-sticker-${colour}`, letterOn(value));
      }
    });
  }

  protected openDrawer(): void {
    const drawer = import('./views/bench/saved/saved-drawer').then(
      ({ SavedDrawer }) => SavedDrawer,
    );
    void this.dialogs.open(drawer, {
      panelClass: 'drawer',
      ariaLabel: SAY.savedCubes,
      width: '460px',
      maxWidth: '100vw',
      height: '100dvh',
      maxHeight: '100dvh',
      position: { right: '0', top: '0' },
    });
  }

  protected openKeys(): void {
    const keys = import('./frame/keyboard-map').then(({ KeyboardMap }) => KeyboardMap);
    void this.dialogs.open(keys, { width: '560px' });
  }

  protected toggleNight(): void {
    const dark = getComputedStyle(document.documentElement).colorScheme === 'dark';
    this.store.dispatch(SettingsPage.settingChanged({ change: { theme: dark ? 'day' : 'night' } }));
  }

  private async raiseHand(): Promise<void> {
    const { Seat } = await import('./subjects/group/seat/seat');
    const seat = this.injector.get(Seat);
    if (seat.session()) seat.toggleHand();
  }

  private toggleLetters(): void {
    const letters = !this.reader().letters;
    this.store.dispatch(SettingsPage.settingChanged({ change: { letters } }));
  }
}
