import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { Account } from '@sleetcrest/contract/accounts';
import { AccountApi, accountFeature } from '../../subjects/account';
import { reading } from '../../base/reading/reading';
import { action } from '../../base/reading/action';
import { Trouble } from '../../ui/trouble';
import { daySaid } from '../../base/words/days';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** Where one is signed in, and the codes by which other coaches may come: each can be withdrawn. */
@Component({
  selector: 'sc-keys',
  imports: [Sentence, SentenceSlot, MatButton, Trouble],
  template: `
    <sc-trouble [of]="action.trouble() ?? signedIn.trouble()" />
    <h2>{{ say.whereYouAreSignedIn }}</h2>
    <ul>
      @for (one of signedIn.value() ?? []; track one.id) {
        <li>
          <span>
            {{ say.sinceLastUsed({ since: day(one.since), seenOn: day(one.seenOn) }) }}
            @if (one.here) {
              <b>{{ say.thisBrowser }}</b>
            }
          </span>
          @if (!one.here) {
            <button matButton [disabled]="action.busy()" (click)="signOutOf(one.id)">
              {{ say.signOutThere }}
            </button>
          }
        </li>
      }
    </ul>
    @if (invites()) {
      <h2>{{ say.codesForOtherCoaches }}</h2>
      <p class="quiet">
        {{ say.coachesComeHereBy }}
      </p>
      <ul>
        @for (one of codes.value() ?? []; track one.code) {
          <li>
            <sc-sentence [of]="say.until" [with]="{ until: day(one.until) }">
              <b *scSlot="'code'" class="mono">{{ one.code }}</b>
            </sc-sentence>
            <button matButton [disabled]="action.busy()" (click)="withdraw(one.code)">
              {{ say.withdraw }}
            </button>
          </li>
        }
      </ul>
      <button matButton="outlined" [disabled]="action.busy()" (click)="invite()">
        {{ say.makeACode }}
      </button>
    }
  `,
  styles: `
    @use 'blocks';

    h2 {
      font-size: var(--type-section);
    }
    ul {
      @include blocks.plain-list;
    }
    li {
      @include blocks.row(4px 14px);
      min-height: 40px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Keys {
  protected readonly say = SAY;
  readonly account = input.required<Account>();
  private readonly api = inject(AccountApi);
  protected readonly day = daySaid;
  protected readonly action = action();
  protected readonly signedIn = reading(
    () => this.account().id,
    () => this.api.signedIn(),
    { whenAnother: 'drop' },
  );
  private readonly coaches = inject(Store).selectSignal(accountFeature.selectCoaches);
  /** Where anybody may sign up as a coach there is nobody to invite. */
  protected readonly invites = computed(
    () => this.account().role === 'coach' && this.coaches() === 'invited',
  );
  protected readonly codes = reading(
    () => (this.invites() ? this.account().id : undefined),
    () => this.api.coachCodes(),
    { whenAnother: 'drop' },
  );

  protected async signOutOf(session: string): Promise<void> {
    await this.action.run(() => this.api.signOutOf(session));
    this.signedIn.again();
  }

  protected async invite(): Promise<void> {
    await this.action.run(() => this.api.inviteCoach());
    this.codes.again();
  }

  protected async withdraw(code: string): Promise<void> {
    await this.action.run(() => this.api.withdrawCoach(code));
    this.codes.again();
  }
}
