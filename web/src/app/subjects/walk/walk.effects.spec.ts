import { TestBed } from '@angular/core/testing';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import type { CreateSolve, UpdateSolve } from '@sleetcrest/contract';
import type { WalkAsked } from '@sleetcrest/core/engine/run';
import { solverDeeds } from './work/solver-deeds';
import { Solver } from './work/solver';
import { aSaved } from '../../app.spec-support';
import { Outbox } from '../../base/outbox/outbox';
import type { Deeds } from '../../base/outbox/change';
import { FakeOutbox } from '../../base/outbox/outbox.spec-support';
import { DEFAULT_READER } from '../settings/reader';
import { readerFeature, SettingsPage } from '../settings';
import { WalkPage } from './walk.actions';
import * as walkEffects from './walk.effects';
import { walkFeature } from './walk.feature';
import { aRecord } from './walk.spec-support';

describe('keeping a walk', () => {
  let store: Store;
  let outbox: FakeOutbox;
  /** The walk as the server has it. */
  let there = aSaved(1);

  /** Lets what was promised come to pass, while the clock stands. */
  const settle = async (): Promise<void> => {
    for (let k = 0; k < 30; k++) await Promise.resolve();
    // What an answer is read by is fetched with the first.
    await import('./solve-answers');
    for (let k = 0; k < 30; k++) await Promise.resolve();
  };
  const wait = async (milliseconds: number): Promise<void> => {
    jasmine.clock().tick(milliseconds);
    await settle();
  };

  beforeEach(async () => {
    jasmine
      .clock()
      .install()
      .mockDate(new Date(2026, 0, 8));
    there = aSaved(1);
    outbox = new FakeOutbox();
    outbox.answer = (_, id, told) => {
      const deed = told as Deeds['walk'];
      const { from: _from, ...change } = (
        deed.do === 'create' ? deed.solve : deed.do === 'change' ? deed.change : {}
      ) as UpdateSolve & CreateSolve;
      there = { ...(there.id === id ? there : aSaved(2)), ...change };
      return { is: 'kept', answer: there };
    };
    TestBed.configureTestingModule({
      providers: [
        provideStore(),
        provideState(walkFeature),
        provideState(readerFeature),
        provideEffects(walkEffects),
        { provide: Outbox, useValue: outbox },
        {
          provide: Solver,
          useValue: { solve: (plan: WalkAsked) => Promise.resolve(solverDeeds.solve(plan)) },
        },
      ],
    });
    store = TestBed.inject<Store<object>>(Store);
    store.dispatch(WalkPage.walkBegun({ record: aRecord() }));
    await settle();
  });
  afterEach(() => jasmine.clock().uninstall());

  const keeping = () => store.selectSignal(walkFeature.selectKeeping)();
  const position = () => store.selectSignal(walkFeature.selectPosition)()!;
  const told = () => outbox.told.map(([, , deed]) => deed.do);

  it('plans the walk and tells of it once it has settled', async () => {
    expect(store.selectSignal(walkFeature.selectScene)()!.frame).not.toBeNull();
    expect(told()).toEqual([]);
    await wait(600);
    expect(told()).toEqual(['create']);
    expect(keeping()).toBe('kept');
  });

  it('tells only the last of many quick moves, as a change, and from where', async () => {
    await wait(600);
    for (let k = 0; k < 5; k++) store.dispatch(WalkPage.stepChosen({ step: k + 1 }));
    await wait(600);
    const change = { position: { step: 5, turn: 0 }, from: { step: 0, turn: 0 } };
    expect(outbox.told[1]).toEqual(['walk', aRecord().id, { do: 'change', change }]);
    expect(keeping()).toBe('kept');
  });

  it('says when it waits, and hears of it once the server has answered', async () => {
    const { answer } = outbox;
    outbox.answer = () => ({ is: 'waiting' });
    await wait(600);
    expect(keeping()).toBe('unreachable');
    const [change] = outbox.waiting();
    const outcome = answer('walk', aRecord().id, change!.deed);
    outbox.settled.next({ change: change!, outcome });
    await settle();
    expect(keeping()).toBe('kept');
  });

  it('tells of a walk that was left for another too', async () => {
    store.dispatch(WalkPage.walkBegun({ record: aRecord(2) }));
    await wait(600);
    await wait(600);
    expect(outbox.told.map(([, id]) => id)).toEqual([aRecord().id, aRecord(2).id]);
    expect(keeping()).toBe('kept');
  });

  it('tells the position after a repeated creation that answers with an earlier one', async () => {
    const { answer } = outbox;
    outbox.answer = (kind, thing, deed) =>
      deed.do === 'create' ? { is: 'kept', answer: aSaved(1) } : answer(kind, thing, deed);
    store.dispatch(WalkPage.stepChosen({ step: 2 }));
    await wait(600);
    await wait(600);
    expect(told()).toEqual(['create', 'change']);
    expect(there.position).toEqual({ step: 2, turn: 0 });
  });

  it('goes on where another device has walked further', async () => {
    await wait(600);
    outbox.answer = () => ({
      is: 'kept',
      answer: { ...there, position: { step: 9, turn: 0 } },
    });
    store.dispatch(WalkPage.stepChosen({ step: 3 }));
    await wait(600);
    expect(position()).toEqual({ step: 9, turn: 0 });
    expect(keeping()).toBe('kept');
  });

  it('stops when it is refused and says why', async () => {
    outbox.answer = () => ({ is: 'refused', message: 'It was deleted.' });
    await wait(600);
    await wait(60_000);
    expect(told().length).toBe(1);
    expect([keeping(), store.selectSignal(walkFeature.selectRefusal)()]).toEqual([
      'refused',
      'It was deleted.',
    ]);
  });

  describe('and playing it', () => {
    const SECOND = 1000;
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
