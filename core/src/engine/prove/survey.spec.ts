import { knownSurvey, partFacts } from '../facts/index.js';
import { DOWN, holdsWithUp, randomCube, randomFrom, UP } from '../../puzzle/cube/index.js';
import { approachById, APPROACHES } from '../../teaching/approaches/index.js';
import { methodById, METHODS } from '../../teaching/methods/index.js';
import { spreadOf } from '../run/distribution.spec-support.js';
import {
  distributionOf,
  meanOf,
  quantileOf,
  resolveMethod,
  runnerFor,
  runStage,
  solve,
  startsOf,
  together,
  worstOf,
} from '../run/index.js';
import { prove } from './prove.js';
import { independentGroups } from './parts.js';
import { type MethodSurvey, Surveyor } from './survey.js';

/** The survey that ships: another spec counts all of them anew. */
const survey = (id: string): MethodSurvey => knownSurvey(methodById(id)!)!;
const SAMPLES = 1200;

describe('a distribution', () => {
  const dice = distributionOf([0, 1, 1, 1, 1, 1, 1]);

  it('tells mean, quartiles and worst case', () => {
    expect(meanOf(dice)).toBeCloseTo(3.5, 12);
    expect([0.25, 0.5, 0.75, 1].map((share) => quantileOf(dice, share))).toEqual([2, 3, 5, 6]);
    expect(worstOf(dice)).toBe(6);
    expect(spreadOf(dice)).toBeCloseTo(Math.sqrt(35 / 12), 12);
  });

  it('adds up with an independent one', () => {
    const two = together(dice, dice);
    expect(two[7]).toBeCloseTo(6 / 36, 12);
    expect(meanOf(two)).toBeCloseTo(7, 12);
  });
});

describe('the survey of a method', () => {
  for (const { id } of METHODS) {
    it(`of ${id} agrees with walkthroughs of random cubes, within sampling error`, () => {
      const { turns, stages } = survey(id);
      const random = randomFrom(METHODS.findIndex((method) => method.id === id) + 100);
      const lengths: number[] = [];
      const met = new Map<string, number>();
      let [looks, holds] = [0, 0];
      for (let k = 0; k < SAMPLES; k++) {
        const walk = solve(randomCube(random), methodById(id)!);
        if (!walk.ok) throw new Error(walk.error);
        lengths.push(walk.value.turnCount);
        looks += walk.value.steps.length;
        const front = walk.value.steps.map(({ hold }) => `${hold.up} ${hold.front}`);
        const turned = walk.value.steps.filter(({ sequence }) => /\by/.test(sequence)).length;
        holds +=
          turned + front.filter((hold, at) => hold !== (front[at - 1] ?? 'white green')).length;
        for (const one of new Set(walk.value.steps.map((step) => step.case))) {
          met.set(one, (met.get(one) ?? 0) + 1);
        }
      }
      // Four standard errors: a wrong figure shows, a right one fails once in thousands of seeds.
      const error = (4 * spreadOf(turns)) / Math.sqrt(SAMPLES);
      const mean = lengths.reduce((sum, length) => sum + length, 0) / SAMPLES;
      expect(Math.abs(mean - meanOf(turns))).toBeLessThan(error);
      const below = lengths.filter((length) => length <= quantileOf(turns, 0.5)).length / SAMPLES;
      expect(below).toBeGreaterThan(0.44);
      expect(Math.max(...lengths)).toBeLessThanOrEqual(worstOf(turns));
      const expected = stages.reduce((sum, stage) => sum + stage.looks, 0);
      expect(Math.abs(looks / SAMPLES - expected)).toBeLessThan(0.4);
      // middle-turn turns the cube within a sequence, and the next step may or may not turn it on.
      const turning = stages.reduce((sum, stage) => sum + stage.holds, 0);
      if (id !== 'gentle') expect(Math.abs(holds / SAMPLES - turning)).toBeLessThan(0.4);
      for (const one of stages.flatMap((stage) => stage.cases)) {
        const chance = (met.get(one.case) ?? 0) / SAMPLES;
        const spread = Math.sqrt((one.chance * (1 - one.chance)) / SAMPLES);
        expect(Math.abs(chance - one.chance))
          .withContext(one.case)
          // Of what hardly ever comes up, one or two more tell nothing.
          .toBeLessThan(4.5 * spread + 2 / SAMPLES);
      }
    });
  }

  it('counts every start of the pairs once', () => {
    const { stages } = survey('step-up');
    const pairs = stages.find(({ approach }) => approach === 'pairs')!;
    expect(pairs.turns.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    // All four pairs home already: one start of 136,080 times 26,880.
    expect(pairs.turns[0]! * 136_080 * 26_880).toBeCloseTo(1, 3);
  });

  it('takes stages together that depend on each other, and no others', () => {
    const groups = (id: string): string[][] => {
      const approaches = resolveMethod(methodById(id)!);
      return approaches.ok
        ? independentGroups(approaches.value).map((group) => group.map((one) => one.id))
        : [];
    };
    expect(groups('gentle')).toEqual([
      ['daisy', 'daisy-cross'],
      ['corners-repeat'],
      ['middle-turn'],
      ['ycross-repeat', 'edges-match', 'place-left', 'turn-under'],
    ]);
    expect(groups('step-up').map((group) => group.length)).toEqual([1, 1, 4]);
  });

  it('agrees with the proof where a stage is the first of its group', () => {
    for (const [method, id] of [
      ['gentle', 'corners-repeat'],
      ['white-up', 'cross-lift'],
      ['five-beat', 'middle-five'],
    ] as const) {
      const stage = survey(method).stages.find(({ approach }) => approach === id)!;
      const { mean, worst } = prove(approachById(id)!);
      expect(meanOf(stage.turns)).toBeCloseTo(mean, 9);
      expect(worstOf(stage.turns)).toBe(worst);
    }
  });

  it('does not depend on which of the four holds a stage begins in', () => {
    for (const approach of APPROACHES.filter(({ id }) => id !== 'cross-under')) {
      const runner = runnerFor(approach, UP);
      const { cube, count, matter } = startsOf(approach.stage, approach.after, UP);
      if (count > 8_000 || approach.id === 'pairs') continue;
      const means = holdsWithUp(approach.up === 'first' ? UP : DOWN).map((hold) => {
        let turns = 0;
        for (let k = 0; k < count; k++) {
          runStage(cube(k), hold, runner, UP, (choice) => (turns += choice.turnCount), matter);
        }
        return turns / count;
      });
      expect(new Set(means).size).withContext(approach.id).toBe(1);
    }
  });

  it('put together from facts is the one that is counted, with the parts known or not', () => {
    const method = methodById('front-right')!;
    const counted = new Surveyor(UP).survey(method);
    expect(counted).toEqual({ ok: true, value: knownSurvey(method)! });
    expect(new Surveyor(UP, partFacts).survey(method)).toEqual(counted);
    const own = { ...approachById('cycle-one')!, id: 'my-cycle' };
    expect(knownSurvey({ ...method, approaches: [...method.approaches.slice(0, -1), own] })).toBe(
      undefined,
    );
  });

  it('is refused when an approach does not solve every cube', () => {
    const gentle = methodById('gentle')!;
    const approaches = gentle.approaches.filter((id) => id !== 'turn-under');
    expect(new Surveyor().survey({ ...gentle, approaches }).ok).toBeFalse();
  });
});
