import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { Notices } from '../../base/dialogs/notices';
import type { Store } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';
import type { Account } from '@sleetcrest/contract/accounts';
import { methodById } from '@sleetcrest/core';
import { SessionApi } from '../account';
import { MethodsApi } from './methods-api';
import { GUEST, openStore, until } from '../../app.spec-support';
import { Outbox } from '../../base/outbox/outbox';
import { copied, readerFeature, SettingsPage } from '../settings';
import { MethodStore } from './method-store';

describe('one’s own methods', () => {
  let store: Store;
  let methods: InstanceType<typeof MethodStore>;
  let rows: Map<string, SavedMethod>;
  let failure: unknown;
  let undo: () => void;
  /** As which another is kept beside one, while that is so. */
  let beside: SavedMethod | undefined;
  let said: string;

  const method = {
    ...(copied(methodById('gentle')!) as SavedMethod['method']),
    id: 'landing',
    title: 'Landing',
  };
  const at = '2026-11-05T18:30:00.000Z';
  const saved = ({ method, proof }: KeepMethod): SavedMethod => ({
    method,
    proof,
    createdAt: at,
    updatedAt: at,
  });
  const answer = async <T>(value: () => T): Promise<T> => {
    if (failure) throw failure as Error;
    return value();
  };

  beforeEach(() => {
    rows = new Map();
    failure = beside = undefined;
    let gone: SavedMethod | undefined;
    const api = {
      list: () => answer(() => [...rows.values()]),
      keep: (kept: KeepMethod) =>
        answer(() => {
          const answered = beside ?? saved(kept);
          rows.set(answered.method.id, answered);
          return answered;
        }),
      remove: (id: string) =>
        answer(() => {
          gone = rows.get(id);
          rows.delete(id);
          return null;
        }),
      restore: (id: string) =>
        answer(() => {
          rows.set(id, gone!);
          return gone!;
        }),
    };
    const notices = {
      say: (says: string) => void (said = says),
      offerUndo: (_: string, then: () => void) => void (undo = then),
    };
    ({ store } = openStore(
      { provide: MethodsApi, useValue: api },
      { provide: Notices, useValue: notices },
    ));
    store.dispatch(GUEST);
    methods = TestBed.inject(MethodStore);
  });

  const titles = (): string[] => methods.own().map((one) => one.method.title);

  const ready = (shows: () => boolean): Promise<void> => until(shows);
  const keep = (kept: Partial<SavedMethod['method']> = {}): void =>
    void methods.keep({ method: { ...method, ...kept }, proof: 'proved' });

  it('are listed, kept, deleted and brought back', async () => {
    void methods.list();
    await ready(() => methods.status() === 'reached');
    expect(titles()).toEqual([]);
    keep();
    keep({ id: 'a', title: 'A' });
    await ready(() => titles().join() === 'A,Landing');
    void methods.remove('landing', 'Landing');
    await ready(() => titles().join() === 'A');
    undo();
    await ready(() => titles().join() === 'A,Landing');
  });

  it('are used as they were saved last', async () => {
    store.dispatch(SettingsPage.settingChanged({ change: { method } }));
    const better = { ...method, title: 'Landing, second try' };
    void methods.keep({ method: better, proof: 'proved' });
    await ready(() => titles().length === 1);
    expect(store.selectSignal(readerFeature.selectMethod)()).toEqual(better);
  });

  it('wait while the server cannot be reached, and are kept once it can', async () => {
    failure = new HttpErrorResponse({ status: 0 });
    keep();
    await ready(() => methods.status() === 'waiting');
    expect([titles(), rows.size]).toEqual([['Landing'], 0]);
    failure = undefined;
    await TestBed.inject(Outbox).flush();
    await ready(() => methods.status() === 'reached');
    expect(rows.size).toBe(1);
  });

  it('say why they were refused', async () => {
    const error = { type: 'about:blank', title: 'No', status: 422, detail: 'It has no title.' };
    failure = new HttpErrorResponse({ status: 422, error });
    keep();
    await ready(() => methods.failure() === 'It has no title.');
    expect(titles()).toEqual([]);
  });

  it('are both there where another device changed one too', async () => {
    keep();
    await ready(() => titles().length === 1);
    const there = saved({ method: { ...method, title: 'From there' }, proof: 'proved' });
    rows.set('landing', there);
    beside = saved({ method: { ...method, id: 'landing-2', title: 'Mine' }, proof: 'proved' });
    keep({ title: 'Mine' });
    await ready(() => titles().join() === 'From there,Mine');
    expect(said).toContain('yours is kept as “Mine”');
  });

  it('are nothing to whoever is here next, and asked for anew', async () => {
    keep();
    await ready(() => titles().length === 1);
    const account = { id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e102', name: 'Teo', role: 'learner' };
    rows.clear();
    const session = { account: account as Account, demo: [] };
    store.dispatch(SessionApi.signedIn({ session }));
    expect([titles(), methods.status()]).toEqual([[], 'idle']);
    methods.want();
    await ready(() => methods.status() === 'reached');
    expect(titles()).toEqual([]);
  });
});
