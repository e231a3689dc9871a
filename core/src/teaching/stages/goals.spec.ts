import {
  applyTurns,
  colourAt,
  COLOURS,
  copyCube,
  CORNERS,
  type Cube,
  EDGES,
  FRONT,
  opposite,
  PLACES,
  randomCube,
  randomFrom,
  type Side,
  SIDES,
  solvedCube,
  turnOf,
  UP,
} from '../../puzzle/cube/index.js';
import { replay, solve } from '../../engine/run/index.js';
import { cubeBy } from '../../core.spec-support.js';
import { canFollow, standsBefore } from '../approaches/index.js';
import { METHODS } from '../methods/index.js';
import { goalHolds, stagesReached } from './goals.js';
import { type Stage, STAGES, stageWords } from './stages.js';

describe('the stages reached', () => {
  it('are all of them on a solved cube, for every first colour', () => {
    for (const first of SIDES) expect(stagesReached(solvedCube(), first)).toEqual([...STAGES]);
  });

  it('do not count one white face without its sides as a layer', () => {
    // The top turned: the white side is all white, but nothing matches.
    const cube = cubeBy('U');
    expect(stagesReached(cube, UP)).toEqual([]);
  });

  it('see the daisy round the opposite centre, in any order', () => {
    const cube = cubeBy('F2 R2 B2 L2 D');
    expect(stagesReached(cube, UP)).toEqual(['daisy']);
  });

  it('follow the sequences of the last layer', () => {
    // Each is what the sequence of one stage undoes, with yellow down as after solving.
    expect(stagesReached(cubeBy("z2 F U R U' R' F'"), UP)).toEqual([
      'daisy',
      'cross',
      'corners',
      'middle',
    ]);
    expect(stagesReached(cubeBy("z2 R U R' U R U2 R' U"), UP)).toContain('yellow-cross');
    expect(goalHolds(cubeBy("z2 R U R' U R U2 R' U"), 'yellow-edges', UP)).toBeFalse();
    expect(stagesReached(cubeBy("z2 U R U' L' U R' U' L"), UP)).toContain('yellow-edges');
    expect(goalHolds(cubeBy("z2 U R U' L' U R' U' L"), 'corner-places', UP)).toBeFalse();
    expect(stagesReached(cubeBy("z2 (R' D' R D)2 U (R' D' R D)4 U'"), UP)).toContain(
      'corner-places',
    );
    expect(stagesReached(cubeBy("z2 U2 R U' R U R U R U' R' U' R2 U2"), UP)).toContain(
      'corner-swap',
    );
  });
});

/** The goals as a coach would check them, side by side with a solved cube. */
const SEEN: Record<Stage, (cube: Cube, last: Side) => boolean> = {
  daisy: (cube, last) =>
    edgesOn(last).every((sticker) => colourAt(cube, sticker) === opposite(last)) ||
    SEEN.cross(cube, last),
  cross: (cube, last) => fit(cube, (sides) => sides.length === 2 && sides.includes(opposite(last))),
  corners: (cube, last) => fit(cube, (sides) => sides.includes(opposite(last))),
  middle: (cube, last) => fit(cube, (sides) => !sides.includes(last)),
  'yellow-cross': (cube, last) => SEEN.middle(cube, last) && shows(cube, edgesOn(last), last),
  'yellow-edges': (cube, last) => fit(cube, (sides) => sides.length === 2 || !sides.includes(last)),
  'corner-places': (cube, last) =>
    SEEN['yellow-edges'](cube, last) &&
    CORNERS.every(({ stickers, sides }) => {
      const colours = stickers.map((sticker) => colourAt(cube, sticker));
      return sides.every((side) => colours.includes(side));
    }),
  'corner-twists': (cube) => fit(cube, () => true),
  'yellow-face': (cube, last) =>
    SEEN.middle(cube, last) &&
    [0, 1, 2, 3, 4, 5, 6, 7, 8].every((k) => colourAt(cube, last * 9 + k) === last),
  'corner-swap': (cube, last) =>
    SEEN['yellow-cross'](cube, last) &&
    fit(cube, (sides) => sides.length === 3 || !sides.includes(last)),
  'edge-cycle': (cube) => fit(cube, () => true),
};
const edgesOn = (side: Side): number[] =>
  EDGES.flatMap(({ stickers, sides }) => stickers.filter((_, k) => sides[k] === side));
const shows = (cube: Cube, stickers: number[], colour: Side): boolean =>
  stickers.every((sticker) => colourAt(cube, sticker) === colour);
const fit = (cube: Cube, which: (sides: readonly Side[]) => boolean): boolean =>
  PLACES.filter(({ sides }) => which(sides)).every(({ stickers, sides }) =>
    stickers.every((sticker, k) => colourAt(cube, sticker) === sides[k]),
  );

describe('the goal of a stage, derived from its record', () => {
  it('is what a coach checks, on every stop of solves by every method and two turns beside', () => {
    const random = randomFrom(11);
    for (const method of METHODS) {
      for (const first of SIDES) {
        const start = randomCube(random);
        const walk = solve(start, method, first);
        if (!walk.ok) throw new Error(walk.error);
        const { steps } = walk.value;
        const stops = steps.map((_, k) => replay(start, steps.slice(0, k + 1), COLOURS).cube);
        const cubes = stops.flatMap((stop) => [
          stop,
          ...SIDES.flatMap((side) =>
            [1, 2].map((n) => applyTurns(copyCube(stop), [turnOf(side, n)])),
          ),
        ]);
        for (const cube of cubes) {
          for (const stage of STAGES) {
            expect(goalHolds(cube, stage, first))
              .withContext(stage)
              .toBe(SEEN[stage](cube, opposite(first)));
          }
        }
      }
    }
  });

  it('and that of an approach that may follow several stages: any of them stands before it', () => {
    const later = { after: ['yellow-cross', null] as const };
    expect(canFollow(later, 'yellow-cross')).toBeTrue();
    expect(canFollow(later, null)).toBeTrue();
    expect(canFollow(later, 'middle')).toBeFalse();
    const either = { after: ['yellow-face', 'yellow-edges'] as const };
    const edgesDone = cubeBy("z2 U R U' L' U R' U' L");
    expect(standsBefore(either, edgesDone, UP)).toBeTrue();
    expect(standsBefore({ after: 'yellow-face' }, edgesDone, UP)).toBeFalse();
    expect(standsBefore(either, cubeBy('R'), UP)).toBeFalse();
  });
});

describe('the words of a stage', () => {
  it('name the colours of the cube in hand', () => {
    expect(stageWords('yellow-cross', FRONT, COLOURS).title).toBe('Blue cross');
    for (const stage of STAGES) {
      for (const first of SIDES) {
        const { title, goal } = stageWords(stage, first, COLOURS);
        expect(title + goal).not.toMatch(/[{}]|undefined/);
      }
    }
  });
});
