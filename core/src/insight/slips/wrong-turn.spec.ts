import { HOME_HOLD, STANDARD_SCHEME, type Turn, TURNS } from '../../puzzle/cube/index.js';
import { readMoves } from '../../puzzle/notation/index.js';
import { tellWrongTurn } from './wrong-turn.js';

const moves = (text: string) => {
  const read = readMoves(text);
  if (!read.ok) throw new Error(text);
  return read.value;
};
const tell = (sequence: string, done: number, did: string) =>
  tellWrongTurn(moves(sequence), done, moves(did)[0] as Turn, HOME_HOLD, STANDARD_SCHEME);

describe('the first wrong turn of a sequence', () => {
  it('is told as a slip, with the turn that takes it back', () => {
    expect(tell("R U R' U'", 2, 'R')).toEqual({
      says: 'At turn 3 the right side went the other way.',
      back: moves("R'")[0]!,
    });
    expect(tell("R U R' U'", 1, 'U2').says).toContain('At turn 2 the top went half way round');
    expect(tell("F R U R' U' F'", 2, 'L').says).toMatch(/At turn 3 the left side turned/);
  });

  it('names the place of whatever is turned instead, at the first turn and later', () => {
    for (const done of [0, 1, 2]) {
      for (const did of TURNS) {
        const { says } = tellWrongTurn(moves("R U R'"), done, did, HOME_HOLD, STANDARD_SCHEME);
        expect(says).toMatch(new RegExp(`^(At|Before) turn ${done + 1} .*\\.$`));
      }
    }
    expect(tell("F R U R' U' F'", 0, 'B').says).toContain('At turn 1 the back turned');
  });
});
