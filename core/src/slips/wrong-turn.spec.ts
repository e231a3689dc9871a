import { STANDARD_SCHEME } from '../cube/colours.js';
import { HOME_HOLD } from '../cube/holds.js';
import { TURNS, type Turn } from '../cube/turns.js';
import { readMoves } from '../notation/read.js';
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

  it('has a sentence for whatever is turned instead', () => {
    for (const did of TURNS) {
      const { says } = tellWrongTurn(moves("R U R'"), 1, did, HOME_HOLD, STANDARD_SCHEME);
      expect(says).toMatch(/^[A-Z].*\.$/);
    }
  });
});
