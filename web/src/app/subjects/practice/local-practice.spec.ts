import { aReview } from '@sleetcrest/contract/testing';
import { dayNumber, type Review } from '@sleetcrest/core/learner/answers';
import { v4 as uuid } from 'uuid';
import { until } from '../../app.spec-support';
import { LocalPractice } from './local-practice';

const DAY = dayNumber('2026-11-01T10:00:00Z');

describe('answers kept in the browser', () => {
  let practice: LocalPractice;
  let name: string;
  beforeEach(() => {
    name = `practice-spec-${uuid()}`;
    practice = new LocalPractice(name);
  });
  afterEach(() => indexedDB.deleteDatabase(name));

  const answered = (over: Partial<Review>): Review => aReview({ id: uuid(), ...over });

  it('are there once, however often they are added, and there again when it is begun anew', async () => {
    const review = answered({});
    expect(await practice.add([review])).toBe(1);
    expect(await practice.add([review])).toBe(0);
    const again = new LocalPractice(name);
    expect((await again.knowledge(DAY, 3)).answers).toBe(1);
  });

  it('say what comes next and what is due, of what one is learning alone', async () => {
    await practice.add([answered({ item: 'a/one' }), answered({ item: 'b/one' })]);
    const later = DAY + 60;
    expect(await practice.next(later, [], [{ kind: 'see', item: 'b/one' }])).toEqual(
      jasmine.objectContaining({ item: 'b/one', because: 'due' }),
    );
    expect(await practice.next(later, [], [])).toBeNull();
    const fresh = [{ kind: 'see', item: 'c/one', turns: 0 }] as const;
    const outlook = await practice.outlook(later, [{ kind: 'see', item: 'b/one' }], fresh, 600);
    expect(outlook).toEqual(jasmine.objectContaining({ due: 1, fresh: 1, answers: 2 }));
    expect(outlook.nextDay).toBe(later);
  });

  it('tell how far one is with each case, also as answers come in late and out of order', async () => {
    const cases = [{ case: 'a/one', sequence: 'R U R' }];
    const grasp = async (): Promise<string> => (await practice.cases(cases, DAY + 3))[0]!.grasp;
    expect(await grasp()).toBe('new');
    await practice.add([answered({ item: 'a/one', at: '2026-11-03T10:00:00.000Z' })]);
    expect(await grasp()).toBe('begun');
    await practice.add([answered({ item: 'a/one', at: '2026-11-01T10:00:00.000Z' })]);
    for (const day of ['01', '03']) {
      const turn = { kind: 'turn', item: 'R U R', turns: 3 } as const;
      await practice.add([answered({ ...turn, at: `2026-11-${day}T11:00:00.000Z` })]);
    }
    expect(await grasp()).toBe('sure');
    const known = await practice.knowledge(DAY + 3, 14);
    expect(known.days.map(({ day, kind }) => `${day} ${kind}`)).toContain('2026-11-03 turn');
    expect(known.due).toHaveSize(14);
    expect(known.fit).toBeNull();
  });

  it('are read anew when another tab adds some', async () => {
    await practice.add([answered({})]);
    const other = new LocalPractice(name);
    expect((await other.knowledge(DAY, 1)).answers).toBe(1);
    await practice.add([answered({})]);
    // The word of it comes through the browser.
    let heard = 0;
    await until(() => {
      void other.knowledge(DAY, 1).then(({ answers }) => (heard = answers));
      return heard === 2;
    });
  });

  it('go where they belong: some at a time, and then for good', async () => {
    const reviews = [answered({}), answered({}), answered({})];
    await practice.add(reviews);
    const some = await practice.some(2);
    expect(some).toHaveSize(2);
    await practice.moved(some.map(({ id }) => id));
    expect((await practice.knowledge(DAY, 1)).answers).toBe(1);
    await practice.heardUntil('2026-11-26T10:00:00Z');
    expect(await practice.since()).toBe('2026-11-26T10:00:00Z');
    await practice.forget();
    expect((await practice.knowledge(DAY, 1)).answers).toBe(0);
    expect(await practice.since()).toBeUndefined();
  });
});
