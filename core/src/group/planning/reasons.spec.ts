import { HOME_HOLD, sideOfColour, STANDARD_SCHEME } from '../../puzzle/cube/index.js';
import { methodById } from '../../teaching/methods/index.js';
import { resolveMethod, runnerFor } from '../../engine/run/index.js';
import { type Standing, STANDINGS } from '../../learner/standing/index.js';
import { cubeBy } from '../../core.spec-support.js';
import type { MixedUp, PlanAsked, PlanCase, PlanLearner, PlanTable, Slot } from './asked.js';
import { preparedFor } from './prepared.js';
import { reasonsFor } from './reasons.js';
import { mostDue } from './warm-up.js';

/** Two stages of two cases each. */
const CASES: readonly PlanCase[] = ['a/1', 'a/2', 'b/1', 'b/2'].map((id) => ({
  case: id,
  stage: id[0]!,
  title: id.toUpperCase(),
  turns: 4,
}));

const learner = (
  name: string,
  standings: readonly Standing[],
  mixedUp: readonly MixedUp[] = [],
): PlanLearner => ({ id: name, name, standings, mixedUp, due: [] });

const slotOf = (kind: Slot['kind'], id = '', other = ''): Slot => ({ kind, case: id, other });

/** Why the first of them sits there, by block. */
function why(learners: readonly PlanLearner[], ...slots: Slot[]): string[] {
  const asked: PlanAsked = { cases: CASES, learners, minutes: 40, cubes: 4, seed: 1 };
  const table: PlanTable = { learners: learners.map(({ id }) => id), slots };
  return reasonsFor(asked, table, learners[0]!.id).map(({ says }) => says);
}

describe('why somebody does something in a block', () => {
  it('is how they stand with it, and who sits beside them, whatever both are', () => {
    const firm = slotOf('firm', 'a/1');
    for (const own of STANDINGS) {
      for (const other of STANDINGS) {
        const said = why(
          [learner('Teo', [own, 'sure', 'sure', 'sure']), learner('Odd', [other])],
          firm,
        )[0]!;
        const context = `${own} beside ${other}: ${said}`;
        const has = (part: string, when: boolean): void => {
          expect(said.includes(part)).withContext(context).toBe(when);
        };
        has('has begun', own === 'begun');
        has('once more makes it sure', own === 'known');
        has('is forgetting', own === 'slipping');
        has('not begun by Teo yet', own === 'new');
        has('Odd is sure of it and explains it', own === 'slipping' && other === 'sure');
        has('explains it to Odd', own === 'sure' && other === 'slipping');
        has('does whole solves meanwhile', own === 'sure' && other !== 'slipping');
      }
    }
  });

  it('names nobody who sits elsewhere', () => {
    const learners = [learner('Teo', ['slipping']), learner('Odd', ['sure'])];
    const asked: PlanAsked = { cases: CASES, learners, minutes: 40, cubes: 4, seed: 1 };
    const table = { learners: ['Teo'], slots: [slotOf('firm', 'a/1')] };
    expect(reasonsFor(asked, table, 'Teo')).toEqual([
      { says: 'Teo knew “A/1” and is forgetting it.', cases: ['a/1'] },
    ]);
    expect(reasonsFor(asked, table, 'nobody')).toEqual([]);
  });

  it('is for a new case where it lies on their path, and nothing beyond a stage that is open', () => {
    const shown = (standings: readonly Standing[], id: string): string =>
      why([learner('Teo', standings)], slotOf('new', id))[0]!;
    const none: Standing[] = ['new', 'new', 'new', 'new'];
    expect(shown(none, 'a/1')).toBe('“A/1” is next on Teo’s path.');
    expect(shown(none, 'a/2')).toBe('“A/2” is soon next on Teo’s path: one case comes before it.');
    expect(shown(none, 'b/1')).toContain('is not next for Teo');
    expect(shown(['known', 'sure', 'new', 'new'], 'b/1')).toContain('is next');
    // One that is begun is not new any more, and holds up the stage after.
    expect(shown(['begun', 'sure', 'new', 'new'], 'b/1')).toContain('is not next');
    expect(shown(['begun', 'sure', 'new', 'new'], 'a/1')).toContain('is not next');
  });

  it('is how often two were taken for each other, either way round', () => {
    const mixed: MixedUp[] = [
      { was: 'a/1', said: 'a/2', times: 2 },
      { was: 'a/2', said: 'a/1', times: 1 },
      { was: 'a/1', said: 'b/1', times: 5 },
    ];
    const said = (mixedUp: readonly MixedUp[]): string =>
      why([learner('Teo', ['known', 'known'], mixedUp)], slotOf('apart', 'a/1', 'a/2'))[0]!;
    expect(said(mixed)).toBe('Teo mixed up “A/1” and “A/2” 3 times.');
    expect(said(mixed.slice(1, 2))).toContain('“A/2” once.');
    expect(said([])).toContain('does not mix up “A/1” and “A/2”');
  });

  it('is for whole solves whether anything of theirs is left, and what', () => {
    const solve = slotOf('solve');
    for (const standing of STANDINGS) {
      const left = ['slipping', 'begun', 'known'].includes(standing);
      const one = learner('Teo', ['sure', standing, 'sure', 'new']);
      expect(why([one], solve)[0]!)
        .withContext(standing)
        .toBe(
          left
            ? 'Teo does whole solves, though “A/2” is not sure yet.'
            : 'Teo does whole solves: nothing else of theirs is under way.',
        );
      // It is done in another block of the same session.
      expect(why([one], slotOf('firm', 'a/2'), solve)[1]!).toContain('nothing else');
    }
  });
});

