import { mostTables, partsOf, type PlanAsked, type PlanTable } from './asked.js';
import { boundOf } from './bound.js';
import { gainsOf, nextNew } from './gains.js';
import { type Planned, planSession, remarksOn, worthOf } from './plan.js';
import { someAsked, someCases } from './planning.spec-support.js';
import { OBJECTIVE } from './objective.js';
import { MOST_AT_TABLE, Programmes } from './programmes.js';
import { reasonsFor } from './reasons.js';

function planned(asked: PlanAsked): Planned {
  const made = planSession(asked);
  if (!made.ok) throw new Error(made.error);
  return made.value;
}

/** The best seating of few, by trying all: each of them at a table there is, or at a new one. */
function bestByTrying(asked: PlanAsked): number {
  let best = -Infinity;
  const go = (k: number, tables: string[][]): void => {
    if (k === asked.learners.length) {
      best = Math.max(best, bestProgrammes(asked, tables));
      return;
    }
    const { id } = asked.learners[k]!;
    for (const table of tables) {
      table.push(id);
      go(k + 1, tables);
      table.pop();
    }
    if (tables.length < mostTables(asked, MOST_AT_TABLE)) go(k + 1, [...tables, [id]]);
  };
  go(0, []);
  return best;
}

/** All choices of what tables do, with the coach at no two of them in one block. */
function bestProgrammes(asked: PlanAsked, tables: readonly (readonly string[])[]): number {
  const gains = gainsOf(asked);
  const { blocks } = gains;
  const worth = tables.map((learners) => {
    const best = [-Infinity, -Infinity];
    const others = gains.others.map(({ slot }) => slot);
    const try_ = (slots: PlanTable['slots'], coached: number): void => {
      const worth = worthOf(asked, [{ learners, slots }]).value;
      best[coached] = Math.max(best[coached]!, worth);
    };
    const choose = (from: number, slots: PlanTable['slots'], coached: number): void => {
      if (slots.length === blocks) return try_(slots, coached);
      for (let k = from; k < others.length; k++) choose(k + 1, [...slots, others[k]!], coached);
      choose(others.length, [...slots, { kind: 'solve', case: '', other: '' }], coached);
    };
    choose(0, [], 0);
    for (const { slot } of gains.fresh) choose(0, [slot], 1);
    return best;
  });
  const plain = worth.reduce((sum, [alone]) => sum + alone!, 0);
  const more = worth
    .map(([alone, coached]) => Math.max(0, coached! - alone!))
    .sort((a, b) => b - a);
  return plain + more.slice(0, blocks).reduce((sum, one) => sum + one, 0);
}

