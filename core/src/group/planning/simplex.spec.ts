import { randomFrom } from '../../puzzle/cube/index.js';
import { type Column, Simplex } from './simplex.js';

function solved(right: number[], columns: readonly Column[]): number {
  const simplex = new Simplex(
    right,
    right.map((_, row) => ({ rows: [row], worth: 0 })),
  );
  const slacks = right.map((_, row): Column => ({ rows: [row], worth: 0 }));
  expect(simplex.settle([...columns, ...slacks])).toBeTrue();
  return simplex.worth;
}

describe('a linear programme', () => {
  it('comes to what is known of small ones', () => {
    const pair = (a: number, b: number, worth: number): Column => ({ rows: [a, b], worth });
    // A triangle of which each corner is taken once: half of each side.
    expect(solved([1, 1, 1], [pair(0, 1, 2), pair(1, 2, 2), pair(0, 2, 2)])).toBeCloseTo(3, 9);
    expect(solved([1, 1, 1], [pair(0, 1, 5), pair(1, 2, 1)])).toBeCloseTo(5, 9);
    expect(solved([2, 1], [{ rows: [0], worth: 3 }, pair(0, 1, 4)])).toBeCloseTo(7, 9);
  });

  it('is never below what any whole choice of columns is worth', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const random = randomFrom(seed);
      const columns = Array.from({ length: 10 }, (): Column => {
        const rows = [0, 1, 2, 3, 4].filter(() => random(2) === 0);
        return { rows: rows.length > 0 ? rows : [0], worth: 1 + random(9) };
      });
      let best = 0;
      for (let chosen = 0; chosen < 1 << columns.length; chosen++) {
        const taken = columns.filter((_, k) => (chosen >> k) & 1);
        const rows = taken.flatMap((one) => one.rows);
        if (new Set(rows).size < rows.length) continue;
        best = Math.max(
          best,
          taken.reduce((sum, { worth }) => sum + worth, 0),
        );
      }
      expect(solved([1, 1, 1, 1, 1], columns))
        .withContext(`seed ${seed}`)
        .toBeGreaterThan(best - 1e-9);
    }
  });

  it('comes to an end where many steps come to nothing: rows that are full from the start', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const random = randomFrom(seed);
      const columns = Array.from({ length: 60 }, (): Column => {
        const rows = [0, 1, 2, 3, 4, 5, 6, 7].filter(() => random(3) === 0);
        return { rows: rows.length > 0 ? rows : [seed % 8], worth: 1 + random(4) };
      });
      // Nothing is left of half of the rows, so that whatever takes them moves nothing.
      const right = [0, 1, 0, 1, 0, 1, 0, 1];
      const free = columns.filter(({ rows }) => rows.every((row) => right[row]! > 0));
      expect(solved(right, columns)).toBeCloseTo(solved(right, free), 9);
    }
  });
});