describe('a warm-up', () => {
  const due = (...all: string[][]): string[] =>
    mostDue(
      all.map((one, k) => ({ ...learner(`L${k}`, []), due: one })),
      CASES,
    );

  it('is what is due for most, of as many what comes first on the path', () => {
    expect(due(['b/1', 'a/2'], ['b/1'], ['a/1'])).toEqual(['b/1', 'a/1', 'a/2']);
    expect(due(['a/1', 'a/2', 'b/1', 'b/2'])).toEqual(['a/1', 'a/2', 'b/1']);
  });

  it('is nothing where nothing is due, and nothing the method does not have', () => {
    expect([due(), due([]), due(['c/1'])]).toEqual([[], [], []]);
  });
});

describe('prepared cubes', () => {
  const method = methodById('gentle')!;
  const approaches = resolveMethod(method);
  if (!approaches.ok) throw new Error(approaches.error);
  const approach = approaches.value.find(({ cases }) => cases.length > 1)!;
  const [one, other] = approach.cases.map(({ id }) => id) as [string, string];
  const prepared = (count: number, seed: number, ...slots: Slot[]) =>
    preparedFor(
      { learners: Array.from({ length: count }, (_, k) => `L${k}`), slots },
      ...([0, method, 'white', seed] as const),
    );
  const waiting = (turns: string): string => {
    const first = sideOfColour(STANDARD_SCHEME, 'white');
    return runnerFor(approach, first).next(cubeBy(turns), HOME_HOLD, false)[0]!.case.id;
  };

  it('have the case waiting, one for each at the table, by other turns', () => {
    for (const kind of ['new', 'firm'] as const) {
      const cubes = prepared(4, 9, slotOf(kind, one));
      expect(cubes.map(({ turns }) => waiting(turns))).toEqual([one, one, one, one]);
    }
    const seeds = [1, 20, 40].map((seed) => prepared(4, seed, slotOf('new', one)));
    expect(new Set(seeds.flat().map(({ turns }) => turns)).size).toBeGreaterThan(1);
    expect(prepared(4, 9, slotOf('new', one))).toEqual(prepared(4, 9, slotOf('new', one)));
  });

  it('are of both, in turn, where two are told apart', () => {
    const cubes = prepared(3, 9, slotOf('apart', one, other));
    expect(cubes.map((cube) => cube.case)).toEqual([one, other, one]);
    for (const cube of cubes) expect(waiting(cube.turns)).toBe(cube.case);
  });

  it('are none for whole solves, or for a block there is not', () => {
    expect(prepared(3, 9, slotOf('solve'))).toEqual([]);
    expect(prepared(3, 9)).toEqual([]);
  });
});
