import fc from 'fast-check';
import { mostTables, partsOf, type PlanAsked, type PlanTable, type Slot } from './asked.js';
import { planSession, remarksOn, worthOf } from './plan.js';
import { someAsked, someCases } from './planning.spec-support.js';
import { OBJECTIVE } from './objective.js';
import { MOST_AT_TABLE } from './programmes.js';

/** A session of some learners, seated somehow, whatever they do: nobody proposed it. */
const seated = fc
  .record({
    count: fc.integer({ min: 1, max: 14 }),
    seed: fc.integer({ min: 1, max: 500 }),
    minutes: fc.integer({ min: 20, max: 90 }),
    cubes: fc.integer({ min: 1, max: 20 }),
    at: fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 14, maxLength: 14 }),
    does: fc.array(fc.tuple(fc.integer({ min: 0, max: 2 }), fc.nat()), {
      minLength: 15,
      maxLength: 15,
    }),
  })
  .map(({ count, seed, minutes, cubes, at, does }) => {
    const asked = someAsked(count, seed, { minutes, cubes });
    const { blocks } = partsOf(minutes);
    const slot = (k: number): Slot => {
      const [kind, which] = does[k]!;
      if (kind === 0) return { kind: 'solve', case: '', other: '' };
      const id = someCases[which % someCases.length]!.case;
      return { kind: kind === 1 ? 'new' : 'firm', case: id, other: '' };
    };
    const tables: PlanTable[] = Array.from({ length: 5 }, (_, t) => ({
      learners: asked.learners.filter((__, k) => at[k] === t).map(({ id }) => id),
      slots: Array.from({ length: blocks }, (__, b) => slot(t * 3 + b)),
    }));
    return { asked, tables };
  });

const shuffled = (asked: PlanAsked): PlanAsked => ({
  ...asked,
  learners: [...asked.learners].reverse(),
});

describe('what tables are worth', () => {
  it('is the sum of what each is worth, whoever is first', () => {
    fc.assert(
      fc.property(seated, ({ asked, tables }) => {
        const whole = worthOf(asked, tables);
        const each = tables.map((table) => worthOf(asked, [table]));
        const sum = (of: (one: (typeof each)[number]) => number): number =>
          each.reduce((all, one) => all + of(one), 0);
        expect(whole.cases).toBeCloseTo(
          sum(({ cases }) => cases),
          9,
        );
        expect(whole.tables).toBe(sum((one) => one.tables));
        expect(worthOf(shuffled(asked), [...tables].reverse()).cases).toBeCloseTo(whole.cases, 9);
      }),
      { seed: 31, numRuns: 120 },
    );
  });

  it('counts cases and tables each by itself; an empty table is none', () => {
    fc.assert(
      fc.property(seated, ({ asked, tables }) => {
        const { cases, tables: count, without, value } = worthOf(asked, tables);
        const taken = tables.filter(({ learners }) => learners.length > 0);
        expect(count).toBe(taken.length);
        expect(value).toBeCloseTo(OBJECTIVE.valueOf({ cases, tables: count, without }), 9);
        const alone = remarksOn(asked, tables)
          .filter(({ kind }) => kind === 'nothing-of-theirs')
          .flatMap(({ learners }) => learners);
        expect(without).toBe(alone.length);
        expect(worthOf(asked, taken)).toEqual(worthOf(asked, tables));
        // Nobody makes more than one case sure in a block.
        const { blocks } = partsOf(asked.minutes);
        expect(cases).toBeGreaterThanOrEqual(0);
        expect(cases).toBeLessThanOrEqual(asked.learners.length * blocks * 1.1);
      }),
      { seed: 32, numRuns: 120 },
    );
  });

  it('is no more where the same is done twice', () => {
    fc.assert(
      fc.property(seated, ({ asked, tables }) => {
        const solve: Slot = { kind: 'solve', case: '', other: '' };
        const twice = tables.map(({ learners, slots }) => ({
          learners,
          slots: slots.map(() => slots[0]!),
        }));
        const once = tables.map(({ learners, slots }) => ({
          learners,
          slots: slots.map((slot, b) => (b === 0 ? slot : solve)),
        }));
        expect(worthOf(asked, twice).cases).toBeCloseTo(worthOf(asked, once).cases, 9);
      }),
      { seed: 33, numRuns: 80 },
    );
  });

  it('is never more after one has been moved from where the best plan has them', () => {
    let compared = 0;
    for (let seed = 1; seed <= 12; seed++) {
      const asked = someAsked(3 + (seed % 5), seed, { minutes: 20 + seed * 5 });
      const best = planSession(asked);
      if (!best.ok) throw new Error(best.error);
      const { tables } = best.value.plan;
      for (const { id } of asked.learners) {
        for (const to of tables.keys()) {
          const others = tables.map((table, t) => ({
            ...table,
            learners: [...table.learners.filter((one) => one !== id), ...(t === to ? [id] : [])],
          }));
          // Whoever would do nothing of their own is part of the worth; the rest no plan may do.
          const remarks = remarksOn(asked, others).filter(
            ({ kind }) => kind !== 'nothing-of-theirs',
          );
          if (remarks.length > 0) continue;
          compared++;
          expect(worthOf(asked, others).value).toBeLessThanOrEqual(best.value.worth.value + 1e-9);
        }
      }
    }
    expect(compared).toBeGreaterThan(100);
  });
});

