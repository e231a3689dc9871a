import { HttpErrorResponse } from '@angular/common/http';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import type { Store } from '@ngrx/store';
import type { Session, SignUp } from '@sleetcrest/contract/accounts';
import { openStore, until } from '../../app.spec-support';
import { AccountApi, accountFeature, SessionApi } from '../../subjects/account';
import { SignIn } from './sign-in';

describe('signing in', () => {
  let fixture: ComponentFixture<SignIn>;
  let store: Store;
  let went: unknown[][];
  let asked: object[];
  let answer: () => Promise<Session>;

  beforeEach(async () => {
    asked = [];
    const ask = (given: object): Promise<Session> => {
      asked.push(given);
      return answer();
    };
    ({ store, went } = openStore({
      provide: AccountApi,
      useValue: { signIn: ask, signUp: ask },
    }));
    const account = { id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101', name: 'Runa', role: 'coach' };
    answer = async () => ({ account: account as never, demo: [] });
    fixture = TestBed.createComponent(SignIn);
    fixture.detectChanges();
    // The fields are known to the form a moment later.
    await fixture.whenStable();
  });

  const host = (): HTMLElement => fixture.nativeElement as HTMLElement;
  async function type(name: string, text: string): Promise<void> {
    const field = host().querySelector<HTMLInputElement>(`input[name=${name}]`)!;
    field.value = text;
    field.dispatchEvent(new Event('input'));
    await fixture.whenStable();
    fixture.detectChanges();
  }
  const press = (name: string): void => {
    [...host().querySelectorAll('button')].find((one) => one.textContent.includes(name))!.click();
    fixture.detectChanges();
  };
  const submit = async (): Promise<void> => {
    host()
      .querySelector('form')!
      .dispatchEvent(new Event('submit', { cancelable: true }));
    await fixture.whenStable();
    fixture.detectChanges();
  };

  it('takes a name and a phrase, and leads a coach to the table', async () => {
    await type('name', 'Runa');
    await type('phrase', 'whatever it is');
    await submit();
    expect(asked).toEqual([{ name: 'Runa', phrase: 'whatever it is' }]);
    expect(store.selectSignal(accountFeature.selectAccount)()?.name).toBe('Runa');
    expect(went).toEqual([['/table']]);
  });

  it('says what is wrong before asking, when an account is made', async () => {
    press('I am new here');
    await type('name', 'Teo');
    await type('phrase', 'short');
    await submit();
    expect(host().querySelector('[role=alert]')!.textContent).toContain('at least 10 characters');
    expect(asked).toEqual([]);
    await type('phrase', 'three words here');
    await submit();
    expect(asked).toEqual([
      { name: 'Teo', phrase: 'three words here', role: 'learner' } satisfies SignUp,
    ]);
  });

  it('says so when they do not belong together', async () => {
    const problem = { type: 'about:blank', title: 'No', status: 401, detail: 'They do not.' };
    answer = async () => {
      throw new HttpErrorResponse({ status: 401, error: problem });
    };
    await type('name', 'Runa');
    await type('phrase', 'a guess');
    await submit();
    await until(() => host().textContent.includes('They do not.'));
    expect(went).toEqual([]);
  });

  it('shows the people of the demo where there are any', async () => {
    expect(host().querySelector('.demo')).toBeNull();
    const runa = { name: 'Runa', phrase: 'lamp over it', role: 'coach' as const, about: 'coach' };
    store.dispatch(SessionApi.sessionTold({ session: { account: null, demo: [runa] } }));
    fixture.detectChanges();
    press('Enter as Runa');
    expect(asked).toEqual([{ name: 'Runa', phrase: 'lamp over it' }]);
  });
});
