import { resolveMethod } from '../../engine/run/index.js';
import { approachById } from '../approaches/index.js';
import { approachesAfter, isLast } from './following.js';
import { allMixes, mixOf } from './mixes.js';
import { complete, swapped } from './mixing.js';

describe('mixing approaches', () => {
  const mixes = [...allMixes()];

  it('stays a whole method whatever is swapped for what', () => {
    for (let k = 0; k < mixes.length; k += 41) {
      const mix = mixes[k]!;
      mix.forEach((_, index) => {
        for (const { id } of approachesAfter(mix[index - 1])) {
          const other = swapped(mix, index, id);
          expect(other[index]!.id).toBe(id);
          expect(resolveMethod(mixOf(other, 'mix', 'Mix')).ok).toBeTrue();
        }
      });
    }
  });

  it('keeps what still can follow', () => {
    const gentle = complete([approachById('daisy')!]);
    const ids = swapped(gentle, 2, 'corners-three').map(({ id }) => id);
    expect(ids).toEqual(gentle.map(({ id }, k) => (k === 2 ? 'corners-three' : id)));
    const paired = swapped(gentle, 2, 'pairs').map(({ id }) => id);
    expect(paired.slice(2, 4)).toEqual(['pairs', gentle[4]!.id]);
  });

  it('leaves all as it is when the approach cannot stand there', () => {
    const gentle = complete([]);
    expect(swapped(gentle, 0, 'cycle-one')).toEqual(gentle);
    expect(isLast(gentle.at(-1)!)).toBeTrue();
  });
});