describe('what is remarked on', () => {
  const kinds = (asked: PlanAsked, tables: readonly PlanTable[], kind: string): string[][] =>
    remarksOn(asked, tables)
      .filter((one) => one.kind === kind)
      .map(({ learners }) => [...learners]);

  it('is who sits nowhere, and which tables are too full, whoever they are', () => {
    fc.assert(
      fc.property(seated, fc.nat({ max: 4 }), ({ asked, tables }, without) => {
        const some = tables.filter((_, t) => t !== without);
        const out = tables[without]!.learners;
        expect(kinds(asked, some, 'left-out')).toEqual(out.length > 0 ? [[...out]] : []);
        const full = some.filter(({ learners }) => learners.length > MOST_AT_TABLE);
        expect(kinds(asked, some, 'too-many')).toEqual(full.map(({ learners }) => [...learners]));
      }),
      { seed: 35, numRuns: 150 },
    );
  });

  it('is each block in which more than one table would need the coach', () => {
    fc.assert(
      fc.property(seated, ({ asked, tables }) => {
        const { blocks } = partsOf(asked.minutes);
        const twice = Array.from({ length: blocks }, (_, b) => b).filter(
          (b) => tables.filter(({ slots }) => slots[b]!.kind === 'new').length > 1,
        );
        const told = remarksOn(asked, tables).filter(({ kind }) => kind === 'two-new-at-once');
        expect(told.map(({ block }) => block)).toEqual(twice);
      }),
      { seed: 36, numRuns: 150 },
    );
  });
});

describe('how many tables there may be', () => {
  it('is as many as have a cube, a learner and a visit in every block, and as few as seat all', () => {
    for (let count = 1; count <= 40; count++) {
      for (let minutes = 20; minutes <= 90; minutes += 5) {
        for (const cubes of [Math.ceil(count / MOST_AT_TABLE), count, 60]) {
          const most = mostTables(someOf(count, minutes, cubes), MOST_AT_TABLE);
          const context = `${count} learners, ${minutes} min, ${cubes} cubes`;
          expect(most).withContext(context).toBeLessThanOrEqual(Math.min(count, cubes));
          expect(most * MOST_AT_TABLE)
            .withContext(context)
            .toBeGreaterThanOrEqual(count);
        }
      }
    }
  });

  const someOf = (count: number, minutes: number, cubes: number): PlanAsked => ({
    cases: [],
    minutes,
    cubes,
    seed: 1,
    learners: Array.from({ length: count }, (_, k) => ({
      id: `${k}`,
      name: `${k}`,
      standings: [],
      mixedUp: [],
      due: [],
    })),
  });
});
