import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatHint, MatInput, MatLabel } from '@angular/material/input';
import { MatRadioButton, MatRadioGroup } from '@angular/material/radio';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  LEAST_PHRASE,
  signUpSchema,
  type DemoAccount,
  type Role,
  type Session,
  type SignUp,
} from '@sleetcrest/contract/accounts';
import { describeErrors, fieldErrors } from '@sleetcrest/contract';
import { action } from '../../base/reading/action';
import { AccountApi, accountFeature, SessionApi } from '../../subjects/account';
import { Trouble } from '../../ui/trouble';
import { MatCheckbox } from '@angular/material/checkbox';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { SAY } from './words';

/** Signing in, or up: a name and a passphrase, and nothing else is asked. */
@Component({
  selector: 'sc-sign-in',
  imports: [
    FormsModule,
    MatButton,
    Segments,
    MatCheckbox,
    MatFormField,
    MatHint,
    MatInput,
    MatLabel,
    MatRadioButton,
    MatRadioGroup,
    RouterLink,
    Trouble,
  ],
  templateUrl: './sign-in.html',
  styleUrl: './sign-in.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SignIn {
  protected readonly say = SAY;
  private readonly api = inject(AccountApi);
  private readonly store = inject(Store);
  private readonly router = inject(Router);

  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  protected readonly demo = this.store.selectSignal(accountFeature.selectDemo);
  protected readonly coaches = this.store.selectSignal(accountFeature.selectCoaches);
  /** A name to begin with, from the code on a name slip. */
  readonly as = input<string>();
  protected readonly kinds: readonly Option<'known' | 'new'>[] = [
    { value: 'known', name: SAY.iHaveAnAccount },
    { value: 'new', name: SAY.iAmNewHere },
  ];
  protected readonly isNew = signal(false);
  protected readonly name = linkedSignal(() => this.as() ?? '');
  /** The phrase somebody else gave, until another is chosen. */
  protected readonly given = signal<string | null>(null);
  protected readonly phrase = signal('');
  protected readonly least = LEAST_PHRASE;
  protected readonly role = signal<Role>('learner');
  protected readonly shown = signal(false);
  /** The code by which a coach was asked to come, where coaches come by invitation. */
  protected readonly invitation = signal('');
  protected readonly isByInvitation = computed(
    () => this.isNew() && this.role() === 'coach' && this.coaches() === 'invited',
  );
  private readonly action = action();
  protected readonly busy = this.action.busy;
  protected readonly trouble = this.action.trouble;
  protected readonly ready = computed(() => this.name().trim() !== '' && this.phrase() !== '');

  protected switchTo(isNew: boolean): void {
    this.isNew.set(isNew);
    this.action.forget();
  }

  protected submit(): void {
    const code = this.invitation().trim();
    const invited = this.isByInvitation() && code !== '' ? { invitation: code } : {};
    const given = { name: this.name(), phrase: this.phrase(), role: this.role(), ...invited };
    if (this.busy() || !this.ready()) return;
    if (this.isNew()) {
      const parsed = signUpSchema.safeParse(given);
      if (!parsed.success) {
        this.action.refuse(`${describeErrors(fieldErrors(parsed.error))}.`);
        return;
      }
    }
    this.enter(given);
  }

  protected enter(given: SignUp): void {
    const { name, phrase } = given;
    void this.action.run(async () => {
      const session = await (this.isNew()
        ? this.api.signUp(given)
        : this.api.signIn({ name, phrase }));
      if (!session.begins) {
        this.entered(session);
        return;
      }
      // Nothing is done under a phrase that somebody else gave.
      this.given.set(phrase);
      this.phrase.set('');
    });
  }

  /** Chooses a phrase of one's own in place of the one that was given to begin with. */
  protected choose(): void {
    const now = this.given();
    if (now === null || this.busy()) return;
    const phrase = { now, next: this.phrase() };
    void this.action.run(async () => this.entered(await this.api.change({ phrase })));
  }

  private entered(session: Session): void {
    this.store.dispatch(SessionApi.signedIn({ session }));
    void this.router.navigate([session.account?.role === 'coach' ? '/table' : '/log']);
  }

  protected enterAs(demo: DemoAccount): void {
    this.switchTo(false);
    const { name, phrase, role } = demo;
    this.enter({ name, phrase, role });
  }

  protected signOut(): void {
    void this.action.run(async () => {
      this.store.dispatch(SessionApi.signedOut({ session: await this.api.signOut() }));
    });
  }
}
