import { approachById } from '../../teaching/approaches/index.js';
import { needsOf } from './needs.js';
import { gaze } from './plan.js';
import { exactly, roughly, TELLS } from './situations.js';

describe('the looks that are needed at the least', () => {
  it('are one where one look decides, two where no one does but two do, else three, for each situation', () => {
    for (const id of ['ycross-two', 'cycle-two', 'swap-back', 'face-two']) {
      const { situations } = gaze(approachById(id)!);
      const { count, good, words, lookables, seen } = situations;
      const looks = [...lookables.keys()];
      const needs = needsOf(situations, looks);
      const shows = (look: number, s: number): number => {
        const one = seen[look * count + s]!;
        return one & TELLS ? exactly(one) : 8 + roughly(one);
      };
      /** Whether something is good in all that look so at these looks. */
      const decide = (s: number, chosen: readonly number[]): boolean => {
        const common = new Int32Array(words).fill(-1);
        for (let other = 0; other < count; other++) {
          if (chosen.some((look) => shows(look, other) !== shows(look, s))) continue;
          for (let word = 0; word < words; word++) common[word]! &= good[other * words + word]!;
        }
        return common.some((bits) => bits !== 0);
      };
      for (let s = 0; s < count; s++) {
        const costs = looks.flatMap((a) =>
          looks.flatMap((b) => {
            const pair = a === b ? [a] : [a, b];
            const cost = pair.reduce((sum, look) => sum + lookables[look]!.cost, 0);
            return decide(s, pair) ? [cost] : [];
          }),
        );
        const cheapest = Math.min(...lookables.map(({ cost }) => cost));
        expect(needs[s])
          .withContext(`${id} ${s}`)
          .toBe(Math.min(3 * cheapest, ...costs));
      }
    }
  });
});
