import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { Notices } from '../../base/dialogs/notices';
import { provideEffects } from '@ngrx/effects';
import type { Store } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { of, throwError } from 'rxjs';
import { MethodsApi } from './methods-api';
import { GUEST, openStore, until } from '../../app.spec-support';
import { Outbox } from '../../base/outbox/outbox';
import { copied, readerFeature, SettingsPage } from '../settings';
import { MethodsPage } from './methods.actions';
import * as effects from './methods.effects';
import { methodsFeature } from './methods.feature';

describe('one’s own methods', () => {
  let store: Store;
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
  const answer = <T>(value: () => T) => (failure ? throwError(() => failure) : of(value()));

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
      provideEffects(effects),
      { provide: MethodsApi, useValue: api },
      { provide: Notices, useValue: notices },
    ));
    store.dispatch(GUEST);
  });

  const titles = (): string[] =>
    store
      .selectSignal(methodsFeature.selectOwn)()
      .map((one) => one.method.title);

  const ready = (shows: () => boolean): Promise<void> => until(shows);
  const keep = (kept: Partial<SavedMethod['method']> = {}): void =>
    store.dispatch(
      MethodsPage.methodKept({ kept: { method: { ...method, ...kept }, proof: 'proved' } }),
    );

  it('are listed, kept, deleted and brought back', async () => {
    store.dispatch(MethodsPage.opened());
    await ready(() => store.selectSignal(methodsFeature.selectStatus)() === 'reached');
    expect(titles()).toEqual([]);
    keep();
    keep({ id: 'a', title: 'A' });
    await ready(() => titles().join() === 'A,Landing');
    store.dispatch(MethodsPage.deletionAsked({ id: 'landing', title: 'Landing' }));
    await ready(() => titles().join() === 'A');
    undo();
    await ready(() => titles().join() === 'A,Landing');
  });

  it('are used as they were saved last', async () => {
    store.dispatch(SettingsPage.settingChanged({ change: { method } }));
    const better = { ...method, title: 'Landing, second try' };
    store.dispatch(MethodsPage.methodKept({ kept: { method: better, proof: 'proved' } }));
    await ready(() => titles().length === 1);
    expect(store.selectSignal(readerFeature.selectMethod)()).toEqual(better);
  });

  it('wait while the server cannot be reached, and are kept once it can', async () => {
    failure = new HttpErrorResponse({ status: 0 });
    keep();
    await ready(() => store.selectSignal(methodsFeature.selectStatus)() === 'waiting');
    expect([titles(), rows.size]).toEqual([['Landing'], 0]);
    failure = undefined;
    await TestBed.inject(Outbox).flush();
    await ready(() => store.selectSignal(methodsFeature.selectStatus)() === 'reached');
    expect(rows.size).toBe(1);
  });

  it('say why they were refused', async () => {
    const error = { type: 'about:blank', title: 'No', status: 422, detail: 'It has no title.' };
    failure = new HttpErrorResponse({ status: 422, error });
    keep();
    await ready(() => store.selectSignal(methodsFeature.selectFailure)() === 'It has no title.');
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
});
