import { COLOURS, FRONT, SIDES, solvedCube, UP } from '../../puzzle/cube/index.js';
import { cubeBy } from '../../core.spec-support.js';
import { goalHolds, stagesReached } from './goals.js';
import { STAGES, stageWords } from './stages.js';

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