describe('a session’s plan', () => {
  it('parts every session whole, with two or three blocks', () => {
    for (let minutes = 20; minutes <= 90; minutes++) {
      const { warmUp, blocks, block, closing } = partsOf(minutes);
      expect(warmUp + blocks * block + closing)
        .withContext(`${minutes}`)
        .toBe(minutes);
      expect([2, 3]).toContain(blocks);
      expect(Math.min(warmUp, block, closing)).toBeGreaterThan(1);
    }
  });

  it('is the best there is for few, as trying everything finds it', () => {
    const few = someCases.filter((_, k) => k % 6 < 2);
    for (let seed = 1; seed <= 4; seed++) {
      const asked = someAsked(4, seed, { minutes: 40 });
      const narrowed = {
        ...asked,
        cases: few,
        learners: asked.learners.map((one) => ({
          ...one,
          standings: one.standings.filter((_, k) => k % 6 < 2),
        })),
      };
      const { worth, exact } = planned(narrowed);
      expect(exact).toBeTrue();
      expect(worth.value).withContext(`seed ${seed}`).toBeCloseTo(bestByTrying(narrowed), 9);
    }
  });

  it('keeps every rule, whoever comes and however many', () => {
    for (const [count, seed, minutes, cubes] of [
      [1, 1, 20, 1],
      [2, 2, 45, 2],
      [7, 3, 50, 4],
      [12, 4, 60, 12],
      [19, 5, 75, 10],
      [30, 6, 90, 30],
    ] as const) {
      const asked = someAsked(count, seed, { minutes, cubes });
      const { plan, worth, bound } = planned(asked);
      const { blocks } = partsOf(minutes);
      expect(plan.tables.flatMap(({ learners }) => learners).sort()).toEqual(
        asked.learners.map(({ id }) => id).sort(),
      );
      expect(plan.tables.length).toBeLessThanOrEqual(cubes);
      for (const { learners, slots } of plan.tables) {
        expect(learners.length).toBeLessThanOrEqual(MOST_AT_TABLE);
        expect(slots.length).toBe(blocks);
      }
      expect(remarksOn(asked, plan.tables)).withContext(`${count} learners`).toEqual([]);
      expect(worth).toEqual(worthOf(asked, plan.tables));
      expect(worth.tables).toBe(plan.tables.length);
      expect(worth.value).toBeCloseTo(OBJECTIVE.valueOf(worth), 9);
      expect(worth.value).toBeLessThanOrEqual(bound + 1e-6);
    }
  });

  it('is within a twentieth of what no plan can pass', () => {
    for (let seed = 1; seed <= 4; seed++) {
      const { worth, bound } = planned(someAsked(30, seed * 7, { minutes: 60 }));
      expect(worth.value)
        .withContext(`seed ${seed}`)
        .toBeGreaterThan(bound * 0.95);
    }
  });

  it('has a bound that the best plan of few never passes', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const asked = someAsked(3 + (seed % 8), seed, { cubes: 2 + (seed % 4) });
      const { value } = planned(asked).worth;
      expect(boundOf(new Programmes(gainsOf(asked)), mostTables(asked, MOST_AT_TABLE)).bound)
        .withContext(`seed ${seed}`)
        .toBeGreaterThan(value - 1e-6);
    }
  });

  it('is the same for the same seed', () => {
    const asked = someAsked(20, 3);
    expect(planned(asked)).toEqual(planned({ ...asked, learners: [...asked.learners] }));
  });

  it('refuses what cannot be planned, and says why', () => {
    const error = (change: Partial<PlanAsked>): string => {
      const made = planSession({ ...someAsked(13, 1), ...change });
      return made.ok ? '' : made.error;
    };
    expect(error({ learners: [] })).toMatch(/Nobody comes/);
    expect(error({ cubes: 2 })).toMatch(/3 at least/);
    expect(error({ minutes: 19 })).toMatch(/20 to 90/);
    expect(error({ learners: someAsked(41, 1).learners })).toMatch(/at most 40/);
  });

  it('sends nobody on before a stage is known', () => {
    const standings = someCases.map(({ stage }, k) =>
      stage === 'cross' ? 'sure' : stage === 'corners' && k % 2 === 0 ? 'begun' : 'new',
    );
    expect(nextNew(someCases, standings).map((k) => someCases[k]!.stage)).toEqual([
      'corners',
      'corners',
      'corners',
    ]);
    expect(
      nextNew(
        someCases,
        someCases.map(() => 'known' as const),
      ),
    ).toEqual([]);
  });

  it('says of everyone why they sit where they sit, one sentence a block', () => {
    const asked = someAsked(16, 11);
    const { plan } = planned(asked);
    for (const table of plan.tables) {
      for (const id of table.learners) {
        const { name, standings } = asked.learners.find((one) => one.id === id)!;
        const reasons = reasonsFor(asked, table, id);
        expect(reasons.length).toBe(table.slots.length);
        for (const [block, { says: said, cases }] of reasons.entries()) {
          const named = [...said.matchAll(/“([^”]*)”/g)].map(([, title]) => title!);
          const titles = cases.map((one) => someCases.find((known) => known.case === one)!.title);
          expect(titles.sort()).toEqual(named.sort());
          expect(said).toContain(name);
          expect(said).toMatch(/\.$/);
          const slot = table.slots[block]!;
          const standing = standings[someCases.findIndex((one) => one.case === slot.case)];
          if (/is losing/.test(said)) expect(standing).toBe('slipping');
          if (/is sure of “[^”]*” and explains it to/.test(said)) expect(standing).toBe('sure');
          if (/has begun/.test(said)) expect(standing).toBe('begun');
        }
      }
    }
  });

  it('tells what moving things about costs, and what it breaks', () => {
    const asked = someAsked(8, 5);
    const { plan, worth } = planned(asked);
    const [a, b] = [plan.tables[0]!, plan.tables[1]!];
    const swapped: PlanTable[] = [
      { ...a, learners: [b.learners[0]!, ...a.learners.slice(1)] },
      { ...b, learners: [a.learners[0]!, ...b.learners.slice(1)] },
      ...plan.tables.slice(2),
    ];
    expect(worthOf(asked, swapped).value).toBeLessThanOrEqual(worth.value + 1e-9);
    const shown = { kind: 'new', case: 'cross/0', other: '' } as const;
    const both = plan.tables.map((table) => ({ ...table, slots: [shown, shown] }));
    const kinds = remarksOn(asked, both).map(({ kind }) => kind);
    expect(kinds).toContain('two-new-at-once');
    expect(kinds).toContain('new-twice');
    expect(remarksOn(asked, plan.tables.slice(1)).map(({ kind }) => kind)).toEqual(['left-out']);
  });
});
