import { randomFrom } from '../../puzzle/cube/index.js';
import { type Column, Simplex } from './simplex.js';

/** Takes columns, that of most gain first, until none would gain. */
function solved(right: number[], columns: readonly Column[]): number {
  const simplex = new Simplex(
    right,
    right.map((_, row) => ({ rows: [row], worth: 0 })),
  );
  for (let turns = 0; turns < 1000; turns++) {
    const prices = simplex.prices();
    let best: Column | undefined;
    let most = 1e-9;
    for (const column of [...columns, ...right.map((_, row) => ({ rows: [row], worth: 0 }))]) {
      const more = column.rows.reduce((left, row) => left - prices[row]!, column.worth);
      if (more > most) [best, most] = [column, more];
    }
    if (!best || !simplex.enter(best)) break;
  }
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
});
