import * as fc from 'fast-check';
import { type Turn, TURNS } from '../../puzzle/cube/index.js';
import { type Move, readMoves } from '../../puzzle/notation/index.js';
import { led } from './index.js';

describe('a sequence done turn by turn', () => {
  const moves = (text: string): readonly Move[] => {
    const read = readMoves(text);
    return read.ok ? read.value : [];
  };
  const after = (sequence: string, told: string): led.LedState =>
    moves(told).reduce<led.LedState>(
      (state, turn, k) => led.turned(state, turn as Turn, 1000 * (k + 1)),
      led.begun(moves(sequence), 0),
    );

  it('goes on at the turn meant, with turns of the whole cube by themselves, and ends with its time', () => {
    expect(after("y R U'", "R U'")).toEqual(
      jasmine.objectContaining({ done: 3, slips: 0, seconds: 2 }),
    );
    expect(after("y R U'", 'R').seconds).toBeNull();
  });

  it('takes a half turn as two quarters to one side, and as no others', () => {
    for (const [told, done] of [
      ['R2', 1],
      ['R R', 1],
      ["R' R'", 1],
      ["R R'", 0],
      ['R U', 0],
      // What was half done counts no more once another turn came between.
      ['R U R', 0],
      ['R U R R', 1],
      ["R U R'", 0],
    ] as const) {
      expect(after('R2 U', told).done).withContext(told).toBe(done);
    }
    expect(after('R2 U', 'R U R')).toEqual(
      jasmine.objectContaining({ partly: 1, slips: 1, isWrong: false }),
    );
  });

  it('tells a wrong turn, stays where it was, and counts it', () => {
    expect(after('R U', 'R D')).toEqual(
      jasmine.objectContaining({ done: 1, slips: 1, isWrong: true }),
    );
    expect(after('R U', 'R D U')).toEqual(
      jasmine.objectContaining({ done: 2, slips: 1, isWrong: false }),
    );
  });

  it('is done without a slip by its own turns alone, whatever they are', () => {
    const turns = fc.array(fc.integer({ min: 0, max: TURNS.length - 1 }), { minLength: 1 });
    fc.assert(
      fc.property(turns, (sequence) => {
        const all = sequence as unknown as Turn[];
        const begun = led.begun(all, 0);
        const end = all.reduce<led.LedState>((state, turn) => led.turned(state, turn, 500), begun);
        expect([end.slips, end.seconds]).toEqual([0, 0.5]);
      }),
    );
  });
});
