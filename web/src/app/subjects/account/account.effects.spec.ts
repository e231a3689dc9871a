import { provideHttpClient } from '@angular/common/http';
import {
  HttpTestingController,
  provideHttpClientTesting,
  type TestRequest,
} from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import type { Action } from '@ngrx/store';
import { lastValueFrom, Subject, type Subscription } from 'rxjs';
import { until } from '../../app.spec-support';
import { Held } from '../../base/reading/held';
import { SessionApi } from './account.actions';
import { holdSession, tellSession } from './account.effects';
import { accountFeature } from './account.feature';

describe('who is signed in', () => {
  let http: HttpTestingController;
  let told: Action[];
  let listening: Subscription;
  const session = { account: null, demo: [] };

  beforeEach(async () => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(), provideHttpClientTesting()],
    });
    await TestBed.inject(Held).forget();
    http = TestBed.inject(HttpTestingController);
    told = [];
    listening = TestBed.runInInjectionContext(() =>
      tellSession().subscribe((action) => told.push(action)),
    );
  });
  afterEach(() => listening.unsubscribe());

  /** The next request of its kind, once it has been sent. */
  const asked = async (what: { method: string; url: string }): Promise<TestRequest> => {
    let sent: TestRequest[] = [];
    await until(() => (sent = http.match(what)).length === 1);
    return sent[0]!;
  };

  it('is asked as the application begins', async () => {
    http.expectOne('/api/session').flush(session);
    await until(() => told.length === 1);
    expect(told).toEqual([SessionApi.sessionTold({ session })]);
  });

  it('is nobody for who left before choosing a phrase of their own: they sign in anew', async () => {
    const bo = { id: '0b8f2a60-36a1-4d0b-9a0e-1d6b0a6a4c11', name: 'Bo', role: 'learner' };
    http.expectOne('/api/session').flush({ account: bo, begins: true, demo: [] });
    const left = await asked({ method: 'DELETE', url: '/api/session' });
    expect(told).toEqual([]);
    left.flush(session);
    await until(() => told.length === 1);
    expect(told).toEqual([SessionApi.sessionTold({ session })]);
  });

  it('is asked again once the browser is back on the network', async () => {
    http.expectOne('/api/session').error(new ProgressEvent('error'));
    await until(() => told.length === 1);
    expect(told).toEqual([SessionApi.sessionUnknown()]);
    window.dispatchEvent(new Event('online'));
    http.expectOne('/api/session').flush(session);
    await until(() => told.length === 2);
    expect(told[1]).toEqual(SessionApi.sessionTold({ session }));
  });

  it('is whoever was here last while nobody answers', async () => {
    const account = { id: 'a', name: 'Teo', role: 'learner' as const };
    await TestBed.inject(Held).hold('session', { account, demo: [] });
    http.expectOne('/api/session').error(new ProgressEvent('error'));
    await until(() => told.length === 1);
    expect(told).toEqual([SessionApi.sessionTold({ session: { account, demo: [] } })]);
  });

  it('leaves nothing that is held for whoever is here next', async () => {
    const held = TestBed.inject(Held);
    const somebody = (id: string) =>
      SessionApi.signedIn({
        session: { account: { id, name: id, role: 'learner' }, demo: [] },
      });
    const actions = new Subject<Action>();
    const holding = TestBed.runInInjectionContext(() => holdSession(actions as never, held));
    const done = lastValueFrom(holding, { defaultValue: undefined });
    actions.next(somebody('a'));
    await held.hold('methods', ['of a']);
    actions.next(somebody('a'));
    actions.next(somebody('b'));
    actions.complete();
    await done;
    const session = await held.last<{ account: { id: string } }>('session');
    expect(session?.account.id).toBe('b');
    expect(await held.last('methods')).toBeUndefined();
  });

  it('is a guest, somebody, or not known yet', () => {
    const { reducer } = accountFeature;
    const unknown = reducer(undefined, { type: 'nothing' });
    expect(unknown.status).toBe('unknown');
    const guest = reducer(unknown, SessionApi.sessionTold({ session }));
    expect(guest.status).toBe('guest');
    const account = {
      id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101',
      name: 'Teo',
      role: 'learner' as const,
    };
    const within = reducer(guest, SessionApi.signedIn({ session: { account, demo: [] } }));
    expect([within.status, within.account]).toEqual(['signed-in', account]);
    expect(reducer(within, SessionApi.sessionUnknown())).toEqual(within);
  });
});
