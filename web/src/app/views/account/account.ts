import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import { Notices } from '../../base/dialogs/notices';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { ChangeAccount, Session } from '@sleetcrest/contract/accounts';
import { saveAs } from 'file-saver';
import type { Observable } from 'rxjs';
import { apiFailure } from '../../base/api/failure';
import { AccountApi, accountFeature, leavingWords, SessionApi } from '../../subjects/account';
import { Groups } from '../../subjects/group/parts/groups';
import { Keys } from './keys';

/** One's account: name and phrase, the groups, taking everything along, and leaving. */
@Component({
  selector: 'sc-account',
  imports: [FormsModule, Groups, Keys, MatButton, MatFormField, MatInput, MatLabel, RouterLink],
  templateUrl: './account.html',
  styleUrl: './account.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AccountView {
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
  protected readonly trouble = signal<string | null>(null);
  protected readonly busy = signal(false);

  protected rename(name: string): void {
    this.change({ name }, 'Your name is changed.');
  }

  protected changePhrase(): void {
    this.change(
      { phrase: { now: this.now(), next: this.next() } },
      'Your pass phrase is changed, and everyone else is signed out.',
    );
  }

  private change(change: ChangeAccount, says: string): void {
    this.ask(this.api.change(change), (session) => {
      this.store.dispatch(SessionApi.sessionTold({ session }));
      this.now.set('');
      this.next.set('');
      void this.notices.say(says);
    });
  }

  protected everything(): void {
    this.ask(this.api.everything(), (zip) => saveAs(zip, 'sleetcrest-everything.zip'));
  }

  protected signOut(): void {
    this.ask(this.api.signOut(), (session) => this.gone(session));
  }

  protected signOutEverywhere(): void {
    this.ask(this.api.signOutEverywhere(), (session) => this.gone(session));
  }

  /** Tells first what of others’ goes with the account. */
  protected leave(): void {
    this.leaving.set(!this.leaving());
    this.goes.set(undefined);
    if (this.leaving()) this.ask(this.api.leaving(), (goes) => this.goes.set(leavingWords(goes)));
  }

  protected remove(): void {
    this.ask(this.api.remove(this.farewell()), (session) => this.gone(session));
  }

  private gone(session: Session): void {
    this.store.dispatch(SessionApi.signedOut({ session }));
    void this.router.navigate(['/sign-in']);
  }

  private ask<T>(asked: Observable<T>, done: (answer: T) => void): void {
    this.busy.set(true);
    this.trouble.set(null);
    asked.subscribe({
      next: (answer) => {
        this.busy.set(false);
        done(answer);
      },
      error: (error: unknown) => {
        this.busy.set(false);
        this.trouble.set(apiFailure(error).message);
      },
    });
  }
}
