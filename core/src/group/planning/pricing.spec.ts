import { randomFrom } from '../../puzzle/cube/index.js';
import { type Activity, gainAt, type Gains, gainsOf } from './gains.js';
import { OBJECTIVE } from './objective.js';
import { someAsked } from './planning.spec-support.js';
import { Pricer } from './pricing.js';
import { Programmes } from './programmes.js';

/** All ways to choose so many, or fewer. */
function* choices(of: readonly Activity[], most: number, from = 0): Generator<Activity[]> {
  yield [];
  if (most === 0) return;
  for (let k = from; k < of.length; k++) {
    for (const rest of choices(of, most - 1, k + 1)) yield [of[k]!, ...rest];
  }
}

/** Everything a table could do in its blocks, beside the coach in one of them or not. */
function* everything({ fresh, others, blocks }: Gains, withCoach: boolean): Generator<Activity[]> {
  if (!withCoach) yield* choices(others, blocks);
  else {
    for (const shown of fresh) {
      for (const rest of choices(others, blocks - 1)) yield [shown, ...rest];
    }
  }
}

const tablesOf = (learners: number): number[][] =>
  Array.from({ length: (1 << learners) - 1 }, (_, k) =>
    Array.from({ length: learners }, (__, one) => one).filter((one) => ((k + 1) >> one) & 1),
  );
const small = (seed: number): Gains => gainsOf(someAsked(3, seed, { minutes: 30 }));

describe('the table that is worth most beyond its prices', () => {
  it('is the best of all there could be, at any prices', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const gains = small(seed);
      const { learners, blocks, beside } = gains;
      const random = randomFrom(seed);
      const prices = Float64Array.from({ length: learners + 2 }, () => random(100) / 400);
      const [coachRow, tableRow] = [learners, learners + 1];
      let best = -Infinity;
      for (const members of tablesOf(learners)) {
        for (const withCoach of [false, true]) {
          const asked =
            members.reduce((sum, one) => sum + prices[one]!, prices[tableRow]!) +
            (withCoach ? prices[coachRow]! : 0);
          for (const done of everything(gains, withCoach)) {
            const gain = done.reduce((sum, one) => sum + gainAt(one, members), 0);
            const cases = gain + members.length * beside * blocks;
            best = Math.max(best, cases - OBJECTIVE.tableCosts - asked);
          }
        }
      }
      const [found] = new Pricer(gains, coachRow, tableRow).missing(prices);
      expect(found?.more ?? 0)
        .withContext(`seed ${seed}`)
        .toBeCloseTo(Math.max(0, best), 5);
    }
  });
});

describe('what a table does best', () => {
  it('gives most of them something of their own, and then gains most, among all it could do', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const gains = small(seed);
      const programmes = new Programmes(gains);
      const all = [...gains.fresh, ...gains.others];
      for (const members of tablesOf(gains.learners)) {
        const owners = members.filter((one) => all.some(({ isTheirs }) => isTheirs[one] === 1));
        const valueOf = (done: readonly Activity[]): number => {
          const useful = done.filter((one) => gainAt(one, members) > 0);
          const gain = useful.reduce((sum, one) => sum + gainAt(one, members), 0);
          const without = owners.filter(
            (one) => !useful.some(({ isTheirs }) => isTheirs[one] === 1),
          ).length;
          const cases = gain + members.length * gains.beside * gains.blocks;
          return OBJECTIVE.valueOf({ cases, tables: 1, without });
        };
        let best = -Infinity;
        for (const done of everything(gains, false)) best = Math.max(best, valueOf(done));
        expect(programmes.of(members, false).value)
          .withContext(`seed ${seed}, ${members.join()}`)
          .toBeCloseTo(best, 9);
      }
    }
  });
});
