import { HOME_HOLD, SIDES } from '../../puzzle/cube/index.js';
import { standsBefore } from '../../teaching/approaches/index.js';
import { methodById, METHODS } from '../../teaching/methods/index.js';
import { cubeBy } from '../../core.spec-support.js';
import { resolveMethod, runnerFor } from '../run/index.js';
import { setUpFor } from './set-up.js';

/** These only come up once their stage has been begun. */
const MIDWAY = /put-right|put-left|line-up$|cross-lift\/(bottom-out|flipped|down-right-back)$/;

describe('the set-up of a case', () => {
  for (const method of METHODS) {
    it(`of ${method.id} leads to a cube with all before done and exactly this case waiting`, () => {
      const approaches = resolveMethod(method);
      if (!approaches.ok) throw new Error(approaches.error);
      for (const approach of approaches.value) {
        for (const { id } of approach.cases) {
          const first = SIDES[id.length % SIDES.length]!;
          const made = setUpFor(id, method, 3, first);
          if (!made.ok) throw new Error(made.error);
          const { turns, cube, midway } = made.value;
          expect(cubeBy(turns)).withContext(id).toEqual(cube);
          if (midway) {
            expect(id).toMatch(MIDWAY);
            continue;
          }
          expect(standsBefore(approach, cube, first))
            .withContext(id)
            .toBeTrue();
          const [next] = runnerFor(approach, first).next(cube, HOME_HOLD, false);
          expect(next!.case.id).toBe(id);
        }
      }
    });
  }

  it('is another one each time, and the same for the same seed', () => {
    const turns = (seed: number): string => {
      const made = setUpFor('edges-match/neighbours', methodById('gentle')!, seed);
      return made.ok ? made.value.turns : made.error;
    };
    expect(new Set([1, 2, 3, 4, 5].map(turns)).size).toBeGreaterThan(2);
    expect(turns(4)).toBe(turns(4));
  });

  it('is refused for a case the method does not have', () => {
    expect(setUpFor('pairs/join', methodById('gentle')!, 1)).toEqual({
      ok: false,
      error: 'method gentle has no case pairs/join',
    });
  });
});
