import fc from 'fast-check';
import {
  byNeed,
  DOINGS,
  type Here,
  SIGN_OF_LIFE,
  stateAtTable,
  STATES_AT_TABLE,
  stuckAfter,
} from './live.js';

const NOW = 10_000_000;
const USUAL = 120_000;

const here = (change: Partial<Here>): Here => ({
  doing: 'walk',
  at: 1,
  of: 9,
  since: NOW,
  hand: null,
  told: NOW,
  ...change,
});

/** Everything somebody can be at, however long, with the hand up or down, heard of lately or not. */
const all = DOINGS.flatMap((doing) =>
  [0, USUAL, USUAL + 1].flatMap((ago) =>
    [null, NOW - 5000].flatMap((hand) =>
      [0, 3 * SIGN_OF_LIFE, 3 * SIGN_OF_LIFE + 1].map((silent) => ({
        doing,
        ago,
        hand,
        silent,
        here: here({ doing, hand, since: NOW - ago, told: NOW - silent }),
      })),
    ),
  ),
);

describe('how somebody at a table is', () => {
  it('is said by the first that holds: a hand, a page that is gone, being stuck, what they are at', () => {
    for (const { doing, ago, hand, silent, here: one } of all) {
      const rests = doing === 'idle' || doing === 'done';
      const expected =
        hand !== null
          ? 'hand'
          : silent > 3 * SIGN_OF_LIFE
            ? 'away'
            : rests
              ? doing
              : ago > USUAL
                ? 'stuck'
                : 'well';
      expect(stateAtTable(one, USUAL, NOW))
        .withContext(`${doing} for ${ago}, silent for ${silent}`)
        .toBe(expected);
    }
  });

  it('is never away by a board that was cut off longer than the page', () => {
    for (const { here: one } of all) {
      expect(stateAtTable(one, USUAL, NOW, one.told)).not.toBe('away');
    }
  });
});

describe('whose need is greater', () => {
  const some = fc.array(fc.constantFrom(...all), { maxLength: 12 });
  const ranked = (of: readonly { here: Here }[]): number[] =>
    of.map((one) => STATES_AT_TABLE.indexOf(stateAtTable(one.here, USUAL, NOW)));

  it('is told of everybody once, by how they are, and among those alike by who waits longest', () => {
    fc.assert(
      fc.property(some, (people) => {
        const given = people.map((one) => ({ ...one, usual: USUAL }));
        const sorted = byNeed(given, NOW);
        expect(new Set(sorted)).toEqual(new Set(given));
        expect(sorted.length).toBe(given.length);
        const ranks = ranked(sorted);
        for (let k = 1; k < sorted.length; k++) {
          const [before, after] = [sorted[k - 1]!, sorted[k]!];
          expect(ranks[k - 1]).toBeLessThanOrEqual(ranks[k]!);
          if (ranks[k - 1] !== ranks[k]) continue;
          const waits = ({ here: one }: { here: Here }): number => one.hand ?? one.since;
          expect(waits(before)).toBeLessThanOrEqual(waits(after));
        }
      }),
      { seed: 15, numRuns: 200 },
    );
  });

  it('does not depend on the order in which they were told', () => {
    fc.assert(
      fc.property(some, (people) => {
        const given = people.map((one) => ({ ...one, usual: USUAL }));
        expect(ranked(byNeed(given, NOW))).toEqual(ranked(byNeed([...given].reverse(), NOW)));
      }),
      { seed: 16, numRuns: 100 },
    );
  });
});

describe('after how long somebody is stuck', () => {
  const steps = fc.array(fc.integer({ min: 1, max: 2_000_000 }), { maxLength: 40 });

  it('is never under a minute or over ten, and in whichever order the steps came', () => {
    fc.assert(
      fc.property(steps, (taken) => {
        const after = stuckAfter(taken);
        expect(after).toBeGreaterThanOrEqual(60_000);
        expect(after).toBeLessThanOrEqual(600_000);
        expect(stuckAfter([...taken].sort((a, b) => b - a))).toBe(after);
      }),
      { seed: 17, numRuns: 200 },
    );
  });

  it('is longer for who is slower', () => {
    fc.assert(
      fc.property(steps, fc.integer({ min: 1, max: 100_000 }), (taken, more) => {
        const slower = taken.map((one) => one + more);
        expect(stuckAfter(slower)).toBeGreaterThanOrEqual(stuckAfter(taken));
      }),
      { seed: 18, numRuns: 200 },
    );
  });

  it('leaves every step unchanged that it was given', () => {
    const taken = Object.freeze([5, 3, 9, 1, 7]);
    expect(stuckAfter(taken)).toBe(60_000);
  });
});
