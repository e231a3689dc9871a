import {
  type Cube,
  paintStickers,
  pieceAt,
  PLACES,
  randomCube,
  randomFrom,
  STANDARD_SCHEME,
  STICKER_COUNT,
  UP,
} from '../../puzzle/cube/index.js';
import { APPROACHES, isSearch } from '../../teaching/approaches/index.js';
import { asksOf, COVERED, matches, UNPAINTED } from './asks.js';
import { compileApproach } from './compile.js';
import { startsOf } from './starts.js';

/** Every sticker looked at by itself, on a painted cube with those that do not matter left unpainted. */
function shows(cells: Uint8Array, cube: Cube, matters: (piece: number) => boolean): boolean {
  const stickers = new Uint8Array(STICKER_COUNT);
  paintStickers(cube, stickers);
  for (const { index, stickers: own } of PLACES) {
    if (!matters(pieceAt(cube, index))) for (const sticker of own) stickers[sticker] = UNPAINTED;
  }
  for (let k = 0; k < cells.length; k += 2) {
    if (((cells[k + 1]! >> stickers[cells[k]!]!) & 1) === 0) return false;
  }
  return true;
}

describe('what a variant asks of places', () => {
  for (const approach of APPROACHES) {
    if (isSearch(approach)) continue;
    it(`is what it asks of stickers, whatever matters: ${approach.id}`, () => {
      const random = randomFrom(31);
      const variants = compileApproach(approach, UP, STANDARD_SCHEME);
      let [met, missed] = [0, 0];
      const wrong: string[] = [];
      for (let k = 0; k < 40; k++) {
        // Any cube meets few cases; those the stage begins with meet some each.
        const { count, cube: start } = startsOf(approach.stage, approach.after, UP);
        const cube = k % 4 === 0 ? randomCube(random) : start(random(count));
        const mask = k % 2 === 0 ? -1 : random(1 << 20);
        const matters = (piece: number): boolean => ((mask >> piece) & 1) === 1;
        const values = Uint8Array.from(cube, (value, place) =>
          matters(pieceAt(cube, place)) ? value : COVERED,
        );
        for (const { cells, case: one } of variants) {
          const wanted = shows(cells, cube, matters);
          if (wanted) met++;
          else missed++;
          if (matches(asksOf(cells), values) !== wanted) wrong.push(one.id);
        }
      }
      expect(wrong).toEqual([]);
      expect(Math.min(met, missed)).toBeGreaterThan(0);
    });
  }
});
