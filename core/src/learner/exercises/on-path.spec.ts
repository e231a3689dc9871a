import * as fc from 'fast-check';
import { randomFrom } from '../../puzzle/cube/index.js';
import { CARD_KINDS, cardKey } from '../answers/index.js';
import { cardsOnPath, drawCard, freshOnPath, type OnPath } from './on-path.js';

const one = fc.record({
  case: fc.constantFrom('a/1', 'a/2', 'b/1', 'b/2'),
  drill: fc.constantFrom('', 'R', 'R U'),
  turns: fc.nat(9),
  stage: fc.constantFrom('daisy', 'cross', 'corners'),
  grasp: fc.constantFrom('new', 'begun', 'known', 'sure'),
  skipped: fc.boolean(),
}) as fc.Arbitrary<OnPath>;
const path = fc.uniqueArray(one, { selector: (it) => it.case });

describe('cards of the path', () => {
  it('are drawn of what is begun, else of the stage one is at, and never of what is skipped', () => {
    fc.assert(
      fc.property(path, fc.constantFrom('see', 'both', 'turn'), fc.nat(), (cases, kind, seed) => {
        const drawn = drawCard(kind, cases, 'cross', undefined, randomFrom(seed));
        const can = cases.filter(({ skipped, drill }) => !skipped && (kind !== 'turn' || drill));
        if (!drawn) {
          expect(can).toEqual([]);
          return;
        }
        const of = can.filter((it) => (kind === 'turn' ? it.drill : it.case) === drawn.item);
        const isBegun = can.some(({ grasp }) => grasp !== 'new');
        const isHere = can.some(({ stage }) => stage === 'cross');
        expect(
          of.some(({ grasp, stage }) => (isBegun ? grasp !== 'new' : !isHere || stage === 'cross')),
        ).toBeTrue();
      }),
    );
  });

  it('come not twice running where there is another, and each can come', () => {
    const cases = ['a/1', 'a/2', 'b/1'].map((name): OnPath => ({
      case: name,
      drill: '',
      turns: 0,
      stage: 'daisy',
      grasp: 'begun',
      skipped: false,
    }));
    const random = randomFrom(4180);
    const seen = new Set<string>();
    for (let last: string | undefined, k = 0; k < 60; k++) {
      const item = drawCard('see', cases, undefined, last, random)!.item;
      expect(item).not.toBe(last!);
      seen.add((last = item));
    }
    expect(seen.size).toBe(3);
    expect(drawCard('see', cases.slice(0, 1), undefined, 'a/1', random)!.item).toBe('a/1');
    expect(drawCard('turn', cases, undefined, undefined, random)).toBeNull();
  });

  it('that may be asked hold all that can be drawn, and all that is fresh', () => {
    fc.assert(
      fc.property(path, fc.constantFrom(...CARD_KINDS), fc.nat(), (cases, kind, seed) => {
        const may = new Set(cardsOnPath(cases).map(cardKey));
        const drawn = drawCard(kind, cases, 'daisy', undefined, randomFrom(seed));
        const fresh = freshOnPath(cases);
        expect(fresh.length).toBeLessThanOrEqual(2 * cases.length);
        if (drawn) expect(may).toContain(cardKey(drawn));
        for (const card of fresh) expect(may).toContain(cardKey(card));
      }),
    );
  });
});
