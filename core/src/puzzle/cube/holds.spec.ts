import {
  HOLD_COUNT,
  holdOf,
  HOLDS,
  holdsWithUp,
  HOME_HOLD,
  sideInHold,
  stickerInHold,
  turnHold,
} from './holds.js';
import { BACK, DOWN, FRONT, LEFT, RIGHT, SIDES, UP } from './sides.js';

describe('a hold', () => {
  it('exists for each pair of an upper and a front side that touch, and for no other', () => {
    const found = SIDES.flatMap((up) => SIDES.map((front) => holdOf(up, front)));
    expect(new Set(found.filter((hold) => hold !== undefined)).size).toBe(HOLD_COUNT);
    expect(found.filter((hold) => hold === undefined).length).toBe(12);
  });

  it('has red on the right with white up and green in front, orange with yellow up', () => {
    expect(sideInHold(HOME_HOLD, RIGHT)).toBe(RIGHT);
    expect(sideInHold(holdOf(DOWN, FRONT)!, RIGHT)).toBe(LEFT);
  });

  it('comes back after four quarters about any axis, and undoes in reverse', () => {
    for (const hold of HOLDS) {
      for (const axis of [0, 1, 2]) {
        expect(turnHold(hold, axis, 4)).toBe(hold);
        expect(turnHold(turnHold(hold, axis, 1), axis, 3)).toBe(hold);
      }
    }
  });

  it('turns about x as the right side does, y as the top, z as the front', () => {
    const x = turnHold(HOME_HOLD, 0, 1);
    expect([sideInHold(x, UP), sideInHold(x, BACK), sideInHold(x, RIGHT)]).toEqual([
      FRONT,
      UP,
      RIGHT,
    ]);
    const y = turnHold(HOME_HOLD, 1, 1);
    expect([sideInHold(y, LEFT), sideInHold(y, FRONT), sideInHold(y, UP)]).toEqual([
      FRONT,
      RIGHT,
      UP,
    ]);
    const z = turnHold(HOME_HOLD, 2, 1);
    expect([sideInHold(z, RIGHT), sideInHold(z, UP), sideInHold(z, FRONT)]).toEqual([
      UP,
      LEFT,
      FRONT,
    ]);
  });

  it('shows each sticker of the cube once, centres on their sides', () => {
    for (const hold of HOLDS) {
      const shown = Array.from({ length: 54 }, (_, s) => stickerInHold(hold, s));
      expect(new Set(shown).size).toBe(54);
      for (const face of SIDES) expect(shown[face * 9 + 4]).toBe(sideInHold(hold, face) * 9 + 4);
    }
  });

  it('can be had in four ways with one side up', () => {
    for (const up of SIDES) {
      const holds = holdsWithUp(up);
      expect(new Set(holds).size).toBe(4);
      for (const hold of holds) expect(sideInHold(hold, UP)).toBe(up);
    }
  });
});
