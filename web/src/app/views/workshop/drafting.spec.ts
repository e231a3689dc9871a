import { methodById, METHODS } from '@sleetcrest/core';
import { prove } from '@sleetcrest/core/engine/prove';
import { methodProblem, resolveMethod } from '@sleetcrest/core/engine/run';
import {
  type Approach,
  approachById,
  type Case,
  type PatternApproach,
} from '@sleetcrest/core/teaching/approaches';
import {
  emptyApproach,
  heldFurther,
  idOf,
  newCase,
  ownCopy,
  painted,
  stickerName,
} from '@sleetcrest/core/engine/draft';
import { copyOf, type Draft, draftApproaches, isTaken, withApproach } from './drafting';

const draft = (id = 'front-right'): Draft => copyOf(methodById(id)!, new Set());
const own = (id: string): PatternApproach => ownCopy(approachById(id)!, isTaken(draft()))!;

describe('a draft of a method', () => {
  it('is a whole method under a name and id of its own', () => {
    for (const { id } of METHODS) {
      const copy = draft(id);
      expect(methodById(copy.id)).toBeUndefined();
      expect(methodProblem(copy)).toBeUndefined();
    }
    const taken = new Set([draft().id]);
    expect(copyOf(methodById('front-right')!, taken).id).toBe(`${draft().id}-2`);
  });

  it('has ids made of titles', () => {
    expect(idOf('Førstelag – for Åse!')).toMatch(/^[a-z0-9]+(-[a-z0-9]+)*$/);
    expect(idOf('   ')).toBe('own-method');
  });

  it('takes an approach of one’s own, and is then solved and proved by it', () => {
    const mine = own('face-two');
    const changed = withApproach(draft(), 4, mine);
    expect(methodProblem(changed)).toBeUndefined();
    expect(draftApproaches(changed)[4]).toEqual(mine as Approach);
    const { solved, starts } = prove(mine);
    expect(solved).toBe(starts);
  });

  it('stays whole when a stage is done otherwise', () => {
    const edgesFirst = withApproach(draft(), 4, 'edges-match');
    expect(methodProblem(edgesFirst)).toBeUndefined();
    const ids = (one: Draft): string[] => draftApproaches(one).map((approach) => approach!.id);
    expect(ids(edgesFirst).slice(0, 4)).toEqual(ids(draft()).slice(0, 4));
    expect(resolveMethod(withApproach(draft(), 1, 'pairs')).ok).toBeTrue();
  });

  it('says what is wrong with an approach that cannot be used', () => {
    const mine = own('face-two');
    const cases = mine.cases.map((one) => ({ ...one, sequence: 'R Q' }));
    expect(methodProblem(withApproach(draft(), 4, { ...mine, cases }))).toMatch(
      /“Q” at character 3/,
    );
  });
});

describe('a case of one’s own', () => {
  it('is the same case held a quarter further: four times is all the way round', () => {
    for (const id of ['face-two', 'corners-three', 'edges-match', 'middle-eight', 'cycle-one']) {
      for (const one of own(id).cases) {
        const round = [1, 2, 3, 4].reduce((turned) => heldFurther(turned), one);
        expect(JSON.stringify(round)).toBe(JSON.stringify(one));
      }
    }
  });

  it('held further looks for the same thing one place on', () => {
    const one = { ...newCase('mine', []), seen: { 'UFR.R': 'first' }, pieces: ['UFR'] } as Case;
    expect(heldFurther(one).seen).toEqual({ 'UBR.B': 'first' });
    expect(heldFurther({ ...one, seen: { 'UF.F': '!front' } }).seen).toEqual({ 'UR.R': '!right' });
  });

  it('is painted sticker by sticker and rubbed out again, in one way of several', () => {
    const sticker = Array.from({ length: 54 }, (_, k) => k).find(
      (k) => stickerName(k) === 'UFR.R',
    )!;
    const blank = newCase('mine', []);
    const once = painted(blank, 0, sticker, 'first');
    expect([once.seen, once.pieces]).toEqual([{ 'UFR.R': 'first' }, ['UFR']]);
    expect(painted(once, 0, sticker, '!opposite').seen).toEqual({ 'UFR.R': '!opposite' });
    expect(painted(once, 0, sticker, null).seen).toEqual({});
    const two = { ...once, seen: [{ 'UF.U': 'first' }, {}] } as Case;
    expect(painted(two, 1, sticker, 'back').seen).toEqual([
      { 'UF.U': 'first' },
      { 'UFR.R': 'back' },
    ]);
    expect(painted(blank, 0, 4, 'first')).toBe(blank);
  });

  it('begins empty under an id that is not taken', () => {
    const empty = emptyApproach(approachById('ycross-two')!, isTaken(draft()));
    expect([empty.stage, empty.after, empty.cases.length]).toEqual(['yellow-cross', 'middle', 1]);
    expect(newCase(empty.id, empty.cases).id).toBe(`${empty.id}/case-2`);
  });
});
