import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { Notices } from '../../base/dialogs/notices';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { ChangeAccount, Session } from '@sleetcrest/contract/accounts';
import { saveFile } from '../../base/files/save-file';
import { action } from '../../base/reading/action';
import { AccountApi, accountFeature, leavingWords, SessionApi } from '../../subjects/account';
import { Keys } from './keys';
import { Trouble } from '../../ui/trouble';
import { Page } from '../../ui/page';
import { SAY } from './words';

/** As which file it is saved. */
const EVERYTHING = 'sleetcrest-everything.zip';

/** One's account: name and phrase, taking everything along, and leaving. */
@Component({
  selector: 'sc-account',
  imports: [
    Page,
    FormsModule,
    Keys,
    MatButton,
    MatFormField,
    MatInput,
    MatLabel,
    RouterLink,
    Trouble,
  ],
  templateUrl: './account.html',
  styleUrl: './account.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AccountView {
  protected readonly say = SAY;
  private readonly api = inject(AccountApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly notices = inject(Notices);

  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  protected readonly status = this.store.selectSignal(accountFeature.selectStatus);
  protected readonly now = signal('');
  protected readonly next = signal('');
  protected readonly leaving = signal(false);
  protected readonly farewell = signal('');
  /** What of others’ goes too, once that is known; undefined until then. */
  protected readonly goes = signal<string | undefined>(undefined);
  private readonly action = action();
  protected readonly trouble = this.action.trouble;
  protected readonly busy = this.action.busy;

  protected rename(name: string): void {
    this.change({ name }, SAY.yourNameIsChanged);
  }

  protected changePhrase(): void {
    this.change({ phrase: { now: this.now(), next: this.next() } }, SAY.yourPassphraseIsChangedAnd);
  }

  private change(change: ChangeAccount, says: string): void {
    void this.action.run(async () => {
      const session = await this.api.change(change);
      this.store.dispatch(SessionApi.sessionTold({ session }));
      this.now.set('');
      this.next.set('');
      void this.notices.say(says);
    });
  }

  protected everything(): void {
    void this.action.run(async () => saveFile(await this.api.everything(), EVERYTHING));
  }

  protected signOut(): void {
    void this.action.run(async () => this.gone(await this.api.signOut()));
  }

  protected signOutEverywhere(): void {
    void this.action.run(async () => this.gone(await this.api.signOutEverywhere()));
  }

  /** Tells first what of others’ goes with the account. */
  protected leave(): void {
    this.leaving.set(!this.leaving());
    this.goes.set(undefined);
    if (!this.leaving()) return;
    void this.action.run(async () => this.goes.set(leavingWords(await this.api.leaving())));
  }

  protected remove(): void {
    void this.action.run(async () => this.gone(await this.api.remove(this.farewell())));
  }

  private gone(session: Session): void {
    this.store.dispatch(SessionApi.signedOut({ session }));
    void this.router.navigate(['/sign-in']);
  }
}
