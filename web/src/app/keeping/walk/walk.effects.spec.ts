import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import type { CreateSolve, UpdateSolve } from '@sleetcrest/contract';
import type { Plan } from '@sleetcrest/core/methods';
import { of, throwError, type Observable } from 'rxjs';
import { SolvesApi } from '../../sending/solves-api';
import { DEFAULT_READER } from '../reader/reader';
import { readerFeature, SettingsPage } from '../reader/reader.feature';
import { solverDeeds } from '../../asking/solver/planned';
import { Solver as SolverService } from '../../asking/solver/solver';
import { Keeping, WalkPage } from './walk.actions';
import * as walkEffects from './walk.effects';
import { walkFeature } from './walk.feature';
import { aRecord } from './walk.spec-support';

/** Stands for the server: remembers what it was asked, and answers as told. */
class FakeApi {
  asked: [string, CreateSolve | UpdateSolve][] = [];
  failures: HttpErrorResponse[] = [];
  held = aRecord();

  private answer(name: string, body: CreateSolve | UpdateSolve): Observable<unknown> {
    this.asked.push([name, body]);
    const failure = this.failures.shift();
    if (failure) return throwError(() => failure);
    Object.assign(this.held, body);
    return of(this.held);
  }

  create = (solve: CreateSolve) => this.answer('create', solve);
  update = (_: string, change: UpdateSolve) => this.answer('update', change);
}

describe('keeping a walk', () => {
  let store: Store;
  let api: FakeApi;

  beforeEach(async () => {
    jasmine
      .clock()
      .install()
      .mockDate(new Date(2026, 0, 8));
    api = new FakeApi();
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(walkFeature),
        provideState(readerFeature),
        provideEffects(walkEffects),
        { provide: SolvesApi, useValue: api },
        {
          provide: SolverService,
          useValue: { solve: (plan: Plan) => Promise.resolve(solverDeeds.solve(plan)) },
        },
      ],
    });
    store = TestBed.inject(Store);
    store.dispatch(WalkPage.walkBegun({ record: aRecord() }));
    await Promise.resolve().then(() => undefined);
  });
  afterEach(() => jasmine.clock().uninstall());

  const keeping = () => store.selectSignal(walkFeature.selectKeeping)();
  const unreachable = () => new HttpErrorResponse({ status: 0 });

  it('plans the walk and sends the record once it has settled', () => {
    expect(store.selectSignal(walkFeature.selectScene)()!.frame).not.toBeNull();
    expect(api.asked).toEqual([]);
    jasmine.clock().tick(600);
    expect(api.asked.map(([name]) => name)).toEqual(['create']);
    expect(keeping()).toBe('kept');
  });

  it('sends only the last of many quick moves, as a change', () => {
    jasmine.clock().tick(600);
    for (let k = 0; k < 5; k++) store.dispatch(WalkPage.stepChosen({ step: k + 1 }));
    jasmine.clock().tick(600);
    expect(api.asked.slice(1)).toEqual([['update', { position: { step: 5, turn: 0 } }]]);
    expect(keeping()).toBe('kept');
  });

  it('tries again while the server cannot be reached, with what is wanted by then', () => {
    api.failures = [unreachable(), unreachable()];
    jasmine.clock().tick(600);
    expect(keeping()).toBe('unreachable');
    store.dispatch(WalkPage.stepChosen({ step: 3 }));
    jasmine.clock().tick(20_000);
    expect(keeping()).toBe('kept');
    expect(api.held.position).toEqual({ step: 3, turn: 0 });
  });

  it('keeps a walk that was left for another while nobody answered', () => {
    api.failures = [unreachable()];
    jasmine.clock().tick(600);
    store.dispatch(WalkPage.walkBegun({ record: aRecord(2) }));
    jasmine.clock().tick(20_000);
    const kept = api.asked.slice(1).map(([name, body]) => [name, body.name]);
    expect(kept).toEqual([
      ['create', 'Cube 1'],
      ['create', 'Cube 2'],
    ]);
    expect(keeping()).toBe('kept');
  });

  it('tries again at once when the browser is back on the network', () => {
    api.failures = [unreachable()];
    jasmine.clock().tick(600);
    expect(api.asked.length).toBe(1);
    window.dispatchEvent(new Event('online'));
    expect(api.asked.length).toBe(2);
  });

  it('sends the position after a repeated creation that answers with an earlier one', () => {
    api.create = () => of({ ...aRecord(), position: { step: 0, turn: 0 } });
    store.dispatch(WalkPage.stepChosen({ step: 2 }));
    jasmine.clock().tick(1200);
    expect(api.asked).toEqual([['update', { position: { step: 2, turn: 0 } }]]);
  });

  it('stops when it is refused and says why', () => {
    const error = { type: 'about:blank', title: 'Gone', status: 404, detail: 'It was deleted.' };
    api.failures = [new HttpErrorResponse({ status: 404, error })];
    jasmine.clock().tick(60_000);
    expect(api.asked.length).toBe(1);
    expect([keeping(), store.selectSignal(walkFeature.selectRefusal)()]).toEqual([
      'refused',
      'It was deleted.',
    ]);
    store.dispatch(Keeping.serverUnreachable());
    expect(keeping()).toBe('unreachable');
  });

  describe('and playing it', () => {
    const SECOND = 1000;
    const position = () => store.selectSignal(walkFeature.selectPosition)()!;
    beforeEach(() => {
      const change = { ...DEFAULT_READER, secondsPerTurn: 1 };
      store.dispatch(SettingsPage.settingChanged({ change }));
      store.dispatch(WalkPage.playToggled());
    });

    it('does one turn at the reader’s pace, and none once it is paused', () => {
      jasmine.clock().tick(0.9 * SECOND);
      expect(position()).toEqual({ step: 0, turn: 0 });
      jasmine.clock().tick(0.2 * SECOND);
      expect(position()).toEqual({ step: 0, turn: 1 });
      store.dispatch(WalkPage.playToggled());
      jasmine.clock().tick(10 * SECOND);
      expect(position()).toEqual({ step: 0, turn: 1 });
    });

    it('waits longer where a stage is to be checked', () => {
      const scene = () => store.selectSignal(walkFeature.selectScene)()!;
      const { frames } = scene().timeline;
      const step = frames.findIndex((frame) => frame.step.completes === 'daisy');
      store.dispatch(WalkPage.stepChosen({ step }));
      while (position().turn < frames[step]!.moves.length) store.dispatch(WalkPage.turnDone());
      store.dispatch(WalkPage.playToggled());
      jasmine.clock().tick(4.5 * SECOND);
      expect(position().step).toBe(step);
      jasmine.clock().tick(SECOND);
      expect(position()).toEqual({ step: step + 1, turn: 0 });
    });
  });
});
