import type { MatrixRow } from '@sleetcrest/contract/table';
import { type Standing, STANDINGS } from '@sleetcrest/core/learner/standing';
import fc from 'fast-check';
import { aMatrix } from '../table.spec-support';
import { inOrder, type Order } from './matrix-order';

const ORDERS: readonly Order[] = ['need', 'name', 'seen', 'stage daisy', 'stage corners'];

/** Some learners, each anywhere, some never seen. */
const matrices = fc
  .array(
    fc.record({
      name: fc.constantFrom('Åse', 'Amalie', 'Odd', 'odd', 'Øyvind', 'Teo'),
      standings: fc.array(fc.constantFrom(...STANDINGS), { minLength: 4, maxLength: 4 }),
      seen: fc.option(fc.integer({ min: 20_000, max: 20_009 })),
    }),
    { maxLength: 12 },
  )
  .map((all) => {
    const named = Object.fromEntries(
      all.map(({ name, standings }, k) => [`${name} ${k}`, standings]),
    );
    const matrix = aMatrix(4, named);
    const rows = matrix.rows.map((row, k): MatrixRow => ({ ...row, lastDay: all[k]!.seen }));
    return { ...matrix, rows };
  });

/** Every two that follow each other. */
const pairs = (rows: readonly MatrixRow[]): (readonly [MatrixRow, MatrixRow])[] =>
  rows.slice(1).map((row, k) => [rows[k]!, row] as const);

describe('the order of a matrix', () => {
  it('has everybody once, and leaves what was given as it is', () => {
    fc.assert(
      fc.property(matrices, fc.constantFrom(...ORDERS), (matrix, order) => {
        const before = [...matrix.rows];
        const rows = inOrder(matrix, order);
        expect(matrix.rows).toEqual(before);
        expect(new Set(rows)).toEqual(new Set(before));
        expect(rows.length).toBe(before.length);
      }),
      { seed: 21, numRuns: 150 },
    );
  });

  it('does not depend on the order before', () => {
    fc.assert(
      fc.property(matrices, fc.constantFrom(...ORDERS), (matrix, order) => {
        const turned = { ...matrix, rows: [...matrix.rows].reverse() };
        expect(inOrder(turned, order)).toEqual(inOrder(matrix, order));
      }),
      { seed: 22, numRuns: 150 },
    );
  });

  it('is by when they were seen, who never was first, and by name among those alike', () => {
    fc.assert(
      fc.property(matrices, (matrix) => {
        for (const [before, after] of pairs(inOrder(matrix, 'seen'))) {
          const [one, other] = [before.lastDay ?? 0, after.lastDay ?? 0];
          expect(one).toBeLessThanOrEqual(other);
          if (one === other) expect(before.name.localeCompare(after.name)).toBeLessThan(0);
        }
      }),
      { seed: 23, numRuns: 150 },
    );
  });

  it('is of a stage first who is losing it, then who has begun it, last who is sure of it', () => {
    const rows = inOrder(
      aMatrix(4, Object.fromEntries(STANDINGS.map((one) => [one, [one, one, one, one]]))),
      'stage daisy',
    );
    expect(rows.map(({ name }) => name)).toEqual(['slipping', 'begun', 'new', 'known', 'sure']);
  });

  it('is by name as a reader sorts it', () => {
    const none: Standing[] = ['new', 'new'];
    const matrix = aMatrix(2, { Zoe: none, Åse: none, amalie: none, Odd: none });
    const names = inOrder(matrix, 'name').map(({ name }) => name);
    expect(names).toEqual([...names].sort((a, b) => a.localeCompare(b)));
    expect(names.indexOf('amalie')).toBeLessThan(names.indexOf('Odd'));
  });
});
