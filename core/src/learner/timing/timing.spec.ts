import { turnOf, UP } from '../../puzzle/cube/index.js';
import { cubeBy, turns } from '../../core.spec-support.js';
import { lookCue } from './cues.js';
import { SolveWatch } from './solve-watch.js';
import {
  IDLE,
  isReady,
  secondsBetween,
  splitsOf,
  timed,
  type TimerEvent,
  type TimerOptions,
  type TimerState,
} from './timer.js';
import fc from 'fast-check';

const OPTIONS: TimerOptions = { stages: 3, look: true };

const after = (events: readonly TimerEvent[], options = OPTIONS): TimerState =>
  events.reduce((state, event) => timed(state, event, options), IDLE);

const hand = (hand: 'left' | 'right', down: boolean, at: number): TimerEvent => ({
  type: 'hand',
  hand,
  down,
  at,
});
const both = (down: boolean, at: number): TimerEvent[] => [
  hand('left', down, at),
  hand('right', down, at + 5),
];
const LOOK: TimerEvent = { type: 'look', at: 0 };

describe('the timer', () => {
  it('starts when the first of both hands leaves it, and stops when both are back', () => {
    const state = after([LOOK, ...both(true, 900), ...both(false, 1000), ...both(true, 61_230)]);
    expect(state).toEqual(
      jasmine.objectContaining({ phase: 'stopped', since: 1000, until: 61_235 }),
    );
    expect(secondsBetween(1000, 61_235)).toBe(60.24);
  });

  it('does not start by one hand, nor before the look where one is wanted', () => {
    expect(after([LOOK, hand('left', true, 1), hand('left', false, 2)]).phase).toBe('looking');
    expect(after([...both(true, 1), ...both(false, 2)]).phase).toBe('idle');
    const without = { ...OPTIONS, look: false };
    expect(after([...both(true, 1), ...both(false, 2)], without).phase).toBe('running');
    expect(isReady(after(both(true, 1), without), without)).toBeTrue();
  });

  it('does not stop by a hand that came back while the other had never left', () => {
    const begun = [LOOK, ...both(true, 1), hand('left', false, 10)];
    expect(after([...begun, hand('left', true, 12)]).phase).toBe('running');
    expect(after([...begun, hand('right', false, 20), ...both(true, 30)]).phase).toBe('stopped');
  });

  it('marks each stage but the last, takes a mark back, and passes over none', () => {
    const running = [LOOK, ...both(true, 1), ...both(false, 10)];
    const mark = (at: number): TimerEvent => ({ type: 'mark', at });
    const marks = (events: TimerEvent[]) => {
      const state = after([...running, ...events]);
      return state.phase === 'running' ? state.marks : null;
    };
    expect(marks([mark(20), mark(30), mark(40)])).toEqual([20, 30]);
    expect(marks([mark(20), { type: 'unmark' }, mark(25)])).toEqual([25]);
    expect(
      marks([
        { type: 'done', stages: 2, at: 50 },
        { type: 'done', stages: 1, at: 60 },
      ]),
    ).toEqual([50, 50]);
  });

  it('never runs without having been started by both hands, whatever comes', () => {
    const event = fc.oneof(
      fc.record({
        type: fc.constant('hand' as const),
        hand: fc.constantFrom('left' as const, 'right' as const),
        down: fc.boolean(),
        at: fc.nat(1000),
      }),
      fc.constantFrom<TimerEvent>({ type: 'mark', at: 5 }, LOOK, { type: 'unmark' }),
    );
    fc.assert(
      fc.property(fc.array(event, { maxLength: 30 }), (events) => {
        let state = IDLE;
        for (const one of events) {
          const next = timed(state, one, OPTIONS);
          if (next.phase === 'running' && state.phase !== 'running') {
            expect(isReady(state, OPTIONS)).toBeTrue();
          }
          if (next.phase === 'stopped' && state.phase !== 'stopped') {
            expect(next.hands).toEqual({ left: true, right: true });
          }
          state = next;
        }
      }),
    );
  });

  it('gives stages that add up to the whole, to the hundredth', () => {
    fc.assert(
      fc.property(fc.nat(90_000), fc.nat(90_000), fc.nat(90_000), (a, b, c) => {
        const [first, second, until] = [a, a + b, a + b + c];
        const splits = splitsOf(['daisy', 'cross', 'corners'], {
          since: 0.37,
          until: until + 0.37,
          marks: [first + 0.37, second + 0.37],
        });
        const sum = splits.reduce((total, { time }) => total + Math.round(time * 100), 0);
        expect(sum).toBe(Math.round(secondsBetween(0.37, until + 0.37) * 100));
      }),
    );
  });

  it('tells no stage whose end was not marked', () => {
    const whole = { since: 0, until: 9000, marks: [4000] };
    expect(splitsOf(['daisy', 'cross', 'corners'], whole)).toEqual([
      { stage: 'daisy', time: 4, turns: null },
    ]);
  });

  it('counts a look down, and says calmly when it is over', () => {
    expect([0, 11_000, 14_500, 16_000].map((passed) => lookCue(passed, 15).says)).toEqual([
      'look',
      'soon',
      'begin',
      'over',
    ]);
    expect(lookCue(14_500, 15).left).toBe(1);
    expect(lookCue(99_000, 15)).toEqual({ left: 0, share: 0, says: 'over' });
  });
});

describe('a watched solve', () => {
  it('tells when stages are done, in their order, and keeps them done', () => {
    const watch = new SolveWatch(cubeBy("R U R'"), ['cross', 'corners', 'middle'], UP);
    // White is up: the three turns take a corner and an edge out; turned back, all is done.
    const done = turns("R U' R'").map((turn) => watch.turned(turn));
    expect(done).toEqual([0, 0, 3]);
    expect(watch.turnCounts()).toEqual([3, 0, 0]);
    watch.turned(turnOf(UP, 1));
    expect(watch.stagesDone).toBe(3);
    expect(watch.isDone).toBeTrue();
  });
});
