import { provideHttpClient } from '@angular/common/http';
import { provideHttpClientTesting } from '@angular/common/http/testing';
import { inject, type EnvironmentProviders, type Provider } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { provideServiceWorker } from '@angular/service-worker';
import { provideRouter, Router } from '@angular/router';
import { provideState, provideStore, Store, type Action } from '@ngrx/store';
import type { CreateSolve, SavedSolve } from '@sleetcrest/contract';
import { accountFeature, SessionApi } from './subjects/account';
import { entryFeature } from './subjects/cube';
import { walkFeature } from './subjects/walk';
import type { Solver } from './subjects/walk/work';
import { readerFeature, SettingsPage, taughtFeature } from './subjects/settings';
import { aRecord } from './subjects/walk/walk.spec-support';
import { DEFAULT_READER } from './subjects/settings/reader';
import { solverDeeds } from './subjects/walk/work/solver-deeds';
import { provideSenders } from './frame/senders';
import { Held } from './base/reading/held';
import { MemoryHeld } from './base/reading/held.spec-support';
import { OutboxStore } from './base/outbox/outbox-store';
import { MemoryStore } from './base/outbox/outbox.spec-support';
import { WHOSE } from './base/outbox/whose';
import { provideIcons } from './ui/icons';

/** Nobody is signed in, and that is known. */
export const GUEST = SessionApi.sessionTold({ session: { account: null, demo: [] } });

/** The store with every feature, a router that goes nowhere, and what else a spec needs. */
export function openStore(...providers: (Provider | EnvironmentProviders)[]): {
  store: Store;
  went: unknown[][];
} {
  localStorage.clear();
  TestBed.configureTestingModule({
    providers: [
      provideStore(),
      provideState(readerFeature),
      provideState(taughtFeature),
      provideState(entryFeature),
      provideState(walkFeature),
      provideState(accountFeature),
      { provide: WHOSE, useFactory: () => inject(Store).selectSignal(accountFeature.selectWhose) },
      provideSenders(),
      { provide: OutboxStore, useClass: MemoryStore },
      { provide: Held, useClass: MemoryHeld },
      provideHttpClient(),
      provideHttpClientTesting(),
      provideServiceWorker('', { enabled: false }),
      provideRouter([]),
      provideIcons(),
      ...providers,
    ],
  });
  const store: Store<object> = TestBed.inject<Store<object>>(Store);
  store.dispatch(SettingsPage.settingChanged({ change: DEFAULT_READER }));
  const went: unknown[][] = [];
  TestBed.inject(Router).navigate = (commands) => {
    went.push([...(commands as readonly unknown[])]);
    return Promise.resolve(true);
  };
  return { store, went };
}

/** Solves without a worker. */
export const fakeSolver = (): Pick<Solver, 'solve' | 'stages'> => ({
  solve: (plan) => Promise.resolve(solverDeeds.solve(plan)),
  stages: (method) => Promise.resolve(solverDeeds.stages(method)),
});

/** Presses the action of the notice that shows, once it does. */
export async function pressNotice(name: string, draw: () => void): Promise<void> {
  const action = (): HTMLButtonElement | undefined =>
    [...document.querySelectorAll<HTMLButtonElement>('mat-snack-bar-container button')].at(-1);
  await until(() => {
    draw();
    return action()?.textContent.includes(name) ?? false;
  });
  action()!.click();
}

/** All actions dispatched from now on. */
export function listen(store: Store): Action[] {
  const actions: Action[] = [];
  const dispatch = store.dispatch.bind(store);
  store.dispatch = ((action: Action) => {
    actions.push(action);
    dispatch(action);
  }) as typeof store.dispatch;
  return actions;
}

/** A solve as the server tells it. */
export const aSaved = (seed: number, change: Partial<SavedSolve> = {}): SavedSolve => ({
  ...aRecord(seed),
  stepCount: 25,
  turnCount: 140,
  createdAt: '2026-01-08T18:30:00.000Z',
  updatedAt: '2026-01-08T18:30:00.000Z',
  ...change,
});

/** Stands for the server: a list of solves, or a failure while one is set. */
export class FakeSolves {
  failure: unknown;
  asked: string[] = [];

  constructor(readonly solves: SavedSolve[]) {}

  private async answer<T>(asked: string, value: () => T): Promise<T> {
    this.asked.push(asked);
    if (this.failure) throw this.failure as Error;
    return value();
  }

  private find = (id: string): SavedSolve => this.solves.find((solve) => solve.id === id)!;

  list = (page: number, size: number) =>
    this.answer(`list ${page}`, () => ({
      items: this.solves.slice((page - 1) * size, page * size),
      page,
      size,
      total: this.solves.length,
    }));
  read = (id: string) => this.answer(`read ${id}`, () => this.find(id));
  create = (solve: CreateSolve) =>
    this.answer(`create ${solve.id}`, () => ({ ...aSaved(1), ...solve }));
  update = (id: string, change: Partial<SavedSolve>) =>
    this.answer(`update ${id}`, () => ({ ...this.find(id), ...change }));
  remove = (id: string) => this.answer(`remove ${id}`, () => null);
  restore = (id: string) => this.answer(`restore ${id}`, () => this.find(id));
}

/** Presses a key on the page. */
export const press = (key: string, more: KeyboardEventInit = {}): void => {
  document.body.dispatchEvent(
    new KeyboardEvent('keydown', {
      key,
      code: key === ' ' ? 'Space' : '',
      bubbles: true,
      cancelable: true,
      ...more,
    }),
  );
};

/** Milliseconds, less than a spec may take: a busy machine is slow. */
const PATIENCE = 15_000;

/** Waits, picture by picture, until something holds; says what it waited for if it never does. */
export async function until(holds: () => boolean): Promise<void> {
  const begun = performance.now();
  let held = holds();
  for (; !held; held = holds()) {
    if (performance.now() - begun > PATIENCE) {
      throw new Error(`waited ${PATIENCE / 1000} s in vain until ${holds.toString()}`);
    }
    await new Promise((resolve) => requestAnimationFrame(resolve));
  }
  expect(held).toBeTrue();
}
