import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { MatSnackBar } from '@angular/material/snack-bar';
import { provideEffects } from '@ngrx/effects';
import type { Store } from '@ngrx/store';
import type { KeepMethod, SavedMethod } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { of, throwError } from 'rxjs';
import { MethodsApi } from '../../sending/methods-api';
import { openStore } from '../../app.spec-support';
import { copied } from '../reader/reader';
import { readerFeature, SettingsPage } from '../reader/reader.feature';
import { MethodsPage } from './methods.actions';
import * as effects from './methods.effects';
import { methodsFeature } from './methods.feature';

describe('one’s own methods', () => {
  let store: Store;
  let rows: Map<string, SavedMethod>;
  let failure: unknown;
  let undo: () => void;

  const method = {
    ...(copied(methodById('gentle')!) as SavedMethod['method']),
    id: 'landing',
    title: 'Landing',
  };
  const at = '2026-11-05T18:30:00.000Z';
  const saved = (kept: KeepMethod): SavedMethod => ({ ...kept, createdAt: at, updatedAt: at });
  const answer = <T>(value: () => T) => (failure ? throwError(() => failure) : of(value()));

  beforeEach(() => {
    rows = new Map();
    failure = undefined;
    let gone: SavedMethod | undefined;
    const api = {
      list: () => answer(() => [...rows.values()]),
      keep: (kept: KeepMethod) =>
        answer(() => {
          rows.set(kept.method.id, saved(kept));
          return saved(kept);
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
    const bar = {
      open: () => ({ onAction: () => ({ subscribe: (done: () => void) => (undo = done) }) }),
    };
    ({ store } = openStore(
      provideEffects(effects),
      { provide: MethodsApi, useValue: api },
      { provide: MatSnackBar, useValue: bar },
    ));
    TestBed.inject(MethodsApi);
  });

  const titles = (): string[] =>
    store
      .selectSignal(methodsFeature.selectOwn)()
      .map((one) => one.method.title);

  it('are listed, kept, deleted and brought back', () => {
    store.dispatch(MethodsPage.opened());
    expect(titles()).toEqual([]);
    store.dispatch(MethodsPage.methodKept({ kept: { method, proof: 'proved' } }));
    store.dispatch(
      MethodsPage.methodKept({
        kept: { method: { ...method, id: 'a', title: 'A' }, proof: 'proved' },
      }),
    );
    expect(titles()).toEqual(['A', 'Landing']);
    store.dispatch(MethodsPage.methodDeleted({ id: 'landing', title: 'Landing' }));
    expect(titles()).toEqual(['A']);
    undo();
    expect(titles()).toEqual(['A', 'Landing']);
  });

  it('are used as they were saved last', () => {
    store.dispatch(SettingsPage.settingChanged({ change: { method } }));
    const better = { ...method, title: 'Landing, second try' };
    store.dispatch(MethodsPage.methodKept({ kept: { method: better, proof: 'proved' } }));
    expect(store.selectSignal(readerFeature.selectMethod)()).toEqual(better);
  });

  it('say why they were not kept, and stay as they are', () => {
    store.dispatch(MethodsPage.methodKept({ kept: { method, proof: 'proved' } }));
    failure = new HttpErrorResponse({ status: 0 });
    store.dispatch(MethodsPage.methodDeleted({ id: 'landing', title: 'Landing' }));
    expect(store.selectSignal(methodsFeature.selectFailure)()).toMatch(/cannot be reached/);
    expect(titles()).toEqual(['Landing']);
  });
});
