import { readable } from '../../insight/claims/readable.js';
import { moves } from '../../core.spec-support.js';
import {
  COLOURS,
  FRONT,
  HOLDS,
  HOME_HOLD,
  pieceColours,
  PLACES,
  sideInHold,
  solvedCube,
  UP,
} from '../cube/index.js';
import { type HeldPiece, holdLine, wholeTurnsTo } from './hold-line.js';
import { holdAfter } from './moves.js';
import { listed } from '../../words/index.js';

describe('the line of the hold', () => {
  const cube = solvedCube();
  const held = (name: string): HeldPiece => {
    const piece = PLACES.findIndex((place) => place.name === name);
    return { piece, colours: pieceColours(piece, COLOURS) };
  };
  /** Of the colours that are longest to say. */
  const corner = held('DFL');

  it('leads from every hold to every other, in two turns of the whole cube at most', () => {
    for (const before of HOLDS) {
      for (const hold of HOLDS) {
        const way = wholeTurnsTo(before, hold);
        expect(way.reduce((now, move) => holdAfter(now, move), before)).toBe(hold);
        expect(way.length).toBeLessThanOrEqual(2);
      }
    }
  });

  it('names the colours on top and in front, simply, and is not there where the hold stays', () => {
    for (const before of HOLDS) {
      for (const hold of HOLDS) {
        const line = holdLine(before, hold, COLOURS, cube, [corner], '');
        if (before === hold) {
          expect(line).toBeNull();
          continue;
        }
        const [up, front] = [UP, FRONT].map((face) => COLOURS[sideInHold(hold, face)]!);
        const topStays = sideInHold(before, UP) === sideInHold(hold, UP);
        expect(line!.says).toMatch(new RegExp(`${front!} (is|stays) in front`));
        if (!topStays) expect(line!.says.toLowerCase()).toContain(`${up!} is then on top`);
        const { grade, longest } = readable(line!.says);
        expect(grade).withContext(line!.says).toBeLessThanOrEqual(6);
        expect(longest).toBeLessThanOrEqual(18);
      }
    }
  });

  it('names a piece by its colours where it was not found by them', () => {
    const { says } = holdLine(
      HOME_HOLD,
      holdAfter(HOME_HOLD, moves('y')[0]!),
      COLOURS,
      cube,
      [held('UFR')],
      'Count the white corners.',
    )!;
    expect(says).toContain('The white, red and green corner is then on top, at the front left.');
  });

  it('says which way and where the piece is then', () => {
    const at = (turn: string, pieces: string[]): string => {
      const hold = moves(turn).reduce((now, move) => holdAfter(now, move), HOME_HOLD);
      const found = pieces.map((name) => listed(held(name).colours)).join(', ');
      return holdLine(HOME_HOLD, hold, COLOURS, cube, pieces.map(held), found)!.says;
    };
    expect(at('y', ['UFR'])).toBe(
      'Turn the whole cube a quarter to the left, so that red is in front. ' +
        'The corner is then on top, at the front left.',
    );
    expect(at("y'", [])).toBe(
      'Turn the whole cube a quarter to the right, so that orange is in front.',
    );
    expect(at('z2', ['DF'])).toBe(
      'Turn the whole cube over sideways. Yellow is then on top, and green stays in front. ' +
        'The edge is then on top, in front.',
    );
    expect(at('x', ['DFR', 'FR'])).toBe(
      'Tip the whole cube back a quarter. Green is then on top, and yellow is in front. ' +
        'The corner is then on top, at the front right. The edge is then on top, on the right.',
    );
    expect(at("z2 y'", [])).toBe(
      'Turn the whole cube over sideways, then turn it a quarter to the right. ' +
        'Yellow is then on top, and red is in front.',
    );
    // Tipping and turning round are two things, so the second says which it is.
    expect(at('z y', [])).toBe(
      'Tip the whole cube a quarter to the right, then turn it a quarter to the left. ' +
        'Orange is then on top, and white is in front.',
    );
    expect(at('y2', ['UF', 'UB'])).toBe(
      'Turn the whole cube half way round, so that blue is in front.',
    );
  });
});
