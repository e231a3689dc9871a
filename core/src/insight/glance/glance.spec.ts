import {
  copyCube,
  HOME_HOLD,
  opposite,
  randomFrom,
  turnedOver,
  UP,
} from '../../puzzle/cube/index.js';
import {
  approachById,
  APPROACHES,
  isSearch,
  type PatternApproach,
} from '../../teaching/approaches/index.js';
import { methodById } from '../../teaching/methods/index.js';
import { stageStart } from '../../engine/prove/index.js';
import { patternRunnerFor } from '../../engine/run/index.js';
import { casesIn, followGlance, roleSeen } from './follow.js';
import { gaze, type GlanceNode, glancePlan, type GlancePlan } from './plan.js';
import { knownGlance } from './shipped.js';
import { proveGlance, stepOf } from './prove-glance.js';
import type { Situations } from './situations.js';

const approach = (id: string): PatternApproach => approachById(id) as PatternApproach;
/** The plan that ships: another spec makes all of them anew. */
const planOf = async (id: string): Promise<GlancePlan> =>
  (await knownGlance(approachById(id)!, 'around'))!;

/** Looks of a plan, as paths: what is looked at, and what was seen. */
function* paths(node: GlanceNode, path: string[] = []): Generator<string[]> {
  if (!('answers' in node)) yield path;
  else {
    const name = JSON.stringify(node.look);
    for (const { then } of node.answers) yield* paths(then, node.again ? path : [...path, name]);
  }
}

/** What the best tree for these situations costs, by trying every look, then every look after it. */
function bestOfAll(situations: Situations, left: readonly number[]): number {
  const { lookables, count, good, weight, seen } = situations;
  const common = left.reduce((bits, s) => bits & good[s]!, -1);
  if (common !== 0) return 0;
  const total = left.reduce((sum, s) => sum + weight[s]!, 0);
  const costs = lookables.map(({ cost }, look) => {
    const answers = [...new Set(left.map((s) => seen[look * count + s]!))];
    if (answers.length === 1) return Infinity;
    return answers
      .map((code) =>
        bestOfAll(
          situations,
          left.filter((s) => seen[look * count + s] === code),
        ),
      )
      .reduce((sum, one) => sum + one, cost * total);
  });
  return Math.min(...costs);
}

describe('a plan of looks', () => {
  // The plan is found from what the engine does; here it is done alone, from every start.
  for (const one of APPROACHES.filter((each): each is PatternApproach => !isSearch(each))) {
    it(`brings every start of ${one.id} to its goal, by cases of the engine's rank`, async () => {
      const proof = proveGlance(one, await planOf(one.id));
      expect(proof.unsolved).withContext('a start it does not solve').toBeNull();
      expect(proof.solved).toBe(proof.starts);
    });
  }

  it('says figures that go together: no mean below the bound, above the worst, or dearer than going through the patterns', async () => {
    for (const id of [
      'ycross-two',
      'face-two',
      'swap-back',
      'place-right',
      'pairs',
      'corners-three',
    ]) {
      const plan = await planOf(id);
      expect(plan.atLeast).toBeLessThanOrEqual(plan.mean + 1e-9);
      expect(plan.mean).toBeLessThanOrEqual(plan.worst);
      expect(plan.mean).toBeLessThan(plan.inOrder ?? Infinity);
      const parts = (node: GlanceNode): number =>
        'answers' in node ? node.answers.reduce((sum, { part }) => sum + part, 0) : 1;
      expect(parts(plan.tree)).toBeCloseTo(1, 2);
    }
  });

  it('looks at no sticker twice, unless to say at last what it means', async () => {
    for (const id of ['corners-three', 'middle-eight', 'face-repeat']) {
      for (const path of paths((await planOf(id)).tree))
        expect(new Set(path).size).toBe(path.length);
    }
  });

  it('is the best there is for every stage of the last layer', async () => {
    const last = APPROACHES.filter(
      ({ stage }) => !['daisy', 'cross', 'corners', 'middle'].includes(stage),
    );
    for (const { id } of last) {
      const { mean, atLeast } = await planOf(id);
      expect(mean).withContext(id).toBeCloseTo(atLeast, 9);
    }
  });

  it('costs what the best of all trees costs, where all can be tried', async () => {
    for (const id of ['ycross-repeat', 'ycross-two', 'daisy-cross', 'cycle-two', 'edges-match']) {
      const { situations } = gaze(approach(id));
      const all = Array.from({ length: situations.count }, (_, s) => s);
      expect((await planOf(id)).mean)
        .withContext(id)
        .toBeCloseTo(bestOfAll(situations, all), 9);
    }
  });

  it('says how much what is in sight leaves open, and between which cases', () => {
    const ahead = glancePlan(gaze(approach('edges-match')), 'ahead');
    expect(ahead.open).toBeGreaterThan(0.9);
    expect(ahead.alike.flat()).toContain('edges-match/opposite');
    const face = glancePlan(gaze(approach('face-two')), 'ahead');
    expect(face).toEqual(jasmine.objectContaining({ open: 0, alike: [] }));
  });

  it('tells of a cube what was seen, what that leaves, and the step it ends in', async () => {
    const plan = await planOf('face-two');
    const random = randomFrom(5);
    const runner = patternRunnerFor(approach('face-two'), UP);
    const hold = turnedOver(HOME_HOLD, opposite(UP));
    for (let k = 0; k < 40; k++) {
      const cube = stageStart(methodById('front-right')!, 'yellow-face', UP, random);
      const { end, looked } = followGlance(plan, (look) =>
        'sticker' in look ? roleSeen(cube, hold, look.sticker, false) : '',
      );
      if ('open' in end) throw new Error('not told');
      const step = stepOf(end, runner, copyCube(cube), hold, false)!;
      expect(step.case.id).toBe(runner.next(cube, hold, false)[0]!.case.id);
      expect(casesIn(looked.at(-1)!.then)).toEqual([end.case]);
      for (const [one, next] of looked.slice(1).map((each, at) => [looked[at]!, each] as const)) {
        expect(casesIn(one.then)).toEqual(jasmine.arrayContaining([...casesIn(next.then)]));
      }
    }
    expect(casesIn(plan.tree)).toHaveSize(4);
  });
});
