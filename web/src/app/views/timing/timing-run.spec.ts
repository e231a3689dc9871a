import { TestBed } from '@angular/core/testing';
import { provideState, provideStore, Store } from '@ngrx/store';
import { type Colour, invertMoves, isWholeCube, readMoves, type Turn } from '@sleetcrest/core';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import { keptRun, type Draft } from './kept-run';
import { SimulatedTableTimer } from '../../devices/table-timer/simulated-table-timer';
import { TimingRun } from './timing-run';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { entryFeature } from '../../subjects/cube';

const SCRAMBLE = "R U R' D";
const draft: Draft = {
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101',
  scramble: SCRAMBLE,
  method: 'white-up',
  stage: null,
  stages: ['cross', 'corners', 'middle', 'yellow-cross'],
};

describe('a timed solve', () => {
  let run: TimingRun;
  let table: SimulatedTableTimer;
  let cube: SimulatedCube;

  /** Opens the page, anew where it was open; everything begins with a colour. */
  function open(firstColour: Colour = 'white'): void {
    TestBed.resetTestingModule();
    const providers = [
      TimingRun,
      provideStore(),
      provideState(readerFeature),
      provideState(entryFeature),
    ];
    TestBed.configureTestingModule({ providers });
    const store: Store<object> = TestBed.inject<Store<object>>(Store);
    store.dispatch(SettingsPage.settingChanged({ change: { firstColour } }));
    table = TestBed.inject(SimulatedTableTimer);
    cube = TestBed.inject(SimulatedCube);
    run = TestBed.inject(TimingRun);
  }
  beforeEach(() => {
    localStorage.clear();
    open();
    run.begin(draft);
    run.look.set(false);
  });
  afterEach(() => localStorage.clear());

  const origin = performance.timeOrigin;
  async function start(at: number): Promise<void> {
    await run.connectTable();
    for (const down of [true, false]) {
      table.lay('left', down, origin + at);
      table.lay('right', down, origin + at + 3);
    }
  }
  const stop = (at: number): void => {
    table.lay('left', true, origin + at - 2);
    table.lay('right', true, origin + at);
  };
  const turns = (): Turn[] => {
    const read = readMoves(SCRAMBLE);
    return read.ok ? invertMoves(read.value).filter((move) => !isWholeCube(move)) : [];
  };

  it('is started and stopped by the table timer’s own clock', async () => {
    await start(1000);
    run.happened({ type: 'mark', at: origin + 5000 });
    stop(61_230);
    expect(run.record('grey')).toEqual(
      jasmine.objectContaining({
        id: draft.id,
        time: 60.23,
        outcome: 'finished',
        cube: 'grey',
        scramble: SCRAMBLE,
        splits: [{ stage: 'cross', time: 4, turns: null }],
      }),
    );
  });

  it('has its stages marked and its turns counted by a connected cube', async () => {
    await run.connectCube();
    await start(0);
    turns().forEach((turn, k) => cube.turn(turn, 1000 * (k + 1)));
    stop(5000);
    const record = run.record('')!;
    expect(record.turns).toBe("D' R U' R'");
    expect(record.outcome).toBe('finished');
    // The last stages are done by the same turn.
    expect(record.splits.map(({ stage, time }) => [stage, time])).toEqual([
      ['cross', 4],
      ['corners', 0],
      ['middle', 0],
      ['yellow-cross', 1],
    ]);
    expect(record.splits[0]!.turns).toBe(4);
  });

  it('is not finished when the connected cube is not solved', async () => {
    await run.connectCube();
    await start(0);
    cube.turn(turns()[0]!, 500);
    stop(1000);
    expect(run.record('')!.outcome).toBe('unfinished');
  });

  it('goes on after a reload with what was measured, and the turns told so far', async () => {
    await run.connectCube();
    await start(0);
    cube.turn(turns()[0]!, 700);
    run.happened({ type: 'mark', at: origin + 900 });
    open();
    expect(run.timer()).toEqual(
      jasmine.objectContaining({ phase: 'running', since: origin, marks: [origin + 900] }),
    );
    await run.connectTable();
    for (const turn of turns().slice(1)) cube.turn(turn, 2000);
    stop(3000);
    expect(run.record('')!.turns).toBe("D' R U' R'");
    expect(keptRun.read()!.timer.phase).toBe('stopped');
  });

  it('goes on with the same first colour after a reload', async () => {
    open('yellow');
    run.begin(draft);
    run.look.set(false);
    await run.connectCube();
    await start(0);
    // The yellow cross is whole after the first turn, the white one after the last.
    cube.turn(turns()[0]!, 700);
    open('yellow');
    await run.connectTable();
    for (const turn of turns().slice(1)) cube.turn(turn, 2000);
    stop(3000);
    expect(run.record('')!.splits[0]).toEqual({ stage: 'cross', time: 0.7, turns: 1 });
  });

  it('does not begin when the window is left with both hands down', async () => {
    await run.connectTable();
    table.lay('left', true, origin);
    table.lay('right', true, origin);
    expect(run.ready()).toBeTrue();
    run.letGo();
    expect([run.ready(), run.timer().phase]).toEqual([false, 'idle']);
  });
});
