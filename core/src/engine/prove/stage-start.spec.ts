import { randomFrom, UP } from '../../puzzle/cube/index.js';
import { METHODS } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { stagesOf } from '../run/index.js';
import { stageStart } from './stage-start.js';

describe('the start of a stage practised alone', () => {
  for (const method of METHODS) {
    it(`has all before it done and the stage not, by ${method.id}`, () => {
      const stages = stagesOf(method);
      for (const [k, stage] of stages.entries()) {
        for (let seed = 1; seed <= 3; seed++) {
          const cube = stageStart(method, stage, UP, randomFrom(seed));
          expect(goalHolds(cube, stage, UP))
            .withContext(stage)
            .toBeFalse();
          for (const before of stages.slice(0, k)) {
            expect(goalHolds(cube, before, UP))
              .withContext(`${stage} ${before}`)
              .toBeTrue();
          }
        }
      }
    });
  }

  it('is refused for a stage the method does not have', () => {
    expect(() => stageStart(METHODS[0]!, 'corner-swap', UP, randomFrom(1))).toThrowError(
      RangeError,
    );
  });
});
