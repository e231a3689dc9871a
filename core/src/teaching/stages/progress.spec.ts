import { randomCube, randomFrom, SIDES, solvedCube, UP } from '../../puzzle/cube/index.js';
import { stagesOf } from '../../engine/run/index.js';
import { cubeBy } from '../../core.spec-support.js';
import { METHODS } from '../methods/index.js';
import { stagesReached } from './goals.js';
import { firstLayerOf, progressOf } from './progress.js';

describe('how far a cube is', () => {
  it('is everything on a solved cube and nothing on a mixed one, by every method', () => {
    const mixed = randomCube(randomFrom(1));
    for (const method of METHODS) {
      const stages = stagesOf(method);
      const done = progressOf(stages, stagesReached(solvedCube(), UP));
      expect(done).toEqual({ done: stages.at(-1)!, next: null });
      const none = progressOf(stages, stagesReached(mixed, UP));
      expect(none).toEqual({ done: null, next: stages[0]! });
    }
  });

  it('is the last stage done, also where an earlier one no longer shows', () => {
    const stages = ['daisy', 'cross', 'corners'] as const;
    expect(progressOf(stages, ['cross'])).toEqual({ done: 'cross', next: 'corners' });
    expect(progressOf(stages, ['middle'])).toEqual({ done: null, next: 'daisy' });
  });
});

describe('the first layer', () => {
  it('is done, shows only its face, or is open: for every first colour', () => {
    for (const first of SIDES) {
      expect(firstLayerOf(solvedCube(), first)).toBe('done');
      expect(firstLayerOf(cubeBy('R U F'), first)).toBe('open');
    }
    expect(firstLayerOf(cubeBy('U'), UP)).toBe('face-only');
    // Two corners exchanged under a white face: the side is white all over, and no layer.
    expect(firstLayerOf(cubeBy("R2 U F B' R2 F' B U R2"), UP)).toBe('face-only');
  });
});
