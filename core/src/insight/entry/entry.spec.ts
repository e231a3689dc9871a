import {
  type Hold,
  type Painted,
  paintedFromCube,
  randomCube,
  randomFrom,
  SIDES,
  solvedCube,
  STANDARD_SCHEME,
  UNSEEN,
  unseenCube,
  UP,
} from '../../puzzle/cube/index.js';
import { goalHolds, STAGES } from '../../teaching/stages/index.js';
import { startsOf } from '../../engine/run/index.js';
import { cubeBy } from '../../core.spec-support.js';
import { ASKING_HOLDS, holdAsking, nextQuestion, stickersAsked, tellingSticker } from './asking.js';
import { stickersOnceDone } from './done-up-to.js';
import { inferred, possible } from './possible.js';
import { suspects } from './suspects.js';

const random = randomFrom(19);
const aCube = (): Painted => paintedFromCube(randomCube(random));

/** Only these stickers of a cube, and its centres. */
const partOf = (painted: Painted, shown: (sticker: number) => boolean): Painted =>
  painted.map((colour, s) => (s % 9 === 4 || shown(s) ? colour : UNSEEN));

/** Enters a cube by the stickers asked for; gives how many were. */
function taps(
  full: Painted,
  start: Painted,
  ask: (known: Painted, given: Painted) => number,
): number {
  const given = Int8Array.from(start);
  let known = inferred(given);
  let count = 0;
  for (let sticker = ask(known, given); sticker >= 0; sticker = ask(known, given)) {
    given[sticker] = full[sticker]!;
    known = inferred(given);
    count++;
  }
  expect(known).toEqual(full);
  return count;
}

const mean = (numbers: number[]): number => numbers.reduce((a, b) => a + b) / numbers.length;
const inReadingOrder = (known: Painted): number => known.indexOf(UNSEEN);

describe('what follows from the stickers seen', () => {
  it('counts every legal cube when only the centres are', () => {
    // 8!·3⁷·12!·2¹¹ / 2
    expect(possible(unseenCube()).cubes).toBe(43252003274489856000);
  });

  it('counts as many cubes as there are where they can be counted one by one', () => {
    const lastLayers = startsOf('yellow-cross', 'middle', UP);
    expect(possible(stickersOnceDone('middle', UP)).cubes).toBe(lastLayers.count);
    expect(possible(aCube()).cubes).toBe(1);
  });

  it('is exactly what all possible cubes share, checked over every last layer', () => {
    const start = stickersOnceDone('middle', UP);
    const { count, cube } = startsOf('yellow-cross', 'middle', UP);
    const all = Array.from({ length: count }, (_, k) => paintedFromCube(cube(k)));
    for (let k = 0; k < 6; k++) {
      const full = all[random(count)]!;
      const given = full.map((colour, s) => (start[s] !== UNSEEN || random(3) === 0 ? colour : -1));
      const fitting = all.filter((one) => given.every((c, s) => c === UNSEEN || c === one[s]));
      const shared = full.map((c, s) => (fitting.every((one) => one[s] === c) ? c : UNSEEN));
      expect(possible(given).cubes).toBe(fitting.length);
      expect(inferred(given)).toEqual(Int8Array.from(shared));
    }
  });

  it('leaves stickers seen as they are, and adds nothing to an impossible cube', () => {
    const wrong = aCube();
    wrong[0] = (wrong[0]! + 1) % 6;
    expect(possible(wrong).cubes).toBe(0);
    expect(inferred(wrong)).toEqual(wrong);
  });
});

