import {
  BACK,
  colourAt,
  COLOURS,
  type ColourScheme,
  faceInHold,
  FRONT,
  isSolvable,
  LEFT,
  RIGHT,
  sideInHold,
  STICKER_TARGETS,
  stickerInHold,
  turnOf,
  UP,
} from '../../puzzle/cube/index.js';
import { isWholeCube } from '../../puzzle/notation/index.js';
import { readable } from '../../insight/claims/readable.js';
import { cubeBy } from '../../core.spec-support.js';
import { FALSE_SIDE, layerDone, showsOneColour, TRUE_LAYER } from './checks.js';
import type { Choose } from './page.js';
import { firstPages } from './pages.js';
import { doneBy, shownAt } from './shown.js';

const OTHERWISE: ColourScheme = ['white', 'red', 'green', 'blue', 'orange', 'yellow'];

describe('the first pages', () => {
  const pages = firstPages(COLOURS);
  const choices = (id: string, scheme = COLOURS as ColourScheme): Choose[] =>
    firstPages(scheme)
      .find((page) => page.id === id)!
      .asks.filter((ask) => ask.kind === 'choose');
  const right = ({ answers, right: at }: Choose): string => answers[at]!;

  it('are eight, each with something to do and at most three sentences, easy at ten', () => {
    expect(pages.length).toBe(8);
    for (const { says, asks, title } of pages) {
      expect(asks.length).withContext(title).toBeGreaterThan(0);
      expect(says.length).toBeLessThanOrEqual(3);
      const text = [...says, ...asks].map((one) => one.says).join(' ');
      const { grade, longest } = readable(text);
      expect(grade).withContext(text).toBeLessThanOrEqual(6);
      expect(longest).withContext(text).toBeLessThanOrEqual(18);
    }
  });

  it('say only what is so, whatever the colours', () => {
    for (const scheme of [COLOURS, OTHERWISE]) {
      for (const { says } of firstPages(scheme)) {
        for (const one of says) expect(one.so()).withContext(one.says).toBeTrue();
      }
    }
  });

  it('show a false side and a true layer that can be had by turning', () => {
    expect([isSolvable(FALSE_SIDE), isSolvable(TRUE_LAYER)]).toEqual([true, true]);
    expect(showsOneColour(FALSE_SIDE, UP)).toBeTrue();
    expect(layerDone(FALSE_SIDE, UP)).toBeFalse();
  });

  it('ask for colours that are where they are said to be', () => {
    for (const scheme of [COLOURS, OTHERWISE]) {
      expect(choices('opposite', scheme).map(right)).toEqual([scheme[BACK]!, scheme[LEFT]!]);
      const page = firstPages(scheme).find(({ id }) => id === 'hold')!;
      const [first, second] = choices('hold', scheme);
      expect(right(first!)).toBe(scheme[sideInHold(shownAt(page, 0, []).hold, RIGHT)]!);
      // Also when the first was skipped: its cube is turned before the second is asked.
      const { hold } = shownAt(page, 1, []);
      expect(second!.says).toContain(`Now ${scheme[sideInHold(hold, FRONT)]!} is in front.`);
      expect(right(second!)).toBe(scheme[sideInHold(hold, LEFT)]!);
      expect(faceInHold(hold, FRONT)).toBe(LEFT);
    }
  });

  it('ask which way a side goes, and the cube goes so', () => {
    // Where a sticker of the row in sight goes by the turn: D front to R, L front down, B top to L.
    const cases = { D: [FRONT, RIGHT], L: [FRONT, 3], B: [UP, LEFT] } as const;
    for (const ask of choices('letters')) {
      const [from, to] = cases[ask.says[0] as keyof typeof cases];
      const turn = ask.then![0]!;
      const targets = STICKER_TARGETS[turn]!;
      const moved = targets.findIndex((target, sticker) => {
        const onSide = Math.floor(sticker / 9) === from && target !== sticker;
        return onSide && sticker % 9 !== 4;
      });
      expect(Math.floor(targets[moved]! / 9))
        .withContext(ask.says)
        .toBe(to);
    }
    expect(choices('letters').map(right)).toEqual(['to the right', 'towards you', 'to the left']);
  });

  it('show each ask as those before it leave the cube, or its own cube as the page is held', () => {
    const tiles = pages.find(({ id }) => id === 'tiles')!;
    expect(shownAt(tiles, 2, [turnOf(FRONT, 1)]).cube).toEqual(cubeBy("R U' F"));
    const layer = pages.find(({ id }) => id === 'layer')!;
    expect(shownAt(layer, 0, doneBy(layer.asks[0]!)).hold).not.toBe(layer.hold);
    expect(shownAt(layer, 1, [])).toEqual({ cube: TRUE_LAYER, hold: layer.hold });
  });

  it('ask what was turned after turning it', () => {
    for (const ask of choices('whole')) {
      expect(right(ask)).toBe(isWholeCube(ask.shows!) ? 'The whole cube' : 'One side');
    }
    const { cube, hold } = pages.find(({ id }) => id === 'whole')!;
    expect(colourAt(cube, stickerInHold(hold, 4))).toBe(UP);
  });
});
