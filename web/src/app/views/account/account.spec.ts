import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import type { Account } from '@sleetcrest/contract/accounts';
import { openStore, until } from '../../app.spec-support';
import { AccountApi, accountFeature, SessionApi } from '../../subjects/account';
import { AccountView } from './account';

const RUNA: Account = { id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101', name: 'Runa', role: 'coach' };
/** Stands for the server: notes what is asked, and answers it or fails. */
class FakeApi {
  asked: unknown[][] = [];
  failure: HttpErrorResponse | undefined;

  private async answered<T>(what: string, given: unknown[], answer: T): Promise<T> {
    this.asked.push([what, ...given]);
    if (this.failure) throw this.failure;
    return answer;
  }
  signedIn = async () => [
    { id: 'here', since: '2026-11-01T10:00:00.000Z', seenOn: '2026-11-26', here: true },
    { id: 'there', since: '2026-10-01T10:00:00.000Z', seenOn: '2026-11-25', here: false },
  ];
  signOutOf = (session: string) => this.answered('out of', [session], null);
  coachCodes = async () => [{ code: 'HJKMNPRT', until: '2026-12-10T10:00:00.000Z' }];
  withdrawCoach = (code: string) => this.answered('withdraw', [code], null);
  leaving = async () => ({ groups: 1, learners: 14, plans: 3, assignments: 0, work: 1, notes: 0 });
  change = (change: object) =>
    this.answered('change', [change], { account: { ...RUNA, ...change }, demo: [] });
  remove = (phrase: string) => this.answered('remove', [phrase], { account: null, demo: [] });
  signOut = () => this.answered('out', [], { account: null, demo: [] });
  signOutEverywhere = () => this.answered('everywhere', [], { account: null, demo: [] });
}

describe('the Account view', () => {
  let fixture: ComponentFixture<AccountView>;
  let store: Store;
  let went: unknown[][];
  let api: FakeApi;

  async function show(
    account: Account | null,
    coaches: 'open' | 'invited' = 'open',
  ): Promise<void> {
    api = new FakeApi();
    ({ store, went } = openStore({ provide: AccountApi, useValue: api }));
    store.dispatch(SessionApi.sessionTold({ session: { account, demo: [], coaches } }));
    fixture = TestBed.createComponent(AccountView);
    await drawn();
  }
  const drawn = async (): Promise<void> => {
    fixture.detectChanges();
    await fixture.whenStable();
    fixture.detectChanges();
  };
  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function press(name: string): Promise<void> {
    const button = [...host().querySelectorAll('button')].find((one) =>
      one.textContent.trim().startsWith(name),
    )!;
    button.click();
    await drawn();
  }
  async function type(selector: string, text: string): Promise<void> {
    const field = host().querySelector<HTMLInputElement>(selector)!;
    field.value = text;
    field.dispatchEvent(new Event('input'));
    await drawn();
  }
  const submit = async (index: number): Promise<void> => {
    const form = host().querySelectorAll('form')[index]!;
    form.dispatchEvent(new Event('submit', { cancelable: true }));
    await drawn();
  };

  it('sends whoever is not signed in to where they can', async () => {
    await show(null);
    expect(host().querySelector('a')!.getAttribute('href')).toBe('/sign-in');
  });

  it('changes the name, and the phrase against the one in use', async () => {
    await show(RUNA);
    const name = host().querySelector<HTMLInputElement>('input[name=name]')!;
    name.value = 'Runa Vik';
    await submit(0);
    expect(api.asked).toEqual([['change', { name: 'Runa Vik' }]]);
    expect(store.selectSignal(accountFeature.selectAccount)()?.name).toBe('Runa Vik');
    await type('input[name=now]', 'lamp over the landing');
    await type('input[name=next]', 'two lamps over it');
    await submit(1);
    expect(api.asked[1]).toEqual([
      'change',
      { phrase: { now: 'lamp over the landing', next: 'two lamps over it' } },
    ]);
  });

  it('says why something was refused, and changes nothing', async () => {
    await show(RUNA);
    const problem = { type: 'about:blank', title: 'No', status: 403, detail: 'Not your phrase.' };
    api.failure = new HttpErrorResponse({ status: 403, error: problem });
    await type('input[name=now]', 'a guess');
    await type('input[name=next]', 'two lamps over it');
    await submit(1);
    await until(() => {
      fixture.detectChanges();
      return host().textContent.includes('Not your phrase.');
    });
    expect(store.selectSignal(accountFeature.selectAccount)()).toEqual(RUNA);
  });

  it('deletes the account only when the phrase is given', async () => {
    await show(RUNA);
    await press('Delete my account');
    const says = host().querySelector('.farewell')!.textContent.replace(/\s+/g, ' ');
    expect(says).toContain('cannot be undone');
    // What of others' goes too is told before it is done.
    expect(says).toContain(
      'With it goes: the group of 14 learners, 3 planned sessions and 1 piece of work that others handed in.',
    );
    await type('input[name=farewell]', 'lamp over the landing');
    await submit(2);
    expect(api.asked).toEqual([['remove', 'lamp over the landing']]);
    expect(went).toEqual([['/sign-in']]);
    expect(store.selectSignal(accountFeature.selectStatus)()).toBe('guest');
  });

  it('signs out here or everywhere', async () => {
    await show(RUNA);
    await press('Sign out everywhere');
    expect(api.asked).toEqual([['everywhere']]);
    expect(store.selectSignal(accountFeature.selectAccount)()).toBeNull();
  });

  it('lists where somebody is signed in, and the codes for coaches, each to be withdrawn', async () => {
    await show(RUNA, 'invited');
    await press('Sign out there');
    // One thing is done after the other.
    await until(() => {
      fixture.detectChanges();
      return host().querySelector('sc-keys button:disabled') === null;
    });
    await press('Withdraw');
    await until(() => api.asked.length === 2);
    expect(api.asked).toEqual([
      ['out of', 'there'],
      ['withdraw', 'HJKMNPRT'],
    ]);
  });

  it('has no codes for coaches where anybody may sign up as one', async () => {
    await show(RUNA);
    expect(host().textContent).toContain('Where you are signed in');
    expect(host().textContent).not.toContain('Codes for other coaches');
  });
});