describe('entering a cube', () => {
  it('takes 33.5 taps or less on average and 36 at most in plain reading order', () => {
    const counts = Array.from({ length: 40 }, () => taps(aCube(), unseenCube(), inReadingOrder));
    expect(mean(counts)).toBeLessThanOrEqual(33.5);
    expect(Math.max(...counts)).toBeLessThanOrEqual(36);
  });

  it('takes 32 or less on average when the most telling sticker is asked', () => {
    const telling = (known: Painted, given: Painted): number =>
      tellingSticker(known, possible(given));
    const counts = Array.from({ length: 25 }, () => taps(aCube(), unseenCube(), telling));
    expect(mean(counts)).toBeLessThanOrEqual(32);
  });

  it('is asked side by side, with the cube re-held once', () => {
    for (let k = 0; k < 20; k++) {
      const holds: number[] = [];
      let hold: Hold | undefined;
      const count = taps(aCube(), unseenCube(), (known) => {
        const question = nextQuestion(known, hold);
        if (question && question.hold !== hold) holds.push((hold = question.hold));
        return question?.sticker ?? -1;
      });
      expect(holds.length).toBe(2);
      expect(count).toBeLessThanOrEqual(36);
    }
    const all = ASKING_HOLDS.flatMap(stickersAsked).sort((a, b) => a - b);
    expect(all).toEqual(Array.from({ length: 54 }, (_, s) => s));
  });

  it('asks for any sticker in a hold that shows it', () => {
    for (let sticker = 0; sticker < 54; sticker++) {
      expect(stickersAsked(holdAsking(sticker))).toContain(sticker);
    }
  });

  it('takes 12 taps at most for a last layer, in either order', () => {
    const start = stickersOnceDone('middle', UP);
    const { count, cube } = startsOf('yellow-cross', 'middle', UP);
    for (let k = 0; k < 150; k++) {
      const full = paintedFromCube(cube(random(count)));
      const guided = taps(full, start, (known) => nextQuestion(known)?.sticker ?? -1);
      const telling = taps(full, start, (known, given) => tellingSticker(known, possible(given)));
      expect(Math.max(guided, telling)).toBeLessThanOrEqual(12);
    }
  });

  it('knows, for each stage, just the stickers that all cubes with its goal share', () => {
    const before = {
      'yellow-edges': 'yellow-cross',
      'corner-places': 'yellow-edges',
      'yellow-face': 'yellow-cross',
      'corner-swap': 'yellow-face',
    } as const;
    for (const first of SIDES) {
      for (const stage of STAGES) {
        const known = stickersOnceDone(stage, first);
        const shown = known.filter((colour) => colour !== UNSEEN).length;
        const solved = paintedFromCube(solvedCube());
        if (stage !== 'daisy') {
          expect(known.every((c, s) => c === UNSEEN || c === solved[s])).toBeTrue();
        }
        if (stage in before) {
          const earlier = stickersOnceDone(before[stage as keyof typeof before], first);
          const was = earlier.filter((colour) => colour !== UNSEEN).length;
          expect(shown).toBeGreaterThanOrEqual(was);
        }
      }
    }
    const cube = cubeBy("z2 F U R U' R' F'");
    expect(goalHolds(cube, 'middle', UP)).toBeTrue();
    const painted = paintedFromCube(cube);
    const middle = stickersOnceDone('middle', UP);
    expect(middle.every((c, s) => c === UNSEEN || c === painted[s])).toBeTrue();
  });
});

describe('a wrong tap', () => {
  it('is named among the first three suspects, with the right colour, once it is noticed', () => {
    let named = 0;
    const tries = 40;
    for (let k = 0; k < tries; k++) {
      const full = aCube();
      const wrong = 9 * random(6) + [0, 1, 2, 3, 5, 6, 7, 8][random(8)]!;
      const read = full.map((c, s) => (s === wrong ? (c + 1 + random(5)) % 6 : c));
      // Entered in reading order until the laws say that something cannot be.
      let at = 0;
      while (at < 54 && possible(partOf(read, (s) => s <= at)).cubes > 0) at++;
      expect(at).toBeLessThan(54);
      const found = suspects(
        partOf(read, (s) => s <= at),
        STANDARD_SCHEME,
      );
      const shares = found.map(({ share }) => share);
      expect(shares.reduce((sum, share) => sum + share)).toBeCloseTo(1, 6);
      expect(found.some(({ sticker }) => sticker === wrong)).toBeTrue();
      if (found.slice(0, 3).some(({ sticker }) => sticker === wrong)) named++;
    }
    expect(named / tries).toBeGreaterThanOrEqual(0.6);
  });

  it('is told with the colours that would do, those that look alike first', () => {
    const painted = paintedFromCube(solvedCube());
    painted[10] = 4;
    const [first] = suspects(painted, STANDARD_SCHEME);
    expect(first).toEqual({ sticker: 10, instead: [1], share: 1 });
  });

  it('is not what is wrong with a cube put together wrongly', () => {
    const flipped = solvedCube().map((value, place) => (place === 8 ? value ^ 1 : value));
    expect(suspects(paintedFromCube(flipped), STANDARD_SCHEME)).toEqual([]);
    expect(suspects(aCube(), STANDARD_SCHEME)).toEqual([]);
  });
});
