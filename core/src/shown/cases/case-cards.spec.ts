import { COLOURS, type ColourScheme, SIDES, UP } from '../../puzzle/cube/index.js';
import {
  approachById,
  APPROACHES,
  isSearch,
  type PatternApproach,
} from '../../teaching/approaches/index.js';
import { methodById, METHODS } from '../../teaching/methods/index.js';
import { moves } from '../../core.spec-support.js';
import { handsFor } from '../hands/index.js';
import { caseBeside, type CaseCard, caseCards, mirrored, turnCountOf } from './case-cards.js';
import { demandsOf } from './demands.js';

function cards(id: string, first = UP, scheme: ColourScheme = COLOURS): CaseCard[] {
  const made = caseCards(methodById(id)!, first, scheme);
  if (!made.ok) throw new Error(made.error);
  return made.value;
}

describe('the cards of a method', () => {
  it('are one for each case, told in whole sentences and painted, for every first colour', () => {
    METHODS.forEach(({ id, approaches }, k) => {
      const first = SIDES[k]!;
      const all = cards(id, first);
      const count = approaches.reduce((sum, one) => sum + approachById(one)!.cases.length, 0);
      expect(all.length).toBe(count);
      for (const card of all) {
        for (const text of [card.look, card.why]) {
          expect(text)
            .withContext(card.id)
            .toMatch(/^[A-Z].*[.!?]$/);
          expect(text)
            .withContext(card.id)
            .not.toMatch(/[{}]|undefined| {2}| the one[,.:]/);
        }
        expect(card.pictures.length).toBeGreaterThan(0);
        for (const picture of card.pictures) {
          const seen = picture.filter((cell) => cell !== null).length;
          expect(seen).withContext(card.id).toBeGreaterThan(6);
          expect(seen).withContext(card.id).toBeLessThan(40);
        }
      }
    });
  });

  it('name the piece where the picture settles which it is', () => {
    const card = (id: string): CaseCard => cards('front-right').find((one) => one.id === id)!;
    const found = (id: string): string => card(id).find;
    expect(found('corners-three/right')).toBe(
      'Find the white, green and orange corner. It is on top, at the front right.',
    );
    expect(found('corners-three/stuck')).toBe(
      'Find the corner. It is at the bottom, at the front right.',
    );
    expect(found('middle-eight/right')).toBe(
      'Find the green and orange edge. It is on top, in front.',
    );
  });

  it('use the colours of a cube that is coloured otherwise', () => {
    const otherwise: ColourScheme = ['white', 'red', 'green', 'blue', 'orange', 'yellow'];
    const bar = cards('gentle', UP, otherwise).find(({ id }) => id === 'ycross-repeat/bar')!;
    expect(bar.look).toContain('blue');
    expect(JSON.stringify(bar.pictures)).not.toContain('"not":"yellow"');
  });

  it('count the turns of a case with its repeats', () => {
    const builtIn = approachById('corners-repeat') as PatternApproach;
    expect(builtIn.cases.map(turnCountOf)).toEqual([4, 4, 12, 4]);
    expect(turnCountOf({ ...builtIn.cases[0]!, sequence: 'R Q' })).toBe(0);
  });

  it('show two ways of the same case when either will do', () => {
    const two = cards('side-match').find(({ id }) => id === 'face-repeat/two')!;
    expect(two.pictures.length).toBe(3);
  });
});

describe('the mirror of a case', () => {
  it('seen twice is the case itself', () => {
    for (const card of cards('front-right')) {
      expect(mirrored(mirrored(card))).toEqual(card);
    }
  });

  it('is the case of the other hand', () => {
    const [right, left] = ['right', 'left'].map((side) =>
      cards('gentle').find(({ id }) => id === `corners-repeat/${side}`)!,
    );
    expect(mirrored(right!).sequence).toBe(left!.sequence);
  });
});

describe('a case beside others', () => {
  it('is the same cube in the hands of every approach of that stage', () => {
    const beside = caseBeside('corners-match/up', methodById('side-match')!, 3, UP);
    if (!beside.ok) throw new Error(beside.error);
    expect(beside.value.map(({ approach }) => approach)).toEqual([
      'corners-match',
      'corners-repeat',
      'corners-three',
      'corners-white-up',
    ]);
    expect(beside.value[0]!.step.case).toBe('corners-match/up');
    for (const { turns, steps } of beside.value) expect(turns).toBeGreaterThanOrEqual(steps);
  });

  it('is refused where the case only comes up midway', () => {
    const beside = caseBeside('middle-refit/put-right', methodById('white-up')!, 1, UP);
    expect(beside.ok).toBeFalse();
  });
});

describe('what an approach asks of the head', () => {
  it('counts a sequence once, however many cases use it', () => {
    expect(demandsOf([approachById('ycross-repeat')!])).toEqual({
      cases: 3,
      sequences: 1,
      hardest: { id: 'ycross-repeat/dot', title: 'No {opposite} edge up: the dot', turns: 6 },
      length: 6,
      handCost: handsFor(moves("F R U R' U' F'")).cost,
    });
    const twice = ['turn-up', 'turn-under'].map((id) => approachById(id)!);
    expect(demandsOf(twice).sequences).toBe(2);
    expect(demandsOf(twice).hardest!.turns).toBe(16);
  });

  it('has nothing to know by heart where a search finds the turns', () => {
    const searching = APPROACHES.filter(isSearch);
    expect(searching.map(({ id }) => id)).toEqual(['cross-under', 'pairs']);
    expect(demandsOf(searching).sequences).toBe(0);
    expect(demandsOf(searching).hardest).toBeNull();
  });
});
