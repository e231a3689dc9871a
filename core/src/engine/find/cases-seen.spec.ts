import { moves } from '../../core.spec-support.js';
import {
  type Colour,
  colourAt,
  DOWN,
  holdsWithUp,
  paintStickers,
  randomFrom,
  type Side,
  sideOfColour,
  solvedCube,
  STANDARD_SCHEME,
  stickerInHold,
  UP,
} from '../../puzzle/cube/index.js';
import { applyMoves, invertMoves } from '../../puzzle/notation/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { approachById, APPROACHES, type Case, isSearch } from '../../teaching/approaches/index.js';
import { runnerFor, startsOf, stickerCalled } from '../run/index.js';
import { casesSeen } from './cases-seen.js';

const seeing = (stickers: Record<string, Colour>): Map<number, Side> =>
  new Map(
    Object.entries(stickers).map(([name, colour]) => [
      stickerCalled(name)!,
      sideOfColour(STANDARD_SCHEME, colour),
    ]),
  );
const can = (id: string, stickers: Record<string, Colour>): string[] =>
  [...casesSeen(approachById(id)!, seeing(stickers), UP).keys()].map((one) => one.split('/')[1]!);

describe('the cases that can be what is seen', () => {
  it('are all of them when nothing is', () => {
    for (const approach of APPROACHES) {
      expect(casesSeen(approach, new Map(), UP).size).toBe(approach.cases.length);
    }
  });

  it('become fewer with each sticker, however the cube is held', () => {
    expect(can('ycross-two', { 'UF.U': 'yellow' })).toEqual(['angle', 'bar']);
    expect(can('ycross-two', { 'UL.U': 'yellow', 'UR.U': 'yellow' })).toEqual(['bar']);
    expect(can('ycross-two', { 'UL.U': 'yellow', 'UF.U': 'yellow' })).toEqual(['angle']);
    expect(can('face-two', { 'UFR.U': 'yellow', 'UBL.U': 'yellow' })).toEqual(['two']);
  });

  it('are none when an earlier stage cannot be done', () => {
    // White on top while the white layer is below, two colours on one edge, a third yellow edge.
    expect(can('ycross-two', { 'UF.U': 'white' })).toEqual([]);
    expect(can('ycross-two', { 'UF.U': 'yellow', 'UF.F': 'yellow' })).toEqual([]);
    expect(can('face-two', { 'UF.U': 'red' })).toEqual([]);
  });

  it('leave out a case when one that is taken first is certain', () => {
    const three: Record<string, Colour> = { 'UF.F': 'green', 'UB.B': 'blue', 'UR.R': 'orange' };
    expect(can('edges-match', { 'UF.F': 'green' })).toEqual(['all', 'neighbours', 'opposite']);
    expect(can('edges-match', { ...three, 'UL.L': 'red' })).toEqual(['all']);
  });

  it('tell how much of what is seen each asks about', () => {
    const stickers = seeing({ 'UF.U': 'yellow', 'UFR.U': 'yellow' });
    const asked = casesSeen(approachById('ycross-two')!, stickers, UP);
    expect([...asked.values()].map((one) => one.asked)).toEqual([1, 1]);
  });

  it('say in which hold the case is done, from the hold in which it was seen', () => {
    const angle = approachById('ycross-two')!.cases.find(({ id }) => id === 'ycross-two/angle')!;
    for (const painted of holdsWithUp(DOWN)) {
      const cube = solvedCube();
      applyMoves(cube, painted, invertMoves(moves((angle as Case).sequence)));
      const seen = new Map(
        Array.from({ length: 54 }, (_, sticker): [number, Side] => [
          sticker,
          colourAt(cube, stickerInHold(painted, sticker)),
        ]),
      );
      const fits = casesSeen(approachById('ycross-two')!, seen, UP).get(angle.id)!;
      expect(fits.painted).toBe(painted);
      // The two edges that face up are at the back and on the left, as the sequence wants them.
      applyMoves(cube, fits.hold, moves((angle as Case).sequence));
      expect(goalHolds(cube, 'yellow-cross', UP)).toBeTrue();
    }
  });

  it('always have the case that the cube really shows, whichever stickers are seen', () => {
    const random = randomFrom(21);
    const stickers = new Uint8Array(54);
    const last = APPROACHES.filter((one) => !isSearch(one) && one.up === 'opposite' && one.after);
    for (const approach of last.filter(({ id }) => !/^corners|^middle/.test(id))) {
      const { cube, count } = startsOf(approach.stage, approach.after, UP);
      for (let k = 0; k < 40; k++) {
        const start = cube(random(count));
        const hold = holdsWithUp(DOWN)[random(4)]!;
        const [choice] = runnerFor(approach, UP).next(start, hold, false);
        if (!choice) continue;
        paintStickers(start, stickers);
        const seen = new Map<number, Side>();
        for (let n = 0; n < 12; n++) {
          const sticker = random(54);
          seen.set(sticker, stickers[stickerInHold(hold, sticker)]! as Side);
        }
        expect(casesSeen(approach, seen, UP).has(choice.case.id))
          .withContext(`${choice.case.id} ${k}`)
          .toBeTrue();
      }
    }
  });
});
