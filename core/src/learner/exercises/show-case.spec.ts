import { isSolved, randomFrom, UP } from '../../puzzle/cube/index.js';
import { methodById, METHODS } from '../../teaching/methods/index.js';
import { goalHolds } from '../../teaching/stages/index.js';
import { resolveMethod, runnerFor } from '../../engine/run/index.js';
import { caseStep, showCase } from './show-case.js';

describe('a cube on which a case waits', () => {
  it('shows every case of every method, for the engine too, with any side in front', () => {
    const random = randomFrom(11);
    const fronts = new Set<number>();
    for (const method of METHODS) {
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      for (const approach of approaches.value) {
        for (const { id } of approach.cases) {
          const shown = showCase(id, method, UP, random);
          if (!shown.ok) throw new Error(shown.error);
          const { cube, hold } = shown.value;
          fronts.add(hold);
          const next = [false, true].map(
            (begun) => runnerFor(approach, UP).next(cube, hold, begun)[0],
          );
          expect(next.map((one) => one?.case.id))
            .withContext(id)
            .toContain(id);
          expect(shown.value.good).withContext(id).toContain(id);
          expect(goalHolds(cube, approach.stage, UP))
            .withContext(id)
            .toBeFalse();
        }
      }
    }
    expect(fronts.size).toBe(8);
  });

  it('is done when the stage is where the step leads', () => {
    const method = methodById('front-right')!;
    const shown = showCase('cycle-one/once', method, UP, randomFrom(2));
    if (!shown.ok) throw new Error(shown.error);
    const step = caseStep(shown.value, 'cycle-one/once', method, UP)!;
    expect(step.ends.every(isSolved)).toBeTrue();
    expect(step).toEqual(jasmine.objectContaining({ lineUp: '', doneIn: shown.value.doneIn }));
    expect(caseStep(shown.value, 'nothing', method, UP)).toBeUndefined();
    expect(showCase('nothing', method, UP, randomFrom(2)).ok).toBeFalse();
  });
});
