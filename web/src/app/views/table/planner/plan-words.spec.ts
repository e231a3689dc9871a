import { OBJECTIVE, type Remark, type Slot, type Worth } from '@sleetcrest/core/group/planning';
import { remarkWords, slotWords, worthWords } from './plan-words';

const called = (id: string): string => `“${id}”`;

describe('what is said of a plan', () => {
  it('names what each table does', () => {
    const words = (kind: Slot['kind']): string =>
      slotWords({ kind, case: 'bar', other: 'hook' }, called);
    expect((['solve', 'new', 'firm', 'apart'] as const).map(words)).toEqual([
      'Whole solves',
      'New, you teach: “bar”',
      'Consolidate: “bar”',
      'Tell apart: “bar” and “hook”',
    ]);
  });

  it('names who is meant and which block, counted from one', () => {
    const words = (kind: Remark['kind'], ...learners: string[]): string =>
      remarkWords({ kind, block: 0, learners }, called);
    expect(words('two-new-at-once')).toBe('In block 1 two tables would need you at once.');
    expect(words('new-twice', 'Teo')).toBe('“Teo” would meet two new cases in one session.');
    expect(words('too-many', 'Teo', 'Odd')).toBe('More than six sit together: “Teo” and “Odd”.');
    expect(words('nothing-of-theirs', 'Teo')).toBe('Nothing here suits: “Teo”.');
    expect(words('left-out', 'Teo')).toBe('Has no table yet: “Teo”.');
  });

  describe('of its worth', () => {
    const learners = Array.from({ length: 6 }, () => ({}) as never);
    const asked = { minutes: 60, learners };
    const of = (cases: number, tables = 2, without = 0): Worth =>
      OBJECTIVE.worthOf({ cases, tables, without });
    const worth = (one: Worth, proposed: Parameters<typeof worthWords>[2] = null): string =>
      worthWords(one, asked, proposed);
    const best = { worth: of(4), bound: of(4).value, boundCut: false, exact: true };

    it('gives the minutes all spend in blocks for each case', () => {
      // Three blocks of 15 minutes for six: 270 learner-minutes.
      expect(worth(of(4))).toMatch(
        /^Expect about 4 cases learned, one for every \d+ learner-minutes\.$/,
      );
      const rate = (value: number): number => Number(/every (\d+)/.exec(worth(of(value)))![1]);
      expect(rate(2)).toBe(2 * rate(4));
    });

    it('gives no rate where nothing is to be expected, or nobody comes', () => {
      expect(worth(of(0))).toBe('Expect about 0 cases learned.');
      expect(worthWords(of(1), { minutes: 60, learners: [] }, null)).not.toContain(
        'learner-minutes',
      );
    });

    it('says who is left with nothing of their own, though more cases come of it', () => {
      expect(worth(of(5, 2, 1), best)).toContain('1 learner has nothing of their own to do.');
      expect(worth(of(4, 2), best)).toContain('No plan is worth more');
    });

    it('says what was changed costs or gains, in cases and in tables, each by itself', () => {
      expect(worth(of(3.4), best)).toContain('Your change loses 0.6.');
      expect(worth(of(4.6, 3), best)).toContain('gains 0.6, with 1 table more to look');
      expect(worth(of(4, 1), best)).toContain('loses none, with 1 table fewer to look');
      expect(worth(of(3.97), best)).toContain('No plan is worth more, where each extra table');
    });

    it('says how far the best could be away where it is not known, so that it is true', () => {
      const said = (value: number, bound: number): string =>
        worth(
          { cases: value, tables: 0, without: 0, value },
          {
            worth: { cases: value, tables: 0, without: 0, value },
            bound,
            boundCut: false,
            exact: false,
          },
        );
      expect(said(4, 4.1)).toContain('No plan is worth 3 % more,');
      expect(said(4, 4.001)).toContain('No plan is worth 1 % more,');
      // One of the bound itself would be worth half as much again, and not a third.
      expect(said(4, 6)).toContain('No plan is worth 51 % more,');
      expect(said(0, 6)).not.toContain('No plan');
    });
  });
});
